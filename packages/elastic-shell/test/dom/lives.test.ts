// What befalls wired things on pages that somebody else renders, where there is no layout: the same must hold there.
import {
  cell,
  isOurs,
  unwireWithin,
  wireAccordion,
  wireCombobox,
  wiredOf,
  wireDialog,
  wireDisclosure,
  wireListbox,
  wireMenu,
  wirePopover,
  wireSwitch,
  wireTabs,
  wireTooltip,
  wireTree,
  wireWithin,
} from '../../src/index';
import { indexSize } from '../../src/engine/invoker-index';
import { get, key, page, settle } from './page';

let held: ReturnType<typeof indexSize>;
beforeEach(() => {
  held = indexSize();
});
afterEach(async () => {
  document.body.innerHTML = '';
  await settle();
  expect(indexSize()).toEqual(held);
});

describe('unwiring', () => {
  it('of an open dialog gives focus back, to its opener or to what follows where that stood', () => {
    page(
      '<p id="row"><button id="o" commandfor="d" command="--open">O</button></p><button id="next">N</button><dialog id="d"><h2>T</h2><button>B</button></dialog>',
    );
    const wired = wireDialog(get('d'));
    get('o').focus();
    get('o').click();
    wired.unwire();
    expect(document.activeElement!.id).toBe('o');
    const again = wireDialog(get('d'));
    get('o').click();
    get('row').remove();
    again.unwire();
    expect(document.activeElement!.id).toBe('next');
  });

  it('leaves nobody busy, also where the answer to a guard throws', async () => {
    page('<button id="o" commandfor="d">O</button><div id="d" hidden></div>');
    const wired = wireDisclosure(get('d'), {
      guard: () => ({
        then() {
          throw new Error('Broken.');
        },
      }),
    });
    const reported = jest.spyOn(console, 'error').mockImplementation(() => {});
    wired.show();
    expect(wired.busy.get()).toBe(true);
    await settle();
    expect([wired.busy.get(), wired.open.get()]).toEqual([false, false]);
    expect(reported).toHaveBeenCalledWith(expect.objectContaining({ message: 'Broken.' }));
    reported.mockRestore();
    wired.unwire();
  });

  it('lets go of everything although its items have become no items', () => {
    page('<div id="l" role="listbox" aria-label="L"></div>');
    const items = cell<readonly { key: string }[]>([{ key: 'a' }]);
    const wired = wireListbox(get('l'), { items });
    expect(() => items.set(null as never)).toThrow(/must be an array/);
    wired.unwire();
    expect(get('l').outerHTML).toBe('<div id="l" role="listbox" aria-label="L"></div>');
  });

  it('tells an old instance nothing of its successor, which follows the same cell', async () => {
    page('<dialog id="d"><h2>T</h2></dialog>');
    const open = cell(true);
    const first = wireDialog(get('d'), { open });
    const dialog = get('d');
    first.unwire();
    dialog.remove();
    document.body.append(dialog);
    const second = wireDialog(dialog, { open });
    await settle();
    expect([open.get(), second.open.get(), dialog.hasAttribute('open')]).toEqual([true, true, true]);
    second.unwire();
    expect(dialog.outerHTML).toBe('<dialog id="d"><h2>T</h2></dialog>');
  });
});

describe('focus that goes back', () => {
  it('goes to the opener that stands there again, by its id', async () => {
    const row = '<li><button id="o" commandfor="d" command="--open">O</button></li>';
    page(`<ul>${row}</ul><button id="last">L</button><dialog id="d"><h2>T</h2><button>B</button></dialog>`);
    const wired = wireDialog(get('d'));
    get('o').focus();
    get('o').click();
    document.querySelector('ul')!.innerHTML = row;
    await settle();
    wired.close();
    expect(document.activeElement).toBe(get('o'));
    wired.unwire();
  });

  it('goes on when the item of a menu removes its row, with the menu and its opener', async () => {
    page(
      '<p id="row"><button id="o" commandfor="m">M</button><span id="m" role="menu" aria-label="M"><span id="i" role="menuitem">Strike</span></span></p><button id="next">N</button>',
    );
    const wired = wireMenu(get('m'), { onPick: () => get('row').remove() });
    get('o').focus();
    get('o').click();
    get('i').click();
    wired.unwire();
    expect(document.activeElement!.id).toBe('next');
  });
});

