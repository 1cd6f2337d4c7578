// The dialog in Chromium: every row of its contract by real keys, mouse and touch.
import type { Page } from 'playwright-core';
import { holdAnswers } from './support/answers';
import { changes, desk, focused, itIn, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const isOpen = (id: string) => `#${id}:modal`;
const isClosed = { state: 'hidden' as const };

describe('the plain dialog', () => {
  const opener = '[commandfor=plain-dialog][command=show-modal]';

  it.each(['Enter', 'Space'])('opens by %s, and Escape closes it and gives focus back', async (key) => {
    const { page } = await gallery();
    await page.focus(opener);
    await page.keyboard.press(key);
    await page.waitForSelector(isOpen('plain-dialog'));
    expect(await page.getAttribute(opener, 'aria-expanded')).toBe('true');
    expect(await focused(page)).toBe('Understood');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#plain-dialog', isClosed);
    expect(await focused(page)).toBe('Open a dialog');
    expect(await page.getAttribute(opener, 'aria-expanded')).toBe('false');
  });

  it('keeps Tab and Shift+Tab within', async () => {
    const { page } = await gallery();
    await page.click(opener);
    await page.waitForSelector(isOpen('plain-dialog'));
    const seen: string[] = [];
    for (const key of ['Tab', 'Tab', 'Shift+Tab', 'Shift+Tab']) {
      await page.keyboard.press(key);
      seen.push(await focused(page));
    }
    expect(seen).toEqual(['×', 'Understood', '×', 'Understood']);
  });

  it('makes the page inert and holds it still, without a sideways shift', async () => {
    const { page } = await gallery();
    const left = () =>
      page.evaluate(() => document.querySelector('#dialog h2')!.getBoundingClientRect().left);
    expect(await page.evaluate(() => document.documentElement.clientWidth < innerWidth)).toBe(true);
    const before = await left();
    await page.click(opener);
    await page.waitForSelector(isOpen('plain-dialog'));
    expect(await left()).toBe(before);
    await page.mouse.move(300, 700);
    await page.mouse.wheel(0, 600);
    expect(await page.evaluate(() => getComputedStyle(document.documentElement).overflowY)).toBe('hidden');
    expect(await page.evaluate(() => document.elementFromPoint(5, 5)!.id)).toBe('plain-dialog');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#plain-dialog', isClosed);
    expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
  });

  it.each([
    ['mouse', {}],
    ['touch', { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } }],
  ])('closes by a press on the backdrop, by %s, and what lies under it does not act', async (_, options) => {
    const { page } = await gallery(options);
    await page.click(opener);
    await page.waitForSelector(isOpen('plain-dialog'));
    const target = await page.locator('#direction').boundingBox();
    const [x, y] = [target!.x + 5, target!.y + 5];
    if ('hasTouch' in options) await page.touchscreen.tap(x, y);
    else await page.mouse.click(x, y);
    await page.waitForSelector('#plain-dialog', isClosed);
    expect(await page.evaluate(() => document.documentElement.dir)).not.toBe('rtl');
  });

  it('stays open when a press or a selection begins inside and ends outside', async () => {
    const { page } = await gallery();
    await page.click(opener);
    const text = await page.locator('#plain-dialog p').boundingBox();
    await page.mouse.move(text!.x + 10, text!.y + 8);
    await page.mouse.down();
    await page.mouse.move(5, 400, { steps: 4 });
    await page.mouse.up();
    expect(await page.locator(isOpen('plain-dialog')).count()).toBe(1);
    await page.mouse.move(5, 400);
    await page.mouse.down();
    await page.mouse.move(text!.x + 10, text!.y + 8, { steps: 4 });
    await page.mouse.up();
    expect(await page.locator(isOpen('plain-dialog')).count()).toBe(1);
  });

  it('never loses focus to the body: a press on plain text or the removal of a control keeps it inside', async () => {
    const { page } = await gallery();
    await page.click(opener);
    await page.click('#plain-dialog p');
    expect(await page.evaluate(() => !!document.activeElement!.closest('#plain-dialog'))).toBe(true);
    await page.focus('#plain-dialog footer button');
    await page.evaluate(() => document.activeElement!.remove());
    await page.waitForFunction(() => document.activeElement !== document.body);
    expect(await page.evaluate(() => document.activeElement!.textContent)).toBe('Tide times');
  });

  it('does not mistake its own padding for the backdrop', async () => {
    const { page } = await gallery();
    await page.click(opener);
    const box = (await page.locator('#plain-dialog').boundingBox())!;
    await page.mouse.click(box.x + 3, box.y + box.height / 2);
    expect(await page.locator(isOpen('plain-dialog')).count()).toBe(1);
  });
});

