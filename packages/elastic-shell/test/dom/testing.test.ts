// Help for users' own tests: the platform set up and released, waiting, walking, and rows of contracts, in jsdom.
import * as shell from '../../src/index';
import { expectContract, settled, setUpPlatform, walk } from '../../src/testing/index';
import { settle } from './page';

const put = (markup: string): void => {
  document.body.innerHTML = markup;
};
const at = (id: string): HTMLElement => document.getElementById(id)!;

const markup = {
  tabs: '<div id="w"><div role="tablist" aria-label="Pages"><button role="tab">Hull</button><button role="tab">Rig</button><button role="tab">Engine</button></div><div role="tabpanel">H</div><div role="tabpanel">R</div><div role="tabpanel">E</div></div>',
  dialog:
    '<button commandfor="w" command="show-modal">Open</button><dialog id="w"><h2>Strike</h2><button commandfor="w" command="close">Keep</button><button>Strike</button></dialog>',
  drawer:
    '<button commandfor="w" command="--open">Open</button><dialog id="w"><h2>Strike</h2><button commandfor="w" command="--close">Keep</button></dialog>',
  popover:
    '<button commandfor="w" command="--toggle">Tide</button><div id="w" role="group"><button>Next</button></div>',
  disclosure: '<button commandfor="w" command="--toggle">More</button><div id="w" hidden>Text</div>',
  accordion:
    '<div id="w"><h3><button>Hull</button></h3><div>H</div><h3><button>Rig</button></h3><div>R</div></div>',
  switch: '<button id="w" role="switch">Lights</button>',
  menu: '<button commandfor="w" command="--toggle">Order</button><div id="w" role="menu" aria-label="Order"><button role="menuitem">Edit</button><button role="menuitem">Move</button><button role="menuitem">Strike</button></div>',
  listbox:
    '<ul id="w" role="listbox" aria-label="Boats"><li role="option">Avocet</li><li role="option">Bittern</li><li role="option">Curlew</li></ul>',
  tree: '<ul id="w" role="tree" aria-label="Parts"><li role="treeitem">Hull<ul role="group"><li role="treeitem">Keel</li><li role="treeitem">Stem</li></ul></li><li role="treeitem">Rig</li><li role="treeitem">Sails</li></ul>',
  combobox:
    '<div id="w"><label for="f">Boat</label><input id="f" role="combobox"><div popover><ul role="listbox" aria-label="Boats"><li role="option">Avocet</li><li role="option">Bittern</li><li role="option">Curlew</li></ul></div></div>',
  tooltip: '<button aria-describedby="w">Save</button><div id="w" role="tooltip">Saves the order</div>',
} as const;

const wires: Record<keyof typeof markup, (root: HTMLElement) => shell.Wired> = {
  tabs: shell.wireTabs,
  dialog: shell.wireDialog,
  drawer: shell.wireDrawer,
  popover: shell.wirePopover,
  disclosure: shell.wireDisclosure,
  accordion: shell.wireAccordion,
  switch: shell.wireSwitch,
  menu: shell.wireMenu,
  listbox: shell.wireListbox,
  tree: shell.wireTree,
  combobox: shell.wireCombobox,
  tooltip: shell.wireTooltip,
};
type Name = keyof typeof markup;
const names = Object.keys(markup) as Name[];

/** Is aborted when a test ends, also when it has timed out: what is still running presses no key in the next test. */
let over: AbortController;
beforeEach(() => (over = new AbortController()));
afterEach(() => over.abort());

describe.each(['as jsdom is', 'with the platform set up'])('rows of contracts, %s', (setting) => {
  let release = (): void => undefined;
  beforeEach(() => {
    if (setting !== 'as jsdom is') release = setUpPlatform();
  });
  afterEach(() => {
    document.body.innerHTML = '';
    release();
    release = () => undefined;
  });

  it.each(names)('hold for %s that are wired', async (name) => {
    put(markup[name]);
    const wired = wires[name](at('w'));
    if (name === 'popover' && setting === 'as jsdom is') {
      await expect(expectContract(at('w'), name)).rejects.toThrow('call setUpPlatform() first');
      return wired.unwire();
    }
    const results = await expectContract(at('w'), name, { signal: over.signal });
    expect(results.filter(({ outcome }) => outcome === 'passed').length).toBeGreaterThan(1);
    wired.unwire();
  });

  it('that do not hold are all named, with what happened instead', async () => {
    put(
      markup.tabs
        .replace('>Hull', ' aria-selected="true" tabindex="0" id="first">Hull')
        .replace(/<button role="tab">/g, '<button role="tab" tabindex="-1" aria-selected="false">'),
    );
    const failed = await expectContract(at('w'), 'tabs', { signal: over.signal }).catch(
      (error: Error) => error.message,
    );
    expect(failed).toMatch(/^elastic-shell: \d of 7 checks of tabs “Pages” fail:\n/);
    expect(failed).toMatch(/ {2}ArrowRight: focus moves to the next tab; got: “Hull” is current, 1 of 3/);
    expect(failed).toMatch(/ {2}End: focus moves to the last tab; got: /);
  });

  it('are refused for what is not there', async () => {
    put('<p id="w">Text</p>');
    await expect(expectContract(at('w'), 'tabs')).rejects.toThrow(
      'elastic-shell: found no visible tabs at <p id="w">; the page has nothing',
    );
    await expect(expectContract(at('w'), 'tabz' as 'tabs')).rejects.toThrow(
      'the pattern "tabz" has no checks',
    );
  });
});

