// Listbox, tree, menu and combobox where there is no layout: state, semantics, keys and focus; and bad input.
import {
  cell,
  type Item,
  type TreeNode,
  wireCombobox,
  wireListbox,
  wireMenu,
  wireTree,
} from '../../src/index';
import { journal } from '../../src/journal/index';

const get = (id: string): HTMLElement => document.getElementById(id)!;
const all = (selector: string): HTMLElement[] => [...document.querySelectorAll<HTMLElement>(selector)];
const texts = (selector: string): string[] => all(selector).map((each) => each.textContent!.trim());
const key = (name: string, more: KeyboardEventInit = {}): void =>
  void document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more }),
  );
const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
const focused = (): string => document.activeElement!.textContent!.trim();
const numbered = (count: number): Item[] =>
  Array.from({ length: count }, (_, at) => ({ key: `${at}`, label: `Item ${at}` }));

beforeEach(() => {
  jest.spyOn(console, 'warn').mockImplementation(() => {});
  globalThis.reportError = () => {};
  journal.clear();
});
afterEach(() => jest.restoreAllMocks());
const told = (): string[] => journal.entries.map(({ code }) => code).filter((code) => code !== 'change');

const list = '<div id="l" role="listbox" aria-label="L"></div>';
const options =
  '<div id="l" role="listbox" aria-label="L"><p role="option">Alder</p><p role="option">Birch</p></div>';

describe('listbox', () => {
  it('moves, selects, follows a cell both ways, takes up what comes, and leaves no trace', async () => {
    document.body.innerHTML = options;
    const selected = cell<string | undefined>('1');
    const wired = wireListbox(get('l'), { selected });
    get('l').querySelector<HTMLElement>('[tabindex="0"]')!.focus();
    expect(focused()).toBe('Birch');
    key('ArrowUp');
    expect([focused(), selected.get()]).toEqual(['Alder', '0']);
    selected.set('1');
    expect(all('[aria-selected=true]').map((each) => each.textContent)).toEqual(['Birch']);
    get('l').insertAdjacentHTML('beforeend', '<p role="option">Cedar</p>');
    await settle();
    key('End');
    expect(focused()).toBe('Cedar');
    document.activeElement!.remove();
    await settle();
    expect(wired.current.get()).toBe('1');
    wired.unwire();
    expect(document.body.innerHTML).toBe(options);
  });

  it.each([
    ['no items', []],
    ['one key twice', [...numbered(3), { key: '1', label: 'Again' }]],
    ['a label of 10,000 characters', [{ key: 'long', label: 'x'.repeat(10_000) }]],
    [
      'right-to-left and combining characters',
      [
        { key: 'r', label: 'אֳנִיָּה' },
        { key: 'c', label: 'e\u0301cole' },
      ],
    ],
  ] as [string, Item[]][])('stands %s', (what, items) => {
    document.body.innerHTML = list;
    const wired = wireListbox(get('l'), { items });
    const keys = [...new Set(items.map((item) => item.key))];
    expect(all('[role=option]').length).toBe(keys.length);
    expect(told()).toEqual(what === 'one key twice' ? ['key-duplicate'] : []);
    all('[tabindex="0"]')[0]?.focus();
    key('End');
    expect(wired.current.get()).toBe(keys.at(-1));
    wired.unwire();
    expect(document.body.innerHTML).toBe(list);
  });

  it('shows the label where render throws, and the rest as it is', () => {
    document.body.innerHTML = list;
    const wired = wireListbox(get('l'), {
      items: numbered(3),
      render({ key: own, label }) {
        if (own === '1') throw new Error('No picture.');
        return `* ${label}`;
      },
    });
    expect(texts('[role=option]')).toEqual(['* Item 0', 'Item 1', '* Item 2']);
    expect(told()).toEqual(['render-failed']);
    wired.unwire();
  });

  it('keeps thousands of rows off the page, with their places told', () => {
    document.body.innerHTML = list;
    const items = cell<readonly Item[]>(numbered(5000));
    const wired = wireListbox(get('l'), { items });
    expect(all('[role=option]').length).toBeLessThan(40);
    all('[tabindex="0"]')[0]!.focus();
    key('End');
    expect([focused(), document.activeElement!.ariaPosInSet, document.activeElement!.ariaSetSize]).toEqual([
      'Item 4999',
      '5000',
      '5000',
    ]);
    items.set(numbered(5));
    expect(all('[role=option]').length).toBe(5);
    wired.unwire();
  });

  it('refuses unknown option values', () => {
    document.body.innerHTML = options;
    expect(() => wireListbox(get('l'), { layout: 'rows' as 'grid' })).toThrow(
      'listbox option layout must be list or grid, got rows',
    );
  });
});