describe('dialogs in dialogs', () => {
  const openAll = async () => {
    const { page } = await gallery();
    for (const id of ['outer-dialog', 'inner-dialog', 'innermost-dialog']) {
      await page.click(`[commandfor=${id}][command="--open"]`);
      await page.waitForSelector(isOpen(id));
    }
    return page;
  };
  const count = (page: Awaited<ReturnType<typeof openAll>>) =>
    page.evaluate(() => document.querySelectorAll(':modal').length);

  it('close innermost first, by Escape, each giving focus back', async () => {
    const page = await openAll();
    const seen: unknown[] = [];
    for (let turn = 0; turn < 3; turn++) {
      await page.keyboard.press('Escape');
      seen.push([await count(page), await focused(page)]);
    }
    expect(seen).toEqual([
      [2, 'Open the innermost dialog'],
      [1, 'Open the inner dialog'],
      [0, 'Open the outer dialog'],
    ]);
  });

  it('a click outside the inner one closes the inner one alone', async () => {
    const page = await openAll();
    await page.mouse.click(5, 400);
    await page.waitForFunction(() => document.querySelectorAll(':modal').length === 2);
    await page.mouse.click(5, 400);
    await page.waitForFunction(() => document.querySelectorAll(':modal').length === 1);
    expect(await page.locator(isOpen('outer-dialog')).count()).toBe(1);
  });

  it('children close with their parent', async () => {
    const page = await openAll();
    await page.evaluate(() =>
      document.querySelector<HTMLButtonElement>('[commandfor=outer-dialog][command="--close"]')!.click(),
    );
    await page.waitForFunction(() => !document.querySelector(':modal'));
    expect(
      await page.evaluate(
        () => [...document.querySelectorAll('dialog')].filter((dialog) => dialog.open).length,
      ),
    ).toBe(0);
  });
});

describe('results, forms, and texts', () => {
  it('a form is checked by the browser, and its button is the result', async () => {
    const { page } = await gallery();
    await page.click('#ask-name');
    await page.waitForSelector(isOpen('form-dialog'));
    expect(await page.evaluate(() => (document.activeElement as HTMLInputElement).name)).toBe('tender');
    await page.keyboard.press('Enter');
    expect(await page.locator(isOpen('form-dialog')).count()).toBe(1);
    await page.click('#form-dialog [value=named]');
    expect(await page.locator(isOpen('form-dialog')).count()).toBe(1);
    await page.fill('[name=tender]', 'Gnat');
    await page.click('#form-dialog [value=named]');
    await page.waitForFunction(
      () => document.getElementById('answer')!.textContent === 'The tender is Gnat.',
    );
    await page.click('#ask-name');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.getElementById('answer')!.textContent === 'No name was given.');
  });

  it('a long text starts at its top, its header and footer in view, and it alone scrolls', async () => {
    const { page } = await gallery({ viewport: { width: 375, height: 500 } });
    await page.click('[commandfor=long-dialog]');
    await page.waitForSelector(isOpen('long-dialog'));
    const seen = await page.evaluate(() => {
      const body = document.getElementById('long-text')!;
      const bottom = document.querySelector('#long-dialog footer')!.getBoundingClientRect().bottom;
      return {
        top: body.scrollTop,
        scrolls: body.scrollHeight > body.clientHeight,
        footerInView: bottom <= innerHeight,
      };
    });
    expect(seen).toEqual({ top: 0, scrolls: true, footerInView: true });
  });

  it('stays when told to, whatever is pressed', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=kept-dialog]');
    await page.waitForSelector(isOpen('kept-dialog'));
    for (let turn = 0; turn < 3; turn++) await page.keyboard.press('Escape');
    await page.mouse.click(5, 400);
    expect(await page.locator(isOpen('kept-dialog')).count()).toBe(1);
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#kept-dialog', isClosed);
  });

  it('is wired by its element, whose attributes are options and whose property is the state', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=element-dialog][command="--open"]');
    await page.waitForSelector(isOpen('element-dialog'));
    await page.mouse.click(5, 400);
    const seen = await page.evaluate(() => {
      const element = document.querySelector('shell-dialog') as HTMLElement & { open: boolean };
      const events: string[] = [];
      document.addEventListener('shell-guard', (event) => {
        events.push('guard');
        if (events.length === 1) event.preventDefault();
      });
      document.addEventListener('shell-change', (event) => events.push((event as CustomEvent).detail.reason));
      document.addEventListener('shell-refuse', (event) =>
        events.push(`refused by the ${(event as CustomEvent).detail.by}`),
      );
      element.open = false;
      element.open = false;
      return { open: element.open, events };
    });
    expect(seen).toEqual({ open: false, events: ['guard', 'refused by the guard', 'guard', 'program'] });
  });
});

