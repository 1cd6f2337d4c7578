// Shadow roots and slots: focus, names, what counts as inside, and presses follow the page as it is shown, not as its markup stands.
import type { Page } from 'playwright-core';
import { arrived, changes, openBare, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

/** Presses keys; answers the id of what had focus after each, also inside an open shadow root. */
const pressInside = async (page: Page, ...keys: string[]): Promise<string[]> => {
  const seen: string[] = [];
  for (const key of keys) {
    await page.keyboard.press(key);
    seen.push(await inFocus(page));
  }
  return seen;
};

const inFocus = async (page: Page): Promise<string> => {
  await arrived(page);
  return page.evaluate(() => {
    let active = document.activeElement!;
    while (active.shadowRoot?.activeElement) active = active.shadowRoot.activeElement;
    return active.id || active.localName;
  });
};

/** A field in a shadow root of its own, as design systems have them. */
const field = (id: string, mode: string): string =>
  `<boat-field data-field="${id}" data-mode="${mode}"></boat-field>`;

/** Gives each boat-field its inside. */
const fillFields = (page: Page): Promise<void> =>
  page.evaluate(() => {
    for (const host of document.querySelectorAll<HTMLElement>('boat-field')) {
      const { field: id, mode } = host.dataset;
      const shadow = host.attachShadow({ mode: mode as ShadowRootMode, delegatesFocus: true });
      shadow.innerHTML = `<input id="${id}" aria-label="${id}">`;
    }
  });

describe('a dialog with fields in shadow roots of their own', () => {
  const start = async (mode: string): Promise<Page> => {
    const { page } = await openBare(
      open,
      `<button id="o" commandfor="d" command="show-modal">O</button><dialog id="d"><header><h2 id="h">Title</h2><button id="x" commandfor="d" command="close">Close</button></header>${field('name', mode)}${field('berth', mode)}</dialog>`,
    );
    await fillFields(page);
    await page.evaluate(() => void shell.wire('dialog', 'd'));
    await page.click('#o');
    await page.waitForSelector('#d:modal[data-phase=open]');
    return page;
  };

  it('focus goes to the first field, and Tab through all of them and round', async () => {
    const page = await start('open');
    expect(await inFocus(page)).toBe('name');
    expect(await pressInside(page, 'Tab', 'Tab', 'Tab', 'Shift+Tab', 'Shift+Tab')).toEqual([
      'berth',
      'x',
      'name',
      'x',
      'berth',
    ]);
  });

  it('an element of the library that has no stop is none: Tab wraps after the last field', async () => {
    const page = await start('open');
    await page.evaluate(() =>
      document
        .getElementById('d')!
        .insertAdjacentHTML('beforeend', '<shell-tooltip><div role="tooltip">Words</div></shell-tooltip>'),
    );
    expect(await pressInside(page, 'Tab', 'Tab')).toEqual(['berth', 'x']);
  });

  it('the inside of a closed one is left to the browser, which reaches it', async () => {
    const page = await start('closed');
    await page.focus('#x');
    expect(await pressInside(page, 'Tab', 'Tab', 'Shift+Tab', 'Shift+Tab')).toEqual([
      'boat-field',
      'boat-field',
      'boat-field',
      'x',
    ]);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d:not([open])', { state: 'attached' });
    expect(await inFocus(page)).toBe('o');
  });

  it('a field in a shadow root opened it: focus goes back into that', async () => {
    const { page } = await openBare(
      open,
      '<button id="first">First</button><boat-card></boat-card><dialog id="d"><h2>Title</h2><button id="x" commandfor="d" command="close">Close</button></dialog>',
    );
    await page.evaluate(() => {
      const shadow = document.querySelector('boat-card')!.attachShadow({ mode: 'open' });
      shadow.innerHTML = '<button id="inner">Edit</button>';
      const dialog = shell.wireDialog(document.querySelector('dialog')!);
      shadow.querySelector('button')!.addEventListener('click', () => dialog.show());
    });
    await page.focus('#first');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#d:modal[data-phase=open]');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d:not([open])', { state: 'attached' });
    expect(await inFocus(page)).toBe('inner');
  });

  it('a popover whose fields are in shadow roots: Tab leads in, through, and out to what follows', async () => {
    const { page } = await openBare(
      open,
      `<button id="o" commandfor="p" command="toggle-popover">O</button><button id="after">After</button><div id="p" popover="manual">${field('name', 'open')}${field('berth', 'open')}</div>`,
    );
    await fillFields(page);
    await page.evaluate(() => void shell.wire('popover', 'p', { firstFocus: () => null }));
    await page.focus('#o');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#p:popover-open');
    expect(await pressInside(page, 'Tab', 'Tab', 'Tab')).toEqual(['name', 'berth', 'after']);
  });
});

describe('a dialog in a shadow root, with slotted content', () => {
  const start = async (mode: string, then = ''): Promise<Page> => {
    const { page } = await openBare(
      open,
      '<boat-dialog><h2 id="h">Edit the boat</h2><p id="t">Its berth stays.</p><input id="name" aria-label="Name"><select id="berth" aria-label="Berth"><option>1</option></select></boat-dialog>',
    );
    await page.evaluate(
      ([kind, after]) => {
        const shadow = document.querySelector('boat-dialog')!.attachShadow({ mode: kind as ShadowRootMode });
        shadow.innerHTML = `<button id="o" commandfor="d" command="show-modal">O</button><dialog id="d"><header><slot name="title"></slot><button id="x" commandfor="d" command="close">Close</button></header><slot></slot>${after}</dialog>`;
        document.getElementById('h')!.slot = 'title';
        const dialog = shadow.querySelector('dialog')!;
        const wired = shell.wire('dialog', 'd', { outside: 'close' }, dialog);
        Object.assign(globalThis, {
          dialog,
          open: () => (wired as ReturnType<typeof shell.wireDialog>).show(),
        });
      },
      [mode, then],
    );
    await page.evaluate(() => (globalThis as unknown as { open(): unknown }).open());
    await page.waitForFunction(
      () => (globalThis as unknown as { dialog: HTMLElement }).dialog.dataset['phase'] === 'open',
    );
    return page;
  };

  it.each(['open', 'closed'])('focus goes to the slotted field, and Tab round (%s)', async (mode) => {
    const page = await start(mode, '<button id="last">Save</button>');
    // What is in the closed one is told as its host.
    const inside = (id: string): string => (mode === 'open' ? id : 'boat-dialog');
    await page.waitForFunction(() => document.activeElement!.id === 'name');
    expect(await pressInside(page, 'Tab', 'Tab', 'Tab', 'Tab', 'Shift+Tab', 'Shift+Tab')).toEqual([
      'berth',
      inside('last'),
      inside('x'),
      'name',
      inside('x'),
      inside('last'),
    ]);
  });

  it('is named and described by what is slotted', async () => {
    const page = await start('open');
    const said = await page.evaluate(() => {
      const { dialog } = globalThis as unknown as { dialog: HTMLElement };
      return [dialog.getAttribute('aria-label'), dialog.getAttribute('aria-description')];
    });
    expect(said).toEqual(['Edit the boat', null]);
  });

  it.each(['open', 'closed'])(
    'a press on slotted text is inside, and one on the backdrop outside (%s)',
    async (mode) => {
      const page = await start(mode);
      await page.click('#t');
      await page.click('#name');
      expect(await changes(page)).toEqual(['d open true program']);
      await page.mouse.click(5, 5);
      await page.waitForFunction(() => shell.log.length === 2);
      expect((await changes(page))[1]).toBe('d open false outside null');
    },
  );

  it('what has focus in the slot is taken away: focus stays in the dialog', async () => {
    const page = await start('open');
    await page.evaluate(() => document.getElementById('name')!.remove());
    await page.waitForFunction(() => document.activeElement !== document.body);
    expect(['h', 'berth']).toContain(await inFocus(page));
  });
});

describe('slotted triggers and panels', () => {
  const start = async (inside: string, light: string, wire: 'disclosure' | 'menu'): Promise<Page> => {
    const { page } = await openBare(open, `<boat-panel>${light}</boat-panel>`);
    await page.evaluate(
      ([markup, kind]) => {
        const host = document.querySelector('boat-panel')!;
        const shadow = host.attachShadow({ mode: 'open' });
        shadow.innerHTML = markup!;
        // Something is wired in each of the two trees, so both are heard.
        shell.wire('disclosure', 'other', {}, shadow.getElementById('other')!);
        shell.wire(kind as 'disclosure', 'p', {}, document.getElementById('p')!);
      },
      [inside, wire],
    );
    return page;
  };
  const shadowed =
    '<slot></slot><button commandfor="other" command="--toggle">Other</button><p id="other" hidden>Other</p>';

  it('a disclosure opens at one press, and closes at the next', async () => {
    const page = await start(
      shadowed,
      '<button id="b" commandfor="p" command="--toggle">B</button><p id="p" hidden>P</p>',
      'disclosure',
    );
    await page.click('#b');
    await page.click('#b');
    await page.focus('#b');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Space');
    await page.waitForFunction(() => shell.log.length >= 4);
    expect((await changes(page)).map((each) => each.split(' ')[2])).toEqual([
      'true',
      'false',
      'true',
      'false',
    ]);
  });

  it.each(['Enter', 'Space', 'ArrowDown'])('a menu opens by %s, and its item is picked once', async (key) => {
    const page = await start(
      shadowed,
      '<button id="b" commandfor="p" command="--toggle">B</button><div id="p" role="menu" popover="manual"><button id="one" role="menuitem">One</button></div>',
      'menu',
    );
    await page.focus('#b');
    await page.keyboard.press(key);
    await page.waitForSelector('#p:popover-open[data-phase=open]');
    expect(await inFocus(page)).toBe('one');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#p:not(:popover-open)', { state: 'attached' });
    expect((await changes(page)).filter((each) => each.includes(' open '))).toHaveLength(2);
  });

  it('a button whose words are slotted acts once', async () => {
    const page = await start(
      '<button aria-controls="other"><slot></slot></button><p id="other" hidden>Other</p>',
      '<b id="words">More</b><p id="p" slot="none" hidden>P</p>',
      'disclosure',
    );
    await page.click('#words');
    await page.waitForFunction(() => shell.log.length > 0);
    expect(await changes(page)).toEqual(['other open true press ']);
  });
});

it('a layer in a shadow root inside a modal is not told to be inert', async () => {
  const { page } = await openBare(open, '<dialog id="d"><h2>Title</h2><boat-card></boat-card></dialog>');
  const told = await page.evaluate(async () => {
    const shadow = document.querySelector('boat-card')!.attachShadow({ mode: 'open' });
    shadow.innerHTML =
      '<button id="o" commandfor="p" command="toggle-popover">O</button><div id="p" popover="manual">P</div>';
    shell.wire('popover', 'p', {}, shadow.getElementById('p')!);
    const dialog = shell.wireDialog(document.querySelector('dialog')!);
    shell.journal.clear();
    dialog.show();
    shadow.querySelector('button')!.click();
    await new Promise((resolve) => setTimeout(resolve));
    return [
      shadow.getElementById('p')!.matches(':popover-open'),
      shell.journal.entries.map(({ code }) => code).filter((code) => code === 'layer-inert'),
    ];
  });
  expect(told).toEqual([true, []]);
});
