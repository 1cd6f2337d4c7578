// A page driven over a wire, with the part of playwright-core's Page that the tests use: the same tests run in Chromium by
// playwright-core itself, and in Firefox and WebKit by this. What it does not have says so when it is asked for.
import type { Page } from 'playwright-core';
import { chord, down, held, move, type Point, press, touch, typed, up, wheel, type Button } from './actions';
import { type Find, inPage } from './in-page';
import { pause, type Wire } from './wire';

/** A condition may take this long, in milliseconds, and is looked at so often. */
const patience = 20_000;
const gap = 25;

interface ClickOptions {
  button?: Button;
  position?: { x: number; y: number };
  modifiers?: string[];
  force?: boolean;
}
type State = 'attached' | 'detached' | 'visible' | 'hidden';

/** A selector of the tests as steps: CSS, `nth=`, `text=`, joined by `>>`. */
export const parse = (selector: string): Find[] =>
  selector.split(/\s*>>\s*/).map((part) => {
    const [, kind, rest] = /^(nth|text)=(.*)$/.exec(part) ?? [];
    if (kind === 'nth') return { nth: Number(rest) };
    if (kind === 'text') {
      const [, quoted] = /^"(.*)"$/.exec(rest!) ?? [];
      return { text: quoted ?? rest!, exact: quoted !== undefined };
    }
    return { css: part };
  });

const nameOf = (name: string | RegExp | undefined) =>
  name instanceof RegExp ? { source: name.source } : name;

/** `undefined` has no JSON: it goes as a word of ours and comes back as it was. */
const lost = '\u0000undefined';
const pack = (value: unknown): string =>
  JSON.stringify(value, (_, each: unknown) => (each === undefined ? lost : each)) ?? `"${lost}"`;
const unpack = (json: string): unknown => {
  const restore = (value: unknown): unknown => {
    if (value === lost) return undefined;
    if (Array.isArray(value)) return value.map(restore);
    if (value && typeof value === 'object')
      return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, restore(each)]));
    return value;
  };
  return restore(JSON.parse(json));
};

/** Asks again and again until the answer is not undefined. */
async function until<T>(
  what: () => string,
  ask: () => Promise<T | undefined>,
  within = patience,
): Promise<T> {
  const end = Date.now() + within;
  for (;;) {
    const answer = await ask();
    if (answer !== undefined) return answer;
    if (Date.now() > end) throw new Error(`${what()}, after ${within / 1000} s.`);
    await pause(gap);
  }
}

/** Everything that is done to a page. */
export class Hand {
  constructor(readonly wire: Wire) {}

  /** Runs `body` in the page with the helpers, the arguments, and what is to be run. */
  private async run(source: string, args: unknown[]): Promise<unknown> {
    const json = await this.wire.call(
      `async (json) => {
        const lost = ${JSON.stringify(lost)};
        const restore = (value) => value === lost ? undefined : Array.isArray(value) ? value.map(restore)
          : value && typeof value === 'object' ? Object.fromEntries(Object.entries(value).map(([name, each]) => [name, restore(each)])) : value;
        const drive = (${inPage.toString()})();
        const answer = await (${source})(...restore(JSON.parse(json)));
        return JSON.stringify(answer, (_, each) => (each === undefined ? lost : each)) ?? JSON.stringify(lost);
      }`,
      pack(args),
    );
    return unpack(json);
  }

  evaluate(body: unknown, arg?: unknown): Promise<unknown> {
    // A text is one expression on one line, or a script.
    if (typeof body === 'string')
      return this.run(body.includes('\n') ? `() => { ${body}\n }` : `() => (${body})`, []);
    return this.run(`${body}`, [arg]);
  }

  /** Runs `body` with what the steps find: all, or the first once there is one. */
  async withAll(steps: Find[], body: unknown, arg?: unknown): Promise<unknown> {
    return this.run(`(steps, arg) => (${body})(drive.find(steps), arg)`, [steps, arg]);
  }
  async withFirst(steps: Find[], body: unknown, arg?: unknown): Promise<unknown> {
    await this.exists(steps);
    return this.run(`(steps, arg) => (${body})(drive.find(steps)[0], arg)`, [steps, arg]);
  }
  private async exists(steps: Find[]): Promise<void> {
    await until(
      () => `Nothing matches ${JSON.stringify(steps)}`,
      async () => ((await this.count(steps)) ? true : undefined),
    );
  }
  count(steps: Find[]): Promise<number> {
    return this.run('(steps) => drive.find(steps).length', [steps]) as Promise<number>;
  }
  isVisible(steps: Find[]): Promise<boolean> {
    return this.run('(steps) => drive.find(steps).slice(0, 1).some(drive.visible)', [
      steps,
    ]) as Promise<boolean>;
  }

