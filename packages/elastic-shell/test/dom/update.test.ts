// Options that change while something is wired, open or not, as they do whenever a component renders again.
import {
  type Change,
  wireAccordion,
  wireCarousel,
  wireCombobox,
  wireDialog,
  wireDisclosure,
  wireDrawer,
  wireListbox,
  wireMenu,
  wirePopover,
  wireSwitch,
  wireTabs,
  wireTooltip,
  wireTree,
  type Wired,
} from '../../src/index';
import { get, key, page, settle } from './page';

const layer =
  '<button id="o" commandfor="r" command="--open">O</button><dialog id="r"><h2>T</h2><input id="i" aria-label="I"></dialog>';

it('a guard and a listener: the latest one is asked, and nothing is lost', () => {
  page(layer);
  const heard: string[] = [];
  const wired = wireDialog(get('r'), { guard: () => false });
  get('o').click();
  expect(wired.open.get()).toBe(false);
  wired.update({ guard: () => true, onChange: ({ value }: Change) => heard.push(`first ${value}`) });
  get('o').click();
  get<HTMLInputElement>('i').value = 'typed';
  wired.update({ onChange: ({ value }: Change) => heard.push(`second ${value}`), guard: undefined });
  expect([wired.open.get(), document.activeElement!.id, get<HTMLInputElement>('i').value]).toEqual([
    true,
    'i',
    'typed',
  ]);
  wired.close();
  expect(heard).toEqual(['first true', 'second false']);
  wired.unwire();
});

it('what dismisses an open dialog, its size, and where focus goes back to', () => {
  page(`${layer}<button id="other">X</button>`);
  const wired = wireDialog(get('r'), { size: 'narrow' });
  get('o').click();
  wired.update({ size: 'wide', escape: 'keep', focusReturn: '#other' });
  expect([get('r').dataset['size'], get('r').getAttribute('closedby')]).toEqual(['wide', 'none']);
  key('Escape');
  expect(wired.open.get()).toBe(true);
  wired.update({ escape: 'close' });
  key('Escape');
  expect([wired.open.get(), document.activeElement!.id]).toEqual([false, 'other']);
  wired.unwire();
});

it('a state given as a value becomes that, and a guard is not asked', () => {
  page(layer);
  const heard: string[] = [];
  const wired = wireDialog(get('r'), {
    guard: () => false,
    onChange: ({ value, reason }) => heard.push(`${value} ${reason}`),
  });
  wired.update({ open: true });
  wired.update({ open: true });
  expect([wired.open.get(), heard]).toEqual([true, ['true owner']]);
  wired.unwire();
});

it('an unknown name or a wrong value is an error, and nothing changes', () => {
  page(layer);
  const wired = wireDialog(get('r'), { size: 'narrow' });
  expect(() => wired.update({ size: 'wide', outsid: 'keep' } as never)).toThrow(
    /has no option "outsid"; did you mean "outside"/,
  );
  expect(() => wired.update({ size: 7 } as never)).toThrow(TypeError);
  expect(get('r').dataset['size']).toBe('narrow');
  wired.unwire();
});

it('what a drawer is made with waits until it is closed', () => {
  page(layer);
  const wired = wireDrawer(get('r'), { edge: 'inline-start' });
  get('o').click();
  wired.update({ edge: 'block-end', modal: false });
  expect([wired.open.get(), get('r').getAttribute('open')]).toEqual([true, '']);
  wired.close();
  get('o').click();
  expect([get('r').dataset['edge'], get('r').getAttribute('aria-modal'), wired.open.get()]).toEqual([
    'block-end',
    null,
    true,
  ]);
  wired.unwire();
  expect(document.body.innerHTML).toBe(layer);
});

it('an open popover stands elsewhere', () => {
  page('<button id="o" commandfor="r">O</button><div id="r">W</div>');
  const wired = wirePopover(get('r'), { area: 'block-end' });
  get('o').click();
  wired.update({ area: 'block-start', gap: 2 });
  expect([wired.open.get(), get('r').dataset['area']]).toEqual([true, 'block-start']);
  wired.unwire();
  const tip = wireTooltip(get('r'), { anchor: get('o') });
  tip.show();
  tip.update({ area: 'inline-end', hoverDelay: 1 });
  expect([tip.open.get(), get('r').dataset['area']]).toEqual([true, 'inline-end']);
  tip.unwire();
});

