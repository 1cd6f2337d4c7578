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