describe('an alert dialog', () => {
  it('is read out whole, starts at what does least harm, and stays on a click outside', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=plain-alert][command=show-modal]');
    await page.waitForSelector(isOpen('plain-alert'));
    expect(await focused(page)).toBe('Leave it');
    await page.mouse.click(5, 400);
    expect(await page.locator(isOpen('plain-alert')).count()).toBe(1);
    const tree = await page.locator('#plain-alert').ariaSnapshot();
    expect(tree).toContain('alertdialog "Cut the mooring line?"');
    expect(
      await page.evaluate(
        () =>
          document.getElementById(document.getElementById('plain-alert')!.getAttribute('aria-describedby')!)!
            .textContent,
      ),
    ).toMatch(/^The boat will drift/);
  });

  it('waits for the server, ignores a second press, shows a failure, and closes when it is done', async () => {
    const { page } = await gallery();
    await page.check('#slow-fails');
    await page.click('[commandfor=slow-alert][command=show-modal]');
    const button = page.locator('#slow-alert [value=empty]');
    const answer = await holdAnswers(page);
    await button.click();
    await page.waitForSelector('#slow-alert[aria-busy=true]');
    expect(await button.getAttribute('aria-disabled')).toBe('true');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await answer();
    await page.waitForSelector('#slow-alert [role=alert]');
    expect(await page.textContent('#slow-alert [role=alert]')).toBe(
      'The store did not answer. Nothing was emptied.',
    );
    expect(await focused(page)).toContain('Empty');
    await page.evaluate(() => {
      document.querySelector<HTMLInputElement>('#slow-fails')!.checked = false;
    });
    await button.click();
    await page.waitForSelector('#slow-alert', isClosed);
    expect(await page.locator('#slow-alert [role=alert]').count()).toBe(0);
  });
});

