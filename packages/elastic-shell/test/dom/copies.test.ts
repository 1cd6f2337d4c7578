// Two copies of the library on one page, as when two teams bundle it apart.
import type * as library from '../../src/index';
import { get, page } from './page';

function copy(): typeof library {
  let loaded!: typeof library;
  jest.isolateModules(() => {
    loaded = jest.requireActual<typeof library>('../../src/index');
  });
  return loaded;
}

it.each([
  ['in the order in which they were opened', ['a', 'b']],
  ['the innermost first', ['b', 'a']],
])('modals of both, closed %s: the page scrolls again', (_, order) => {
  page('<dialog id="a"><h2>A</h2></dialog><dialog id="b"><h2>B</h2></dialog>');
  const [one, other] = [copy(), copy()];
  const wired = { a: one.wireDialog(get('a')), b: other.wireDialog(get('b')) };
  wired.a.show();
  wired.b.show();
  expect(document.documentElement.style.overflow).toBe('hidden');
  wired[order[0] as 'a'].close();
  expect(document.documentElement.style.overflow).toBe('hidden');
  wired[order[1] as 'a'].close();
  expect(document.documentElement.hasAttribute('style')).toBe(false);
  for (const each of Object.values(wired)) each.unwire();
});

describe('two copies', () => {
  const press = (name: string): boolean =>
    document.activeElement!.dispatchEvent(
      new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
    );

  it.each([
    ['the first', [0, 1]],
    ['the second', [1, 0]],
  ])('Escape closes the upper layer alone, whichever copy opened it: %s below', (_, [below, above]) => {
    page(
      '<dialog id="a"><h2>A</h2><button>A</button></dialog><dialog id="b"><h2>B</h2><button>B</button></dialog>',
    );
    const copies = [copy(), copy()];
    const lower = copies[below!]!.wireDialog(get('a'));
    const upper = copies[above!]!.wireDialog(get('b'));
    lower.show();
    upper.show();
    press('Escape');
    expect([lower.open.get(), upper.open.get()]).toEqual([true, false]);
    press('Escape');
    expect(lower.open.get()).toBe(false);
    for (const each of [lower, upper]) each.unwire();
  });

  it('give no id twice, and wire no root twice', () => {
    page('<dialog id="a"><h2>A</h2></dialog><dialog id="b"><h2>B</h2></dialog>');
    const [one, other] = [copy(), copy()];
    const wired = [one.wireDialog(get('a')), other.wireDialog(get('b'))];
    const ids = [...document.querySelectorAll('h2')].map(({ id }) => id);
    expect(new Set(ids).size).toBe(2);
    expect(() => other.wireDialog(get('a'))).toThrow(
      /another copy of elastic-shell on this page has wired it/,
    );
    for (const each of wired) each.unwire();
    const again = other.wireDialog(get('a'));
    again.unwire();
  });
});

it('a copy of wired markup has ids of its own', () => {
  page('<dialog id="a"><h2>A</h2></dialog>');
  const { wireDialog } = copy();
  const first = wireDialog(get('a'));
  const clone = get('a').cloneNode(true) as HTMLDialogElement;
  clone.id = 'b';
  document.body.append(clone);
  const second = wireDialog(clone);
  const ids = [...document.querySelectorAll('h2')].map(({ id }) => id);
  expect(new Set(ids).size).toBe(2);
  expect(clone.getAttribute('aria-labelledby')).toBe(ids[1]);
  for (const each of [first, second]) each.unwire();
});

describe('what others write and inherit', () => {
  it('an overflow that somebody sets while a modal is open is his, and `!important` comes back', () => {
    page('<dialog id="a"><h2>A</h2></dialog>');
    const { style } = document.documentElement;
    const { wireDialog } = copy();
    const wired = wireDialog(get('a'));
    style.setProperty('overflow', 'scroll', 'important');
    wired.show();
    wired.close();
    expect([style.overflow, style.getPropertyPriority('overflow')]).toEqual(['scroll', 'important']);
    wired.show();
    style.overflow = 'clip';
    wired.close();
    expect(style.overflow).toBe('clip');
    style.overflow = '';
    wired.unwire();
  });

  it('what every object inherits is no option', () => {
    page('<button id="o" commandfor="a">O</button><div id="a" hidden>P</div>');
    Object.defineProperty(Object.prototype, 'content', { value: '#nowhere', configurable: true });
    try {
      const { wireDisclosure } = copy();
      const wired = wireDisclosure(get('a'));
      wired.show();
      expect(get('a').textContent).toBe('P');
      wired.unwire();
    } finally {
      Reflect.deleteProperty(Object.prototype, 'content');
    }
  });

  it('a selector that is none is an error that names the option', () => {
    page('<dialog id="a"><h2>A</h2></dialog>');
    const { wireDialog } = copy();
    const wired = wireDialog(get('a'), { firstFocus: '##field' });
    expect(() => wired.show()).toThrow('option firstFocus must be a valid selector, got "##field"');
    wired.unwire();
  });
});
