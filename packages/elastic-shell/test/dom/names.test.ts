// Methods, states and commands are alike across patterns: what opens has show, close and toggle; what selects has select,
// deselect and clear; what expands has expand and collapse; and controls ask for the same by commands.
import * as shell from '../../src/index';

type AnyWired = shell.Wired & Record<string, shell.Cell<unknown> & ((key?: string) => void)>;
const get = (id: string): HTMLElement => document.getElementById(id)!;
const wire = (name: string, options: object = {}): AnyWired =>
  (shell as unknown as Record<string, (root: HTMLElement, options: object) => AnyWired>)[name]!(
    get('r'),
    options,
  );
const told = (value: unknown): unknown => (value instanceof Set ? [...value].sort().join() : value);

/** Presses a control with a command, as a browser without invoker commands hears it. */
const ask = (command: string, value?: string): void => {
  const button = document.createElement('button');
  button.setAttribute('commandfor', 'r');
  button.setAttribute('command', command);
  if (value !== undefined) button.value = value;
  document.body.append(button);
  button.click();
  button.remove();
};

beforeEach(() => {
  // jsdom has no layout; where a layer stands does not matter here.
  jest.spyOn(console, 'warn').mockImplementation(() => {});
});
afterEach(() => jest.restoreAllMocks());

describe.each([
  ['wireDialog', '<dialog id="r"></dialog>'],
  ['wireDrawer', '<dialog id="r"></dialog>'],
  ['wirePopover', '<button commandfor="r">o</button><div id="r"></div>'],
  ['wireTooltip', '<button aria-describedby="r">o</button><div id="r"></div>'],
  ['wireDisclosure', '<div id="r" hidden></div>'],
  ['wireMenu', '<button commandfor="r">o</button><div id="r" role="menu"></div>'],
  ['wireCombobox', '<div id="r"><input role="combobox"><ul role="listbox"></ul></div>'],
])('%s', (name, markup) => {
  it('opens and closes by methods and by commands, and the guard is asked', () => {
    document.body.innerHTML = markup;
    const asked: unknown[] = [];
    const wired = wire(name, {
      guard: ({ name: state, value }: shell.Change) => {
        if (state === 'open') asked.push(value);
      },
    });
    const seen: unknown[] = [];
    const look = (): void => void seen.push(wired['open']!.get());
    for (const method of ['show', 'show', 'close', 'close', 'toggle', 'toggle']) {
      wired[method]!();
      look();
    }
    expect(seen).toEqual([true, true, false, false, true, false]);
    expect(asked).toEqual([true, false, true, false]);
    seen.length = 0;
    for (const command of ['--open', '--close', '--toggle', '--toggle']) {
      ask(command);
      look();
    }
    expect(seen).toEqual([true, false, true, false]);
    wired.unwire();
  });
});

const items = ['a', 'b', 'c'].map((key) => ({ key, label: key }));
describe.each([
  ['wireListbox', '<div id="r" role="listbox"></div>'],
  ['wireTree', '<div id="r" role="tree"></div>'],
  ['wireCombobox', '<div id="r"><input role="combobox"><ul role="listbox"></ul></div>'],
])('%s', (name, markup) => {
  it.each([
    [false, ['a', 'b', 'b', undefined, undefined]],
    [true, ['a', 'a,b', 'a,b', 'a', '']],
  ])('selects by methods and by commands; multiple: %s', (multiple, states) => {
    for (const way of ['methods', 'commands']) {
      document.body.innerHTML = markup;
      const wired = wire(name, { items, multiple });
      const seen: unknown[] = [];
      for (const [method, key] of [
        ['select', 'a'],
        ['select', 'b'],
        ['deselect', 'c'],
        ['deselect', 'b'],
        ['clear', undefined],
      ] as const) {
        if (way === 'methods') wired[method]!(key);
        else ask(`--${method}`, key);
        seen.push(told(wired['selected']!.get()));
      }
      expect([way, seen]).toEqual([way, states]);
      wired.unwire();
    }
  });
});