describe('collections that change in one task', () => {
  const tab = (key: string): string => `<button role="tab" data-key="${key}">${key}</button>`;
  const panel = (key: string): string => `<div role="tabpanel" data-key="${key}">${key}</div>`;
  const setUp = () => {
    page(
      `<div id="t"><div role="tablist" aria-label="T">${tab('a')}${tab('b')}</div>${panel('a')}${panel('b')}</div>`,
    );
    const list = document.querySelector('[role=tablist]')!;
    const find = (key: string) => list.querySelector<HTMLElement>(`[data-key=${key}]`)!;
    return { wired: wireTabs(get('t'), { closable: true }), list, find };
  };

  it('append and select: the state names what is there, also when it goes later', async () => {
    const { wired, list, find } = setUp();
    list.insertAdjacentHTML('beforeend', tab('c'));
    wired.select('c');
    await settle();
    find('c').remove();
    await settle();
    expect(wired.selected.get()).toBe('b');
    wired.unwire();
  });

  it('remove the selected one and focus another: that one’s neighbour is selected', async () => {
    const { wired, find } = setUp();
    wired.select('b');
    find('b').remove();
    find('a').focus();
    await settle();
    expect(wired.selected.get()).toBe('a');
    wired.unwire();
  });

  it('a tab that was closed, has gone and comes again with its key is another tab', async () => {
    const { wired, list, find } = setUp();
    wired.close('b');
    find('b').remove();
    await settle();
    expect([...wired.closed.get()]).toEqual([]);
    list.insertAdjacentHTML('beforeend', tab('b'));
    await settle();
    expect(find('b').hidden).toBe(false);
    wired.unwire();
  });

  const section = (key: string, hidden = ''): string =>
    `<h3><button data-key="${key}">${key}</button></h3><div ${hidden}>${key}</div>`;

  it('a section that comes later does not write into the cell of its owner', async () => {
    page(`<div id="a">${section('a', 'hidden')}</div>`);
    const expanded = cell<ReadonlySet<string>>(new Set());
    const wired = wireAccordion(get('a'), { expanded, elastic: 'none' });
    get('a').insertAdjacentHTML('beforeend', section('b'));
    await settle();
    expect([...expanded.get()]).toEqual([]);
    expect(get('a').lastElementChild!.hasAttribute('hidden')).toBe(true);
    wired.unwire();
  });

  it('one section is open where one may be, whoever opens them', () => {
    page(`<div id="a">${section('a', 'hidden')}${section('b', 'hidden')}</div>`);
    const expanded = cell<ReadonlySet<string>>(new Set(['a', 'b']));
    const wired = wireAccordion(get('a'), { expanded, exclusive: true, elastic: 'none' });
    const both = (): string => `${[...wired.expanded.get()]} ${[...expanded.get()]}`;
    expect(both()).toBe('a a');
    expanded.set(new Set(['a', 'b']));
    expect(both()).toBe('b b');
    wired.expanded.set(new Set(['a', 'b']));
    expect(both()).toBe('a a');
    wired.unwire();
  });
});

