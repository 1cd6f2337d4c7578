// Everything that is done to a page over a wire: looking, waiting, pressing, typing. What it is done to is found by steps, in the page.
import {
  type Button,
  chord,
  down,
  held,
  move,
  path,
  type Point,
  press,
  touch,
  typed,
  up,
  wheel,
} from '../../../cli/src/drive/actions';
import { type Find, inPage } from './in-page';
import { pack, unpack } from '../../../cli/src/drive/json';
import { patience, pause, type Wire } from '../../../cli/src/drive/wire';

/** Milliseconds between two looks at a condition. */
const gap = 25;

export interface ClickOptions {
  button?: Button;
  position?: { x: number; y: number };
  modifiers?: string[];
  force?: boolean;
}
export type State = 'attached' | 'detached' | 'visible' | 'hidden';

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
        const drive = (${inPage.toString()})();
        const answer = await (${source})(...(${unpack.toString()})(json));
        return (${pack.toString()})(answer);
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
      await this.wire.act([move(path(from, at, steps))]);
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
    // No finger leaves the screen.
    const points = path(from, to, 6).map(([x, y]): Point => [Math.max(0, x), Math.max(0, y)]);
    return this.wire.act([touch([from, ...points])]);
  }
  /** A finger that stays where it is for so many milliseconds. */
  rest(point: Point, milliseconds: number): Promise<void> {
    return this.wire.act([touch([point], milliseconds)]);
  }
  tapAt(point: Point): Promise<void> {
    return this.wire.act([touch([point])]);
  }

  /** Holds on to the element that `body` answers; undefined where it is none. */
  async hold(steps: Find[], body: unknown, arg?: unknown): Promise<Find[] | undefined> {
    await this.exists(steps);
    const held = (await this.run(
      `async (steps, arg) => drive.hold(await (${body})(drive.find(steps)[0], arg))`,
      [steps, arg],
    )) as number | null;
    return held === null ? undefined : [{ held }];
  }
}
