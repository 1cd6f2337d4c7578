// A turn: what is asked for, what a guard or an owner answers, late or not at all, and who hears of it in which order.
import {
  cell,
  type Change,
  type Combobox,
  wireCombobox,
  wireDialog,
  wireDisclosure,
  wireListbox,
  wireTabs,
  wireTree,
} from '../../src/index';
import { settled } from '../../src/testing/index';
import { get, key, page, settle } from './page';

const panel = '<button id="press" commandfor="r">O</button><div id="r" hidden>P</div>';
const dialog =
  '<button id="press" commandfor="r" command="--open">O</button><dialog id="r"><h2>T</h2></dialog>';
const combobox = `<div id="r"><input id="f" role="combobox" aria-label="Boat"><div role="listbox" popover="manual">
  ${['Curlew', 'Dunlin', 'Plover'].map((name) => `<div role="option" data-key="${name}">${name}</div>`).join('')}</div></div>`;
const listbox = `<div id="r" role="listbox" aria-label="L" aria-multiselectable="true">
  ${['a', 'b', 'c'].map((name) => `<div role="option" data-key="${name}">${name}</div>`).join('')}</div>`;

const tabs = `<div id="r"><div role="tablist" aria-label="T">${['a', 'b', 'c']
  .map((name) => `<button role="tab" data-key="${name}">${name}</button>`)
  .join(
    '',
  )}</div>${['a', 'b', 'c'].map((name) => `<div role="tabpanel" data-key="${name}">${name}</div>`).join('')}</div>`;
const removeTab = (name: string): void =>
  document.querySelectorAll(`[data-key="${name}"]`).forEach((each) => each.remove());

let boats = cell<readonly { key: string; label: string }[]>([]);
const typeText = (text: string): void => {
  const field = get<HTMLInputElement>('f');
  field.focus();
  field.value = text;
  field.dispatchEvent(new InputEvent('input', { bubbles: true }));
};

const errors: unknown[] = [];
const collect = (event: ErrorEvent): void => {
  event.preventDefault();
  errors.push(event.error);
};
let reported: jest.SpyInstance;
beforeEach(() => {
  errors.length = 0;
  addEventListener('error', collect);
  reported = jest.spyOn(console, 'error').mockImplementation((error) => errors.push(error));
});
afterEach(() => {
  removeEventListener('error', collect);
  reported.mockRestore();
});

const deferred = <T>(): { promise: Promise<T>; give(value: T): void; fail(error: unknown): void } => {
  let give!: (value: T) => void;
  let fail!: (error: unknown) => void;
  const promise = new Promise<T>((yes, no) => {
    give = yes;
    fail = no;
  });
  return { promise, give, fail };
};

describe('an answer that comes late', () => {
  it('a guard approves of one key, and the own cell has added another meanwhile: both are selected', async () => {
    page(listbox);
    const answer = deferred<boolean>();
    const selected = cell<ReadonlySet<string>>(new Set());
    const wired = wireListbox(get('r'), { multiple: true, selected, guard: () => answer.promise });
    wired.selected.set(new Set(['a']));
    selected.set(new Set(['b']));
    answer.give(true);
    await settle();
    expect([...wired.selected.get()].sort()).toEqual(['a', 'b']);
  });

  it('an approval for a tab that was removed meanwhile is dropped and reported as a refusal', async () => {
    page(tabs);
    const answer = deferred<boolean>();
    const heard: unknown[] = [];
    const wired = wireTabs(get('r'), {
      guard: () => answer.promise,
      onChange: ({ name }) => heard.push(name),
      onRefuse: ({ name, value }) => heard.push(`${name} ${value} refused`),
    });
    wired.select('b');
    removeTab('b');
    await settle();
    answer.give(true);
    await settle();
    expect([wired.selected.get(), wired.busy.get(), heard]).toEqual(['a', false, ['selected b refused']]);
    wired.unwire();
  });

  it('an owner that fails refuses, and `onRefuse` gets the error', async () => {
    page(panel);
    const refusals: unknown[] = [];
    const error = new Error('no line');
    const open = { get: () => false, set: () => Promise.reject(error), subscribe: () => () => {} };
    wireDisclosure(get('r'), { open, onRefuse: ({ by, error: cause }) => refusals.push([by, cause]) });
    get('press').click();
    await settle();
    expect(refusals).toEqual([['owner', error]]);
    expect(get('r').hidden).toBe(true);
  });

  it('another guard in place of one that never answers ends the wait', async () => {
    page(panel);
    const refused: string[] = [];
    const wired = wireDisclosure(get('r'), {
      guard: () => new Promise(() => {}),
      onRefuse: ({ by }) => refused.push(by),
    });
    get('press').click();
    expect(wired.busy.get()).toBe(true);
    wired.update({ guard: () => true });
    expect([wired.busy.get(), refused]).toEqual([false, ['guard']]);
    expect(get('r').hasAttribute('aria-busy')).toBe(false);
    get('press').click();
    expect(wired.open.get()).toBe(true);
  });

  it('a guard whose own work takes the pattern away: the result is told', async () => {
    page(dialog);
    const heard: unknown[] = [];
    const wired = wireDialog(get('r'), {
      onChange: ({ value }) => heard.push(value),
      guard: async ({ value }) => {
        await Promise.resolve();
        if (!value) wired.unwire();
      },
    });
    wired.show();
    await settle();
    wired.close();
    await settle();
    expect(heard).toEqual([true, false]);
    expect(wired.busy.get()).toBe(false);
  });
});