  waitFor(steps: Find[], state: State = 'visible', within = patience): Promise<true> {
    return until(
      () => `${JSON.stringify(steps)} is not ${state}`,
      async () => {
        if (state === 'attached' || state === 'detached')
          return !!(await this.count(steps)) === (state === 'attached') || undefined;
        return (await this.isVisible(steps)) === (state === 'visible') || undefined;
      },
      within,
    );
  }
  async waitForFunction(body: unknown, arg?: unknown): Promise<void> {
    await until(
      () => `It never came true: ${body}`,
      async () => {
        try {
          return (await this.evaluate(body, arg)) || undefined;
        } catch (error) {
          // The page is on its way to another.
          if (/navigat|no longer|detached|discarded|no such frame/i.test(`${error}`)) return undefined;
          throw error;
        }
      },
    );
  }

  /** Where to press, once it lies still and is in view. */
  private aim(steps: Find[], options: ClickOptions): Promise<Point> {
    let turn = 0;
    let why = '';
    return until(
      () => `${JSON.stringify(steps)} could not be pressed: ${why}`,
      async () => {
        const { position, force } = options;
        const found = (await this.run('(steps, options) => drive.aim(steps, options)', [
          steps,
          { position, force, turn },
        ])) as { x: number; y: number } | string;
        if (typeof found !== 'string') return [found.x, found.y] as const;
        if (/view|before/.test(found)) turn++;
        why = found;
        return undefined;
      },
    );
  }
  async click(steps: Find[], options: ClickOptions = {}): Promise<void> {
    const point = await this.aim(steps, options);
    const { modifiers = [] } = options;
    if (modifiers.length) await this.wire.act([held('keyDown', modifiers)]);
    await this.wire.act([press(point, options.button)]);
    if (modifiers.length) await this.wire.act([held('keyUp', modifiers.toReversed())]);
  }
  async hover(steps: Find[], options: ClickOptions = {}): Promise<void> {
    const point = await this.aim(steps, options);
    // A pointer that is there already must move to be seen.
    await this.wire.act([move([[point[0] - 1, point[1]], point])]);
  }
  async tap(steps: Find[], options: ClickOptions = {}): Promise<void> {
    await this.wire.act([touch([await this.aim(steps, options)])]);
  }
  async focus(steps: Find[]): Promise<void> {
    await this.withFirst(steps, (element: HTMLElement) => element.focus());
  }
  async press(keys: string): Promise<void> {
    await this.wire.act([chord(keys)]);
  }
  async fill(steps: Find[], value: string): Promise<void> {
    await this.waitFor(steps);
    await this.withFirst(
      steps,
      (field: HTMLInputElement, text: string) => {
        field.focus();
        const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
        Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, text);
        field.dispatchEvent(new InputEvent('input', { bubbles: true, inputType: 'insertText', data: text }));
        field.dispatchEvent(new Event('change', { bubbles: true }));
      },
      value,
    );
  }
  async check(steps: Find[], wanted: boolean): Promise<void> {
    const isChecked = await this.withFirst(steps, (box: HTMLInputElement) => box.checked);
    if (isChecked !== wanted) await this.click(steps);
  }
  scrollTo(steps: Find[]): Promise<unknown> {
    return this.withFirst(steps, (element: Element) => {
      const { top, bottom, left, right } = element.getBoundingClientRect();
      if (top < 0 || left < 0 || bottom > innerHeight || right > innerWidth)
        element.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' });
    });
  }

  tell(steps: Find[]): Promise<unknown> {
    return this.run('(steps) => drive.tell(drive.find(steps)[0])', [steps]);
  }

  /** The mouse, as far as the tests have one. */
  mouse() {
    let at: Point = [0, 0];
    const to = async (x: number, y: number, { steps = 1 } = {}): Promise<void> => {
      const from = at;
      at = [x, y];
      const path = Array.from({ length: steps }, (_, step): Point => {
        const part = (step + 1) / steps;
        return [from[0] + (x - from[0]) * part, from[1] + (y - from[1]) * part];
      });
      await this.wire.act([move(path)]);
    };
    return {
      move: to,
      down: () => this.wire.act([down()]),
      up: () => this.wire.act([up()]),
      click: (x: number, y: number, { button }: ClickOptions = {}) => {
        at = [x, y];
        return this.wire.act([press(at, button)]);
      },
      wheel: (x: number, y: number) => this.wire.act([wheel(at, x, y)]),
    };
  }
  type(text: string): Promise<void> {
    return this.wire.act([typed(text)]);
  }
  swipe(from: Point, to: Point): Promise<void> {
    const points = Array.from({ length: 6 }, (_, step): Point => {
      const part = (step + 1) / 6;
      // No finger leaves the screen.
      return [
        Math.max(0, from[0] + (to[0] - from[0]) * part),
        Math.max(0, from[1] + (to[1] - from[1]) * part),
      ];
    });
    return this.wire.act([touch([from, ...points])]);
  }
  /** A finger that stays where it is for so many milliseconds. */
  rest(point: Point, milliseconds: number): Promise<void> {
    return this.wire.act([touch([point], milliseconds)]);
  }
  tapAt(point: Point): Promise<void> {
    return this.wire.act([touch([point])]);
  }

  /** An element that is held on to, or a handle on nothing. */
  async handle(steps: Find[], body: unknown, arg?: unknown) {
    await this.exists(steps);
    const held = (await this.run(
      `async (steps, arg) => drive.hold(await (${body})(drive.find(steps)[0], arg))`,
      [steps, arg],
    )) as number | null;
    const element = held === null ? null : locatorOf(this, [{ held }]);
    return { asElement: () => element };
  }
}