describe('what the platform and the page do to it', () => {
  const markup = `<p>Text</p><button id="o" commandfor="d" command="show-modal">Open</button>
    <dialog id="d"><h2>T</h2><button id="x" commandfor="d" command="close" value="v">Close</button>
    <select id="s"><option>1</option></select><input id="q" type="search"></dialog><button id="after">After</button>`;
  const start = async (options = '{}') => {
    const { page } = await openBare(open, markup);
    await page.evaluate((text) => void shell.wire('dialog', 'd', JSON.parse(text)), options);
    return page;
  };

  it('showModal() and close() by anyone are heard, and the value is the result', async () => {
    const page = await start();
    await page.evaluate(() => document.querySelector('dialog')!.showModal());
    await page.waitForFunction(() => shell.log.length === 1);
    await page.evaluate(() => document.querySelector('dialog')!.close('by hand'));
    await page.waitForFunction(() => shell.log.length === 2);
    expect(await changes(page)).toEqual(['d open true native', 'd open false native']);
    expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
  });

  it('closing it natively closes it for good: the page is live again', async () => {
    const page = await start();
    await page.click('#o');
    await page.evaluate(() => document.querySelector('dialog')!.close());
    await page.waitForFunction(() => shell.log.length === 2);
    expect(await page.evaluate(() => document.querySelectorAll(':modal').length)).toBe(0);
    await page.click('#o');
    await page.waitForSelector(isOpen('d'));
  });

  it('closing it from the focus that its opening moves leaves the page live', async () => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="d" command="--open">O</button><dialog id="d"><h2>T</h2><input autofocus aria-label="I"></dialog>',
    );
    await page.evaluate(() => {
      const wired = shell.wireDialog(document.getElementById('d')!);
      document.querySelector('input')!.addEventListener('focus', () => wired.close(), { once: true });
    });
    await page.click('#o');
    const state = (): Promise<unknown[]> =>
      page.evaluate(() => [
        document.querySelector('dialog')!.open,
        document.documentElement.style.overflow,
        document.getElementById('o')!.ariaExpanded,
      ]);
    expect(await state()).toEqual([false, '', 'false']);
    await page.click('#o');
    expect(await state()).toEqual([true, 'hidden', 'true']);
  });

  it('removing it while open lets go of the page and gives focus back', async () => {
    const page = await start();
    await page.click('#o');
    await page.evaluate(() => document.querySelector('dialog')!.remove());
    await page.waitForFunction(() => shell.log.length === 2);
    expect(await changes(page)).toEqual(['d open true command ', 'd open false removed']);
    expect(await focused(page)).toBe('o');
    expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
    await page.click('#after');
  });

  it('removing its opener sends focus to what follows', async () => {
    const page = await start();
    await page.click('#o');
    await page.evaluate(() => document.getElementById('o')!.remove());
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d', isClosed);
    expect(await focused(page)).toBe('after');
  });

  it('the back gesture closes it as Escape does, and is refused where Escape is told to keep', async () => {
    const page = await start();
    await page.click('#o');
    await page.evaluate(() =>
      (document.querySelector('dialog') as HTMLDialogElement & { requestClose(): void }).requestClose(),
    );
    await page.waitForSelector('#d', isClosed);
    expect((await changes(page)).at(-1)).toBe('d open false escape null');
    const kept = await start('{"escape":"keep"}');
    await kept.click('#o');
    await kept.evaluate(() =>
      document.querySelector('dialog')!.dispatchEvent(new Event('cancel', { cancelable: true })),
    );
    expect(await kept.locator(isOpen('d')).count()).toBe(1);
  });

  it('takes its name from a heading that comes while it is open', async () => {
    const { page } = await openBare(open, '<dialog id="d"><p>Text</p></dialog>');
    await page.evaluate(() => {
      shell.wire('dialog', 'd').root.querySelector('p')!.after(document.createElement('hr'));
      (shell.wired['d'] as unknown as { show(): void }).show();
      document.querySelector('p')!.insertAdjacentHTML('beforebegin', '<h2>Late</h2>');
    });
    await page.waitForSelector('dialog[aria-labelledby]');
    expect(await page.locator('dialog').ariaSnapshot()).toContain('dialog "Late"');
  });

  it('a dialog written open becomes modal when it is wired', async () => {
    const { page } = await openBare(open, '<dialog id="d" open><h2>T</h2></dialog>');
    await page.evaluate(() => void shell.wire('dialog', 'd'));
    expect(await page.locator(isOpen('d')).count()).toBe(1);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => shell.log.length === 1);
  });

  it('Escape in a search field with text empties it first; the dialog stays', async () => {
    const page = await start();
    await page.click('#o');
    await page.fill('#q', 'abc');
    await page.keyboard.press('Escape');
    expect(await page.inputValue('#q')).toBe('');
    expect(await page.locator(isOpen('d')).count()).toBe(1);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d', isClosed);
  });

  it('Escape on a closed select closes the dialog', async () => {
    const page = await start();
    await page.click('#o');
    await page.focus('#s');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d', isClosed);
    expect((await changes(page)).at(-1)).toBe('d open false escape null');
  });

  // Input methods, heaps and listeners are driven and counted through Chromium's own protocol.
  itIn('chromium')('Escape while an input method composes leaves it open', async () => {
    const page = await start();
    await page.click('#o');
    await page.focus('#q');
    const session = await page.context().newCDPSession(page);
    await session.send('Input.imeSetComposition', { text: 'に', selectionStart: 1, selectionEnd: 1 });
    await page.evaluate(() =>
      document.activeElement!.dispatchEvent(
        new KeyboardEvent('keydown', { key: 'Escape', isComposing: true, bubbles: true, cancelable: true }),
      ),
    );
    expect(await page.locator(isOpen('d')).count()).toBe(1);
  });

  itIn('chromium')('1,000 times open and close leaves nodes and listeners as they were', async () => {
    const page = await start();
    const session = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    const count = async () => {
      await session.send('HeapProfiler.collectGarbage');
      const { metrics } = await session.send('Performance.getMetrics');
      const of = (name: string) => metrics.find((metric) => metric.name === name)!.value;
      return { nodes: of('Nodes'), listeners: of('JSEventListeners') };
    };
    const cycle = (times: number) =>
      page.evaluate(async (turns) => {
        const { open: state } = shell.wired['d'] as unknown as { open: { set(value: boolean): void } };
        for (let turn = 0; turn < turns; turn++) {
          state.set(true);
          state.set(false);
          if (turn % 50 === 0) await new Promise(requestAnimationFrame);
        }
        await new Promise(requestAnimationFrame);
        shell.log.length = 0;
        shell.journal.clear();
      }, times);
    await cycle(20);
    const before = await count();
    await cycle(1000);
    const after = await count();
    expect(after.listeners).toBe(before.listeners);
    expect(after.nodes).toBeLessThanOrEqual(before.nodes + 20);
  });

  it('works in a shadow root and in the document of an iframe', async () => {
    const { page } = await openBare(
      open,
      '<div id="host"></div><iframe src="./frame.html" title="Frame"></iframe>',
    );
    await page.waitForFunction(() => document.querySelector('iframe')!.contentDocument?.querySelector('p'));
    const seen = await page.evaluate(async () => {
      const shadow = document.getElementById('host')!.attachShadow({ mode: 'open' });
      const frame = document.querySelector('iframe')!.contentDocument!;
      const results: unknown[] = [];
      for (const place of [shadow, frame.body]) {
        place.innerHTML =
          '<button commandfor="in" command="show-modal">O</button><dialog id="in"><h2>T</h2><button commandfor="in" command="close" value="ok">C</button></dialog>';
        const dialog = place.querySelector('dialog')!;
        const wired = shell.wireDialog(dialog);
        const [openButton, closeButton] = place.querySelectorAll('button');
        openButton!.click();
        const modal = dialog.matches(':modal');
        const answer = wired.ask();
        closeButton!.click();
        results.push([modal, dialog.open, await answer]);
        wired.unwire();
      }
      return results;
    });
    expect(seen).toEqual([
      [true, false, 'ok'],
      [true, false, 'ok'],
    ]);
  });
});

