// Focus and keys where browsers differ: what they do when the focused control goes, what they call a key, which they keep to
// themselves, and what they make a tab stop.
import type { Page } from 'playwright-core';
import { desk, focused, openBare, press, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

describe('in a modal', () => {
  const start = async (): Promise<Page> => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="d" command="show-modal">O</button><dialog id="d"><h2 id="h">Title</h2><button id="a">A</button><button id="b">B</button></dialog>',
    );
    await page.evaluate(() => void shell.wire('dialog', 'd'));
    await page.click('#o');
    await page.waitForSelector('#d:modal');
    return page;
  };

  it('the focused control is removed: focus goes to its heading, and Tab on from there', async () => {
    const page = await start();
    await page.focus('#a');
    await page.evaluate(() => document.getElementById('a')!.remove());
    await page.waitForFunction(() => document.activeElement!.id === 'h');
    expect(await press(page, 'Tab', 'Tab')).toEqual(['b', 'b']);
  });

  it('Tab and Shift+Tab stay within, and never on the dialog itself', async () => {
    const page = await start();
    await page.focus('#a');
    expect(await press(page, 'Shift+Tab', 'Shift+Tab', 'Tab', 'Tab')).toEqual(['b', 'a', 'b', 'a']);
  });
});

describe('into a modal', () => {
  /** A page with a dialog of one field, and the order in which things get focus. */
  const start = async (): Promise<Page> => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="d" command="show-modal">O</button><output id="out"></output><dialog id="d"><header><h2>Title</h2></header><input id="f" aria-label="F"><button id="x" commandfor="d" command="close">X</button></dialog>',
    );
    await page.evaluate(() => {
      shell.wire('dialog', 'd', {
        onChange: ({ value }: { value: unknown }) => {
          if (!value) document.getElementById('out')!.textContent = 'Struck.';
        },
      });
      const { dataset } = document.body;
      document.addEventListener('focusin', ({ target }) => {
        dataset['way'] = `${dataset['way'] ?? ''} ${(target as Element).id}`;
        if (target === document.getElementById('d'))
          queueMicrotask(() => (dataset['next'] = document.activeElement!.id));
      });
    });
    return page;
  };
  const way = (page: Page): Promise<string | undefined> =>
    page.evaluate(() => document.body.dataset['way']?.trim());

  it('by the keyboard, focus rests on the dialog and goes on to the field: both are announced', async () => {
    const page = await start();
    await page.focus('#o');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement!.id === 'f');
    // Chromium focuses the first field by itself before.
    expect(await way(page)).toMatch(/^o (f )?d f$/);
    expect(await page.evaluate(() => document.body.dataset['next'])).toBe('d');
  });

  it('a key that is pressed meanwhile goes to the field', async () => {
    const page = await start();
    await page.focus('#o');
    await page.keyboard.press('Enter');
    await page.keyboard.type('ab');
    expect(await page.evaluate(() => document.querySelector('input')!.value)).toBe('ab');
  });

  it('a window that loses focus meanwhile has it on the field when it comes back', async () => {
    const page = await start();
    await page.evaluate(() => {
      const root = document.getElementById('d')!;
      root.addEventListener('focus', () => queueMicrotask(() => root.dispatchEvent(new FocusEvent('blur'))), {
        once: true,
      });
    });
    await page.focus('#o');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement!.id === 'f');
  });

  it('by the pointer, the field has focus at once', async () => {
    const page = await start();
    await page.click('#o');
    await page.waitForSelector('#d:modal');
    expect(await page.evaluate(() => document.activeElement!.id)).toBe('f');
  });

  it('an arrow key that is pressed meanwhile is heard by the field', async () => {
    const page = await start();
    await page.evaluate(() => {
      document.getElementById('f')!.addEventListener('keydown', (event) => {
        document.body.dataset['key'] = event.key;
        event.preventDefault();
      });
    });
    await page.focus('#o');
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowDown');
    expect(await page.evaluate(() => document.body.dataset['key'])).toBe('ArrowDown');
  });

  it('a message that the page shows while it closes is put back once the page is there again', async () => {
    const page = await start();
    await page.click('#o');
    await page.waitForSelector('#d:modal');
    await page.evaluate(() => {
      const out = document.getElementById('out')!;
      new MutationObserver((records) => {
        for (const { removedNodes } of records) if (removedNodes.length) document.body.dataset['again'] = '';
      }).observe(out, { childList: true });
    });
    await page.click('#x');
    await page.waitForFunction(() => document.body.dataset['again'] !== undefined);
    expect(await page.evaluate(() => document.getElementById('out')!.textContent)).toBe('Struck.');
  });
});

