// Work that follows the change, and not how many items there are: calls of semantics, attributes written, listeners; and
// wiring that follows how many there are, and not the square of it.
import type { Page } from 'playwright-core';
import { itIn, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();

/** What was done since the page was asked to count. */
interface Counts {
  semantics: number;
  written: number;
  listeners: number;
}

declare global {
  /** Begins to count; answers with what was counted since it was last called. */
  var counted: () => Counts;
}

/** Has the page count, from now on. */
const startCounting = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const counts: Counts = { semantics: 0, written: 0, listeners: 0 };
    globalThis.counted = () => {
      const now = { ...counts };
      Object.assign(counts, { semantics: 0, written: 0, listeners: 0 });
      return now;
    };
    for (const contract of Object.values(shell.contracts)) {
      const semantics = (contract as { semantics?: Record<string, (...args: unknown[]) => unknown> })
        .semantics;
      for (const [part, make] of Object.entries(semantics ?? {}))
        semantics![part] = (...args) => {
          counts.semantics++;
          return make(...args);
        };
    }
    const counting = (prototype: object, name: string, what: keyof Counts): void => {
      const before = Reflect.get(prototype, name) as (...args: unknown[]) => unknown;
      Reflect.set(prototype, name, function (this: unknown, ...args: unknown[]) {
        counts[what]++;
        return before.apply(this, args);
      });
    };
    for (const name of ['setAttribute', 'removeAttribute', 'toggleAttribute'])
      counting(Element.prototype, name, 'written');
    counting(EventTarget.prototype, 'addEventListener', 'listeners');
  });

const times = (count: number, make: (at: number) => string): string =>
  Array.from({ length: count }, (_, at) => make(at)).join('');

/** A widget with `count` items in markup, and the keys that are pressed once the first of `focus` has focus. */
const inMarkup: [
  what: string,
  kind: string,
  html: (count: number) => string,
  focus: string,
  keys: string[],
][] = [
  [
    'an accordion',
    'accordion',
    (n) => `<div id="r">${times(n, (at) => `<h3><button>${at}</button></h3><div hidden>T</div>`)}</div>`,
    'button',
    ['Enter', 'Enter', 'ArrowDown', 'End'],
  ],
  [
    'tabs',
    'tabs',
    (n) =>
      `<div id="r"><div role="tablist" aria-label="T">${times(n, (at) => `<button role="tab">${at}</button>`)}</div>${times(n, () => '<div role="tabpanel">P</div>')}</div>`,
    '[role=tab]',
    ['ArrowRight', 'End', 'Home'],
  ],
  [
    'a listbox',
    'listbox',
    (n) =>
      `<ul id="r" role="listbox" aria-label="L">${times(n, (at) => `<li role="option">Item ${at}</li>`)}</ul>`,
    '[role=option]',
    ['ArrowDown', 'End', 'Space', 'Home'],
  ],
  [
    'a menu',
    'menu',
    (n) =>
      `<button commandfor="r" command="--open">M</button><ul id="r" popover="manual">${times(n, (at) => `<li><button>Item ${at}</button></li>`)}</ul>`,
    '[commandfor]',
    ['ArrowDown', 'ArrowDown', 'End', 'Escape'],
  ],
  [
    'a tree',
    'tree',
    (n) =>
      `<ul id="r" aria-label="T"><li>B<ul><li>Leaf</li></ul></li>${times(n - 2, (at) => `<li>Row ${at}</li>`)}</ul>`,
    '[role=treeitem]',
    ['ArrowRight', 'ArrowDown', 'End', 'Home', 'ArrowLeft'],
  ],
  [
    'a combobox',
    'combobox',
    (n) =>
      `<div id="r"><input role="combobox" aria-label="C"><div popover="manual"><ul role="listbox">${times(n, (at) => `<li role="option">Item ${at}</li>`)}</ul></div></div>`,
    'input',
    ['ArrowDown', 'ArrowDown', 'End', 'Enter'],
  ],
];

/** What each key costs with so many items. */
async function costs(
  kind: string,
  html: string,
  focus: string,
  keys: string[],
  options = '{}',
): Promise<[string, Counts][]> {
  const { page } = await openBare(open, html);
  await startCounting(page);
  await page.evaluate(([kind, options]) => void shell.wire(kind as 'tree', 'r', (0, eval)(`(${options})`)), [
    kind,
    options,
  ] as const);
  await page.locator(focus).first().focus();
  const all: [string, Counts][] = [];
  for (const key of keys) {
    await page.evaluate(() => void counted());
    await page.keyboard.press(key);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve))));
    all.push([key, await page.evaluate(() => counted())]);
  }
  return all;
}

