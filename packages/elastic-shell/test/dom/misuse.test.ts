// Misuse in plain JavaScript is caught as in TypeScript: at once, with what was found, where, and the nearest right word.
import * as shell from '../../src/index';
import { definePattern } from '../../src/engine';

const roots: Record<string, string> = {
  accordion: '<div id="r"><h3><button>A</button></h3><p>a</p></div>',
  carousel: '<section id="r" aria-label="C"><div data-slides=""><p>1</p></div></section>',
  combobox: '<div id="r"><input role="combobox"><ul role="listbox" popover="manual"></ul></div>',
  dialog: '<dialog id="r"></dialog>',
  disclosure: '<div id="r" hidden=""></div>',
  drawer: '<dialog id="r"></dialog>',
  listbox: '<div id="r" role="listbox"></div>',
  menu: '<div id="r" role="menu"></div>',
  popover: '<div id="r" popover="manual"></div>',
  switch: '<button id="r"></button>',
  tabs: '<div id="r"><div role="tablist"></div></div>',
  tooltip: '<div id="r"></div>',
  tree: '<ul id="r"></ul>',
};
type AnyWire = (root: HTMLElement, options?: object) => shell.Wired;
const wireOf = (name: string): AnyWire =>
  (shell as unknown as Record<string, AnyWire>)[`wire${name[0]!.toUpperCase()}${name.slice(1)}`]!;
const get = (id = 'r'): HTMLElement => document.getElementById(id)!;

describe.each(Object.entries(roots))('%s', (name, markup) => {
  beforeEach(() => {
    document.body.innerHTML = markup;
  });
  afterEach(() => expect(document.body.innerHTML).toBe(markup));

  it('refuses an option that it does not have, and says what was meant and where', () => {
    expect(() => wireOf(name)(get(), { gaurd: () => true })).toThrow(
      new RegExp(`^elastic-shell: ${name} has no option "gaurd"; did you mean "guard"\\? \\(on <\\w+ id="r"`),
    );
    expect(() => wireOf(name)(get(), { constructor: 1 })).toThrow(TypeError);
  });

  it('refuses an option that it does not have also in the markup', () => {
    get().setAttribute('data-wire', name);
    get().setAttribute('data-wire-gaurd', 'x');
    expect(() => shell.wireWithin(document)).toThrow(
      new RegExp(`^elastic-shell: ${name} has no option "gaurd"; did you mean "guard"\\?`),
    );
    get().removeAttribute('data-wire-gaurd');
    get().setAttribute('data-wire-guard', 'x');
    expect(() => shell.wireWithin(document)).toThrow(
      `elastic-shell: ${name} option guard must be a function, got x`,
    );
    get().removeAttribute('data-wire-guard');
    get().removeAttribute('data-wire');
  });

  it('refuses a value of another kind', () => {
    for (const value of ['yes', 1, {}, null])
      expect(() => wireOf(name)(get(), { guard: value })).toThrow(
        new RegExp(`^elastic-shell: ${name} option guard must be a function, got .{1,80} \\(on <`),
      );
  });

  it('takes what is undefined for left out, and is wired once', () => {
    const wired = wireOf(name)(get(), { guard: undefined, onChange: undefined });
    expect(() => wireOf(name)(get())).toThrow(/needs an element that is not wired yet, got <\w+ id="r"/);
    wired.unwire();
  });

  it('refuses what is no element', () => {
    for (const root of [null, undefined, 'r', 7, document])
      expect(() => wireOf(name)(root as never)).toThrow(/^elastic-shell: /);
  });
});

describe('values', () => {
  const attempt = (name: string, options: object) => () => {
    document.body.innerHTML = roots[name]!;
    return wireOf(name)(get(), options);
  };

  it.each([
    ['popover', { gap: '8' }, 'popover option gap must be a number, got 8'],
    ['popover', { gap: NaN }, 'popover option gap must be a number, got NaN'],
    ['accordion', { exclusive: 'yes' }, 'accordion option exclusive must be true or false, got yes'],
    ['tabs', { selected: 3 }, 'tabs option selected must be a key or a cell, got 3'],
    [
      'listbox',
      { items: 'a b' },
      'listbox option items must be a list, a cell of one, or a function, got a b',
    ],
    ['listbox', { items: [{}] }, 'item 0 of <div id="r" role="listbox"> needs a text as its key, got {}'],
    ['listbox', { items: [{ key: 7 }] }, 'needs a text as its key, got {"key":7}'],
    ['combobox', { items: [null] }, 'needs a text as its key, got null'],
    [
      'tree',
      { items: [{ key: 'a', label: 'A', children: [{ label: 'B' }] }] },
      'under "a" needs a text as its key',
    ],
    ['tree', { selection: 'multiple' }, 'tree has no option "selection"; did you mean "selected"?'],
    ['dialog', { size: 'huge'.repeat(60) }, 'dialog option size must be narrow or medium or wide or full'],
  ])('%s %j: %s', (name, options, message) => {
    expect(attempt(name, options)).toThrow(TypeError);
    expect(attempt(name, options)).toThrow(message);
  });
});

describe('setDefaults', () => {
  it('refuses a pattern and an option that are not known, and says what was meant', () => {
    expect(() => shell.setDefaults('dialgo' as 'dialog', {})).toThrow(
      'elastic-shell: setDefaults got the unknown pattern "dialgo"; did you mean "dialog"?',
    );
    expect(() => shell.setDefaults('dialog', { outsid: 'keep' } as never)).toThrow(
      'elastic-shell: dialog has no option "outsid"; did you mean "outside"?',
    );
    expect(() => shell.setDefaults('dialog', { outside: 'shut' as 'keep' })).toThrow(
      'elastic-shell: dialog option outside must be close or absorb or keep, got shut',
    );
  });

  it('knows a pattern of your own once it is defined', () => {
    definePattern({
      name: 'own',
      options: { size: 'a number' },
      commands: {},
      read: () => ({}),
      step: (state) => state,
      semantics: {},
    });
    expect(() => shell.setDefaults('own' as 'dialog', { size: 'wide' } as never)).toThrow(
      'elastic-shell: own option size must be a number, got wide',
    );
  });

  it('counts for every instance until it is taken back, and an instance’s own options win', () => {
    document.body.innerHTML = roots['listbox']!;
    const items = [{ key: 'a' }];
    const undo = shell.setDefaults('listbox', { items });
    const first = shell.wireListbox(get());
    expect(get().textContent).toBe('a');
    first.unwire();
    const second = shell.wireListbox(get(), { items: [{ key: 'b' }] });
    expect(get().textContent).toBe('b');
    second.unwire();
    undo();
    shell.wireListbox(get()).unwire();
    expect(get().textContent).toBe('');
  });
});
