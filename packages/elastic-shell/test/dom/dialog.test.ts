// The dialog where there is no layout and no top layer: state, semantics, keys and focus still work.
import {
  type Change,
  type Dialog,
  type DialogOptions,
  wiredOf,
  wireDialog,
  wireMenu,
  wireWithin,
} from '../../src/index';

const get = <E extends HTMLElement = HTMLElement>(id: string): E => document.getElementById(id) as E;
const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
const key = (name: string, more: KeyboardEventInit = {}): KeyboardEvent => {
  const event = new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...more });
  document.activeElement!.dispatchEvent(event);
  return event;
};

const markup = `
<button id="before">Before</button>
<button id="opener" commandfor="d" command="show-modal">Open</button>
<button id="after">After</button>
<dialog id="d">
  <header><h2>Title</h2><button id="cross" commandfor="d" command="close">×</button></header>
  <p>Words.</p>
  <button id="no" commandfor="d" command="close" value="cancel">No</button>
  <button id="yes" commandfor="d" command="close" value="yes">Yes</button>
</dialog>`;

const setUp = (options: DialogOptions = {}, html = markup) => {
  document.body.innerHTML = html;
  const heard: string[] = [];
  const onChange = ({ value, reason, result }: Change): void =>
    void heard.push(`${value} ${reason} ${result}`);
  const wired = wireDialog(get('d'), { onChange, ...options });
  return { wired, heard };
};

afterEach(() => {
  document.body.innerHTML = '';
});