describe('what an owner gives', () => {
  it('a store that tells its value at once, has no get, and is ended by an object', () => {
    page('<button id="o" commandfor="d">O</button><div id="d" hidden></div>');
    const listeners = new Set<(value: boolean) => void>();
    let value = true;
    let ended = 0;
    const store = {
      set(next: boolean) {
        value = next;
        for (const listener of listeners) listener(next);
      },
      subscribe(listener: (next: boolean) => void) {
        listeners.add(listener);
        listener(value);
        return {
          unsubscribe() {
            ended += Number(listeners.delete(listener));
          },
        };
      },
    };
    const wired = wireDisclosure(get('d'), { open: store as never });
    expect([wired.open.get(), get('d').hasAttribute('hidden')]).toEqual([true, false]);
    get('o').click();
    expect(value).toBe(false);
    store.set(true);
    expect(wired.open.get()).toBe(true);
    wired.unwire();
    expect([listeners.size, ended > 0]).toEqual([0, true]);
  });

  it('a store that tells everybody of every set, whatever it holds already', () => {
    page('<div id="a"><h3><button data-key="k">K</button></h3><div hidden>P</div></div>');
    const listeners = new Set<(value: ReadonlySet<string>) => void>();
    let value: ReadonlySet<string> = new Set();
    const store = {
      get: () => value,
      set(next: ReadonlySet<string>) {
        value = next;
        for (const listener of [...listeners]) listener(next);
      },
      subscribe(listener: (next: ReadonlySet<string>) => void) {
        listeners.add(listener);
        return () => void listeners.delete(listener);
      },
    };
    const wired = wireAccordion(get('a'), { expanded: store, exclusive: true, elastic: 'none' });
    store.set(new Set(['k']));
    expect([...wired.expanded.get()]).toEqual(['k']);
    wired.unwire();
  });
});

describe('hostile and odd data', () => {
  it.each(['constructor', 'toString', '__proto__', 'hasOwnProperty', 'valueOf'])(
    'an id, a command, a role and a key named %s',
    async (name) => {
      page(
        `<button id="o" commandfor="${name}" command="${name}">O</button><button id="p" aria-controls="${name}" role="${name}">P</button><div id="${name}" hidden>W</div>
        <div id="l" role="listbox" aria-label="L"><p role="option" data-key="${name}">${name}</p></div>`,
      );
      const wired = [wireDisclosure(get(name)), wireListbox(get('l'))] as const;
      await settle();
      get('o').click();
      get('p').click();
      expect(wired[0].open.get()).toBe(true);
      wired[1].select(name);
      expect(wired[1].selected.get()).toBe(name);
      wired.forEach((each) => each.unwire());
    },
  );

  it('two roots with one id: the opener speaks for the one that it names, the first', () => {
    page(
      '<button id="o" commandfor="d">O</button><div id="d" hidden>1</div><div id="d" class="second" hidden>2</div>',
    );
    const [one, other] = [...document.querySelectorAll<HTMLElement>('#d')].map((root) =>
      wireDisclosure(root),
    );
    other!.show();
    expect(get('o').getAttribute('aria-expanded')).toBe('false');
    get('o').click();
    expect([one!.open.get(), other!.open.get(), get('o').getAttribute('aria-expanded')]).toEqual([
      true,
      true,
      'true',
    ]);
    one!.unwire();
    other!.unwire();
  });

  it.each([
    ['a key that is a number', [{ key: 1 }], /(item|node) 0 .* needs a text as its key, got .*1/],
    ['an item without a key', [{}], /(item|node) 0 .* needs a text as its key/],
    [
      'a label that is a number',
      [{ key: 'a', label: 5 }],
      /(item|node) 0 .* needs a text as its label, got .*5/,
    ],
    ['an item that is nothing', [null], /(item|node) 0 .* needs a text as its key/],
  ])('%s: a sentence, and nothing is wired', (_, items, sentence) => {
    for (const role of ['listbox', 'tree']) {
      page(`<div id="l" role="${role}" aria-label="L"></div>`);
      const wire = (role === 'tree' ? wireTree : wireListbox) as typeof wireListbox;
      expect(() => wire(get('l'), { items: items as never })).toThrow(TypeError);
      expect(() => wire(get('l'), { items: items as never })).toThrow(sentence);
      expect(get('l').outerHTML).toBe(`<div id="l" role="${role}" aria-label="L"></div>`);
    }
  });

  it('an option that every object inherits', () => {
    page('<div id="d" hidden></div>');
    expect(() => wireDisclosure(get('d'), { ['constructor']: 1 } as never)).toThrow(
      /has no option "constructor"/,
    );
  });

  it('half a surrogate pair in the address', () => {
    page(
      '<div id="t"><div role="tablist" aria-label="T"><button role="tab" data-key="a">a</button><button role="tab" id="bad">b</button></div></div>',
    );
    get('bad').dataset['key'] = 'b\uD800';
    const wired = wireTabs(get('t'), { address: true });
    wired.select('b\uD800');
    expect([wired.selected.get(), location.hash]).toEqual(['b\uD800', '#b%EF%BF%BD']);
    wired.unwire();
    history.replaceState(null, '', '/');
  });
});