// Counted in the page itself: the same in every browser.
itIn('chromium').each(inMarkup)(
  'does as much for one key with 100 items as with 1,000: %s',
  async (_, kind, html, focus, keys) => {
    const few = await costs(kind, html(100), focus, keys);
    const many = await costs(kind, html(1000), focus, keys);
    expect(many).toEqual(few);
  },
);

/** Widgets whose items are data. */
const asData: [what: string, kind: string, html: string, focus: string, items: string, keys: string[]][] = [
  [
    'a listbox',
    'listbox',
    '<div id="r" role="listbox" aria-label="L"></div>',
    '[tabindex="0"]',
    'Array.from({ length: N }, (_, at) => ({ key: `k${at}`, label: `Item ${at}` }))',
    ['ArrowDown', 'ArrowDown', 'Space', 'PageDown'],
  ],
  [
    'a tree',
    'tree',
    '<div id="r" role="tree" aria-label="T"></div>',
    '[tabindex="0"]',
    '[{ key: "b", label: "B", children: [{ key: "l", label: "Leaf" }] }, ...Array.from({ length: N }, (_, at) => ({ key: `k${at}`, label: `Item ${at}` }))]',
    ['ArrowDown', 'ArrowUp', 'ArrowRight', 'ArrowLeft', 'PageDown'],
  ],
  [
    'a combobox',
    'combobox',
    '<div id="r"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox"></div></div></div>',
    'input',
    'Array.from({ length: N }, (_, at) => ({ key: `k${at}`, label: `Item ${at}` }))',
    ['ArrowDown', 'ArrowDown', 'Enter'],
  ],
];

itIn('chromium').each(asData)(
  'does as much for one key with 1,000 items from data as with 100,000: %s',
  async (_, kind, html, focus, items, keys) => {
    const given = (count: number): string => `{ items: ${items.replace('N', `${count}`)} }`;
    const few = await costs(kind, html, focus, keys, given(1000));
    const many = await costs(kind, html, focus, keys, given(100_000));
    expect(many).toEqual(few);
  },
);

/** How often the page is asked something while `kind` is wired. */
async function asked(kind: string, html: string): Promise<number> {
  const { page } = await openBare(open, html);
  return page.evaluate(async (kind) => {
    let calls = 0;
    const count = (prototype: object, names: string[]): void => {
      for (const name of names) {
        const { value: before } = Object.getOwnPropertyDescriptor(prototype, name) as {
          value: (...args: unknown[]) => unknown;
        };
        Reflect.set(prototype, name, function (this: unknown, ...args: unknown[]) {
          calls++;
          return before.apply(this, args);
        });
      }
    };
    count(Element.prototype, ['querySelectorAll', 'querySelector', 'closest', 'matches']);
    count(Element.prototype, ['getAttribute', 'setAttribute', 'hasAttribute', 'removeAttribute']);
    count(Node.prototype, ['contains', 'getRootNode', 'compareDocumentPosition']);
    count(Document.prototype, ['getElementById', 'querySelectorAll']);
    shell.wire(kind as 'tree', 'r');
    await 0;
    return calls;
  }, kind);
}

itIn('chromium').each(inMarkup)(
  'asks the page in line with the number of items: %s',
  async (_, kind, html) => {
    const few = await asked(kind, html(100));
    const many = await asked(kind, html(400));
    expect(many / few).toBeLessThan(4.5);
  },
);

itIn('chromium').each(inMarkup)(
  'writes nothing where the markup says it already: %s',
  async (_, kind, html) => {
    const { page } = await openBare(open, html(20));
    // As a server would have written it.
    const written = await page.evaluate((kind) => {
      shell.wire(kind as 'tree', 'r');
      return document.body.innerHTML;
    }, kind);
    const { page: again } = await openBare(open, written);
    await startCounting(again);
    const counts = await again.evaluate((kind) => {
      shell.wire(kind as 'tree', 'r');
      return counted();
    }, kind);
    expect(counts.written).toBe(0);
  },
);
