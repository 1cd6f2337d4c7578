// The menubar where there is no layout: its tab stop, its keys, and the menus that it goes through.
import { wireMenu, wireMenubar, type Wired } from '../../src/index';

const get = (id: string): HTMLElement => document.getElementById(id)!;
const markup = `<div id="bar" role="menubar" aria-label="Yard">
<button type="button" id="boat" role="menuitem" commandfor="boat-menu" command="--toggle">Boat</button>
<button type="button" id="berth" role="menuitem" commandfor="berth-menu" command="--toggle">Berth</button>
<button type="button" id="help" role="menuitem" aria-disabled="true">Help</button>
<button type="button" id="print" role="menuitem">Print</button></div>
<div id="boat-menu" role="menu" popover="manual"><button role="menuitem" id="haul">Haul out</button>
<button role="menuitem" id="more" commandfor="more-menu" command="--toggle">More</button></div>
<div id="more-menu" role="menu" popover="manual"><button role="menuitem" id="wash">Wash</button></div>
<div id="berth-menu" role="menu" popover="manual"><button role="menuitem" id="move">Move</button>
<button role="menuitem" id="free" aria-disabled="true">Free</button></div>`;
const key = (name: string, more: KeyboardEventInit = {}): boolean =>
  document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more }),
  );
const active = (): string => document.activeElement!.id;
const open = (): string[] =>
  ['boat-menu', 'more-menu', 'berth-menu'].filter((id) => get(id).dataset['phase'] === 'open');
const point = (id: string, pointerType = 'mouse'): void =>
  void get(id).dispatchEvent(
    Object.assign(new MouseEvent('pointermove', { bubbles: true, clientX: 1 }), { pointerType }),
  );

let all: Wired[];
beforeEach(() => {
  document.body.innerHTML = markup;
  all = [wireMenubar(get('bar')), ...['boat-menu', 'more-menu', 'berth-menu'].map((id) => wireMenu(get(id)))];
});
afterEach(() => all.forEach((wired) => wired.unwire()));

it('has one tab stop and wraps; letters lead to items', () => {
  const stops = () => [...get('bar').querySelectorAll('[tabindex="0"]')].map(({ id }) => id);
  expect(stops()).toEqual(['boat']);
  get('boat').focus();
  key('ArrowLeft');
  expect([active(), stops()]).toEqual(['print', ['print']]);
  key('ArrowRight');
  expect(active()).toBe('boat');
  key('p');
  expect([active(), open()]).toEqual(['print', []]);
});

it.each([
  ['ArrowDown', 'haul'],
  ['ArrowUp', 'more'],
  ['Enter', 'haul'],
  [' ', 'haul'],
])('%s opens a menu, and Escape gives focus back', (name, first) => {
  get('boat').focus();
  expect(key(name)).toBe(false);
  expect([active(), open(), get('boat').getAttribute('aria-expanded')]).toEqual([
    first,
    ['boat-menu'],
    'true',
  ]);
  key('Escape');
  expect([active(), open()]).toEqual(['boat', []]);
});

it('goes on to the next menu from an item without a submenu, and back from a first menu', () => {
  get('boat').focus();
  key('ArrowDown');
  key('ArrowRight');
  expect([active(), open()]).toEqual(['move', ['berth-menu']]);
  key('ArrowDown');
  key('ArrowRight');
  // A disabled item of the bar is gone to; it opens nothing.
  expect([active(), open()]).toEqual(['help', []]);
  key('ArrowLeft');
  expect([active(), open()]).toEqual(['berth', []]);
  key('ArrowDown');
  key('ArrowLeft');
  expect([active(), open()]).toEqual(['haul', ['boat-menu']]);
});

it('opens and closes submenus by the same keys first', () => {
  get('boat').focus();
  key('ArrowUp');
  key('ArrowRight');
  expect([active(), open()]).toEqual(['wash', ['boat-menu', 'more-menu']]);
  key('ArrowLeft');
  expect([active(), open()]).toEqual(['more', ['boat-menu']]);
  key('ArrowRight');
  key('ArrowRight');
  expect([active(), open()]).toEqual(['move', ['berth-menu']]);
});

it('turns with the text', () => {
  get('bar').style.direction = get('boat-menu').style.direction = 'rtl';
  get('boat').focus();
  key('ArrowDown');
  key('ArrowLeft');
  expect([active(), open()]).toEqual(['move', ['berth-menu']]);
});

it('opens by the pointer only while another menu is open, and not by a finger', () => {
  get('boat').focus();
  point('berth');
  expect(open()).toEqual([]);
  key('ArrowDown');
  point('berth', 'touch');
  expect(open()).toEqual(['boat-menu']);
  point('berth');
  expect([active(), open()]).toEqual(['berth', ['berth-menu']]);
  key('ArrowLeft');
  expect([active(), open()]).toEqual(['boat', ['boat-menu']]);
});

it('presses an item without a menu, and not a disabled one', () => {
  const presses: string[] = [];
  get('bar').addEventListener('click', ({ target }) => presses.push((target as Element).id));
  get('print').focus();
  key('Enter');
  get('help').focus();
  key('Enter');
  key('ArrowDown');
  expect(presses).toEqual(['print']);
});

it('leaves no trace', () => {
  get('boat').focus();
  key('ArrowDown');
  all.forEach((wired) => wired.unwire());
  expect(document.body.innerHTML).toBe(markup);
});
