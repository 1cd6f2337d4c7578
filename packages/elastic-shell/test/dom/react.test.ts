// React's own ways of mounting: twice, kept while hidden, through a portal, in a suspended subtree, by key, with defaults around.
import {
  act,
  Activity,
  createElement as h,
  createRef,
  type ReactNode,
  StrictMode,
  Suspense,
  useState,
  version,
} from 'react';
import { createPortal } from 'react-dom';
import { createRoot, type Root } from 'react-dom/client';
import {
  Defaults,
  Rows,
  Tokens,
  useAccordion,
  useCombobox,
  useDialog,
  useDisclosure,
  useListbox,
  useTabs,
  useTree,
} from 'elastic-shell/react';
import { type Dialog, wiredOf } from '../../src/index';
import { optionNames } from './page';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

/** React 18 has no Activity. */
const withActivity = version.startsWith('18') ? it.skip : it;

let root: Root;
let place: HTMLElement;
beforeEach(() => {
  document.body.replaceChildren((place = document.createElement('div')));
  root = createRoot(place);
});
afterEach(() => act(async () => root.unmount()));

const show = (node: ReactNode): Promise<void> => act(async () => root.render(h(StrictMode, null, node)));
const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;
const press = (selector: string): Promise<void> => act(async () => find(selector).click());
const says = (selector: string, name: string): string | null => find(selector).getAttribute(name);

function Ladder({ onChange }: { onChange?: () => void }) {
  const disclosure = useDisclosure({ onChange });
  return h(
    'div',
    null,
    h('button', { ...disclosure.opener(), className: 'opener' }, disclosure.open ? 'Less' : 'More'),
    h('div', { ...disclosure.root, className: 'panel' }, 'The ladder'),
  );
}

it('is wired once where it is mounted twice, and tells each change once', async () => {
  const heard = jest.fn();
  await show(h(Ladder, { onChange: heard }));
  await press('.opener');
  expect([find('.opener').textContent, says('.opener', 'aria-expanded'), heard.mock.calls.length]).toEqual([
    'Less',
    'true',
    1,
  ]);
});

withActivity('keeps its state while it is hidden and kept', async () => {
  const kept = (mode: 'visible' | 'hidden') => h(Activity, { mode, children: h(Ladder) });
  await show(kept('visible'));
  await press('.opener');
  await show(kept('hidden'));
  await show(kept('visible'));
  expect([find('.opener').textContent, says('.opener', 'aria-expanded')]).toEqual(['Less', 'true']);
  await press('.opener');
  expect(says('.opener', 'aria-expanded')).toBe('false');
});

it('lives in a portal, and leaves nothing there', async () => {
  const elsewhere = document.body.appendChild(document.createElement('div'));
  await show(createPortal(h(Ladder), elsewhere));
  await press('.opener');
  expect(says('.opener', 'aria-expanded')).toBe('true');
  await show(null);
  expect(elsewhere.innerHTML).toBe('');
});

it('stays as it is while something beside it suspends', async () => {
  let come = (): void => {};
  const waits = new Promise<void>((resolve) => (come = resolve));
  let isThere = false;
  void waits.then(() => (isThere = true));
  const Slow = () => {
    if (!isThere) throw waits;
    return 'slow';
  };
  const both = (slow: boolean) => h(Suspense, { fallback: 'wait' }, h(Ladder), slow && h(Slow));
  await show(both(false));
  await press('.opener');
  await show(both(true));
  await act(async () => come());
  expect([place.textContent, says('.opener', 'aria-expanded')]).toEqual(['LessThe ladderslow', 'true']);
  await press('.opener');
  expect(says('.opener', 'aria-expanded')).toBe('false');
});

it('follows tabs by key: added, removed, in another order, and one whose key comes again', async () => {
  function Sheets({ keys }: { keys: string[] }) {
    const tabs = useTabs({ selected: 'a' });
    return h(
      'div',
      tabs.root,
      h(
        'div',
        { ...tabs.list, 'aria-label': 'S' },
        keys.map((key) => h('button', { key, ...tabs.tab(key) }, key)),
      ),
      keys.map((key) => h('div', { key, ...tabs.panel(key) }, `panel ${key}`)),
    );
  }
  const selected = () => [...document.querySelectorAll('[aria-selected=true]')].map((tab) => tab.textContent);
  await show(h(Sheets, { keys: ['a', 'b', 'c'] }));
  await press('[role=tab][data-key=b]');
  await show(h(Sheets, { keys: ['c', 'b', 'd', 'a'] }));
  expect(selected()).toEqual(['b']);
  await show(h(Sheets, { keys: ['c', 'd', 'a'] }));
  expect(selected()).toEqual(['d']);
  await show(h(Sheets, { keys: ['b', 'c', 'd', 'a'] }));
  expect([selected(), says('[role=tabpanel][data-key=b]', 'hidden') !== null]).toEqual([['d'], true]);
});

