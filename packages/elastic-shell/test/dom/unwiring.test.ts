// Unwiring gives everything back: what the author wrote meanwhile, the controls that were known, and what was still being loaded.
import { wireDisclosure, wireDrawer, wireTabs } from '../../src/index';
import { indexSize } from '../../src/engine/invoker-index';
import { settled } from '../../src/testing/index';
import { get, page } from './page';

beforeEach(() => {
  jest.spyOn(console, 'warn').mockImplementation(() => {});
});
afterEach(() => jest.restoreAllMocks());

const tabs =
  '<div id="t"><div role="tablist" aria-label="T"><button role="tab" id="a">A</button><button role="tab" id="b">B</button></div><p role="tabpanel">a</p><p role="tabpanel">b</p></div>';

it('keeps the value that the author wrote over ours, although ours changed right afterwards', () => {
  page(tabs);
  const wired = wireTabs(get('t'));
  expect(get('b').getAttribute('tabindex')).toBe('-1');
  get('b').setAttribute('tabindex', '3');
  wired.select('b');
  expect(get('b').getAttribute('tabindex')).toBe('0');
  wired.unwire();
  expect([get('a').getAttribute('tabindex'), get('b').getAttribute('tabindex')]).toEqual([null, '3']);
});

it('forgets the controls of a tree when the last thing in it is unwired', () => {
  page(
    '<button commandfor="stays" command="--toggle">S</button><p id="stays" hidden>S</p><div id="host"></div>',
  );
  const stays = wireDisclosure(get('stays'));
  const shadow = get('host').attachShadow({ mode: 'open' });
  shadow.innerHTML =
    '<button commandfor="gone" command="--toggle">G</button><p id="gone" hidden>G</p><button commandfor="other">O</button>';
  const before = indexSize();
  wireDisclosure(shadow.getElementById('gone')!).unwire();
  expect(indexSize()).toEqual(before);
  stays.unwire();
});

it('a drawer that was unwired before its swipes were loaded follows no finger', async () => {
  const markup = '<button commandfor="d" command="--open">O</button><dialog id="d"><h2>T</h2></dialog>';
  page(markup);
  wireDrawer(get('d')).unwire();
  await settled();
  // Not every jsdom has a class for pointer events.
  const drag = (type: string, clientX: number): boolean =>
    get('d').dispatchEvent(
      Object.assign(new MouseEvent(type, { clientX, bubbles: true }), { pointerType: 'touch', pointerId: 1 }),
    );
  const failed = jest.fn((event: ErrorEvent) => event.preventDefault());
  addEventListener('error', failed);
  drag('pointerdown', 200);
  drag('pointermove', 100);
  removeEventListener('error', failed);
  expect([failed.mock.calls.length, document.body.innerHTML]).toEqual([0, markup]);
});