describe('a walk', () => {
  afterEach(() => {
    document.body.innerHTML = '';
  });

  it('says what is heard after each key', async () => {
    put(markup.tabs);
    const wired = shell.wireTabs(at('w'));
    expect(await walk(at('w'), { signal: over.signal })).toBe(
      [
        'Tab         tab list, Pages; tab, Hull, selected, 1 of 3',
        'ArrowRight  tab, Rig, selected, 2 of 3',
        'ArrowRight  tab, Engine, selected, 3 of 3',
        'Home        tab, Hull, selected, 1 of 3',
        'End         tab, Engine, selected, 3 of 3',
        'Tab         tab panel, Engine',
      ].join('\n'),
    );
    wired.unwire();
  });

  it('says what dialogs and menus say, and takes other keys', async () => {
    const release = setUpPlatform();
    put(markup.dialog);
    const dialog = shell.wireDialog(at('w'));
    expect(await walk(at('w'), { keys: ['Tab', 'Enter', 'Tab', 'Escape'], signal: over.signal })).toBe(
      [
        'Tab     button, Open, collapsed',
        'Enter   dialog, Strike; button, Keep',
        'Tab     button, Strike',
        'Escape  button, Open, collapsed',
      ].join('\n'),
    );
    dialog.unwire();
    put(markup.combobox);
    const combobox = shell.wireCombobox(at('w'));
    expect(await walk(at('w'), { keys: ['Tab', 'ArrowDown', 'ArrowDown'], signal: over.signal })).toBe(
      [
        'Tab        combo box, Boat, collapsed',
        'ArrowDown  combo box, Boat, expanded; option, Avocet, 1 of 3',
        'ArrowDown  combo box, Boat, expanded; option, Bittern, 2 of 3',
      ].join('\n'),
    );
    combobox.unwire();
    release();
  });
});

describe('a signal that is aborted', () => {
  const pressed: string[] = [];
  const hear = ({ key }: KeyboardEvent): void => void pressed.push(key);
  beforeEach(() => {
    pressed.length = 0;
    document.addEventListener('keydown', hear, true);
    put(markup.tabs);
  });
  afterEach(() => {
    document.removeEventListener('keydown', hear, true);
    document.body.innerHTML = '';
  });

  it.each([
    ['expectContract', (signal: AbortSignal) => expectContract(at('w'), 'tabs', { signal })],
    ['walk', (signal: AbortSignal) => walk(at('w'), { signal })],
  ])('stops %s, which presses no further key and rejects with the reason', async (_, run) => {
    const wired = shell.wireTabs(at('w'));
    const stop = new AbortController();
    at('w').addEventListener('keydown', ({ key }) => key === 'ArrowRight' && stop.abort(new Error('Over.')));
    const before = document.body.childElementCount;
    await expect(run(stop.signal)).rejects.toThrow('Over.');
    expect(pressed.at(-1)).toBe('ArrowRight');
    expect(document.body.childElementCount).toBe(before);
    pressed.length = 0;
    await expect(run(stop.signal)).rejects.toThrow('Over.');
    expect(pressed).toEqual([]);
    wired.unwire();
  });
});

describe('settled', () => {
  afterEach(() => {
    document.body.innerHTML = '';
  });

  it('waits for a guard, for an owner, and for content', async () => {
    put(markup.disclosure);
    let let_ = (_: boolean): void => undefined;
    const wired = shell.wireDisclosure(at('w'), {
      guard: () => new Promise((resolve) => (let_ = resolve)),
      content: () => Promise.resolve('Came later'),
    });
    wired.open.set(true);
    let isSettled = false;
    const waiting = settled(wired).then(() => (isSettled = true));
    for (let turn = 0; turn < 5; turn++) await settle();
    expect(isSettled).toBe(false);
    let_(true);
    await waiting;
    expect(at('w').textContent).toBe('TextCame later');
    wired.unwire();
  });

  it('rejects with what is still under way', async () => {
    put(markup.disclosure);
    const wired = shell.wireDisclosure(at('w'), { guard: () => new Promise(() => undefined) });
    wired.open.set(true);
    await expect(settled(at('w'), { timeout: 30 })).rejects.toThrow(
      'settled waited 30 ms, but <div id="w">: its guard is pending',
    );
    wired.unwire();
  });

  it('is not held up by the timers of a test', async () => {
    jest.useFakeTimers();
    put(markup.disclosure);
    const wired = shell.wireDisclosure(at('w'));
    wired.open.set(true);
    await settled();
    expect(at('w').hidden).toBe(false);
    wired.unwire();
    jest.useRealTimers();
  });
});

