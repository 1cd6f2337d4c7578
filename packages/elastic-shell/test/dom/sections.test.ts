// Accordion, tabs, carousel and switch where there is no layout: state, semantics, keys and focus, for users' own tests.
import {
  cell,
  type Change,
  setDefaults,
  wireAccordion,
  wireCarousel,
  wirePopover,
  wireSwitch,
  wireTabs,
} from '../../src/index';

const get = (id: string): HTMLElement => document.getElementById(id)!;
const all = (selector: string): HTMLElement[] => [...document.querySelectorAll<HTMLElement>(selector)];
const key = (name: string): void =>
  void document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
  );
const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

const accordion =
  '<div id="a"><h3><button data-key="one">One</button></h3><div>1</div><h3><button data-key="two">Two</button></h3><div hidden="">2</div></div>';
const tabs =
  '<div id="t"><div role="tablist" aria-label="T"><button role="tab">A</button><button role="tab" disabled="">B</button><button role="tab">C</button></div><p role="tabpanel">a</p><p role="tabpanel">b</p><p role="tabpanel">c</p></div>';
const carousel =
  '<section id="c" aria-label="C"><button commandfor="c" command="--next">N</button><div data-slides=""><p>1</p><p>2</p></div></section>';

describe('accordion', () => {
  beforeEach(() => {
    document.body.innerHTML = accordion;
  });
  const state = (): (string | null)[] => all('button').map((button) => button.getAttribute('aria-expanded'));

  it('opens and closes, moves by arrows when told to, and leaves no trace', async () => {
    const wired = wireAccordion(get('a'), { arrows: true });
    expect(state()).toEqual(['true', 'false']);
    all('button')[1]!.click();
    await settle();
    expect(state()).toEqual(['true', 'true']);
    expect(all('#a > div')[1]!.hasAttribute('hidden')).toBe(false);
    all('button')[1]!.focus();
    key('ArrowDown');
    expect(document.activeElement!.textContent).toBe('One');
    wired.unwire();
    expect(document.body.innerHTML).toBe(accordion);
  });

  it('keeps to exclusive and keepOne however it is changed', () => {
    const expanded = cell<ReadonlySet<string>>(new Set(['one']));
    const wired = wireAccordion(get('a'), { expanded, exclusive: true, keepOne: true });
    wired.collapse('one');
    expect([...expanded.get()]).toEqual(['one']);
    wired.expand('two');
    expect([...expanded.get()]).toEqual(['two']);
    wired.unwire();
  });

  it('takes defaults for all instances, and gives them back', () => {
    const back = setDefaults('accordion', { exclusive: true });
    const one = wireAccordion(get('a'));
    all('button')[1]!.click();
    expect(state()).toEqual(['false', 'true']);
    one.unwire();
    back();
    const other = wireAccordion(get('a'));
    all('button')[1]!.click();
    expect(state()).toEqual(['true', 'true']);
    other.unwire();
  });

  it('a default that decides what a root must be holds too', () => {
    const back = setDefaults('popover', { modal: true });
    expect(() => wirePopover(get('a'))).toThrow(/a modal popover needs a <dialog>, got <div id="a">/);
    back();
    wirePopover(get('a')).unwire();
  });

  it('refuses an unknown value, no element, and to be wired twice', () => {
    expect(() => wireAccordion(get('a'), { elastic: 'both' as never })).toThrow(
      'accordion option elastic must be block or inline or none, got both',
    );
    expect(() => wireAccordion(null as never)).toThrow(
      /accordion needs an element that is not wired yet, got null/,
    );
    const wired = wireAccordion(get('a'));
    expect(() => wireAccordion(get('a'))).toThrow(/not wired yet/);
    wired.unwire();
  });
});