it('sections of which one may be open from now on', () => {
  page(
    '<div id="r"><h3><button data-key="a">a</button></h3><div>A</div><h3><button data-key="b">b</button></h3><div>B</div></div>',
  );
  const wired = wireAccordion(get('r'), { elastic: 'none' });
  expect([...wired.expanded.get()]).toEqual(['a', 'b']);
  wired.update({ exclusive: true, arrows: true });
  // No more are open than may be, at once.
  expect([...wired.expanded.get()]).toEqual(['a']);
  wired.expand('b');
  wired.expand('a');
  expect([...wired.expanded.get()]).toEqual(['a']);
  document.querySelector('button')!.focus();
  key('ArrowDown');
  expect(document.activeElement!.textContent).toBe('b');
  wired.update({ expanded: 'b' });
  expect([...wired.expanded.get()]).toEqual(['b']);
  wired.unwire();
});

it('tabs that are selected by hand from now on, and do not go round', () => {
  page(
    '<div id="r"><div role="tablist" aria-label="T"><button role="tab" data-key="a">a</button><button role="tab" data-key="b">b</button></div></div>',
  );
  const wired = wireTabs(get('r'));
  wired.update({ activation: 'manual', wrap: false, closable: true });
  document.querySelector<HTMLElement>('[role=tab]')!.focus();
  key('ArrowLeft');
  expect(document.activeElement!.textContent).toBe('a');
  key('ArrowRight');
  expect([document.activeElement!.textContent, wired.selected.get()]).toEqual(['b', 'a']);
  key('Delete');
  expect([...wired.closed.get()]).toEqual(['b']);
  wired.unwire();
});

type Wiring = (root: HTMLElement, options: { items: { key: string; label: string }[] }) => Wired;

describe('rows from data', () => {
  const rows = (): string[] =>
    [...document.querySelectorAll('[role=option],[role=treeitem]')].map((row) => row.textContent!);

  it('other items, and another way to show them; what is selected stays', () => {
    page('<div id="r" role="listbox" aria-label="L"></div>');
    const wired = wireListbox(get('r'), { items: [{ key: 'a' }, { key: 'b' }], selected: 'b' });
    wired.update({ items: [{ key: 'b' }, { key: 'c' }] });
    expect([rows(), wired.selected.get()]).toEqual([['b', 'c'], 'b']);
    wired.update({ render: ({ key: name }: { key: string }) => `<${name}>` });
    expect(rows()).toEqual(['<b>', '<c>']);
    // Its type would be another from now on.
    wired.update({ multiple: true } as never);
    expect(get('r').ariaMultiSelectable ?? get('r').getAttribute('aria-multiselectable')).toBe('true');
    wired.unwire();
  });

  it('a tree keeps open what is open', () => {
    page('<div id="r" role="tree" aria-label="T"></div>');
    const node = (name: string) => ({
      key: name,
      label: name,
      children: [{ key: `${name}1`, label: `${name}1` }],
    });
    const wired = wireTree(get('r'), { items: [node('a')], expanded: 'a' });
    wired.update({ items: [node('a'), node('b')] });
    expect([rows(), [...wired.expanded.get()]]).toEqual([['a', 'a1', 'b'], ['a']]);
    wired.unwire();
  });

  it('a combobox says the label that what is selected has now', () => {
    page('<div id="r"><input role="combobox" aria-label="C"><div role="listbox"></div></div>');
    const wired = wireCombobox(get('r'), { items: [{ key: 'oak', label: 'Oak' }], selected: 'oak' });
    const said = (): string[] => [document.querySelector('input')!.value, wired.text.get()];
    expect(said()).toEqual(['Oak', 'Oak']);
    wired.update({ items: [{ key: 'oak', label: 'The oak' }] });
    expect(said()).toEqual(['The oak', 'The oak']);
    // Of one that is not among them any more the last label is known.
    wired.update({ items: [{ key: 'ash', label: 'Ash' }] });
    expect(said()).toEqual(['The oak', 'The oak']);
    wired.unwire();
  });

  it.each([
    [
      'listbox',
      '<div id="r" role="listbox" aria-label="L"><p role="option">Oak</p></div>',
      wireListbox as Wiring,
    ],
    ['tree', '<ul id="r" role="tree" aria-label="T"><li data-key="oak">Oak</li></ul>', wireTree as Wiring],
  ] as const)('a %s that has items in its markup as well is reported', (_, markup, wire) => {
    page(markup);
    const reported = jest.spyOn(console, 'error').mockImplementation(() => {});
    wire(get('r'), { items: [{ key: 'ash', label: 'Ash' }] }).unwire();
    expect(String(reported.mock.calls[0]![0])).toMatch(/has both items and <(p|li) .*in its markup/);
    reported.mockRestore();
  });

  it('a combobox stays open, and what is searched for is searched for again', async () => {
    page('<div id="r"><input role="combobox" aria-label="C"><div role="listbox"></div></div>');
    const wired = wireCombobox(get('r'), { items: [{ key: 'oak', label: 'Oak' }] });
    wired.show();
    wired.query.set('a');
    wired.update({
      items: [
        { key: 'oak', label: 'Oak' },
        { key: 'ash', label: 'Ash' },
        { key: 'elm', label: 'Elm' },
      ],
    });
    expect([wired.open.get(), rows()]).toEqual([true, ['Oak', 'Ash']]);
    wired.update({ match: 'starts-with' });
    expect(rows()).toEqual(['Ash']);
    wired.update({ messages: { none: () => 'Nothing.' } });
    wired.query.set('x');
    await settle();
    expect(document.querySelector('[data-notice]')!.textContent).toBe('Nothing.');
    wired.unwire();
  });
});