it('Shift+Tab closes a menu and goes back from its button', async () => {
  const { page } = await openBare(
    open,
    '<button id="before">Before</button><button id="o" commandfor="m" command="--toggle">O</button><div id="m" role="menu" popover="manual"><button id="i" role="menuitem">One</button><button role="menuitem">Two</button></div>',
  );
  await page.evaluate(() => void shell.wire('menu', 'm'));
  await page.focus('#o');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#m:popover-open');
  await page.keyboard.press('Shift+Tab');
  await page.waitForFunction(() => !document.getElementById('m')!.matches(':popover-open'));
  expect(await focused(page)).toBe('before');
});

it.each(['<select id="f"><option>1</option></select>', '<input id="f" type="date">'])(
  'Escape in a closed %s closes the popover around it at the first press',
  async (field) => {
    const { page } = await openBare(
      open,
      `<button id="o" commandfor="p" command="--toggle">O</button><div id="p" popover="manual">${field}</div>`,
    );
    await page.evaluate(() => void shell.wire('popover', 'p'));
    await page.click('#o');
    await page.focus('#f');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => !document.getElementById('p')!.matches(':popover-open'));
    expect(await focused(page)).toBe('o');
  },
);

describe('what scrolls is no tab stop of its own', () => {
  /** What Tab stops at after `start`, until it comes to the control that follows the pattern. */
  const stops = async (page: Page): Promise<string[]> => {
    const seen: string[] = [];
    await page.focus('#start');
    while (seen.at(-1) !== 'end' && seen.length < 8) seen.push(...(await press(page, 'Tab')));
    return seen;
  };
  const narrow = 'style="inline-size:90px;block-size:60px;overflow:auto"';
  const lines = (role: string, count = 12) =>
    Array.from(
      { length: count },
      (_, at) => `<div role="${role}" id="i${at}" data-key="k${at}">Item ${at}</div>`,
    ).join('');

  it.each([
    ['listbox', `<div id="x" ${narrow} aria-label="L">${lines('option')}</div>`, ['i0', 'end']],
    [
      'tree',
      `<ul id="x" ${narrow} aria-label="T">${Array.from({ length: 12 }, (_, at) => `<li id="i${at}">Row ${at}</li>`).join('')}</ul>`,
      ['i0', 'end'],
    ],
    [
      'tabs',
      `<div id="x"><div role="tablist" ${narrow} aria-label="T">${['a', 'b', 'c', 'd'].map((key) => `<button role="tab" id="t${key}" data-key="${key}">Tab ${key} of many</button>`).join('')}</div>${['a', 'b', 'c', 'd'].map((key) => `<div role="tabpanel" data-key="${key}"><button id="p${key}">In ${key}</button></div>`).join('')}</div>`,
      ['ta', 'pa', 'end'],
    ],
    [
      'carousel',
      '<section id="x" aria-label="C"><div data-slides><div><button id="s0">1</button></div><div><button>2</button></div></div></section>',
      ['s0', 'end'],
    ],
  ])('%s', async (pattern, markup, expected) => {
    const { page } = await openBare(
      open,
      `<button id="start">S</button>${markup}<button id="end">E</button>`,
    );
    await page.evaluate((name) => void shell.wire(name as 'listbox', 'x'), pattern);
    if (pattern === 'carousel')
      await page.waitForFunction(() => document.querySelectorAll('[data-slides] > [inert]').length === 1);
    expect(await stops(page)).toEqual(expected);
  });

  it('a combobox: its field, and then what follows it, though its list is open and scrolls', async () => {
    const { page } = await open(desk('gallery.html'));
    await page.focus('#long-field');
    await page.keyboard.press('ArrowDown');
    await page.waitForSelector('#long-field[aria-expanded=true]');
    await page.keyboard.press('Tab');
    expect(
      await page.evaluate(
        () => document.activeElement!.closest('[role=listbox], [popover]')?.id ?? 'outside',
      ),
    ).toBe('outside');
  });
});
