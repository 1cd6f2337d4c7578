// The document has as many listeners for fifty of a pattern as for one, and none once they are unwired.
import {
  wireCarousel,
  wireCombobox,
  wireDisclosure,
  wireListbox,
  wireMenu,
  wirePopover,
  wireSwitch,
  wireTooltip,
  wireTree,
  type Wired,
} from '../../src/index';

const patterns: Record<string, [markup: (id: string) => string, wire: (root: HTMLElement) => Wired]> = {
  disclosure: [
    (id) => `<button commandfor="${id}" command="--toggle">O</button><div id="${id}" hidden>T</div>`,
    wireDisclosure,
  ],
  popover: [
    (id) =>
      `<button commandfor="${id}" command="--toggle">O</button><div id="${id}" popover="manual">T</div>`,
    wirePopover,
  ],
  tooltip: [
    (id) => `<button aria-describedby="${id}">O</button><div id="${id}" popover="manual">T</div>`,
    wireTooltip,
  ],
  switch: [(id) => `<button id="${id}">S</button>`, wireSwitch],
  menu: [
    (id) =>
      `<button commandfor="${id}" command="--toggle">M</button><div id="${id}" role="menu" popover="manual"><p role="menuitem">I</p></div>`,
    (root) => wireMenu(root, { context: 'main' }),
  ],
  listbox: [
    (id) => `<div id="${id}" role="listbox" aria-label="L"><p role="option">O</p></div>`,
    wireListbox,
  ],
  tree: [(id) => `<ul id="${id}" role="tree" aria-label="T"><li>A</li></ul>`, wireTree],
  combobox: [
    (id) =>
      `<div id="${id}"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox"><p role="option">O</p></div></div></div>`,
    wireCombobox,
  ],
  carousel: [
    (id) => `<section id="${id}" aria-label="C"><ul data-slides><li>1</li><li>2</li></ul></section>`,
    wireCarousel,
  ],
};

/** Listeners that the document has now. */
let held: Set<string>;

beforeEach(() => {
  held = new Set();
  const names = new Map<unknown, number>();
  const nameOf = (type: string, listener: unknown, options: unknown): string => {
    if (!names.has(listener)) names.set(listener, names.size);
    const capture = options === true || (options as AddEventListenerOptions)?.capture;
    return `${type} ${names.get(listener)} ${!!capture}`;
  };
  const { addEventListener, removeEventListener } = document;
  jest.spyOn(document, 'addEventListener').mockImplementation((type, listener, options) => {
    const name = nameOf(type, listener, options);
    // jsdom's own, for :hover.
    if (!/^mouse(over|out)/.test(type)) held.add(name);
    const signal = typeof options === 'object' ? options.signal : undefined;
    signal?.addEventListener('abort', () => held.delete(name));
    addEventListener.call(document, type, listener, options);
  });
  jest.spyOn(document, 'removeEventListener').mockImplementation((type, listener, options) => {
    held.delete(nameOf(type, listener, options));
    removeEventListener.call(document, type, listener, options);
  });
  jest.spyOn(console, 'warn').mockImplementation(() => {});
});
afterEach(() => jest.restoreAllMocks());

it.each(Object.keys(patterns))('%s', (name) => {
  const [markup, wire] = patterns[name]!;
  const wireSome = (count: number): { held: number; release(): void } => {
    const ids = Array.from({ length: count }, (_, at) => `x${at}`);
    document.body.innerHTML = `<main>${ids.map(markup).join('')}</main>`;
    const wired = ids.map((id) => wire(document.getElementById(id)!));
    return { held: held.size, release: () => wired.forEach((each) => each.unwire()) };
  };
  const one = wireSome(1);
  one.release();
  expect(held.size).toBe(0);
  const fifty = wireSome(50);
  expect(fifty.held).toBe(one.held);
  fifty.release();
  expect(held.size).toBe(0);
});