it('every other pattern takes what it takes when it is wired', () => {
  page(
    '<div id="d" hidden></div><div id="m" role="menu" aria-label="M"><p role="menuitemcheckbox">I</p></div><button id="s">S</button><section id="c" aria-label="C"><ul data-slides><li>1</li><li>2</li></ul></section>',
  );
  const before = document.body.innerHTML;
  const all = [
    wireDisclosure(get('d')),
    wireMenu(get('m')),
    wireSwitch(get('s')),
    wireCarousel(get('c')),
  ] as const;
  all[0].update({ elastic: 'block', open: true });
  all[1].update({ stay: 'checks', hoverDelay: 10, open: false });
  all[2].update({ checked: true });
  all[3].update({ wrap: false, interval: 5, messages: { slide: (number: number) => `Slide ${number}` } });
  expect([
    all[0].open.get(),
    all[2].checked.get(),
    document.querySelector('li')!.getAttribute('aria-label'),
  ]).toEqual([true, true, 'Slide 1']);
  all.forEach((each) => each.unwire());
  all.forEach((each) => each.update({}));
  expect(document.body.innerHTML).toBe(before);
});

describe('rows with a life', () => {
  const items = (from: number, to: number) =>
    Array.from({ length: to - from }, (_, at) => ({ key: `${from + at}`, label: `${from + at}` }));

  it('are made, updated in place, and released with their row, once each', () => {
    page('<div id="r" role="listbox" aria-label="L"></div>');
    const log: string[] = [];
    let alive = 0;
    const render = ({ key: first }: { key: string }) => {
      const node = document.createElement('b');
      node.textContent = first;
      alive++;
      return {
        node,
        update({ key: next }: { key: string }) {
          log.push(`${node.textContent} becomes ${next}`);
          node.textContent = next;
        },
        release() {
          alive--;
        },
      };
    };
    const wired = wireListbox(get('r'), { items: items(0, 3), render });
    const shown = (): string[] =>
      [...document.querySelectorAll('[role=option] b')].map((each) => each.textContent!);
    expect([shown(), alive]).toEqual([['0', '1', '2'], 3]);
    const node = document.querySelector('b');
    wired.update({ items: [{ key: '0', label: 'other' }, ...items(1, 3)] });
    expect([shown(), alive, document.querySelector('b') === node, log[0]]).toEqual([
      ['0', '1', '2'],
      3,
      true,
      '0 becomes 0',
    ]);
    wired.update({ items: items(5, 7) });
    expect([shown(), alive]).toEqual([['5', '6'], 2]);
    wired.update({ items: [] });
    expect(alive).toBe(0);
    wired.update({ items: items(0, 2) });
    expect(alive).toBe(2);
    wired.update({ render: (item: { key: string }) => render(item) });
    expect(alive).toBe(2);
    wired.unwire();
    expect([alive, get('r').innerHTML]).toEqual([0, '']);
  });
});