describe('tree', () => {
  const nested =
    '<ul id="t" aria-label="T"><li data-key="a">A<ul><li>A1</li></ul></li><li data-key="b">B</li></ul>';
  const node = (own: string, children?: TreeNode['children']): TreeNode => ({
    key: own,
    label: own,
    ...(children && { children }),
  });
  const wireData = (items: TreeNode[], more: object = {}) => {
    document.body.innerHTML = '<div id="t" role="tree" aria-label="T"></div>';
    return wireTree(get('t'), { items, ...more });
  };

  it('reads nested lists, opens and closes, gives focus to the branch that closes on it, and leaves no trace', () => {
    document.body.innerHTML = nested;
    const wired = wireTree(get('t'));
    expect(all('[role=group]')[0]!.hidden).toBe(true);
    all('[tabindex="0"]')[0]!.focus();
    for (const each of ['ArrowRight', 'ArrowRight']) key(each);
    expect(focused()).toBe('A1');
    wired.collapse('a');
    expect(document.activeElement!.getAttribute('data-key')).toBe('a');
    wired.unwire();
    expect(document.body.innerHTML).toBe(nested);
  });

  it('refuses a key that stands in it twice, and a ring', () => {
    expect(() => wireData([node('a'), node('a')])).toThrow('tree node "a" (a) has a duplicate key');
    const ring = node('ring');
    ring.children = [ring];
    expect(() => wireData([ring])).toThrow(/has a duplicate key/);
  });

  it.each([
    [
      'throws',
      () => {
        throw new Error('Shut.');
      },
      'Shut. Try again',
    ],
    ['answers with no list', () => 'none' as never, /must be an array of nodes, got none Try again/],
    ['answers with keys that are there', () => [node('b')], /has a duplicate key/],
  ] as [string, () => TreeNode[], string | RegExp][])(
    'tells of a branch function that %s, in a row that tries again',
    (_, children, says) => {
      const wired = wireData([node('a', 'lazy'), node('b')], { children });
      wired.expand('a');
      expect(texts('[data-retry]')).toEqual([expect.stringMatching(says)]);
      expect(told()).toEqual(['branch-failed']);
      wired.unwire();
    },
  );

  it('waits for a branch that never answers, gives up when it closes, and ignores what comes after unwire', async () => {
    const signals: AbortSignal[] = [];
    let answer: (nodes: TreeNode[]) => void = () => {};
    const wired = wireData([node('a', 'lazy')], {
      children: (_: TreeNode, signal: AbortSignal) => {
        signals.push(signal);
        return new Promise((resolve) => (answer = resolve));
      },
    });
    wired.expand('a');
    expect(all('[role=treeitem]')[0]!.ariaBusy).toBe('true');
    wired.collapse('a');
    expect([signals[0]!.aborted, all('[aria-busy]').length]).toEqual([true, 0]);
    wired.expand('a');
    wired.unwire();
    answer([node('late')]);
    await settle();
    expect(document.body.innerHTML).toBe('<div id="t" role="tree" aria-label="T"></div>');
  });

  it('opens the way to what is found, also in items that come while something is searched for', () => {
    const items = cell<readonly TreeNode[]>([node('a', [node('a1')])]);
    const wired = wireData([], { items, query: 'b1' });
    expect(texts('[role=treeitem]')).toEqual([]);
    items.set([node('a', [node('a1')]), node('b', [node('b1')])]);
    expect(texts('[role=treeitem]')).toEqual(['b', 'b1']);
    wired.query.set('');
    expect(texts('[role=treeitem]')).toEqual(['a', 'b']);
    wired.unwire();
  });

  it('checks leaves and branches, carries a checked branch over to what is fetched for it, and filters', async () => {
    const wired = wireData([node('a', [node('a1'), node('a2')]), node('c', 'lazy')], {
      checks: true,
      checked: ['c', 'a1'],
      children: () => Promise.resolve([node('c1'), node('c2')]),
    });
    const checks = (): string[] =>
      all('[role=treeitem]').map((each) => `${each.textContent} ${each.ariaChecked}`);
    expect(checks()).toEqual(['a mixed', 'c true']);
    wired.expand('c');
    await settle();
    expect(checks()).toEqual(['a mixed', 'c true', 'c1 true', 'c2 true']);
    wired.query.set('a2');
    expect(checks()).toEqual(['a mixed', 'a2 false']);
    wired.query.set('');
    expect(checks()).toEqual(['a mixed', 'c true', 'c1 true', 'c2 true']);
    wired.expandTo('a2');
    expect([wired.current.get(), checks().length]).toEqual(['a2', 6]);
    wired.expandTo('nowhere');
    expect(told()).toEqual(['key-unknown']);
    wired.unwire();
  });
});

