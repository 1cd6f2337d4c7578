// A page of Firefox or WebKit, driven by WebDriver, with those methods of playwright-core's Page that
// `rehearse` uses.
import type { Page } from 'playwright-core';
import { chord, move, path, type Point, press, typed } from '../drive/actions.js';
import { pack, unpack } from '../drive/json.js';
import { patience, pause, type Wire } from '../drive/wire.js';

type Body<A, T> = string | ((argument: A) => T | Promise<T>);

/** The time between two searches for an element, in milliseconds. */
const gap = 50;

/** Runs in the page: returns the element of a selector, in open shadow trees too. */
const deepFind = `const find = (selector, root = document) =>
  root.querySelector(selector) ??
  [...root.querySelectorAll('*')].map(({ shadowRoot }) => shadowRoot && find(selector, shadowRoot)).find(Boolean);`;

/**
 * Runs in the page: returns where an element is after scrolling to it. Null if there is none, or none that
 * can be clicked.
 */
const placeOf = `(selector) => {
  ${deepFind}
  const element = find(selector);
  if (!element) return null;
  const { top, bottom } = element.getBoundingClientRect();
  if (top < 0 || bottom > innerHeight) element.scrollIntoView({ block: 'center', behavior: 'instant' });
  const { left, top: y, width, height } = element.getBoundingClientRect();
  const point = [left + width / 2, y + height / 2];
  let at = document.elementFromPoint(...point);
  while (at?.shadowRoot) {
    const inner = at.shadowRoot.elementFromPoint(...point);
    if (!inner || inner === at) break;
    at = inner;
  }
  return width && height && at && (element.contains(at) || at.contains(element)) ? point : null;
}`;

/** The page of a driven browser. */
export class DrivenPage {
  #at: Point = [0, 0];
  #url = 'about:blank';

  constructor(readonly wire: Wire) {}

  async evaluate<T, A = undefined>(body: Body<A, T>, argument?: A): Promise<T> {
    const run =
      typeof body === 'string' ? `() => (0, eval)(${JSON.stringify(body)})` : `(${body.toString()})`;
    const source = `async (json) => (${pack.toString()})(await (${run})((${unpack.toString()})(json)))`;
    // The functions in the page read and write it in the same form, so its type is theirs.
    return unpack(await this.wire.call(source, pack(argument))) as T;
  }

  async goto(address: string): Promise<null> {
    await this.wire.go(address);
    await this.#locate();
    return null;
  }

  async reload(): Promise<null> {
    await this.wire.reload();
    return null;
  }

  async #locate(): Promise<void> {
    this.#url = await this.evaluate<string>('location.href');
  }

  async bringToFront(): Promise<void> {
    await this.wire.activate();
  }

  url(): string {
    return this.#url;
  }

  /** Requests are not reported; the page itself is asked instead. */
  on(): this {
    return this;
  }

  async screenshot(): Promise<Buffer> {
    return this.wire.picture();
  }

  readonly keyboard = {
    press: (keys: string): Promise<void> => this.wire.act([chord(keys)]),
    type: (text: string): Promise<void> => this.wire.act([typed(text)]),
  };

  readonly mouse = {
    move: (x: number, y: number): Promise<void> => this.#move([x, y]),
    click: async (x: number, y: number): Promise<void> => {
      this.#at = [x, y];
      await this.wire.act([press(this.#at)]);
    },
  };

  async #move(to: Point): Promise<void> {
    await this.wire.act([move(path(this.#at, to, 1))]);
    this.#at = to;
  }

  /** Returns the one element of a selector. */
  locator(selector: string): object {
    return {
      click: async ({ timeout = patience } = {}) => {
        const [x, y] = await this.#find(selector, timeout);
        await this.mouse.click(x, y);
      },
      hover: async ({ timeout = patience } = {}) => this.#move(await this.#find(selector, timeout)),
      textContent: () =>
        this.evaluate<string | null>(
          `(() => { ${deepFind} return find(${JSON.stringify(selector)})?.textContent ?? null; })()`,
        ),
    };
  }

  async #find(selector: string, timeout: number): Promise<Point> {
    const end = Date.now() + timeout;
    for (;;) {
      const found = await this.evaluate<Point | null>(`(${placeOf})(${JSON.stringify(selector)})`);
      if (found) return found;
      if (Date.now() > end) throw new Error(`Timeout: ${selector} can't be clicked.`);
      await pause(gap);
    }
  }

  async close(): Promise<void> {
    await this.wire.close();
  }
}

/** The same object with playwright-core's type, of which `rehearse` uses no more than it has. */
export const asPage = (page: DrivenPage): Page => page as unknown as Page;