it('opens a dialog that is there only while it is open, and tells whoever holds it', async () => {
  function Asked({ onAnswer }: { onAnswer(open: boolean): void }) {
    const dialog = useDialog({ open: [true, onAnswer] });
    return h('dialog', dialog.root, h('button', { ...dialog.closer('yes'), className: 'closer' }, 'Yes'));
  }
  function Page() {
    const [open, setOpen] = useState(false);
    return h(
      'div',
      null,
      h('button', { className: 'ask', onClick: () => setOpen(true) }, 'Ask'),
      open && h(Asked, { onAnswer: setOpen }),
    );
  }
  await show(h(Page));
  await press('.ask');
  expect(find('dialog').hasAttribute('open')).toBe(true);
  await press('.closer');
  expect(document.querySelector('dialog')).toBeNull();
});

it('answers what is asked before it is mounted', async () => {
  let answer: Promise<string | null> | undefined;
  function Asks() {
    const dialog = useDialog();
    useState(() => void (answer = dialog.ask()));
    return h('dialog', dialog.root, h('button', { ...dialog.closer('yes'), className: 'closer' }, 'Yes'));
  }
  await show(h(Asks));
  await press('.closer');
  await expect(answer).resolves.toBe('yes');
});

it('starts with its first value as it is by then, when its root is rendered again', async () => {
  function Sheets({ first, isThere }: { first: string; isThere: boolean }) {
    const tabs = useTabs({ selected: first });
    if (!isThere) return null;
    return h(
      'div',
      tabs.root,
      h('div', tabs.list, ...['a', 'b', 'c'].map((key) => h('button', { key, ...tabs.tab(key) }, key))),
      ...['a', 'b', 'c'].map((key) => h('div', { key, ...tabs.panel(key) }, key)),
    );
  }
  const selected = (): string | null => find('[role=tab][aria-selected=true]').textContent;
  await show(h(Sheets, { first: 'a', isThere: true }));
  await press('[role=tab][data-key=b]');
  await show(h(Sheets, { first: 'a', isThere: false }));
  await show(h(Sheets, { first: 'a', isThere: true }));
  expect(selected()).toBe('b');
  await show(h(Sheets, { first: 'a', isThere: false }));
  await show(h(Sheets, { first: 'c', isThere: false }));
  await show(h(Sheets, { first: 'c', isThere: true }));
  expect(selected()).toBe('c');
});

it('renders rows by components with their context, as many as there are on the page', async () => {
  let live = 0;
  const Part = ({ label }: { label: string }) => {
    useState(() => live++);
    return h('b', null, label);
  };
  const items = Array.from({ length: 30 }, (_, at) => ({ key: `${at}`, label: `Part ${at}` }));
  function Parts() {
    const listbox = useListbox({ items });
    return h(
      'div',
      null,
      h('div', { ...listbox.root, 'aria-label': 'Parts' }),
      h(Rows<(typeof items)[number]>, { of: listbox, children: ({ label }) => h(Part, { label }) }),
    );
  }
  await show(h(Parts));
  expect([document.querySelectorAll('[role=option]').length, document.querySelectorAll('b').length]).toEqual([
    30, 30,
  ]);
  await show(null);
  expect([document.querySelectorAll('b').length, live > 0]).toEqual([0, true]);
});

it('renders tokens by components, and lets go of those whose token goes', async () => {
  const items = ['a', 'b'].map((key) => ({ key, label: key.toUpperCase() }));
  function Gear() {
    const [chosen, choose] = useState<ReadonlySet<string>>(new Set(['a', 'b']));
    const combobox = useCombobox({ items, multiple: true, selected: [chosen, choose] });
    return h(
      'div',
      combobox.root,
      h('div', combobox.box, h('input', { ...combobox.field, 'aria-label': 'Gear' })),
      h('div', combobox.popup, h('div', combobox.list)),
      h(Tokens, { of: combobox, children: ({ label }) => h('b', null, label) }),
    );
  }
  const tokens = () => [...document.querySelectorAll('[data-token] b')].map(({ textContent }) => textContent);
  await show(h(Gear));
  expect(tokens()).toEqual(['A', 'B']);
  await press('[data-token=a]');
  expect(tokens()).toEqual(['B']);
});