describe('what is asked for during a turn', () => {
  it('a guard that closes before it has answered is asked once', async () => {
    page(panel);
    let asked = 0;
    const wired = wireDisclosure(get('r'), {
      open: true,
      guard: async () => {
        asked++;
        wired.close();
        await Promise.resolve();
      },
    });
    wired.close();
    await settle();
    expect([asked, wired.open.get()]).toEqual([1, false]);
  });

  it('a guard that asks for the same again and again ends with an error that says so', () => {
    page(panel);
    let asked = 0;
    const wired = wireDisclosure(get('r'), {
      guard() {
        asked++;
        wired.show();
        return false;
      },
    });
    expect(() => wired.show()).toThrow(/got \d+ requests in a row/);
    expect(asked).toBeLessThan(200);
    wired.update({ guard: () => true });
    wired.show();
    expect(wired.open.get()).toBe(true);
  });

  it('happens in the next one, when everyone has heard of this one', () => {
    page(panel);
    const heard: string[] = [];
    const wired = wireDisclosure(get('r'), {
      onChange: ({ value }) => {
        heard.push(`option ${value}`);
        if (value) wired.close();
      },
    });
    wired.open.subscribe((value) => heard.push(`cell ${value}`));
    wired.show();
    expect(heard).toEqual(['cell true', 'option true', 'cell false', 'option false']);
  });

  it('the cause is told before its consequence, and nothing at the start', async () => {
    page(combobox);
    const heard: string[] = [];
    wireCombobox(get('r'), { onChange: ({ name }: Change) => heard.push(name) });
    await settle();
    expect(heard).toEqual([]);
    typeText('du');
    expect(heard).toEqual(['query', 'current', 'open']);
    heard.length = 0;
    key('Enter');
    expect(heard).toEqual(['selected', 'text', 'open', 'query', 'current']);
  });

  it('tells of no text at the start of a combobox with free text', async () => {
    page(combobox.replace('<input ', '<input value="Skiff" '));
    const heard: string[] = [];
    const wired = wireCombobox(get('r'), {
      freeText: true,
      onChange: ({ name }: Change) => heard.push(name),
    });
    await settle();
    expect([wired.text.get(), heard]).toEqual(['Skiff', []]);
  });
});

it('a selected tab with focus that is removed leaves both to its neighbour', async () => {
  page(tabs);
  const heard: string[] = [];
  const wired = wireTabs(get('r'), {
    selected: 'b',
    onChange: ({ name, value, reason }) => heard.push(`${name} ${String(value)} ${reason}`),
  });
  document.querySelector<HTMLElement>('[role=tab][data-key=b]')!.focus();
  removeTab('b');
  await settle();
  expect([wired.selected.get(), document.activeElement!.textContent, heard]).toEqual([
    'c',
    'c',
    ['selected c removed'],
  ]);
  wired.unwire();
});

it('unwired by its own function that renders a row, a tree leaves the markup as it was', async () => {
  page('<ul id="r" role="tree" aria-label="T"></ul>');
  const before = document.body.innerHTML;
  const items = cell([{ key: 'a', label: 'A' }]);
  const wired = wireTree(get('r'), {
    items,
    render(item) {
      if (item.label === 'B') wired.unwire();
      return item.label ?? '';
    },
  });
  items.set([
    { key: 'a', label: 'A' },
    { key: 'b', label: 'B' },
  ]);
  await settle();
  expect(document.body.innerHTML).toBe(before);
});

describe('a store that moves under the hand', () => {
  it('changes while it is subscribed to: the page shows what it holds then', () => {
    page(panel);
    let value = false;
    const open = {
      get: () => value,
      set: (next: boolean) => void (value = next),
      subscribe() {
        value = true;
        return () => {};
      },
    };
    const wired = wireDisclosure(get('r'), { open });
    expect([wired.open.get(), get('r').hidden]).toEqual([true, false]);
  });

  it('one cell, and a node that is made anew while it is open: the new dialog is open', async () => {
    page(dialog);
    const open = cell(false);
    const first = wireDialog(get('r'), { open });
    open.set(true);
    const again = get('r').cloneNode(true) as HTMLDialogElement;
    again.removeAttribute('open');
    get('r').replaceWith(again);
    const second = wireDialog(again, { open });
    await settle();
    first.unwire();
    await settle();
    expect([open.get(), second.open.get(), again.open]).toEqual([true, true, true]);
  });
});

