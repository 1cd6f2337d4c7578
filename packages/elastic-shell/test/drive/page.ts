// A page driven over a wire, with the part of playwright-core's Page that the tests use: the same tests run in Chromium by
// playwright-core itself, and in Firefox and WebKit by this. What it does not have says so when it is asked for.
import type { Page } from 'playwright-core';
import { type ClickOptions, Hand, type State } from './hand';
import type { Find } from './in-page';
import type { Wire } from '../../../cli/src/drive/wire';

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
    evaluateHandle: async (body: unknown, arg?: unknown) => {
      const held = await hand.hold(steps, body, arg);
      return { asElement: () => (held ? locatorOf(hand, held) : null) };
    },
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