it('takes the defaults around it, and its own before those', async () => {
  function Tides({ own }: { own?: boolean }) {
    const accordion = useAccordion({ expanded: ['a'], ...(own && { exclusive: false }) });
    return h(
      'div',
      accordion.root,
      ['a', 'b'].map((key) =>
        h(
          'section',
          { key },
          h('h3', null, h('button', accordion.header(key), key)),
          h('div', accordion.panel(key), key),
        ),
      ),
    );
  }
  const open = () =>
    [...document.querySelectorAll('[aria-expanded=true]')].map(({ textContent }) => textContent);
  const within = (own: boolean) =>
    h(Defaults, { accordion: { exclusive: true } }, h(Tides, { own, key: `${own}` }));
  await show(within(false));
  await press('[data-key=b]');
  expect(open()).toEqual(['b']);
  await show(within(true));
  await press('[data-key=b]');
  expect(open()).toEqual(['a', 'b']);
});

it('takes the defaults around it for an option that is undefined', async () => {
  function Sure() {
    const dialog = useDialog({ escape: undefined });
    return h('dialog', dialog.root, h('h2', null, 'Sure?'), h('button', dialog.closer(), 'Close'));
  }
  await show(h(Defaults, { dialog: { escape: 'keep' } }, h(Sure)));
  await act(async () => (wiredOf(find('dialog')) as Dialog).show());
  await act(
    async () =>
      void document.activeElement!.dispatchEvent(
        new KeyboardEvent('keydown', { key: 'Escape', bubbles: true, cancelable: true }),
      ),
  );
  expect(find('dialog').hasAttribute('open')).toBe(true);
});

it('says what is wrong when rows are placed for something else', () => {
  expect(() => Rows({ of: {}, children: () => null })).toThrow(
    /`of` needs the handle of a hook such as useListbox/,
  );
});

describe('equal content is no change', () => {
  const yard = () => [
    { key: 'hull', label: 'Hull', children: [{ key: 'keel', label: 'Keel' }] },
    { key: 'rig', label: 'Rig', children: [{ key: 'mast', label: 'Mast' }] },
  ];
  const kept = yard();

  it.each([
    ['made anew at each rendering', yard],
    ['the same ones', () => kept],
  ])('items %s, owned branches and a search: it renders, and tells what has changed', async (_, items) => {
    const heard: string[] = [];
    let renderings = 0;
    function Yard() {
      renderings++;
      const [expanded, expand] = useState<ReadonlySet<string>>(new Set());
      const [query, search] = useState('');
      const tree = useTree({
        items: items(),
        expanded: [expanded, expand],
        query,
        onChange: ({ name }) => void heard.push(name),
      });
      return h(
        'div',
        null,
        h('button', { className: 'search', onClick: () => search((now) => `${now}${'mas'[now.length]}`) }),
        h('div', { ...tree.root, 'aria-label': 'Parts' }),
        h(Rows<{ label: string }>, { of: tree, children: ({ label }) => label }),
      );
    }
    await show(h(Yard));
    for (let at = 0; at < 3; at++) await press('.search');
    expect([...document.querySelectorAll('[role=treeitem]')].map((row) => row.textContent)).toEqual([
      'Rig',
      'Mast',
    ]);
    expect(heard.filter((name) => name === 'expanded')).toHaveLength(1);
    expect(renderings).toBeLessThan(40);
  });

  it('hears no change of a store that holds an equal set', async () => {
    const heard: string[] = [];
    function Berths({ keys }: { keys: string[] }) {
      const [chosen] = [new Set(keys)];
      const listbox = useListbox({
        items: [{ key: 'a', label: 'A' }],
        multiple: true,
        selected: [chosen, () => {}],
        onChange: ({ name }) => void heard.push(name),
      });
      return h('div', { ...listbox.root, 'aria-label': 'Berths' });
    }
    await show(h(Berths, { keys: ['a'] }));
    await show(h(Berths, { keys: ['a'] }));
    expect(heard).toEqual([]);
  });
});