describe('tabs', () => {
  beforeEach(() => {
    document.body.innerHTML = tabs;
  });
  const shown = (): string[] =>
    all('[role=tabpanel]')
      .filter((panel) => !panel.hasAttribute('hidden'))
      .map((panel) => panel.textContent);

  it('select, pass over the disabled, keep one tab stop, and leave no trace', () => {
    const wired = wireTabs(get('t'));
    expect(shown()).toEqual(['a']);
    all('[role=tab]')[0]!.focus();
    key('ArrowRight');
    expect([document.activeElement!.textContent, shown()]).toEqual(['C', ['c']]);
    expect(all('[tabindex="0"][role=tab]').map((tab) => tab.textContent)).toEqual(['C']);
    wired.select('0');
    expect(shown()).toEqual(['a']);
    wired.unwire();
    expect(document.body.innerHTML).toBe(tabs);
  });

  it('close only what can be closed, and never twice', () => {
    all('[role=tab]')[0]!.dataset['closable'] = '';
    const wired = wireTabs(get('t'));
    all('[role=tab]')[0]!.focus();
    key('Delete');
    expect([wired.selected.get(), [...wired.closed.get()]]).toEqual(['2', ['0']]);
    expect(document.activeElement!.textContent).toBe('C');
    key('Delete');
    expect([...wired.closed.get()]).toEqual(['0']);
    wired.unwire();
  });

  it.each(['Enter', ' '])('a disabled tab that has focus is not selected with %j', (name) => {
    all('[role=tab]')[2]!.setAttribute('aria-disabled', 'true');
    const wired = wireTabs(get('t'), { activation: 'manual' });
    all('[role=tab]')[2]!.focus();
    expect(document.activeElement!.textContent).toBe('C');
    key(name);
    expect([wired.selected.get(), shown()]).toEqual(['0', ['a']]);
    wired.unwire();
  });

  it('keep a tab closed that is added after others were', async () => {
    const wired = wireTabs(get('t'), { closed: ['late'] });
    const add = async (name: string): Promise<void> => {
      get('t').firstElementChild!.insertAdjacentHTML(
        'beforeend',
        `<button role="tab" data-key="${name}">${name}</button>`,
      );
      get('t').insertAdjacentHTML('beforeend', `<p role="tabpanel" data-key="${name}">${name}</p>`);
      await settle();
    };
    await add('other');
    await add('late');
    const visible = all('[role=tab]').filter((tab) => !tab.hidden);
    expect([visible.map((tab) => tab.textContent), [...wired.closed.get()]]).toEqual([
      ['A', 'B', 'C', 'other'],
      ['late'],
    ]);
    wired.unwire();
  });

  it('a guard that throws refuses, and is reported', () => {
    const reported: unknown[] = [];
    const { reportError } = globalThis;
    globalThis.reportError = (error: unknown) => void reported.push((error as Error).message);
    const wired = wireTabs(get('t'), {
      guard: () => {
        throw new Error('No.');
      },
    });
    all('[role=tab]')[2]!.click();
    globalThis.reportError = reportError;
    expect([wired.selected.get(), reported]).toEqual(['0', ['No.']]);
    wired.unwire();
  });
});

describe('carousel', () => {
  it('goes on, lets only the shown slide be reached, and leaves no trace', () => {
    document.body.innerHTML = carousel;
    const wired = wireCarousel(get('c'));
    all('button')[0]!.click();
    expect(wired.selected.get()).toBe('1');
    expect(all('[data-slides] > *').map((slide) => slide.hasAttribute('inert'))).toEqual([true, false]);
    wired.previous();
    expect(wired.selected.get()).toBe('0');
    wired.unwire();
    expect(document.body.innerHTML).toBe(carousel);
  });

  it('needs its slides', () => {
    document.body.innerHTML = '<section id="c"></section>';
    expect(() => wireCarousel(get('c'))).toThrow(
      /carousel needs an element with data-slides inside, got <section/,
    );
  });
});

describe('switch', () => {
  it.each([
    ['', true],
    ['checked', false],
  ])(
    'that was turned before it was wired (markup: “%s”): it stands, and everyone hears of it',
    async (attribute, now) => {
      document.body.innerHTML = `<input type="checkbox" id="s" aria-label="Lights" ${attribute}>`;
      const box = get('s') as HTMLInputElement;
      box.checked = now;
      const heard: Change[] = [];
      const wired = wireSwitch(get('s'), { onChange: (change) => void heard.push(change) });
      await settle();
      expect([wired.checked.get(), box.checked]).toEqual([now, now]);
      expect(heard).toEqual([expect.objectContaining({ name: 'checked', value: now, reason: 'native' })]);
      get('s').click();
      expect([wired.checked.get(), heard.length]).toEqual([!now, 2]);
    },
  );

  it('has again what somebody else took away, with the next change', () => {
    document.body.innerHTML = '<button id="s" aria-label="S"></button>';
    const wired = wireSwitch(get('s'));
    get('s').removeAttribute('role');
    get('s').click();
    expect(get('s').getAttribute('role')).toBe('switch');
    wired.unwire();
  });

  it('turns over, follows its cell, and is off in its form when it is off', async () => {
    document.body.innerHTML = '<form><button id="s" name="s" value="v" aria-label="S"></button></form>';
    const checked = cell(false);
    const wired = wireSwitch(get('s'), { checked });
    get('s').click();
    expect([checked.get(), get('s').getAttribute('aria-checked')]).toEqual([true, 'true']);
    document.querySelector('form')!.reset();
    await settle();
    expect(checked.get()).toBe(false);
    wired.unwire();
    expect(get('s').outerHTML).toBe('<button id="s" name="s" value="v" aria-label="S"></button>');
  });
});