describe('before it was wired', () => {
  it('a checkbox was turned: that stands, and its owner hears of it', async () => {
    page('<input type="checkbox" id="s">');
    get('s').click();
    const checked = cell(false);
    const heard: string[] = [];
    const wired = wireSwitch(get('s'), {
      checked,
      onChange: ({ value, reason }) => heard.push(`${value} ${reason}`),
    });
    expect([wired.checked.get(), checked.get(), get<HTMLInputElement>('s').checked]).toEqual([
      true,
      true,
      true,
    ]);
    await settle();
    expect(heard).toEqual(['true native']);
    wired.unwire();
  });
});

describe('by markup', () => {
  const region = `<section id="r">
    <button commandfor="d" command="--open">O</button><dialog id="d" data-wire="dialog" data-wire-size="wide" data-wire-escape="keep"><h2>T</h2></dialog>
    <div id="x" data-wire="disclosure" hidden=""></div></section>`;

  it('wires what says so, once, with its options, and unwires it', () => {
    page(region);
    expect(wireWithin(get('r')).map(({ root }) => root.id)).toEqual(['d', 'x']);
    expect(wireWithin(get('r'))).toEqual([]);
    expect(get('d').dataset['size']).toBe('wide');
    get('r').insertAdjacentHTML('beforeend', '<div id="y" data-wire="disclosure" hidden></div>');
    expect(wireWithin(document).map(({ root }) => root.id)).toEqual(['y']);
    wiredOf(get('y'))!.unwire();
    get('y').remove();
    wiredOf(get('x'))!.unwire();
    unwireWithin(get('r'));
    unwireWithin(get('r'));
    expect(document.body.innerHTML).toBe(region);
  });

  it('tells of a pattern that is not there, and wires the rest', () => {
    page('<div id="a" data-wire="disclosur" hidden></div><div id="b" data-wire="disclosure" hidden></div>');
    expect(() => wireWithin(document.body)).toThrow(
      /data-wire="disclosur" names no loaded pattern.*did you mean "disclosure"/,
    );
    expect(wiredOf(get('b'))).toBeDefined();
    expect(wiredOf(get('a'))).toBeUndefined();
    unwireWithin(document.body);
  });

  it('finds what the wire function returned, methods and all', () => {
    page('<div id="d" hidden></div>');
    const wired = wireDisclosure(get('d'));
    expect(wiredOf(get('d'))).toBe(wired);
    wired.unwire();
    expect(wiredOf(get('d'))).toBeUndefined();
  });

  it('says what on the page is its own, for whoever morphs it', () => {
    page(
      '<button id="o" commandfor="p">O</button><div id="p" class="mine"><h2>T</h2></div><div id="l" role="listbox" aria-label="L"></div>',
    );
    const wired = [wirePopover(get('p')), wireListbox(get('l'), { items: [{ key: 'a' }] })];
    wired[0]!.root.style.setProperty('--shell-x', '1px');
    const heading = document.querySelector('h2')!;
    expect(
      ['id', 'class', 'hidden', 'data-phase', 'style', '--shell-x'].map((name) => isOurs(get('p'), name)),
    ).toEqual([false, false, true, true, true, true]);
    expect([isOurs(heading, 'id'), isOurs(heading), isOurs(get('o'), 'aria-expanded')]).toEqual([
      true,
      false,
      true,
    ]);
    expect(isOurs(document.querySelector('[role=option]')!)).toBe(true);
    wired.forEach((each) => each.unwire());
    expect(isOurs(heading, 'id')).toBe(false);
  });
});

