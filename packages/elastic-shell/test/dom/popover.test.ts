// The popover where the platform has none and there is no layout: state, semantics, keys and focus.
import { wireDialog, wirePopover } from '../../src/index';

const get = (id: string): HTMLElement => document.getElementById(id)!;
const markup =
  '<button id="o" commandfor="p" command="--toggle">O</button><button id="after">A</button><div id="p"><h2 id="t">Title</h2><button id="in">In</button></div>';
const key = (name: string, more: KeyboardEventInit = {}): void =>
  void document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more }),
  );

beforeEach(() => {
  document.body.innerHTML = markup;
});

it('is hidden until it opens, names itself, and leaves no trace', () => {
  const wired = wirePopover(get('p'));
  expect(get('p').hidden).toBe(true);
  get('o').click();
  expect([get('p').hidden, get('p').dataset['phase'], get('p').dataset['area']]).toEqual([
    false,
    'open',
    'block-end',
  ]);
  expect([get('p').getAttribute('role'), get('p').getAttribute('aria-labelledby')]).toEqual(['group', 't']);
  expect(get('o').getAttribute('aria-expanded')).toBe('true');
  get('o').click();
  expect(get('p').hidden).toBe(true);
  wired.unwire();
  expect(document.body.innerHTML).toBe(markup);
});

it('Tab goes in and out beside its opener, Escape gives focus back', () => {
  const reasons: string[] = [];
  const wired = wirePopover(get('p'), { onChange: ({ reason }) => reasons.push(reason) });
  get('o').focus();
  get('o').click();
  key('Tab');
  expect(document.activeElement!.id).toBe('in');
  key('Tab', { shiftKey: true });
  expect(document.activeElement!.id).toBe('o');
  key('Tab');
  key('Tab');
  expect(document.activeElement!.id).toBe('after');
  expect(wired.open.get()).toBe(false);
  get('o').focus();
  get('o').click();
  key('Tab');
  key('Escape');
  expect(document.activeElement!.id).toBe('o');
  expect(reasons).toEqual(['command', 'focus-left', 'command', 'escape']);
  wired.unwire();
});

it.each([
  ['outside it, a modal dialog stays open when the popover closes', 'o', true],
  ['inside it, a modal dialog closes with it', 'in', false],
])('opened by code while focus is %s', (_, focused, stays) => {
  document.body.insertAdjacentHTML('beforeend', '<dialog id="d"><button>D</button></dialog>');
  const [popover, dialog] = [wirePopover(get('p')), wireDialog(get('d'))];
  get('o').click();
  get(focused).focus();
  dialog.open.set(true);
  popover.open.set(false);
  expect(dialog.open.get()).toBe(stays);
  popover.unwire();
  dialog.unwire();
});

it('closes by a click outside, not by one inside or on its opener', () => {
  const wired = wirePopover(get('p'));
  get('o').click();
  const press = (target: Element): void =>
    ['pointerdown', 'pointerup'].forEach((type) =>
      target.dispatchEvent(new MouseEvent(type, { bubbles: true })),
    );
  press(get('in'));
  press(get('o'));
  expect(wired.open.get()).toBe(true);
  press(document.body);
  expect(wired.open.get()).toBe(false);
  wired.unwire();
});

it('a second opener is outside of what the first one opened', () => {
  document.body.insertAdjacentHTML('beforeend', '<button id="second" aria-controls="p">Second</button>');
  const wired = wirePopover(get('p'));
  get('o').click();
  expect(get('second').getAttribute('aria-expanded')).toBe('true');
  for (const type of ['pointerdown', 'pointerup', 'click'])
    get('second').dispatchEvent(new MouseEvent(type, { bubbles: true, cancelable: true }));
  expect(wired.open.get()).toBe(true);
  wired.unwire();
});

it('a shared first focus: where the option says, else where it was', () => {
  const wired = wirePopover(get('p'), { firstFocus: '#in' });
  get('o').focus();
  get('o').click();
  expect(document.activeElement!.id).toBe('in');
  wired.unwire();
});

it('goes with a window that is being closed, and has no frames any more', async () => {
  wirePopover(get('p'));
  get('o').click();
  const { cancelAnimationFrame } = window;
  Reflect.deleteProperty(window, 'cancelAnimationFrame');
  const errors: string[] = [];
  window.addEventListener('error', ({ message }) => errors.push(message));
  document.body.innerHTML = '';
  await new Promise((resolve) => setTimeout(resolve));
  Object.assign(window, { cancelAnimationFrame });
  expect(errors).toEqual([]);
});
