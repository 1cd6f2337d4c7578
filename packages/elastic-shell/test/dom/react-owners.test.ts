// States that React holds: set in a transition, by a router, in the commit that follows, or by taking away what they are about.
import { act, createElement as h, memo, type ReactNode, startTransition, Suspense, useState } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { useCombobox, useDialog, useDisclosure, useListbox, useSwitch, useTabs } from 'elastic-shell/react';
import { settle } from './page';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

let root: Root;
let place: HTMLElement;
const told: string[] = [];
const text = (value: unknown): string => (value instanceof Set ? `{${[...value].join()}}` : String(value));
const hearing = {
  onChange: ({ name, value, reason }: { name: string; value: unknown; reason: string }) =>
    void told.push(`${name} ${text(value)} ${reason}`),
  onRefuse: ({ name, value }: { name: string; value: unknown }) =>
    void told.push(`${name} ${text(value)} refused`),
};
beforeEach(() => {
  told.length = 0;
  document.body.replaceChildren((place = document.createElement('div')));
  root = createRoot(place);
});
afterEach(() => act(async () => root.unmount()));

const show = (node: ReactNode): Promise<void> => act(async () => root.render(node));
const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

/** What is loaded before a transition can show. */
interface Later {
  promise: Promise<void>;
  isThere(): boolean;
  come(): Promise<void>;
}
const later = (): Later => {
  let isThere = false;
  let resolve = (): void => {};
  const promise = new Promise<void>((come) => (resolve = come));
  return {
    promise,
    isThere: () => isThere,
    come: () =>
      act(async () => {
        isThere = true;
        resolve();
      }),
  };
};

describe('an owner that answers in a transition', () => {
  // As React 18 knows it too, which has no `use`.
  const Slow = ({ waits }: { waits: Later }) => {
    if (!waits.isThere()) throw waits.promise;
    return h('p', null, 'here');
  };

  function Picker({ waits }: { waits: Later }) {
    const [selected, setSelected] = useState<string | undefined>();
    const box = useCombobox({
      selected: [selected, (key) => startTransition(() => setSelected(key))],
      ...hearing,
    });
    return h(
      'div',
      box.root,
      h('input', { ...box.field, 'aria-label': 'Berth' }),
      h(
        'div',
        box.popup,
        h(
          'div',
          box.list,
          ['a', 'b'].map((key) => h('p', { key, ...box.option(key) }, key)),
        ),
      ),
      h(Suspense, { fallback: 'wait' }, selected && h(Slow, { waits })),
    );
  }

  it('has not refused: what was meant happens when it commits, and all of it', async () => {
    const waits = later();
    // The boundary has shown something, so that the transition waits for what is loaded.
    await show(h(Picker, { waits }));
    await act(async () => find('input').click());
    await act(async () => find('[role=option]').click());
    expect(find('input').getAttribute('aria-expanded')).toBe('true');
    await waits.come();
    await act(settle);
    expect([find('input').getAttribute('aria-expanded'), told]).toEqual([
      'false',
      expect.arrayContaining(['selected a key', 'open false key']),
    ]);
    expect(told.join()).not.toContain('refused');
  });

  function Sheets({ waits }: { waits: Later }) {
    const [selected, setSelected] = useState('a');
    const tabs = useTabs({
      selected: [selected, (key) => startTransition(() => setSelected(key!))],
      ...hearing,
    });
    return h(
      'div',
      tabs.root,
      h(
        'div',
        { ...tabs.list, 'aria-label': 'S' },
        ['a', 'b', 'c'].map((key) => h('button', { key, ...tabs.tab(key), id: key }, key)),
      ),
      ['a', 'b', 'c'].map((key) => h('div', { key, ...tabs.panel(key) }, key)),
      h(Suspense, { fallback: 'wait' }, selected === 'b' ? h(Slow, { waits }) : 'quick'),
    );
  }

  it('another wish takes the place of one that is still under way', async () => {
    const waits = later();
    await show(h(Sheets, { waits }));
    await act(async () => find('[data-key=b]').click());
    expect(told).toEqual([]);
    await act(async () => find('[data-key=c]').click());
    expect(told).toEqual(['selected c key']);
    await waits.come();
    expect(told).toEqual(['selected c key']);
  });

  function Several({ waits }: { waits: Later }) {
    const [selected, setSelected] = useState<readonly string[]>([]);
    const list = useListbox({
      multiple: true,
      selected: [selected, (keys) => startTransition(() => setSelected([...keys]))],
      ...hearing,
    });
    return h(
      'div',
      null,
      h(
        'div',
        { ...list.root, 'aria-label': 'L' },
        ['a', 'b'].map((key) => h('p', { key, ...list.option(key) }, key)),
      ),
      h(Suspense, { fallback: 'wait' }, selected.length ? h(Slow, { waits }) : 'none'),
    );
  }

  it('keys that are picked while others are under way are added to those', async () => {
    const waits = later();
    await show(h(Several, { waits }));
    await act(async () => find('[data-key=a]').click());
    await act(async () => find('[data-key=b]').click());
    await waits.come();
    expect(
      [...document.querySelectorAll('[aria-selected=true]')].map((option) => option.textContent),
    ).toEqual(['a', 'b']);
  });
});