describe('wireDialog', () => {
  it('opens, names itself, moves focus to the least destructive action, and gives it back', () => {
    const { wired, heard } = setUp();
    get('opener').click();
    const root = get('d');
    expect(root.hasAttribute('open')).toBe(true);
    expect(document.getElementById(root.getAttribute('aria-labelledby')!)!.textContent).toBe('Title');
    expect(root.getAttribute('data-phase')).toBe('open');
    expect(get('opener').getAttribute('aria-haspopup')).toBe('dialog');
    expect(get('opener').getAttribute('aria-expanded')).toBe('true');
    expect(get('no').hasAttribute('aria-expanded')).toBe(false);
    expect(document.activeElement!.id).toBe('no');
    get('yes').click();
    expect(heard).toEqual(['true command ', 'false command yes']);
    expect(document.activeElement!.id).toBe('opener');
    expect(root.getAttribute('data-phase')).toBe('closed');
    wired.unwire();
  });

  it('leaves the markup byte for byte as it was, opened or not', () => {
    const { wired } = setUp();
    const before = markup;
    wired.show();
    wired.unwire();
    expect(document.body.innerHTML).toBe(before);
    expect(document.documentElement.hasAttribute('style')).toBe(false);
  });

  it('closes by Escape, with a null result; composing text is left alone', async () => {
    const { wired, heard } = setUp();
    const answer = wired.ask();
    key('Escape', { isComposing: true });
    expect(wired.open.get()).toBe(true);
    expect(key('Escape').defaultPrevented).toBe(true);
    expect(await answer).toBeNull();
    expect(heard.at(-1)).toBe('false escape null');
    wired.unwire();
  });

  it('leaves the first Escape to a search field that has text, and closes with the second', () => {
    const { wired } = setUp(
      {},
      '<dialog id="d"><h2>T</h2><input type="search" id="q" value="mast"></dialog>',
    );
    wired.show();
    get('q').focus();
    key('Escape');
    expect(wired.open.get()).toBe(true);
    key('Escape');
    expect(wired.open.get()).toBe(false);
    wired.unwire();
  });

  it('stays when told to keep', () => {
    const { wired } = setUp({ escape: 'keep', outside: 'keep' });
    wired.show();
    expect(get('d').getAttribute('closedby')).toBe('none');
    key('Escape');
    for (const type of ['pointerdown', 'pointerup'])
      document.body.dispatchEvent(new MouseEvent(type, { bubbles: true }));
    expect(wired.open.get()).toBe(true);
    wired.unwire();
  });

  it('wraps Tab both ways', () => {
    const { wired } = setUp();
    wired.show();
    get('yes').focus();
    expect(key('Tab').defaultPrevented).toBe(true);
    expect(document.activeElement!.id).toBe('cross');
    key('Tab', { shiftKey: true });
    expect(document.activeElement!.id).toBe('yes');
    get('no').focus();
    expect(key('Tab').defaultPrevented).toBe(false);
    wired.unwire();
  });

  it.each([
    ['released outside too', ['body', 'body'], false],
    ['that began inside', ['no', 'body'], true],
    ['that ended inside', ['body', 'no'], true],
  ])('a click outside %s', (_, [down, up], stays) => {
    const { wired } = setUp();
    wired.show();
    const at = (id: string): Element => (id === 'body' ? document.body : get(id));
    at(down!).dispatchEvent(new MouseEvent('pointerdown', { bubbles: true }));
    at(up!).dispatchEvent(new MouseEvent('pointerup', { bubbles: true }));
    expect(wired.open.get()).toBe(stays);
    wired.unwire();
  });

  it('forgets a press that the browser turned into a scroll', () => {
    const { wired } = setUp();
    wired.show();
    for (const type of ['pointerdown', 'pointercancel', 'pointerup'])
      document.body.dispatchEvent(new MouseEvent(type, { bubbles: true }));
    expect(wired.open.get()).toBe(true);
    wired.unwire();
  });

  it('gives the value of the control that closed it to everyone who asked', async () => {
    const { wired } = setUp();
    const answers = [wired.ask(), wired.ask()];
    get('yes').click();
    expect(await Promise.all(answers)).toEqual(['yes', 'yes']);
    const last = wired.ask();
    wired.close('by program');
    expect(await last).toBe('by program');
    wired.unwire();
  });

  it.each([
    ['takes it', true, 'yes'],
    ['refuses', false, null],
  ])('waits for an owner that replies later and %s', async (_, takes, result) => {
    let value = false;
    const { wired } = setUp({
      open: {
        get: () => value,
        set: (next: boolean) =>
          settle().then(() => {
            if (takes) value = next;
          }),
        subscribe: () => () => {},
      } as never,
    });
    const answer = wired.ask();
    await settle();
    await settle();
    expect(wired.open.get()).toBe(takes);
    if (takes) get('yes').click();
    expect(await answer).toBe(result);
    wired.unwire();
  });

  it('answers null to who asked when it may not open, or is unwired', async () => {
    const { wired } = setUp({ guard: ({ value }) => !value });
    expect(await wired.ask()).toBeNull();
    wired.unwire();
    const slow = setUp({ guard: async ({ value }) => !value });
    expect(await slow.wired.ask()).toBeNull();
    slow.wired.unwire();
    const unwired = setUp();
    const answer = unwired.wired.ask();
    unwired.wired.unwire();
    expect(await answer).toBeNull();
  });

  it('shows a failure in the dialog, announced, and clears it with the next try', async () => {
    let fails = true;
    const { wired } = setUp({
      guard: ({ result }) =>
        result !== 'yes' || (fails ? Promise.reject(new Error('Not now.')) : Promise.resolve(true)),
      messages: { failed: (error) => `It failed: ${(error as Error).message}` },
    });
    wired.show();
    get('yes').click();
    expect(get('d').getAttribute('aria-busy')).toBe('true');
    expect(get('yes').getAttribute('aria-disabled')).toBe('true');
    await settle();
    expect(wired.open.get()).toBe(true);
    expect(get('d').querySelector('[role=alert]')!.textContent).toBe('It failed: Not now.');
    fails = false;
    get('yes').click();
    expect(get('d').querySelector('[role=alert]')).toBeNull();
    await settle();
    expect(wired.open.get()).toBe(false);
    wired.unwire();
    expect(document.body.innerHTML).toBe(markup);
  });

  it('asks the guard about a form with method=dialog, and its button is the result', async () => {
    const form =
      '<button id="opener" commandfor="d" command="--open">O</button><dialog id="d" aria-label="F"><form method="dialog"><input id="f"><button id="ok" value="sent">OK</button></form></dialog>';
    const { wired, heard } = setUp({}, form);
    get('opener').click();
    expect(document.activeElement!.id).toBe('f');
    expect(get('d').hasAttribute('aria-labelledby')).toBe(false);
    get('ok').click();
    await settle();
    expect(heard.at(-1)).toBe('false command sent');
    wired.unwire();
  });

  it('describes an alert dialog by its paragraph, and keeps it open on a click outside', () => {
    const { wired } = setUp({}, markup.replace('<dialog', '<dialog role="alertdialog"'));
    wired.show();
    expect(document.getElementById(get('d').getAttribute('aria-describedby')!)!.textContent).toBe('Words.');
    for (const type of ['pointerdown', 'pointerup'])
      document.body.dispatchEvent(new MouseEvent(type, { bubbles: true }));
    expect(wired.open.get()).toBe(true);
    wired.unwire();
  });

  it.each<[string, string, string]>([
    ['autofocus', '<h2>T</h2><input><button autofocus id="it">B</button>', 'it'],
    ['the first field', '<h2>T</h2><button>B</button><textarea id="it"></textarea>', 'it'],
    [
      'an action before the cross',
      '<header><h2>T</h2><button commandfor="d" command="close">×</button></header><button id="it">Do</button>',
      'it',
    ],
    [
      'the heading when there is only a cross',
      '<header><h2 id="it">T</h2><button commandfor="d" command="close">×</button></header><p>Long</p>',
      'it',
    ],
    [
      'no disabled or hidden field',
      '<h2>T</h2><input disabled><input hidden><input type="hidden"><input id="it">',
      'it',
    ],
  ])('first focus: %s', (_, inner, expected) => {
    const { wired } = setUp({}, `<dialog id="d">${inner}</dialog>`);
    wired.show();
    expect(document.activeElement!.id).toBe(expected);
    wired.unwire();
  });

  it.each<[string, NonNullable<DialogOptions['firstFocus']>]>([
    ['a selector', '#yes'],
    ['a function', () => document.getElementById('yes')],
  ])('first focus by %s', (_, firstFocus) => {
    const { wired } = setUp({ firstFocus });
    wired.show();
    expect(document.activeElement!.id).toBe('yes');
    wired.unwire();
  });
});