describe.each([
  [
    'wireAccordion',
    '<div id="r"><h3><button data-key="a">A</button></h3><p hidden>a</p><h3><button data-key="b">B</button></h3><p hidden>b</p></div>',
  ],
  [
    'wireTree',
    '<ul id="r"><li data-key="a">A<ul><li>1</li></ul></li><li data-key="b">B<ul><li>2</li></ul></li></ul>',
  ],
])('%s', (name, markup) => {
  it('expands and collapses one or all, by methods and by commands', () => {
    for (const way of ['methods', 'commands']) {
      document.body.innerHTML = markup;
      const wired = wire(name);
      const seen: unknown[] = [];
      for (const [method, key] of [
        ['expand', 'a'],
        ['expand', undefined],
        ['collapse', 'a'],
        ['collapse', undefined],
      ] as const) {
        if (way === 'methods') wired[method]!(key);
        else ask(`--${method}`, key);
        seen.push(told(wired['expanded']!.get()));
      }
      ask('--toggle', 'b');
      seen.push(told(wired['expanded']!.get()));
      expect([way, seen]).toEqual([way, ['a', 'a,b', 'b', '', 'b']]);
      wired.unwire();
    }
  });
});

describe.each([
  [
    'wireTree',
    '<ul id="r"><li data-key="a">A<ul><li data-key="1">1</li></ul></li><li data-key="b">B</li></ul>',
    { checks: true },
    '1',
  ],
  [
    'wireMenu',
    '<div id="r" role="menu"><button role="menuitemcheckbox" data-key="a">A</button></div>',
    {},
    'a',
  ],
] as const)('%s', (name, markup, options, checked) => {
  it('checks by methods and by commands', () => {
    for (const way of ['methods', 'commands']) {
      document.body.innerHTML = markup;
      const wired = wire(name, options);
      const seen: unknown[] = [];
      for (const method of ['check', 'check', 'uncheck', 'uncheck']) {
        if (way === 'methods') wired[method]!('a');
        else ask(`--${method}`, 'a');
        seen.push(told(wired['checked']!.get()));
      }
      expect([way, seen]).toEqual([way, [checked, checked, '', '']]);
      wired.unwire();
    }
  });
});

it('a switch is checked, unchecked and turned over by methods and by commands', () => {
  document.body.innerHTML = '<button id="r">S</button>';
  const wired = wire('wireSwitch');
  const seen: unknown[] = [];
  for (const method of ['check', 'check', 'uncheck', 'toggle']) {
    wired[method]!();
    seen.push(wired['checked']!.get());
  }
  for (const command of ['--uncheck', '--check', '--toggle']) {
    ask(command);
    seen.push(wired['checked']!.get());
  }
  expect(seen).toEqual([true, true, false, true, false, true, false]);
  wired.unwire();
});

it('a tab is selected and closed by methods and by commands, also one that its users may not close', () => {
  document.body.innerHTML =
    '<div id="r"><div role="tablist"><button role="tab" data-key="a">A</button><button role="tab" data-key="b">B</button><button role="tab" data-key="c">C</button></div><p role="tabpanel">a</p><p role="tabpanel">b</p><p role="tabpanel">c</p></div>';
  const wired = wire('wireTabs');
  wired['select']!('b');
  expect(wired['selected']!.get()).toBe('b');
  ask('--close', 'a');
  expect([told(wired['closed']!.get()), wired['selected']!.get()]).toEqual(['a', 'b']);
  wired['close']!('b');
  expect([told(wired['closed']!.get()), wired['selected']!.get()]).toEqual(['a,b', 'c']);
  ask('--select', 'c');
  expect(wired['selected']!.get()).toBe('c');
  wired.unwire();
});

it('a slide is selected by its key, by method, command and picker', () => {
  document.body.innerHTML =
    '<section id="r" aria-label="C"><button id="p" commandfor="r" command="--select">1</button><div data-slides><p data-key="x">1</p><p data-key="y">2</p></div></section>';
  const wired = wire('wireCarousel');
  const seen = [wired['selected']!.get()];
  wired['select']!('y');
  seen.push(wired['selected']!.get());
  get('p').click();
  seen.push(wired['selected']!.get());
  ask('--select', 'y');
  seen.push(wired['selected']!.get());
  wired['select']!('nowhere');
  seen.push(wired['selected']!.get());
  expect(seen).toEqual(['x', 'y', 'x', 'y', 'y']);
  wired.unwire();
});