/** The same without options in the markup, for those that are given as items. */
const ofItems = combobox.replaceAll(/<div role="option".*?<\/div>/g, '');

describe('a function that throws', () => {
  it('items that are no list are an error that says what came', async () => {
    for (const [answer, words] of [
      [null, 'null'],
      [5, '5'],
      [{}, '{}'],
      ['text', 'text'],
      [[null], 'null'],
      [[{ label: 'x' }], 'key'],
      [[{ key: 5 }], 'key'],
    ] as const) {
      page(ofItems);
      errors.length = 0;
      const wired = wireCombobox(get('r'), { items: () => answer as never, debounce: 0 });
      wired.show();
      await settle();
      expect(errors.map(String).join()).toMatch(/items? /);
      expect(errors.map(String).join()).toContain(words);
      expect(errors).toHaveLength(1);
      wired.unwire();
    }
  });

  const items = [{ key: 'a', label: 'Avocet' }];
  type Unwire = () => void;
  it.each<[string, (unwire: Unwire) => object, (wired: Combobox) => void]>([
    ['match', (unwire) => ({ match: () => (unwire(), true) }), () => typeText('a')],
    [
      'labelOf',
      (unwire) => ({ labelOf: () => (unwire(), 'x'), items: [] }),
      (wired) => {
        wired.show();
        wired.select('nobody');
      },
    ],
    [
      'render',
      (unwire) => ({ items: boats, render: () => (unwire(), 'x') }),
      () => boats.set([{ key: 'b', label: 'Auk' }]),
    ],
  ])('`%s` unwires it: nothing of it is left', async (_, options, act) => {
    page(['labelOf', 'render'].includes(_) ? ofItems : combobox);
    boats = cell(items);
    const before = document.body.innerHTML;
    let isOn = false;
    const wired = wireCombobox(
      get('r'),
      options(() => isOn && wired.unwire()),
    );
    isOn = true;
    act(wired);
    await settle();
    get<HTMLInputElement>('f').value = '';
    expect(document.body.innerHTML).toBe(before);
    expect(errors).toEqual([]);
  });

  it.each<[string, (fail: () => never) => object, (wired: Combobox) => void]>([
    ['match', (fail) => ({ match: fail }), () => typeText('a')],
    ['labelOf', (fail) => ({ labelOf: fail, items: [] }), (wired) => wired.select('nobody')],
    ['render', (fail) => ({ items: boats, render: fail }), () => boats.set([{ key: 'b', label: 'Auk' }])],
    ['onChange', (fail) => ({ onChange: fail }), (wired) => wired.show()],
  ])('`%s` throws: it is reported, and the next key works', async (_, options, act) => {
    page(['labelOf', 'render'].includes(_) ? ofItems : combobox);
    boats = cell(items);
    let isOn = false;
    const wired = wireCombobox(
      get('r'),
      options(() => {
        if (isOn) throw new Error('mist');
        return undefined as never;
      }),
    );
    isOn = true;
    try {
      act(wired);
    } catch (error) {
      errors.push(error);
    }
    await settle();
    expect([...new Set(errors.map(String))]).toEqual(['Error: mist']);
    isOn = false;
    wired.close();
    get('f').focus();
    key('ArrowDown');
    expect([wired.open.get(), get('f').getAttribute('aria-expanded')]).toEqual([true, 'true']);
  });
});

describe('what goes wrong on the way', () => {
  it('the release of a row throws: the rows are the new ones, and it is reported once', () => {
    page(ofItems);
    const items = cell([{ key: 'a', label: 'Avocet' }]);
    const render = ({ label }: { label?: string }) => ({
      node: document.createTextNode(label!),
      release() {
        throw new Error('stuck');
      },
    });
    const wired = wireCombobox(get('r'), { items, render });
    wired.show();
    items.set([{ key: 'b', label: 'Brant' }]);
    expect([...document.querySelectorAll('[data-row]')].map((row) => row.textContent)).toEqual(['Brant']);
    expect(errors.map(String)).toEqual(['Error: stuck']);
  });
});

it('a part of the library that cannot be loaded is reported once, and asked for again at the next need', async () => {
  page('<button id="press" commandfor="r">O</button><div id="r" hidden><div data-content></div></div>');
  jest.doMock('../../src/content/loading', () => {
    throw new Error('offline');
  });
  const wired = wireDisclosure(get('r'), { content: () => 'Tides', keepContent: true });
  await settle();
  expect(errors.map(String)).toEqual(['Error: offline']);
  await settled(get('r'));
  jest.dontMock('../../src/content/loading');
  wired.show();
  await settled(get('r'));
  expect(get('r').textContent).toBe('Tides');
  expect(errors).toHaveLength(1);
});
