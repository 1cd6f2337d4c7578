// Owners: somebody who holds a state is asked with each change, and his answer is law.
import {
  type Change,
  wireAccordion,
  wireCombobox,
  type Wired,
  wireDialog,
  wireDisclosure,
  wireListbox,
  wireMenu,
  wirePopover,
  wireSwitch,
  wireTabs,
  wireTree,
} from '../../src/index';
import { get, settle } from './page';

interface Owner<T> {
  value: T;
  asked: Change[];
  get(): T;
  set(value: T, change?: Change): unknown;
  subscribe(listener: (value: T) => void): () => void;
  /** The owner changes his mind by himself. */
  say(value: T): void;
}

/** An owner that takes what `answer` gives for what it is offered; `when` says when it knows. */
function owner<T>(
  first: T,
  answer: (value: T) => T = (value) => value,
  when?: () => Promise<unknown>,
): Owner<T> {
  const listeners = new Set<(value: T) => void>();
  const own: Owner<T> = {
    value: first,
    asked: [],
    get: () => own.value,
    set(value, change) {
      own.asked.push(change!);
      const take = (): void => {
        own.value = answer(value);
        listeners.forEach((listener) => listener(own.value));
      };
      if (!when) return take();
      return when().then(take);
    },
    subscribe(listener) {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    say(value) {
      own.value = value;
      listeners.forEach((listener) => listener(value));
    },
  };
  return own;
}

const tabs =
  '<div id="r"><div role="tablist" aria-label="T"><button role="tab" data-key="a">a</button><button role="tab" data-key="b" id="press">b</button></div><div role="tabpanel">A</div><div role="tabpanel">B</div></div>';

/** Each pattern: its markup, the state that a press on #press changes, and what it is before and after. */
const kinds: [string, string, (root: HTMLElement, options: object) => Wired, string, unknown, unknown][] = [
  [
    'disclosure',
    '<button id="press" commandfor="r">O</button><div id="r" hidden></div>',
    wireDisclosure,
    'open',
    false,
    true,
  ],
  [
    'dialog',
    '<button id="press" commandfor="r" command="--open">O</button><dialog id="r"><h2>T</h2></dialog>',
    wireDialog,
    'open',
    false,
    true,
  ],
  [
    'popover',
    '<button id="press" commandfor="r">O</button><div id="r"><h2>T</h2></div>',
    wirePopover,
    'open',
    false,
    true,
  ],
  [
    'menu',
    '<button id="press" commandfor="r">O</button><div id="r" role="menu" aria-label="M"><p role="menuitem">I</p></div>',
    wireMenu,
    'open',
    false,
    true,
  ],
  ['tabs', tabs, wireTabs, 'selected', 'a', 'b'],
  ['switch', '<button id="r">S</button>', wireSwitch, 'checked', false, true],
  [
    'listbox',
    '<div id="r" role="listbox" aria-label="L"><p role="option" data-key="k" id="press">K</p></div>',
    wireListbox,
    'selected',
    undefined,
    'k',
  ],
  [
    'tree',
    '<ul id="r" role="tree" aria-label="T"><li data-key="k" id="press">K</li></ul>',
    wireTree,
    'selected',
    undefined,
    'k',
  ],
  [
    'accordion',
    '<div id="r"><h3><button id="press" data-key="k">K</button></h3><div hidden>P</div></div>',
    (root, options) => wireAccordion(root, { elastic: 'none', ...options }),
    'expanded',
    new Set(),
    new Set(['k']),
  ],
];

const text = (value: unknown): string => (value instanceof Set ? `{${[...value].join()}}` : String(value));

describe.each(kinds)('%s', (_, markup, wire, state, before, after) => {
  const setUp = (own: Owner<unknown>, more: object = {}) => {
    document.body.innerHTML = markup;
    const heard: string[] = [];
    const wired = wire(get('r'), {
      [state]: own,
      onChange: ({ name, value, reason }: Change) => name === state && heard.push(`${text(value)} ${reason}`),
      onRefuse: ({ name, value, by }: Change & { by: string }) =>
        heard.push(`${name} ${text(value)} refused by ${by}`),
      ...more,
    });
    const html = document.body.innerHTML;
    const now = (): string => text((wired as unknown as Record<string, { get(): unknown }>)[state]!.get());
    const press = (): void => (document.getElementById('press') ?? get('r')).click();
    return { wired, heard, html, now, press };
  };

  it('an owner that keeps his value has refused: nothing shows, and it is told', () => {
    const own = owner<unknown>(before, () => before);
    const { wired, heard, html, now, press } = setUp(own);
    const active = document.activeElement;
    press();
    expect([now(), heard]).toEqual([text(before), [`${state} ${text(after)} refused by owner`]]);
    expect(own.asked.map(({ name, value, reason }) => [name, text(value), reason])).toEqual([
      [state, text(after), expect.stringMatching(/press|key|command/)],
    ]);
    // Which item keys go from is the user’s own affair.
    if (!['listbox', 'tree'].includes(_)) expect(document.activeElement).toBe(active);
    expect(document.body.innerHTML.replace(/ tabindex="-?\d"/g, '')).toBe(
      html.replace(/ tabindex="-?\d"/g, ''),
    );
    wired.unwire();
  });

  it('an owner that answers later: until then nothing shows, and the next wish waits', async () => {
    const waits: (() => void)[] = [];
    const own = owner<unknown>(before, undefined, () => new Promise<void>((resolve) => waits.push(resolve)));
    const { wired, now, press } = setUp(own);
    press();
    press();
    expect([now(), own.asked.length]).toEqual([text(before), 1]);
    waits[0]!();
    await settle();
    expect(now()).toBe(text(after));
    // What opens or turns over has been asked to turn back; what selects is selected already.
    expect(own.asked.length).toBe(['tabs', 'listbox', 'tree', 'dialog'].includes(_) ? 1 : 2);
    waits[1]?.();
    await settle();
    wired.unwire();
  });

  it('what the owner says by himself happens, with the reason owner, and is not told to him', () => {
    const own = owner<unknown>(before);
    const { wired, heard, now } = setUp(own);
    own.say(after);
    expect([now(), heard, own.asked]).toEqual([text(after), [`${text(after)} owner`], []]);
    wired.unwire();
  });

  it('unwired while the owner makes up his mind: nothing happens afterwards', async () => {
    let answer = (): void => {};
    const own = owner<unknown>(before, undefined, () => new Promise<void>((resolve) => (answer = resolve)));
    const { wired, heard, press } = setUp(own);
    press();
    wired.unwire();
    const html = document.body.innerHTML;
    answer();
    await settle();
    expect([heard, document.body.innerHTML]).toEqual([[], html]);
  });

  it('a guard is asked before the owner, who is not asked about what it refuses', () => {
    const own = owner<unknown>(before);
    const { wired, heard, press } = setUp(own, { guard: () => false });
    press();
    expect([own.asked, heard]).toEqual([[], [`${state} ${text(after)} refused by guard`]]);
    wired.unwire();
  });
});

describe('several states in one intent', () => {
  const markup =
    '<div id="r"><input role="combobox" aria-label="C"><div><div role="listbox"><p role="option" data-key="k" id="k">K</p></div></div></div>';

  it('one owner refuses: nothing is picked, the list stays open, and the other is given his value back', () => {
    document.body.innerHTML = markup;
    const selected = owner<string | undefined>(undefined, () => undefined);
    const open = owner(false);
    const wired = wireCombobox(get('r'), { selected, open } as never);
    open.say(true);
    get('k').click();
    expect([
      wired.open.get(),
      wired.selected.get(),
      document.querySelector('input')!.value,
      open.value,
    ]).toEqual([true, undefined, '', true]);
    expect(open.asked.map(({ value }) => value)).toEqual([false, true]);
    wired.unwire();
  });

  it('all agree: it is picked and closed at once', () => {
    document.body.innerHTML = markup;
    const selected = owner<string | undefined>(undefined);
    const open = owner(false);
    const wired = wireCombobox(get('r'), { selected, open } as never);
    open.say(true);
    get('k').click();
    expect([wired.open.get(), wired.selected.get(), document.querySelector('input')!.value]).toEqual([
      false,
      'k',
      'K',
    ]);
    wired.unwire();
  });

  it('an owner that takes another value: that one is what happens', () => {
    document.body.innerHTML = tabs;
    const selected = owner<string | undefined>('b', () => 'a');
    const wired = wireTabs(get('r'), { selected } as never);
    selected.say('b');
    wired.select('nowhere');
    expect([wired.selected.get(), document.querySelector('[aria-selected=true]')!.textContent]).toEqual([
      'a',
      'a',
    ]);
    wired.unwire();
  });

  it('an owner that does not have it that the platform closes a dialog: it is open again', async () => {
    document.body.innerHTML = '<dialog id="r"><h2>T</h2></dialog>';
    const open = owner(true, () => true);
    const wired = wireDialog(get('r'), { open } as never);
    get('r').removeAttribute('open');
    await settle();
    await settle();
    expect([wired.open.get(), get('r').hasAttribute('open')]).toEqual([true, true]);
    wired.unwire();
  });
});

describe('an owner that throws', () => {
  const reported: unknown[] = [];
  const { reportError } = globalThis;
  beforeEach(() => {
    reported.length = 0;
    globalThis.reportError = (error: unknown) => void reported.push((error as Error).message);
  });
  afterEach(() => void (globalThis.reportError = reportError));

  it.each(['set', 'get'] as const)('once, in `%s`, is reported once, and the next click works', (where) => {
    document.body.innerHTML = '<button commandfor="d" command="--toggle">O</button><p id="d" hidden>T</p>';
    const own = owner(false);
    const wired = wireDisclosure(get('d'), { open: own as never });
    const usual = own[where];
    Object.assign(own, {
      [where]() {
        Object.assign(own, { [where]: usual });
        throw new Error('Out of order.');
      },
    });
    const button = document.querySelector('button')!;
    button.click();
    expect(reported).toEqual(['Out of order.']);
    const before = wired.open.get();
    button.click();
    expect([wired.open.get(), own.value]).toEqual([!before, !before]);
    expect(reported).toEqual(['Out of order.']);
    wired.unwire();
  });
});