it('a context menu asked for on an item of its own submenu: keys still lead out of both', () => {
  page(
    '<main><div id="m" role="menu" aria-label="M"><p role="menuitem" id="more" aria-controls="s">More</p></div><div id="s" role="menu" aria-label="S"><p role="menuitem" id="in">In</p></div></main>',
  );
  const wired = [wireMenu(get('m'), { context: 'main' }), wireMenu(get('s'))] as const;
  const ask = (on: Element): void =>
    void on.dispatchEvent(
      new MouseEvent('contextmenu', { bubbles: true, cancelable: true, clientX: 5, clientY: 5 }),
    );
  wired[1].show();
  get('in').focus();
  ask(get('in'));
  get('more').focus();
  key('ArrowRight');
  key('Tab');
  expect([wired[0].open.get(), wired[1].open.get()]).toEqual([false, false]);
  wired.forEach((each) => each.unwire());
});

it('a script that always writes over an attribute: it has the last word, and the page lives', async () => {
  page('<button id="o" commandfor="d">O</button><div id="d" hidden></div>');
  const wired = wireDisclosure(get('d'));
  await settle();
  let writes = 0;
  const observer = new MutationObserver(() => {
    writes++;
    if (get('o').getAttribute('aria-expanded') !== 'mine') get('o').setAttribute('aria-expanded', 'mine');
  });
  observer.observe(get('o'), { attributes: true });
  get('o').click();
  await settle();
  await settle();
  expect(wired.open.get()).toBe(true);
  expect(writes).toBeLessThan(200);
  observer.disconnect();
  wired.unwire();
  expect(get('o').getAttribute('aria-expanded')).toBe('mine');
});

describe('where nothing is laid out', () => {
  it('an open menu and an open list are seen by their roles', () => {
    page(
      '<button id="o" commandfor="m">O</button><div id="m" role="menu" popover aria-label="M"><p role="menuitem">I</p></div><div id="c"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox"><p role="option">O</p></div></div></div>',
    );
    const wired = [wireMenu(get('m')), wireCombobox(get('c'))] as const;
    const isSeen = (selector: string): boolean => {
      for (let at: Element | null = document.querySelector(selector); at; at = at.parentElement)
        if (getComputedStyle(at).display === 'none') return false;
      return true;
    };
    expect([isSeen('[role=menuitem]'), isSeen('[role=option]')]).toEqual([false, false]);
    wired[0].show();
    expect(isSeen('[role=menuitem]')).toBe(true);
    wired[1].show();
    expect(isSeen('[role=option]')).toBe(true);
    wired.forEach((each) => each.unwire());
    expect(document.querySelector('#m')!.hasAttribute('popover')).toBe(true);
  });

  it('in a container that is not in the document', () => {
    const box = document.createElement('div');
    box.innerHTML =
      '<button commandfor="p" command="--toggle">O</button><div id="p" popover><h2>T</h2></div><button aria-describedby="t">W</button><p id="t">W</p>';
    const before = box.innerHTML;
    const popover = wirePopover(box.querySelector<HTMLElement>('#p')!);
    const tooltip = wireTooltip(box.querySelector<HTMLElement>('#t')!);
    box.querySelector('button')!.click();
    expect([
      popover.open.get(),
      box.querySelector('button')!.ariaExpanded ?? box.querySelector('button')!.getAttribute('aria-expanded'),
    ]).toEqual([true, 'true']);
    tooltip.open.set(true);
    expect(tooltip.open.get()).toBe(true);
    popover.unwire();
    tooltip.unwire();
    expect(box.innerHTML).toBe(before);
  });

  it('open when the page is torn down: nothing throws', async () => {
    page('<button id="o" commandfor="p">O</button><div id="p">W</div><dialog id="d"><h2>T</h2></dialog>');
    const wired = [wirePopover(get('p')), wireDialog(get('d'))] as const;
    wired[0].show();
    wired[1].show();
    document.body.innerHTML = '';
    await settle();
    wired.forEach((each) => each.unwire());
    expect(document.documentElement.hasAttribute('style')).toBe(false);
  });
});
