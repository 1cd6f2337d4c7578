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