// What a browser without `overlay` shows above the page goes at once: there is nothing to turn round.
describe('with motion', () => {
  const leaves = (page: Page) => page.evaluate(() => CSS.supports('overlay', 'auto'));
  it('goes through its phases; a leaving dialog is inert, and the page is live at once', async () => {
    const { page } = await gallery({ reducedMotion: 'no-preference' });
    await page.evaluate(() => {
      const root = document.getElementById('plain-dialog')!;
      root.style.setProperty('--shell-motion', '400ms');
      new MutationObserver(() => {
        const seen = `${root.dataset['phase']}${root.hasAttribute('inert') ? ' inert' : ''}`;
        const log = (document.documentElement.dataset['seen'] ?? '').split(',').filter(Boolean);
        if (log.at(-1) !== seen) document.documentElement.dataset['seen'] = [...log, seen].join();
      }).observe(root, { attributes: true });
    });
    await page.click('[commandfor=plain-dialog][command=show-modal]');
    await page.waitForSelector('#plain-dialog[data-phase=open]');
    await page.keyboard.press('Escape');
    expect(await focused(page)).toBe('Open a dialog');
    await page.waitForSelector('#plain-dialog[data-phase=closed]', { state: 'attached' });
    expect(await page.evaluate(() => document.documentElement.dataset['seen'])).toBe(
      (await leaves(page)) ? 'opening,open,closing inert,closed' : 'opening,open,closed',
    );
  });

  it('turns round half way: what opens again while leaving is open and live', async () => {
    const { page } = await gallery({ reducedMotion: 'no-preference' });
    if (!(await leaves(page))) return;
    await page.evaluate(() =>
      document.getElementById('plain-dialog')!.style.setProperty('--shell-motion', '2s'),
    );
    const opener = '[commandfor=plain-dialog][command=show-modal]';
    await page.click(opener);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#plain-dialog[data-phase=closing]');
    await page.focus(opener);
    await page.keyboard.press('Enter');
    await page.waitForSelector('#plain-dialog[data-phase=opening]:modal');
    expect(await page.locator('#plain-dialog[inert]').count()).toBe(0);
    expect(await focused(page)).toBe('Understood');
    await page.waitForSelector('#plain-dialog[data-phase=open]');
  });
});