it('shows the fallback above while a row suspends, and goes on', async () => {
  let come = (): void => {};
  const waits = new Promise<void>((resolve) => (come = resolve));
  let isThere = false;
  void waits.then(() => (isThere = true));
  let tries = 0;
  const Slow = ({ label }: { label: string }) => {
    tries++;
    if (!isThere) throw waits;
    return h('b', null, label);
  };
  const items = ['a', 'b', 'c'].map((key) => ({ key, label: key.toUpperCase() }));
  function Berths() {
    const listbox = useListbox({ items });
    return h(
      'section',
      null,
      h('div', { ...listbox.root, 'aria-label': 'Berths' }),
      h(Rows<(typeof items)[number]>, { of: listbox, children: ({ label }) => h(Slow, { label }) }),
    );
  }
  await show(h(Suspense, { fallback: h('p', null, 'Loading') }, h(Berths)));
  expect([document.querySelector('p')?.textContent, tries < 20]).toEqual(['Loading', true]);
  await act(async () => come());
  expect([document.querySelector('p'), document.querySelectorAll('[role=option] b').length]).toEqual([
    null,
    3,
  ]);
  const options = () => [...document.querySelectorAll<HTMLElement>('[role=option]')];
  await act(async () => options()[1]!.click());
  expect(options().map((option) => option.ariaSelected ?? option.getAttribute('aria-selected'))).toEqual([
    'false',
    'true',
    'false',
  ]);
});

describe("a ref of the user's own", () => {
  it('is given to the hook, as an object or a function, beside that of the parts', async () => {
    const heard: (string | undefined)[] = [];
    const mine = createRef<HTMLElement>();
    function Two() {
      const one = useDisclosure({ ref: mine });
      const two = useDisclosure({ ref: (element) => void heard.push(element?.className) });
      return h(
        'div',
        null,
        h('button', { ...one.opener(), className: 'opener' }, 'More'),
        h('div', { ...one.root, className: 'one' }, 'The ladder'),
        h('div', { ...two.root, className: 'two' }, 'The hoist'),
      );
    }
    await show(h(Two));
    await press('.opener');
    expect([mine.current?.className, mine.current?.hidden, heard.at(-1)]).toEqual(['one', false, 'two']);
    await show(null);
    expect([mine.current, heard.at(-1)]).toEqual([null, undefined]);
  });

  it('that replaces theirs is told once, with what to do instead', async () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => {});
    function Lost() {
      const [mine] = useState(() => createRef<HTMLDivElement>());
      const disclosure = useDisclosure();
      return h('div', { ...disclosure.root, ref: mine }, 'The ladder');
    }
    await show(h(Lost));
    await show(h(Lost));
    const messages = said.mock.calls.map(([message]) => `${message}`);
    said.mockRestore();
    expect(messages).toEqual([
      expect.stringMatching(/<div id=".*"> is not wired, because its own ref .* pass it to the hook instead/),
    ]);
  });
});

it('names and describes each row by what is rendered in it, from the first', async () => {
  const items = Array.from({ length: 3 }, (_, at) => ({ key: `${at}`, label: `Boat ${at}` }));
  function Boats() {
    const listbox = useListbox({ items });
    const row = ({ key, label }: { key: string; label: string }) => [
      h('b', { key: 'label', 'data-label': '' }, label),
      h('i', { key: 'more', 'data-description': '' }, `Berth ${key}`),
    ];
    return h(
      'div',
      null,
      h('div', { ...listbox.root, 'aria-label': 'Boats' }),
      h(Rows<(typeof items)[number]>, { of: listbox, children: row }),
    );
  }
  await show(h(Boats));
  expect(optionNames()).toEqual(items.map(({ key, label }) => [label, `Berth ${key}`]));
});

it('hands a state back as it is held: keys as a list, nothing as null, one of some words', async () => {
  type Sheet = 'deck' | 'hull';
  const seen: unknown[] = [];
  function Held() {
    const [open, setOpen] = useState<string[]>(['deck']);
    const [berth, setBerth] = useState<string | null>(null);
    const [sheet, setSheet] = useState<Sheet>('hull');
    seen.push([open, berth, sheet]);
    const accordion = useAccordion({ expanded: [open, setOpen] });
    const listbox = useListbox({
      items: [{ key: 'a', label: 'A' }],
      selected: [berth, setBerth],
    });
    const tabs = useTabs({ selected: [sheet, setSheet] });
    return h(
      'div',
      null,
      h(
        'div',
        { ...accordion.root, key: 'accordion' },
        ['deck', 'hull'].map((key) =>
          h('h3', { key }, h('button', { ...accordion.header(key), className: key })),
        ),
        ['deck', 'hull'].map((key) => h('div', { ...accordion.panel(key), key: `${key}-panel` })),
      ),
      h('div', { ...listbox.root, key: 'listbox', 'aria-label': 'Berths' }),
      h(
        'div',
        { ...tabs.root, key: 'tabs' },
        h(
          'div',
          tabs.list,
          ['deck', 'hull'].map((key) => h('button', { ...tabs.tab(key), key, id: `${key}-tab` })),
        ),
        ['deck', 'hull'].map((key) => h('div', { ...tabs.panel(key), key })),
      ),
      h('button', { className: 'clear', key: 'clear', onClick: () => listbox.clear() }),
    );
  }
  await show(h(Held));
  expect([says('.deck', 'aria-expanded'), says('#hull-tab', 'aria-selected')]).toEqual(['true', 'true']);
  await press('.hull');
  expect(seen.at(-1)).toEqual([['deck', 'hull'], null, 'hull']);
  await press('[role=option]');
  await press('#deck-tab');
  expect(seen.at(-1)).toEqual([['deck', 'hull'], 'a', 'deck']);
  await press('.clear');
  expect(seen.at(-1)).toEqual([['deck', 'hull'], null, 'deck']);
});

