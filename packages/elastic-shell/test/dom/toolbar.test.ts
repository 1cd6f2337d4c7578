// The toolbar where there is no layout: its tab stop, its keys, what fields keep, and disabled items.
import { wireToolbar, type Toolbar } from '../../src/index';
import '../../src/elements/index';

const get = (id: string): HTMLElement => document.getElementById(id)!;
const markup = `<button id="before">Before</button>
<div id="t" role="toolbar" aria-label="Chart">
<button id="in">Zoom in</button><button id="out" aria-disabled="true">Zoom out</button><hr>
<input id="depth" value="12" aria-label="Depth"><select id="unit" aria-label="Unit"><option>m</option><option>ft</option></select>
<button id="off" disabled="">Print</button>
<div popover="" id="p"><button id="deep">Deep</button></div>
<a id="link" href="#help">Help</a></div>`;
const key = (name: string, more: KeyboardEventInit = {}): boolean =>
  document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more }),
  );
const active = (): string => document.activeElement!.id;
const stops = (): string[] =>
  [...get('t').querySelectorAll<HTMLElement>('[tabindex="0"]')].map(({ id }) => id);

let wired: Toolbar;
beforeEach(() => {
  document.body.innerHTML = markup;
});
afterEach(() => {
  wired.unwire();
  expect(document.body.innerHTML).toBe(markup);
});

it('has one tab stop, which remembers the item that had focus last', () => {
  const heard: unknown[] = [];
  wired = wireToolbar(get('t'), { onChange: ({ name, value, reason }) => heard.push([name, value, reason]) });
  expect(stops()).toEqual(['in']);
  get('in').focus();
  key('ArrowRight');
  expect([active(), stops()]).toEqual(['out', ['out']]);
  get('before').focus();
  expect([stops(), wired.current.get()]).toEqual([['out'], 'out']);
  expect(heard.at(-1)).toEqual(['current', 'out', 'key']);
});

it('moves by arrows, Home and End, and does not wrap unless it is told to', () => {
  wired = wireToolbar(get('t'));
  get('in').focus();
  key('ArrowLeft');
  expect(active()).toBe('in');
  key('End');
  expect(active()).toBe('link');
  key('ArrowRight');
  expect(active()).toBe('link');
  key('Home');
  expect(active()).toBe('in');
  wired.update({ wrap: true });
  key('ArrowLeft');
  expect(active()).toBe('link');
});

it('passes over what cannot have focus, and over aria-disabled items if it is told to', () => {
  wired = wireToolbar(get('t'));
  get('unit').focus();
  key('ArrowRight');
  expect(active()).toBe('link');
  wired.update({ skipDisabled: true });
  get('in').focus();
  key('ArrowRight');
  expect(active()).toBe('depth');
});

it('does not press an item with aria-disabled', () => {
  let presses = 0;
  wired = wireToolbar(get('t'));
  get('out').addEventListener('click', () => presses++);
  get('in').addEventListener('click', () => presses++);
  get('out').click();
  get('in').click();
  expect(presses).toBe(1);
});

it('leaves a text field its arrows until the caret is at the end, and Home, End and a held Space always', () => {
  wired = wireToolbar(get('t'));
  const field = get('depth') as HTMLInputElement;
  field.focus();
  field.setSelectionRange(1, 1);
  expect(key('ArrowRight')).toBe(true);
  expect(key('Home')).toBe(true);
  expect(key(' ', { repeat: true })).toBe(true);
  expect(active()).toBe('depth');
  field.setSelectionRange(2, 2);
  expect(key('ArrowRight')).toBe(false);
  expect(active()).toBe('unit');
  expect(key('ArrowDown')).toBe(true);
  field.focus();
  field.setSelectionRange(0, 0);
  key('ArrowLeft');
  expect(active()).toBe('out');
});

it('goes up and down if it is vertical, and turns with the text', () => {
  wired = wireToolbar(get('t'), { orientation: 'vertical' });
  expect(get('t').getAttribute('aria-orientation')).toBe('vertical');
  get('in').focus();
  expect(key('ArrowRight')).toBe(true);
  key('ArrowDown');
  expect(active()).toBe('out');
  wired.update({ orientation: 'horizontal' });
  get('t').style.direction = 'rtl';
  key('ArrowRight');
  expect(active()).toBe('in');
  get('t').removeAttribute('style');
});

it('gives the tab stop to the neighbour of an item that is removed', () => {
  wired = wireToolbar(get('t'));
  const out = get('out');
  out.focus();
  const next = out.nextSibling;
  out.remove();
  return Promise.resolve().then(() => {
    expect([active(), stops()]).toEqual(['depth', ['depth']]);
    get('t').insertBefore(out, next);
  });
});