interface RoleOptions {
  name?: string | RegExp;
  exact?: boolean;
}

/** What can be found from here: the same for a page and a locator. */
const finders = (hand: Hand, steps: Find[]) => ({
  locator(selector: string, { hasText }: { hasText?: string | RegExp } = {}): unknown {
    const more = hasText === undefined ? [] : [{ hasText: nameOf(hasText)! }];
    return locatorOf(hand, [...steps, ...parse(selector), ...more]);
  },
  getByRole: (role: string, { name, exact }: RoleOptions = {}): unknown =>
    locatorOf(hand, [...steps, { role, name: nameOf(name), exact }] as Find[]),
  getByText: (text: string, { exact }: RoleOptions = {}): unknown =>
    locatorOf(hand, [...steps, { text, exact: exact ?? false }]),
  getByLabel: (label: string): unknown => locatorOf(hand, [...steps, { label }]),
});

/** What can be done with the element that steps find: the same for a page's selector and a locator. */
const doings = (hand: Hand) => ({
  click: (steps: Find[], options?: ClickOptions) => hand.click(steps, options),
  hover: (steps: Find[], options?: ClickOptions) => hand.hover(steps, options),
  tap: (steps: Find[], options?: ClickOptions) => hand.tap(steps, options),
  focus: (steps: Find[]) => hand.focus(steps),
  fill: (steps: Find[], value: string) => hand.fill(steps, value),
  check: (steps: Find[]) => hand.check(steps, true),
  uncheck: (steps: Find[]) => hand.check(steps, false),
  press: async (steps: Find[], keys: string) => {
    await hand.focus(steps);
    await hand.press(keys);
  },
  getAttribute: (steps: Find[], name: string) =>
    hand.withFirst(steps, (element: Element, wanted: string) => element.getAttribute(wanted), name),
  textContent: (steps: Find[]) => hand.withFirst(steps, (element: Element) => element.textContent),
  innerText: (steps: Find[]) => hand.withFirst(steps, (element: HTMLElement) => element.innerText),
  inputValue: (steps: Find[]) => hand.withFirst(steps, (field: HTMLInputElement) => field.value),
  isChecked: (steps: Find[]) =>
    hand.withFirst(steps, (box: HTMLInputElement) => box.checked ?? box.ariaChecked === 'true'),
  isDisabled: (steps: Find[]) => hand.withFirst(steps, (button: HTMLButtonElement) => button.disabled),
  isVisible: (steps: Find[]) => hand.isVisible(steps),
  dispatchEvent: (steps: Find[], type: string) =>
    hand.withFirst(
      steps,
      (element: Element, name: string) =>
        element.dispatchEvent(
          name === 'click'
            ? new MouseEvent(name, { bubbles: true, cancelable: true, composed: true })
            : new Event(name, { bubbles: true, cancelable: true, composed: true }),
        ),
      type,
    ),
});