describe('what the page does meanwhile', () => {
  it('the opener is removed while the dialog is open: focus goes to what follows it', async () => {
    const { wired } = setUp();
    get('opener').click();
    get('opener').remove();
    await settle();
    wired.close();
    expect(document.activeElement!.id).toBe('after');
    wired.unwire();
  });

  it('the opener goes in the very change that closes: focus goes to what follows it', async () => {
    const { wired } = setUp({ onChange: ({ value }) => value || get('opener').remove() });
    get('opener').focus();
    get('opener').click();
    wired.close();
    await settle();
    expect(document.activeElement!.id).toBe('after');
    wired.unwire();
  });

  it('the opener goes a while after closing: focus is not lost to the body', async () => {
    const { wired } = setUp();
    get('opener').click();
    wired.close();
    await settle();
    expect(document.activeElement!.id).toBe('opener');
    get('opener').remove();
    await settle();
    expect(document.activeElement!.id).toBe('after');
    wired.unwire();
  });

  it('the opener has become disabled or hidden: focus goes on from there', () => {
    const { wired } = setUp();
    get('opener').click();
    get<HTMLButtonElement>('opener').disabled = true;
    wired.close();
    expect(document.activeElement!.id).toBe('after');
    wired.unwire();
  });

  it('the dialog is removed while open: it closes, the page is let go, focus returns', async () => {
    const { wired, heard } = setUp();
    get('opener').click();
    expect(document.documentElement.style.overflow).toBe('hidden');
    const answer = wired.ask();
    get('d').remove();
    await settle();
    expect(heard.at(-1)).toBe('false removed undefined');
    expect(document.documentElement.hasAttribute('style')).toBe(false);
    expect(document.activeElement!.id).toBe('opener');
    expect(await answer).toBeNull();
    wired.unwire();
  });

  it('its open attribute is taken away: it closes', async () => {
    const { wired, heard } = setUp();
    wired.show();
    get('d').removeAttribute('open');
    await settle();
    expect(heard.at(-1)).toMatch(/^false native/);
    expect(document.documentElement.hasAttribute('style')).toBe(false);
    wired.unwire();
  });

  it('it is to open before it is in the document: it does, where nothing is laid out', async () => {
    const root = document.createElement('dialog');
    const wired = wireDialog(root);
    wired.show();
    document.body.append(document.createElement('p'));
    await settle();
    expect([wired.open.get(), root.hasAttribute('open')]).toEqual([true, true]);
    wired.unwire();
    expect(root.outerHTML).toBe('<dialog></dialog>');
  });
});

describe('dialogs in dialogs', () => {
  const nested = `<button id="o">O</button><dialog id="d"><h2>A</h2><button id="a" commandfor="e" command="--open">In</button></dialog><dialog id="e"><h2>B</h2><button id="b">b</button></dialog>`;

  it('close one at a time by Escape, and children before their parent', () => {
    const { wired, heard } = setUp({}, nested);
    const inner = wireDialog(get('e'), {
      onChange: ({ value, reason }) => heard.push(`inner ${value} ${reason}`),
    });
    wired.show();
    get('a').click();
    key('Escape');
    expect([wired.open.get(), inner.open.get()]).toEqual([true, false]);
    expect(document.activeElement!.id).toBe('a');
    get('a').click();
    wired.close();
    expect(heard.slice(-2)).toEqual(['inner false parent', 'false program null']);
    expect(document.documentElement.hasAttribute('style')).toBe(false);
    wired.unwire();
    inner.unwire();
  });

  it('a parent closes its child even where the child would refuse', () => {
    const { wired } = setUp({}, nested);
    const inner = wireDialog(get('e'), { guard: ({ value }) => value });
    wired.show();
    get('a').click();
    key('Escape');
    expect(inner.open.get()).toBe(true);
    wired.close();
    expect([wired.open.get(), inner.open.get()]).toEqual([false, false]);
    wired.unwire();
    inner.unwire();
  });
});