describe('menu', () => {
  const menu =
    '<button id="b" commandfor="m" command="--toggle">Open</button><div id="m" role="menu" popover="manual" aria-label="M"><button role="menuitem">One</button><button role="menuitemcheckbox" data-key="two" aria-checked="false">Two</button></div>';

  it('opens by arrows, checks, tells what was picked about what, and gives focus back', () => {
    document.body.innerHTML = menu;
    const picked: string[] = [];
    const wired = wireMenu(get('m'), {
      onPick: ({ key: own, about, checked }) => picked.push(`${own} ${about?.id} ${checked}`),
    });
    get('b').focus();
    key('ArrowUp');
    expect([wired.open.get(), focused()]).toEqual([true, 'Two']);
    key(' ');
    expect([wired.open.get(), [...wired.checked.get()]]).toEqual([true, ['two']]);
    key('Enter');
    expect([wired.open.get(), focused(), picked]).toEqual([false, 'Open', ['two b true', 'two b false']]);
    wired.unwire();
    expect(document.body.innerHTML).toBe(menu);
  });

  it('begins a new word of letters after any other key', () => {
    document.body.innerHTML = menu;
    wireMenu(get('m'));
    get('b').focus();
    key('ArrowDown');
    key('o');
    key('Escape');
    key('ArrowDown');
    key('t');
    expect(focused()).toBe('Two');
  });

  it('opens where a function says, as a framework gives an element that is there later', () => {
    document.body.innerHTML = `<p id="area" tabindex="0">Row</p>${menu}`;
    const wired = wireMenu(get('m'), { context: () => document.getElementById('area') });
    get('area').focus();
    key('F10', { shiftKey: true });
    expect([wired.open.get(), wired.about.get()?.id]).toEqual([true, 'area']);
  });

  it('tells of a pick in a submenu what the outermost menu was opened about', () => {
    document.body.innerHTML =
      '<button id="b" commandfor="m" command="--toggle">Open</button><div id="m" role="menu" popover="manual" aria-label="M"><button role="menuitem" id="move" aria-controls="s">Move</button><div id="s" role="menu" popover="manual" aria-label="S"><button role="menuitem" data-key="today">Today</button></div></div>';
    const picked: string[] = [];
    wireMenu(get('m'));
    wireMenu(get('s'), { onPick: ({ key: own, about }) => picked.push(`${own} ${about?.id}`) });
    get('b').focus();
    key('ArrowDown');
    key('ArrowRight');
    key('Enter');
    expect(picked).toEqual(['today b']);
  });
});