describe('the platform that is set up', () => {
  it('shows and hides as the platform does, and is taken away whole', () => {
    const before = Object.getOwnPropertyNames(HTMLElement.prototype).join();
    const release = setUpPlatform();
    const second = setUpPlatform();
    put(
      '<main><button id="b">Behind</button></main><dialog id="d"><button>In</button></dialog><div popover id="p">P</div>',
    );
    const dialog = at('d') as HTMLDialogElement;
    expect(getComputedStyle(at('p')).display).toBe('none');
    at('p').showPopover();
    expect([getComputedStyle(at('p')).display, at('p').matches(':popover-open')]).toEqual(['block', true]);
    dialog.showModal();
    expect([
      dialog.open,
      document.querySelector('dialog:modal'),
      document.activeElement?.textContent,
    ]).toEqual([true, dialog, 'In']);
    at('b').focus();
    expect(document.activeElement?.textContent).toBe('In');
    expect(() => dialog.show()).toThrow('The dialog is already open in another way.');
    dialog.close('done');
    expect([
      dialog.returnValue,
      dialog.matches(':modal'),
      document.querySelectorAll(':modal').length,
    ]).toEqual(['done', false, 0]);
    at('b').hidden = 'until-found' as never;
    expect([at('b').getAttribute('hidden'), at('b').hidden]).toEqual(['until-found', 'until-found']);
    at('b').hidden = false;
    at('b').closest('main')!.setAttribute('inert', '');
    (document.activeElement as HTMLElement).blur();
    at('b').focus();
    expect(document.activeElement).toBe(document.body);
    at('p').hidePopover();
    release();
    second();
    release();
    expect(Object.getOwnPropertyNames(HTMLElement.prototype).join()).toBe(before);
    expect('showPopover' in HTMLElement.prototype).toBe(false);
  });
});

describe('a dialog that a state opens', () => {
  const put2 = (): HTMLElement => {
    put('<button id="b">Strike…</button><dialog id="w"><h2>Strike</h2><button>Keep</button></dialog>');
    const wired = shell.wireDialog(at('w'));
    at('b').addEventListener('click', () => wired.show());
    at('w')
      .querySelector('button')
      ?.addEventListener('click', () => wired.close());
    return at('w');
  };

  it('is walked once its opener is named, as an element or as what finds it', async () => {
    const release = setUpPlatform();
    const root = put2();
    const { signal } = over;
    for (const opener of [at('b'), () => document.querySelector('#b')]) {
      const rows = await expectContract(root, 'dialog', { opener, signal, skip: ['state'] });
      expect(rows.filter(({ outcome }) => outcome === 'passed').map(({ key }) => key)).toEqual(
        expect.arrayContaining(['Enter', 'Space', 'click', 'Escape']),
      );
    }
    release();
  });

  it('says that an opener has to be named where none is known', async () => {
    const release = setUpPlatform();
    await expect(expectContract(put2(), 'dialog')).rejects.toThrow(
      "found no control that opens the dialog “Strike”, so none of its checks can run; name it: expectContract(root, 'dialog', { opener: button })",
    );
    release();
  });
});

it('tells React that nobody uses act while keys are pressed and something is waited for, and sets it back', async () => {
  const scope = globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean };
  scope.IS_REACT_ACT_ENVIRONMENT = true;
  try {
    put(markup.switch);
    const seen: unknown[] = [];
    shell.wireSwitch(at('w'), { onChange: () => seen.push(scope.IS_REACT_ACT_ENVIRONMENT) });
    await expectContract(at('w'), 'switch', { signal: over.signal });
    expect([seen.length > 0, new Set(seen), scope.IS_REACT_ACT_ENVIRONMENT]).toEqual([
      true,
      new Set([false]),
      true,
    ]);
    const waiting = settled();
    expect(scope.IS_REACT_ACT_ENVIRONMENT).toBe(false);
    await waiting;
    expect(scope.IS_REACT_ACT_ENVIRONMENT).toBe(true);
  } finally {
    delete scope.IS_REACT_ACT_ENVIRONMENT;
  }
});

it('answers where working out a style asks for the same style, as rules for open popovers do in jsdom 27', () => {
  const own = window.getComputedStyle;
  let depth = 0;
  window.getComputedStyle = (element, pseudo) => {
    if (++depth > 100) throw new Error('it asks itself for ever');
    const { display } = window.getComputedStyle(element);
    return Object.assign(own.call(window, element, pseudo), { asked: display });
  };
  const release = setUpPlatform();
  try {
    put('<div popover>Tide</div>');
    expect(getComputedStyle(document.querySelector('div')!).display).toBe('none');
  } finally {
    release();
    window.getComputedStyle = own;
  }
});