/** Says which of playwright-core's functions is missing here, rather than "undefined is not a function". */
const honest = <T extends object>(what: string, object: T): T =>
  new Proxy(object, {
    get(target, name, self) {
      if (
        typeof name === 'symbol' ||
        name in target ||
        name === 'then' ||
        name === 'toJSON' ||
        name === 'asymmetricMatch' ||
        name === '$$typeof'
      )
        return Reflect.get(target, name, self) as unknown;
      throw new Error(`${what}.${name} is not driven in this browser: test/drive/page.ts.`);
    },
  });

function locatorOf(hand: Hand, steps: Find[]): unknown {
  const bound = Object.fromEntries(
    Object.entries(doings(hand)).map(([name, act]) => [
      name,
      (...args: unknown[]) => (act as (...all: unknown[]) => unknown)(steps, ...args),
    ]),
  );
  const boxOf = ({ x, y, width, height }: DOMRect) => ({ x, y, width, height });
  return honest('locator', {
    ...bound,
    ...finders(hand, steps),
    steps,
    first: () => locatorOf(hand, [...steps, { nth: 0 }]),
    last: () => locatorOf(hand, [...steps, { nth: -1 }]),
    nth: (nth: number) => locatorOf(hand, [...steps, { nth }]),
    and: (other: { steps: Find[] }) => locatorOf(hand, [...steps, { both: other.steps }]),
    all: async () =>
      Array.from({ length: await hand.count(steps) }, (_, nth) => locatorOf(hand, [...steps, { nth }])),
    count: () => hand.count(steps),
    waitFor: ({ state, timeout }: { state?: State; timeout?: number } = {}) =>
      hand.waitFor(steps, state, timeout),
    evaluate: (body: unknown, arg?: unknown) => hand.withFirst(steps, body, arg),
    evaluateAll: (body: unknown, arg?: unknown) => hand.withAll(steps, body, arg),
    evaluateHandle: (body: unknown, arg?: unknown) => hand.handle(steps, body, arg),
    boundingBox: async () => {
      await hand.withFirst(steps, () => {});
      return hand.withFirst(steps, `(element) => (${boxOf})(element.getBoundingClientRect())`);
    },
    allTextContents: () => hand.withAll(steps, (all: Element[]) => all.map((each) => each.textContent)),
    scrollIntoViewIfNeeded: () => hand.scrollTo(steps),
    ariaSnapshot: () => hand.tell(steps),
  });
}

/** The page of a wire, as the tests know pages. */
export function pageOf(wire: Wire): Page {
  const hand = new Hand(wire);
  const bound = Object.fromEntries(
    Object.entries(doings(hand)).map(([name, act]) => [
      name,
      (selector: string, ...args: unknown[]) =>
        (act as (...all: unknown[]) => unknown)(parse(selector), ...args),
    ]),
  );
  const page = {
    ...bound,
    ...finders(hand, []),
    hand,
    goto: (url: string) => wire.go(url),
    reload: () => wire.reload(),
    goBack: () => wire.travel(-1),
    goForward: () => wire.travel(1),
    url: () => hand.evaluate(() => location.href),
    evaluate: (body: unknown, arg?: unknown) => hand.evaluate(body, arg),
    waitForFunction: (body: unknown, arg?: unknown) => hand.waitForFunction(body, arg),
    waitForSelector: (selector: string, { state, timeout }: { state?: State; timeout?: number } = {}) =>
      hand.waitFor(parse(selector), state, timeout),
    setViewportSize: (viewport: { width: number; height: number }) => wire.set({ viewport }),
    addStyleTag: ({ content }: { content: string }) =>
      hand.evaluate((text: string) => {
        const style = document.createElement('style');
        style.textContent = text;
        document.head.append(style);
      }, content),
    screenshot: () => wire.picture(),
    keyboard: honest('keyboard', {
      press: (keys: string) => hand.press(keys),
      type: (text: string) => hand.type(text),
    }),
    mouse: honest('mouse', hand.mouse()),
    touchscreen: { tap: (x: number, y: number) => hand.tapAt([x, y]) },
  };
  // The one cast between the two kinds of page: what is missing of the other kind says so when it is called.
  return honest('page', page) as unknown as Page;
}

/** What drives a page that pageOf() made. */
export const handOf = (page: Page): Hand => (page as unknown as { hand: Hand }).hand;