describe('an owner that never takes it', () => {
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => void jest.useRealTimers());

  function Stubborn({ takes }: { takes: boolean }) {
    const [open, setOpen] = useState(true);
    const dialog = useDialog({ open: [open, (next) => takes && setOpen(next)], ...hearing });
    return h('dialog', dialog.root, h('h2', null, 'T'));
  }

  it('has refused after a second, and until then nothing is told', async () => {
    await show(h(Stubborn, { takes: false }));
    await act(
      async () =>
        void find('dialog').dispatchEvent(
          new KeyboardEvent('keydown', { key: 'Escape', bubbles: true, cancelable: true }),
        ),
    );
    expect(told).toEqual([]);
    await act(() => jest.advanceTimersByTimeAsync(1000));
    expect(told).toEqual(['open false refused']);
  });
});

it('an owner whose promise takes longer than a second, and brings no value, has refused a second after that', async () => {
  jest.useFakeTimers();
  function Slow() {
    const later = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 1500));
    const dialog = useDialog({ open: [true, later], ...hearing });
    return h('dialog', dialog.root, h('h2', null, 'T'), h('button', dialog.closer(), 'Close'));
  }
  await show(h(Slow));
  await act(async () => find('dialog button').click());
  await act(() => jest.advanceTimersByTimeAsync(2400));
  expect(told).toEqual([]);
  await act(() => jest.advanceTimersByTimeAsync(200));
  expect(told).toEqual(['open false refused']);
  jest.useRealTimers();
});

it('an owner that takes it only after it counted as refusing: it happens, with all that follows', async () => {
  jest.useFakeTimers();
  let take = (): void => {};
  function Router() {
    const [selected, setSelected] = useState<string | undefined>();
    const box = useCombobox({
      selected: [selected, (key) => void (take = () => setSelected(key))],
      ...hearing,
    });
    return h(
      'div',
      box.root,
      h('input', { ...box.field, 'aria-label': 'Berth' }),
      h('div', box.popup, h('div', box.list, h('p', box.option('a'), 'A'))),
    );
  }
  await show(h(Router));
  await act(async () => find('input').click());
  await act(async () => find('[role=option]').click());
  await act(() => jest.advanceTimersByTimeAsync(1500));
  expect(told).toEqual(['open true key', 'selected a refused']);
  await act(async () => take());
  jest.useRealTimers();
  expect([find('input').getAttribute('aria-expanded'), told.slice(2)]).toEqual([
    'false',
    ['selected a key', 'text A key', 'open false key'],
  ]);
});

it('has answered by the time that `act` returns', async () => {
  function Held() {
    const [open, setOpen] = useState(false);
    const disclosure = useDisclosure({ open: [open, setOpen] });
    return h(
      'div',
      null,
      h('button', { ...disclosure.opener(), className: 'opener' }, 'More'),
      h('div', disclosure.root, 'The ladder'),
    );
  }
  await show(h(Held));
  act(() => find('.opener').click());
  expect(find('.opener').getAttribute('aria-expanded')).toBe('true');
});

it('an owner that takes the dialog away has closed it, and that is told', async () => {
  function Modal({ set }: { set: (open: boolean) => void }) {
    const dialog = useDialog({ open: [true, set], ...hearing });
    return h('dialog', dialog.root, h('h2', null, 'T'), h('button', dialog.closer(), 'Close'));
  }
  function Page() {
    const [open, setOpen] = useState(true);
    return open ? h(Modal, { set: setOpen }) : h('p', null, 'gone');
  }
  await show(h(Page));
  await act(async () => find('dialog button').click());
  await act(settle);
  expect([place.textContent, told]).toEqual(['gone', ['open false command']]);
});

it('its handle is another one when what is read from it has changed, so that what is memoised by it is rendered', async () => {
  const handles = new Set<object>();
  const Line = memo(({ of }: { of: { open: boolean } }) => h('output', null, of.open ? 'open' : 'closed'));
  function Held() {
    const [, again] = useState(0);
    const disclosure = useDisclosure();
    handles.add(disclosure);
    return h(
      'div',
      null,
      h('button', { ...disclosure.opener(), className: 'opener' }, 'More'),
      h('div', disclosure.root, 'The ladder'),
      h('button', { className: 'again', onClick: () => again((times) => times + 1) }, 'Again'),
      h(Line, { of: disclosure }),
    );
  }
  await show(h(Held));
  await act(async () => find('.again').click());
  const { size } = handles;
  await act(async () => find('.again').click());
  expect([find('output').textContent, handles.size]).toEqual(['closed', size]);
  await act(async () => find('.opener').click());
  expect([find('output').textContent, handles.size]).toEqual(['open', size + 1]);
});

it('a form that React resets after its action leaves alone what React holds', async () => {
  function Form() {
    const [checked, setChecked] = useState(false);
    const [selected, setSelected] = useState<string | undefined>('a');
    const own = useSwitch({ checked: [checked, setChecked] });
    const list = useListbox({ selected: [selected, setSelected] });
    const free = useListbox({ selected: 'a' });
    const options = (of: typeof list) =>
      h(
        'div',
        { ...of.root, 'aria-label': 'L' },
        ['a', 'b'].map((key) => h('p', { key, ...of.option(key), className: key }, key)),
      );
    return h(
      'form',
      null,
      h('button', { ...own.root, type: 'button' }, 'Lights'),
      h('div', { className: 'owned' }, options(list)),
      h('div', { className: 'free' }, options(free)),
    );
  }
  await show(h(Form));
  await act(async () => find('button').click());
  await act(async () => find('.owned .b').click());
  await act(async () => find('.free .b').click());
  await act(async () => {
    document.querySelector('form')!.reset();
    await new Promise((resolve) => setTimeout(resolve));
  });
  expect([
    find('button').getAttribute('aria-checked'),
    find('.owned [aria-selected=true]').textContent,
    find('.free [aria-selected=true]').textContent,
  ]).toEqual(['true', 'b', 'a']);
});