describe('misuse of a dialog', () => {
  it.each([[null], [undefined], [document.createElement('div')]])('refuses %p as a root', (root) => {
    expect(() => wireDialog(root as never)).toThrow(/^elastic-shell: dialog needs a <dialog>, got /);
  });
  it('refuses an unknown option value, and says what there is', () => {
    document.body.innerHTML = markup;
    expect(() => wireDialog(get('d'), { outside: 'shut' as never })).toThrow(
      'elastic-shell: dialog option outside must be close or absorb or keep, got shut',
    );
    wireDialog(get('d')).unwire();
  });
  it('a guard that throws keeps it as it is, with the error shown in it', () => {
    const { wired } = setUp({
      guard({ value }) {
        if (!value) throw new Error('A broken guard.');
      },
    });
    wired.show();
    expect(() => wired.close()).not.toThrow();
    expect(wired.open.get()).toBe(true);
    expect(get('d').querySelector('[role=alert]')!.textContent).toBe('A broken guard.');
    wired.unwire();
    expect(document.body.innerHTML).toBe(markup);
  });

  it('a guard that never settles is forgotten by unwire, and the page is let go', () => {
    const { wired } = setUp({ guard: ({ value }) => value || new Promise(() => {}) });
    wired.show();
    get('yes').click();
    expect(wired.busy.get()).toBe(true);
    wired.unwire();
    expect(document.body.innerHTML).toBe(markup);
    expect(document.documentElement.hasAttribute('style')).toBe(false);
  });

  it('refuses to wire twice', () => {
    const { wired } = setUp();
    expect(() => wireDialog(get('d'))).toThrow(/not wired yet/);
    wired.unwire();
  });
});

it('content that is at hand counts as having been there, also when its loader came after the dialog opened', async () => {
  document.body.innerHTML =
    '<template id="t"><input id="field"></template><dialog id="d"><h2>T</h2><button id="b">B</button><div data-content></div></dialog>';
  const wired = wireDialog(get('d'), { content: '#t' });
  wired.show();
  expect(document.activeElement!.id).toBe('b');
  for (let turn = 0; turn < 50 && !document.querySelector('#field'); turn++) await settle();
  expect(document.activeElement!.id).toBe('field');
  wired.unwire();
});

describe('rendered again while it is open', () => {
  const markup =
    '<dialog id="d" data-wire="dialog" data-wire-open="true"><h2>Tides</h2><button commandfor="d" command="close">Shut</button></dialog>';
  it.each([1, 2, 3])('%i times in one task: it is open', async (times) => {
    document.body.innerHTML = '<main></main>';
    const main = document.querySelector('main')!;
    for (let at = 0; at <= times; at++) {
      main.innerHTML = markup;
      wireWithin(main);
    }
    const isOpen = (): (boolean | undefined)[] => [
      (wiredOf(get('d')) as Dialog | undefined)?.open.get(),
      get('d').hasAttribute('open'),
    ];
    expect(isOpen()).toEqual([true, true]);
    await settle();
    expect(isOpen()).toEqual([true, true]);
    get('d').querySelector('button')!.click();
    expect(isOpen()).toEqual([false, false]);
  });
});

it.each(['one', 'inner'])(
  'a dialog that is opened by a pick (%s) stays when the menu closes behind it',
  async (item) => {
    document.body.innerHTML = `<button commandfor="m" command="--toggle" id="more">More</button>
    <div role="menu" id="m" popover="manual" aria-label="M"><button role="menuitem" data-key="one">One</button>
      <button role="menuitem" data-key="sub" aria-controls="s">Sub</button>
      <div role="menu" id="s" popover="manual" aria-label="S"><button role="menuitem" data-key="inner">Inner</button></div></div>
    <dialog id="d"><h2>Strike it?</h2><button commandfor="d" command="close" value="strike">Strike</button></dialog>`;
    const dialog = wireDialog(get('d'));
    const picked: string[] = [];
    const pick = async (): Promise<void> => void picked.push(`${await dialog.ask()}`);
    const menus = [wireMenu(get('m'), { onPick: pick }), wireMenu(get('s'), { onPick: pick })];
    get('more').focus();
    get('more').click();
    if (item === 'inner') document.querySelector<HTMLElement>('[data-key=sub]')!.click();
    document.querySelector<HTMLElement>(`[data-key=${item}]`)!.click();
    expect([dialog.open.get(), ...menus.map(({ open }) => open.get())]).toEqual([true, false, false]);
    document.querySelector<HTMLElement>('[value=strike]')!.click();
    await Promise.resolve();
    expect([picked, document.activeElement!.id]).toEqual([['strike'], 'more']);
    for (const each of [dialog, ...menus]) each.unwire();
  },
);
