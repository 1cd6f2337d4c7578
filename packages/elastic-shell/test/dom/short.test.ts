// Short callbacks: one for the change of one state, with what people want to know of it.
import {
  wireAccordion,
  wireDialog,
  wireDisclosure,
  wireListbox,
  wireMenu,
  wireSwitch,
  wireTabs,
} from '../../src/index';
import { get, page, settle } from './page';

const heard: unknown[] = [];
const hear =
  (name: string) =>
  (...told: unknown[]): void =>
    void heard.push([name, ...told.map((each) => (each instanceof Set ? [...each] : each))]);
beforeEach(() => void (heard.length = 0));

it('what opens: opened, and closed with its result', () => {
  page('<dialog id="r"><h2>T</h2></dialog>');
  const wired = wireDialog(get('r'), { onOpened: hear('opened'), onClosed: hear('closed') });
  wired.show();
  wired.close('kept');
  wired.show();
  wired.close();
  expect(heard).toEqual([
    ['opened', undefined],
    ['closed', 'kept'],
    ['opened', undefined],
    ['closed', null],
  ]);
  wired.unwire();
});

it('what is not allowed is not told', () => {
  page('<button commandfor="r" id="b">O</button><div id="r" hidden></div>');
  const wired = wireDisclosure(get('r'), { guard: () => false, onOpened: hear('opened') });
  wired.show();
  expect(heard).toEqual([]);
  wired.unwire();
});

it('tabs: selected, and closed with the key of each', () => {
  page(
    '<div id="r"><div role="tablist" aria-label="T"><button role="tab" data-key="a" data-closable>a</button><button role="tab" data-key="b" data-closable>b</button></div><div role="tabpanel">A</div><div role="tabpanel">B</div></div>',
  );
  const wired = wireTabs(get('r'), { onSelected: hear('selected'), onClosed: hear('closed') });
  wired.select('b');
  wired.close('b');
  expect(heard).toEqual([
    ['selected', 'b'],
    ['selected', 'a'],
    ['closed', 'b'],
  ]);
  wired.unwire();
});

it('what is selected, expanded and checked', () => {
  page(`<div id="l" role="listbox" aria-label="L"><p role="option" data-key="k">K</p></div>
    <div id="a"><h3><button data-key="s">S</button></h3><div hidden>P</div></div>
    <button id="s">S</button>
    <button commandfor="m">M</button><div id="m" role="menu" aria-label="M"><p role="menuitemcheckbox" data-key="c">C</p></div>`);
  wireListbox(get('l'), { onSelected: hear('selected') }).select('k');
  wireAccordion(get('a'), { elastic: 'none', onExpanded: hear('expanded') }).expand('s');
  wireSwitch(get('s'), { onChecked: hear('checked') }).check();
  wireMenu(get('m'), { onChecked: hear('items') }).check('c');
  expect(heard).toEqual([
    ['selected', 'k'],
    ['expanded', ['s']],
    ['checked', true],
    ['items', ['c']],
  ]);
});

it('an element tells them as events', async () => {
  await import('elastic-shell/elements');
  page('<shell-switch><button id="b">S</button></shell-switch>');
  document.addEventListener('shell-checked', (event) => heard.push((event as CustomEvent).detail), {
    once: true,
  });
  await settle();
  get('b').click();
  expect(heard).toEqual([true]);
});