describe('combobox', () => {
  const box =
    '<div id="c"><label for="f">C</label><input id="f" role="combobox"><div popover="manual"><div role="listbox"></div></div></div>';
  const field = (): HTMLInputElement => get('f') as HTMLInputElement;
  const type = (text: string): void => {
    field().focus();
    field().value = text;
    field().dispatchEvent(new Event('input', { bubbles: true }));
  };

  it('filters, picks, restores what was chosen, and leaves no trace', () => {
    document.body.innerHTML = box;
    const wired = wireCombobox(get('c'), {
      items: ['Quay', 'Slip', 'Écluse'].map((label) => ({ key: label[0]!, label })),
    });
    type('ecl');
    expect(texts('[role=option]')).toEqual(['Écluse']);
    key('Enter');
    expect([wired.selected.get(), field().value, wired.open.get(), wired.query.get()]).toEqual([
      'É',
      'Écluse',
      false,
      '',
    ]);
    type('nowhere');
    expect(texts('[data-notice] p')).toEqual(['No match for “nowhere”']);
    wired.open.set(false);
    expect(field().value).toBe('Écluse');
    wired.clear();
    expect(field().value).toBe('');
    wired.unwire();
    expect(document.body.innerHTML).toBe(box);
  });

  it('keeps free text, and takes the option of that name', () => {
    document.body.innerHTML = box;
    const wired = wireCombobox(get('c'), { freeText: true, items: [{ key: 'q', label: 'Quay' }] });
    type('Nowhere');
    wired.open.set(false);
    expect([wired.text.get(), wired.selected.get(), field().value]).toEqual([
      'Nowhere',
      undefined,
      'Nowhere',
    ]);
    type('quay');
    wired.open.set(false);
    expect([wired.text.get(), wired.selected.get()]).toEqual(['Quay', 'q']);
    wired.unwire();
  });

  it('lets only the latest answer count, and none after unwire', async () => {
    document.body.innerHTML = box;
    const answers: [string, (items: Item[]) => void, AbortSignal][] = [];
    const wired = wireCombobox(get('c'), {
      debounce: 0,
      items: (query, signal) => new Promise<Item[]>((resolve) => answers.push([query, resolve, signal])),
    });
    type('a');
    await settle();
    type('ab');
    await settle();
    const [first, second] = answers.filter(([query]) => query);
    first![1]([{ key: '1', label: 'a one' }]);
    await settle();
    expect(texts('[role=option]')).toEqual([]);
    second![1]([{ key: '2', label: 'ab two' }]);
    await settle();
    expect([texts('[role=option]'), first![2].aborted]).toEqual([['ab two'], true]);
    type('abc');
    await settle();
    wired.unwire();
    answers.at(-1)![1]([{ key: '3', label: 'late' }]);
    await settle();
    expect(document.body.innerHTML).toBe(box);
  });

  it('names the part that is missing', () => {
    document.body.innerHTML = '<div id="c"><input role="combobox"></div>';
    expect(() => wireCombobox(get('c'))).toThrow(
      'combobox needs an element with role="listbox" in <div id="c">, and found none',
    );
  });
});

describe('elements', () => {
  it.each([
    [
      'shell-listbox',
      'multiple selected="0 1"',
      '<div role="listbox" aria-label="L"><p role="option">A</p><p role="option">B</p></div>',
      'selected',
      new Set(['0', '1']),
    ],
    [
      'shell-tree',
      'expanded="a"',
      '<ul aria-label="T"><li data-key="a">A<ul><li>B</li></ul></li></ul>',
      'expanded',
      new Set(['a']),
    ],
    [
      'shell-menu',
      '',
      '<div role="menu" popover="manual" id="m" aria-label="M"><button role="menuitemcheckbox" aria-checked="true" data-key="x">X</button></div>',
      'checked',
      new Set(['x']),
    ],
    [
      'shell-combobox',
      'selected="b" required',
      '<input role="combobox" aria-label="C"><div popover="manual"><div role="listbox"><p role="option" data-key="b">B</p></div></div>',
      'selected',
      'b',
    ],
  ])(
    '<%s> wires what it holds once that is there, and has its states as properties',
    async (name, attributes, inner, state, value) => {
      await import('../../src/elements/index');
      document.body.innerHTML = `<${name} ${attributes}></${name}>`;
      const element = document.body.firstElementChild as HTMLElement & Record<string, unknown>;
      const heard: string[] = [];
      element.addEventListener('shell-change', (event) =>
        heard.push((event as CustomEvent<{ name: string }>).detail.name),
      );
      element.innerHTML = inner;
      await settle();
      expect(element[state]).toEqual(value);
      element[state] = value instanceof Set ? new Set() : undefined;
      expect(heard).toContain(state);
      element.remove();
      await settle();
      expect(element['wired']).toBeUndefined();
    },
  );
});

it('a combobox that is a button holds up its form while nothing is chosen', () => {
  document.body.innerHTML =
    '<form><div id="c" data-name="kind" data-required><button type="button" role="combobox" aria-label="C"><span data-value>Choose</span></button><div popover="manual"><div role="listbox"><p role="option" data-key="a">A</p></div></div></div><button id="send">Send</button></form>';
  const form = document.querySelector('form')!;
  let sent = 0;
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    sent++;
  });
  const wired = wireCombobox(get('c'));
  get('send').click();
  expect([sent, document.activeElement!.getAttribute('role')]).toEqual([0, 'combobox']);
  wired.select('a');
  get('send').click();
  expect([sent, texts('[data-value]')]).toEqual([1, ['A']]);
  wired.unwire();
});