it('of many instances in one rendering, those that wait are used as if they had not: by press, method, option and state', async () => {
  const count = 60;
  const heard: unknown[] = [];
  const opened: (() => void)[] = [];
  function Row({ at, escape }: { at: number; escape: 'close' | 'keep' }): ReactNode {
    const dialog = useDialog({ escape, onChange: ({ value, reason }) => heard.push([at, value, reason]) });
    opened[at] = () => dialog.show();
    return h(
      'section',
      { id: `row${at}` },
      h('button', dialog.opener(), dialog.open ? 'Is open' : 'Open'),
      h(
        'dialog',
        dialog.root,
        h('h2', dialog.title, `Berth ${at}`),
        h('button', dialog.closer('yes'), 'Yes'),
      ),
    );
  }
  const rows = (escape: 'close' | 'keep'): ReactNode =>
    Array.from({ length: count }, (_, at) => h(Row, { key: at, at, escape }));
  await show(rows('close'));
  /** Opens and closes one by its buttons, and the one before or after by its method. */
  const use = async (at: number, other: number): Promise<unknown[]> => {
    const opener = find(`#row${at} button`);
    const seen = [opener.textContent];
    await act(async () => opener.click());
    seen.push(opener.textContent);
    await act(async () => find(`#row${at} dialog button`).click());
    await act(async () => opened[other]!());
    seen.push(find(`#row${other} button`).textContent);
    await act(async () => find(`#row${other} dialog button`).click());
    return [...seen, ...heard.splice(0).map((each) => String(each).replace(/^\d+/, ''))];
  };
  const seen = await use(0, 1);
  expect(seen.slice(0, 3)).toEqual(['Open', 'Is open', 'Is open']);
  expect(seen).toHaveLength(7);
  expect(await use(count - 1, count - 2)).toEqual(seen);
  await show(rows('keep'));
  await act(async () => find(`#row${count - 3} button`).click());
  await act(async () =>
    document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true })),
  );
  expect(find(`#row${count - 3} dialog`).hasAttribute('open')).toBe(true);
});

it('an id that is written after the parts is reported, with what to do instead', async () => {
  const reported = jest.spyOn(console, 'error').mockImplementation(() => {});
  function Named() {
    const dialog = useDialog();
    return h('dialog', { ...dialog.root, id: 'mine' }, h('h2', null, 'T'));
  }
  await act(async () => root.render(h(Named)));
  expect(reported.mock.calls).toEqual([
    [expect.objectContaining({ message: expect.stringMatching(/<dialog id="mine">.*\{ id: 'mine' \}/) })],
  ]);
  reported.mockRestore();
});

withActivity('focus goes back to the opener, also when the open dialog was hidden meanwhile', async () => {
  function Hidden({ mode }: { mode: 'visible' | 'hidden' }) {
    const dialog = useDialog();
    const children = [
      h('button', { key: 'o', ...dialog.opener(), className: 'opener' }, 'Open'),
      h(
        'dialog',
        { key: 'd', ...dialog.root },
        h('h2', null, 'T'),
        h('button', { ...dialog.closer(), className: 'closer' }, 'Close'),
      ),
    ];
    return h(Activity, { mode, children });
  }
  const page = (mode: 'visible' | 'hidden') =>
    h('div', null, h('a', { href: '#' }, 'First'), h(Hidden, { mode }), h('a', { href: '#' }, 'Last'));
  await show(page('visible'));
  find('.opener').focus();
  await press('.opener');
  await show(page('hidden'));
  await show(page('visible'));
  expect(find('dialog').hasAttribute('open')).toBe(true);
  await press('.closer');
  expect(document.activeElement!.textContent).toBe('Open');
});
