// Key events as browsers send them: without a key when a form is filled in, again and again while a key is held down.
import * as shell from '../../src/index';
import { get, page } from './page';

const patterns: [name: string, markup: string, focus: string][] = [
  [
    'Tabs',
    '<div id="r"><div role="tablist" aria-label="T"><button role="tab">A</button></div><p role="tabpanel">a</p></div>',
    '[role=tab]',
  ],
  ['Accordion', '<div id="r"><h3><button>A</button></h3><div>a</div></div>', 'button'],
  ['Listbox', '<div id="r" role="listbox" aria-label="L"><p role="option">A</p></div>', '[role=option]'],
  ['Tree', '<ul id="r" role="tree" aria-label="T"><li>A</li></ul>', '[role=treeitem]'],
  [
    'Menu',
    '<button commandfor="r" command="--toggle">M</button><div id="r" role="menu" aria-label="M"><p role="menuitem">A</p></div>',
    'button',
  ],
  [
    'Combobox',
    '<div id="r"><input role="combobox" aria-label="C"><ul role="listbox"><li role="option">A</li></ul></div>',
    'input',
  ],
  ['Dialog', '<dialog id="r"><h2>T</h2><input id="f"></dialog>', '#f'],
  ['Popover', '<button commandfor="r" command="--toggle">P</button><div id="r">P</div>', 'button'],
  ['Tooltip', '<button aria-describedby="r">B</button><div id="r">T</div>', 'button'],
  ['Disclosure', '<button commandfor="r" command="--toggle">D</button><div id="r" hidden>D</div>', 'button'],
  ['Switch', '<button id="r" role="switch">S</button>', '#r'],
  [
    'Carousel',
    '<section id="r" aria-label="C"><button commandfor="r" command="--next">N</button><div data-slides><p>1</p><p>2</p></div></section>',
    'button',
  ],
];

let thrown: string[];
const keep = (event: ErrorEvent): void => {
  event.preventDefault();
  thrown.push(event.message);
};
beforeEach(() => {
  thrown = [];
  addEventListener('error', keep);
  jest.spyOn(console, 'warn').mockImplementation(() => {});
});
afterEach(() => {
  removeEventListener('error', keep);
  jest.restoreAllMocks();
});

it.each(patterns)('%s: a key event without a key is left alone', (name, markup, focus) => {
  page(markup);
  const wired = (shell as unknown as Record<string, (root: HTMLElement) => shell.Wired & { show?(): void }>)[
    `wire${name}`
  ]!(get('r'));
  wired.show?.();
  for (const type of ['keydown', 'keyup'])
    document.querySelector(focus)!.dispatchEvent(new Event(type, { bubbles: true, cancelable: true }));
  expect(thrown).toEqual([]);
  wired.unwire();
});

it('a token of a combobox leaves a key event without a key alone', () => {
  page(
    '<div id="r"><input role="combobox" aria-label="C"><ul role="listbox"><li role="option" data-key="a">A</li></ul></div>',
  );
  const wired = shell.wireCombobox(get('r'), { multiple: true, selected: ['a'] });
  document.querySelector('[data-token]')!.dispatchEvent(new Event('keydown', { bubbles: true }));
  expect(thrown).toEqual([]);
  wired.unwire();
});

it('a letter that is typed with AltGr leads to an item', () => {
  page('<div id="r" role="listbox" aria-label="L"><p role="option">One</p><p role="option">Łódź</p></div>');
  const wired = shell.wireListbox(get('r'));
  const [first, second] = document.querySelectorAll<HTMLElement>('[role=option]');
  first!.focus();
  first!.dispatchEvent(
    new KeyboardEvent('keydown', {
      key: 'ł',
      bubbles: true,
      ctrlKey: true,
      altKey: true,
      modifierAltGraph: true,
    }),
  );
  expect(document.activeElement).toBe(second);
  wired.unwire();
});

describe('a key that is held down', () => {
  /** Sends a key as a browser does: a button that Enter is pressed on is clicked, unless that was prevented. */
  const send = (key: string, repeat: boolean): void => {
    const target = document.activeElement as HTMLElement;
    const event = new KeyboardEvent('keydown', { key, repeat, bubbles: true, cancelable: true });
    if (target.dispatchEvent(event) && target.localName === 'button' && key === 'Enter') target.click();
  };
  const hold = (key: string): void => {
    send(key, false);
    for (let times = 0; times < 5; times++) send(key, true);
  };

  it('opens a menu with Enter, and picks no item', () => {
    page(
      '<button commandfor="m" command="--toggle" id="o">M</button><div id="m" role="menu" aria-label="M"><button role="menuitem">A</button></div>',
    );
    const picked: unknown[] = [];
    const wired = shell.wireMenu(get('m'), { onPick: (pick) => void picked.push(pick) });
    get('o').focus();
    hold('Enter');
    expect([wired.open.get(), document.activeElement!.textContent, picked]).toEqual([true, 'A', []]);
    send('Enter', false);
    expect([wired.open.get(), picked.length]).toEqual([false, 1]);
    wired.unwire();
  });

  it('opens a dialog with Enter, and presses no button in it', () => {
    page(
      '<button commandfor="d" command="--open" id="o">O</button><dialog id="d"><h2>T</h2><button id="in">In</button></dialog>',
    );
    const clicked = jest.fn();
    get('in').addEventListener('click', clicked);
    const wired = shell.wireDialog(get('d'));
    get('o').focus();
    hold('Enter');
    expect([wired.open.get(), document.activeElement!.id, clicked.mock.calls.length]).toEqual([
      true,
      'in',
      0,
    ]);
    hold('Enter');
    // The author's own button is pressed as often as on any page.
    expect(clicked.mock.calls.length).toBe(6);
    wired.unwire();
  });

  it.each([
    [
      'a disclosure',
      '<button commandfor="r" command="--toggle" id="o">O</button><p id="r" hidden>T</p>',
      shell.wireDisclosure,
    ],
    ['a switch', '<button role="switch" id="r">O</button>', shell.wireSwitch],
    [
      'a section',
      '<div id="r"><h3><button id="o">O</button></h3><div hidden>T</div></div>',
      shell.wireAccordion,
    ],
  ] as [string, string, (root: HTMLElement) => shell.Wired][])('turns over %s once', (_, markup, wire) => {
    page(markup);
    const heard = jest.fn();
    const wired = wire(get('r'));
    const button = document.querySelector('button')!;
    button.addEventListener('click', heard);
    button.focus();
    hold('Enter');
    expect(heard.mock.calls.length).toBe(1);
    wired.unwire();
  });

  it('goes on moving through a list', () => {
    page(`<div id="l" role="listbox" aria-label="L">${'<p role="option">A</p>'.repeat(8)}</div>`);
    const wired = shell.wireListbox(get('l'));
    document.querySelector<HTMLElement>('[role=option]')!.focus();
    hold('ArrowDown');
    expect([...document.querySelectorAll('[role=option]')].indexOf(document.activeElement!)).toBe(6);
    wired.unwire();
  });
});

it('Space that is held down in a combobox types spaces', () => {
  page(
    '<div id="r"><input id="f" role="combobox" aria-label="C"><ul role="listbox"><li role="option">A</li></ul></div>',
  );
  const wired = shell.wireCombobox(get('r'));
  get('f').focus();
  const press = (key: string, repeat: boolean): boolean =>
    get('f').dispatchEvent(new KeyboardEvent('keydown', { key, repeat, bubbles: true, cancelable: true }));
  expect([press(' ', false), press(' ', true)]).toEqual([true, true]);
  expect(press('Enter', true)).toBe(false);
  wired.unwire();
});
