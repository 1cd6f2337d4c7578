// The yard desk, as its users have it: by keyboard alone, by mouse, by touch, right to left, without script.
import violations from './support/axe';
import { holdAnswers } from './support/answers';
import { desk, focused, itIn, useBrowser } from './support/browser';

const { open } = useBrowser();
const phone = { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } };
const strikeOf = (id: string) => `[data-order=${id}] .strike`;
const editOf = (id: string) => `[data-order=${id}] .edit`;
const rows = '.order';

describe('striking an order', () => {
  it('by keyboard alone: asks, waits, takes the row away, and goes on to the next row', async () => {
    const { page } = await open(desk());
    await page.focus(strikeOf('W1042'));
    await page.keyboard.press('Enter');
    await page.waitForSelector('#strike:modal');
    expect(await page.textContent('#strike-title')).toBe('Strike order W1042?');
    expect(await page.textContent('#strike [data-fact=title]')).toBe('Service the diesel before launch');
    expect(await focused(page)).toBe('Keep order');
    await page.keyboard.press('Tab');
    const answer = await holdAnswers(page);
    await page.keyboard.press('Enter');
    await page.waitForSelector('#strike[aria-busy=true]');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    expect(await page.isVisible('#strike')).toBe(true);
    await answer();
    await page.waitForSelector('#strike', { state: 'hidden' });
    expect(await page.locator('[data-order=W1042]').count()).toBe(0);
    expect(await page.locator(rows).count()).toBe(59);
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Strike order W1043…');
    expect(await page.textContent('#status')).toBe('Order W1042 was struck.');
  });

  it.each([
    ['mouse', {}],
    ['touch', phone],
  ])('by %s', async (_, options) => {
    const { page } = await open(desk(), options);
    const press = async (selector: string) =>
      'hasTouch' in options ? page.tap(selector) : page.click(selector);
    await press(strikeOf('W1041'));
    await press('#strike [value=strike]');
    await page.waitForFunction(() => document.querySelectorAll('.order').length === 59);
    await page.waitForSelector('#strike', { state: 'hidden' });
  });

  it('of the last row goes back to the one before it', async () => {
    const { page } = await open(desk());
    await page.click(strikeOf('W1100'));
    await page.click('#strike [value=strike]');
    await page.waitForSelector('#strike', { state: 'hidden' });
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Strike order W1099…');
  });

  it('that the server refuses stays open with the message, and nothing is lost', async () => {
    const { page } = await open(desk());
    await page.check('#failing');
    await page.click(strikeOf('W1041'));
    await page.click('#strike [value=strike]');
    await page.waitForSelector('#strike [role=alert]:not(:empty)');
    expect(await page.textContent('#strike [role=alert]')).toContain('Order W1041 still stands.');
    expect(await page.locator('#strike:modal').count()).toBe(1);
    await page.click('#strike [value=cancel]');
    await page.waitForSelector('#strike', { state: 'hidden' });
    expect(await page.locator(rows).count()).toBe(60);
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Strike order W1041…');
    await page.click(strikeOf('W1042'));
    expect(await page.textContent('#strike [role=alert]')).toBe('');
  });

  it('holds across a reload, until one starts over', async () => {
    const { page } = await open(desk());
    await page.click(strikeOf('W1041'));
    await page.click('#strike [value=strike]');
    await page.waitForFunction(() => document.querySelectorAll('.order').length === 59);
    await page.evaluate(() => sessionStorage.setItem('kept', 'yes'));
    await page.reload();
    await page.waitForFunction(() => document.querySelectorAll('.order').length === 59);
    await page.evaluate(() => sessionStorage.removeItem('kept'));
    await page.click('#start-over');
    await page.waitForFunction(() => document.querySelectorAll('.order').length === 60);
  });
});

describe('editing an order', () => {
  it('saves what was typed, by keyboard alone', async () => {
    const { page } = await open(desk());
    await page.focus(editOf('W1041'));
    await page.keyboard.press('Enter');
    await page.waitForSelector('#edit:modal');
    await page.keyboard.press('ControlOrMeta+A');
    await page.keyboard.type('Recaulk the deck');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#edit', { state: 'hidden' });
    expect(await page.textContent('[data-order=W1041] [data-field=title]')).toBe('Recaulk the deck');
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Edit order W1041');
  });

  it('asks in a second dialog before changes are lost; Escape goes back to the first', async () => {
    const { page } = await open(desk());
    await page.click(editOf('W1043'));
    await page.click('#trades-field');
    await page.keyboard.type('rigg');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    expect(await page.locator('#edit-trades [data-token]').allTextContents()).toEqual([
      'shipwright',
      'rigger',
    ]);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#discard:modal');
    expect(await focused(page)).toBe('Keep editing');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#discard', { state: 'hidden' });
    expect(await page.locator('#edit-trades [data-token]').count()).toBe(2);
    expect(await focused(page)).toBe('trades-field');
    await page.mouse.click(4, 400);
    await page.waitForSelector('#discard:modal');
    await page.click('#discard [value=discard]');
    await page.waitForSelector('#edit', { state: 'hidden' });
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Edit order W1043');
    await page.click(editOf('W1043'));
    expect(await page.locator('#edit-trades [data-token]').allTextContents()).toEqual(['shipwright']);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#edit', { state: 'hidden' });
    expect(await page.locator('#discard:modal').count()).toBe(0);
  });

  it('leaves no empty box while the notes are hidden, and grows downwards when they are shown', async () => {
    const { page } = await open(desk());
    await page.click(editOf('W1041'));
    const tops = () =>
      page.evaluate(() =>
        ['#edit', '.disclose', '#edit footer'].map(
          (part) => document.querySelector(part)!.getBoundingClientRect().top,
        ),
      );
    expect(await page.evaluate(() => document.querySelector<HTMLElement>('.kept')!.offsetHeight)).toBe(0);
    const before = await tops();
    await page.click('.disclose');
    await page.waitForSelector('#edit-notes:not([hidden])');
    const after = await tops();
    expect(after.slice(0, 2)).toEqual(before.slice(0, 2));
    expect(after[2]).toBeGreaterThan(before[2]!);
    expect((await page.innerText('.disclose')).trim()).toBe('Hide order notes');
  });

  it('on a phone scrolls between its header and its footer', async () => {
    const { page } = await open(desk(), phone);
    await page.tap(editOf('W1041'));
    const seen = await page.evaluate(() => {
      const box = (part: string) => document.querySelector(part)!.getBoundingClientRect();
      const fields = document.querySelector('#edit .fields')!;
      return [
        box('#edit header').top >= 0,
        box('#edit footer').bottom <= innerHeight,
        fields.scrollHeight > fields.clientHeight,
        document.documentElement.scrollWidth <= innerWidth,
      ];
    });
    expect(seen).toEqual([true, true, true, true]);
  });
});

describe('the tide of a berth', () => {
  const title = '#tide-title';

  it('stands beside the badge, follows while the list scrolls, and moves on to another badge', async () => {
    const { page } = await open(desk());
    await page.click('[data-order=W1044] .berth');
    await page.waitForSelector('#tide:popover-open');
    expect(await page.textContent(title)).toBe('Slip 3');
    expect(await page.getAttribute('[data-order=W1044] .berth', 'aria-expanded')).toBe('true');
    await page.mouse.move(640, 500);
    await page.mouse.wheel(0, 120);
    await page.waitForFunction(() => {
      const [badge, layer] = ['[data-order=W1044] .berth', '#tide'].map((part) =>
        document.querySelector(part)!.getBoundingClientRect(),
      );
      return scrollY > 50 && Math.round(layer!.top - badge!.bottom) === 8;
    });
    // The badges below are under the popover: one above it can be pressed.
    await page.click('[data-order=W1043] .berth');
    await page.waitForFunction(() => document.querySelector('#tide-title')!.textContent === 'Berth 3');
    await page.waitForSelector('#tide:popover-open');
    await page.keyboard.press('Escape');
    expect(await page.getAttribute(':focus', 'data-berth')).toBe('B3');
  });

  it('by keyboard alone, and axe finds nothing in it', async () => {
    const { page } = await open(desk(), { bypassCSP: true });
    await page.focus('[data-order=W1041] .berth');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#tide[data-phase=open]');
    expect(await violations(page)).toEqual([]);
    await page.keyboard.press('Tab');
    await page.waitForSelector('#tide', { state: 'hidden' });
  });
});

describe('the drawers of the desk', () => {
  it('on a phone the header opens a drawer, which closes when the window grows', async () => {
    const { page } = await open(desk(), { viewport: { width: 375, height: 640 } });
    await page.click('#menu');
    await page.waitForSelector('#sections:modal');
    await page.setViewportSize({ width: 900, height: 640 });
    await page.waitForSelector('#sections', { state: 'hidden' });
    await page.waitForFunction(() => document.activeElement !== document.body);
    await page.setViewportSize({ width: 375, height: 640 });
  });

  it('the filter stands beside the list, which follows it and stays live', async () => {
    const { page } = await open(desk());
    await page.click('#filter-button');
    await page.waitForSelector('#filter:popover-open');
    await page.fill('#filter [name=boat]', 'marsh');
    await page.waitForFunction(() => /^\d+ of 60$/.test(document.querySelector('#count')!.textContent));
    const names = await page.locator('.order:not([hidden]) [data-field=boat]').allTextContents();
    expect(new Set(names.map((name) => /marsh/i.test(name)))).toEqual(new Set([true]));
    const shown = page.locator('.order:not([hidden])');
    const before = await shown.count();
    await shown.first().locator('.strike').click();
    await page.click('#strike [value=strike]');
    await page.waitForSelector('#strike', { state: 'hidden' });
    expect(await shown.count()).toBe(before - 1);
    await page.click('#filter [type=reset]');
    await page.waitForFunction(() => document.querySelector('#count')!.textContent === '59');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#filter', { state: 'hidden' });
    expect(await focused(page)).toBe('filter-button');
  });
});

describe('without script', () => {
  // Without script nothing can be asked of the page over WebDriver either.
  itIn('chromium')(
    'shows the orders, their notes, and opens and closes dialogs by the platform',
    async () => {
      const { page } = await open(desk(), { javaScriptEnabled: false });
      expect(await page.locator(rows).count()).toBe(60);
      await page.click('[data-order=W1041] summary');
      expect(await page.locator('[data-order=W1041] .notes li').first().isVisible()).toBe(true);
      await page.click(strikeOf('W1041'));
      expect(await page.locator('#strike').isVisible()).toBe(true);
      await page.click('#strike [value=cancel]');
      expect(await page.locator('#strike').isVisible()).toBe(false);
    },
  );
});

describe('for everyone', () => {
  const schemes = ['light', 'dark'] as const;

  it.each(schemes)('axe finds nothing on the desk, open or closed, in %s', async (colorScheme) => {
    const { page } = await open(desk(), { colorScheme, bypassCSP: true });
    expect(await violations(page)).toEqual([]);
    for (const [opener, dialog] of [
      [strikeOf('W1041'), '#strike'],
      [editOf('W1041'), '#edit'],
    ] as const) {
      await page.click(opener);
      await page.waitForSelector(`${dialog}[data-phase=open]`);
      expect(await violations(page, dialog)).toEqual([]);
      await page.keyboard.press('Escape');
      await page.waitForSelector(dialog, { state: 'hidden' });
    }
  });

  it('axe finds nothing in the gallery, with each dialog open', async () => {
    const { page } = await open(desk('gallery.html'), { bypassCSP: true });
    expect(await violations(page)).toEqual([]);
    for (const button of await page.locator('#disclosure button, summary').all())
      if (await button.isVisible()) await button.click();
    expect(await violations(page, '#disclosure, #accordion')).toEqual([]);
    for (const id of ['plain-popover', 'above-popover']) {
      await page.click(`[commandfor=${id}]`);
      await page.waitForSelector(`#${id}[data-phase=open]`);
      expect([id, await violations(page, `#${id}`)]).toEqual([id, []]);
    }
    const ids = await page.evaluate(() =>
      [...document.querySelectorAll('dialog:not([popover])')].map(({ id }) => id),
    );
    expect(ids.length).toBeGreaterThan(8);
    for (const id of ids.filter((each) => each !== 'inner-dialog')) {
      await page.evaluate((name) => {
        // One that stands beside its opener closes when that is out of view.
        document.querySelector(`[commandfor=${name}]`)?.scrollIntoView({ block: 'center' });
        document.querySelector<HTMLDialogElement>(`#${name}`)!.showModal();
      }, id);
      await page.waitForSelector(`#${id}[data-phase=open]`);
      expect([id, await violations(page, `#${id}`)]).toEqual([id, []]);
      await page.evaluate((name) => document.querySelector<HTMLDialogElement>(`#${name}`)!.close(), id);
      await page.waitForSelector(`#${id}`, { state: 'hidden' });
    }
  });

  it.each(['desk.html', 'boat.html', 'parts.html', 'gallery.html', 'own.html'])(
    '%s keeps within 320 pixels, right to left too, and at 200 %% text',
    async (path) => {
      const { page } = await open(desk(path), { viewport: { width: 320, height: 640 } });
      const fits = () => page.evaluate(() => document.documentElement.scrollWidth <= innerWidth);
      expect(await fits()).toBe(true);
      await page.evaluate(() => document.documentElement.setAttribute('dir', 'rtl'));
      expect(await fits()).toBe(true);
      await page.setViewportSize({ width: 640, height: 640 });
      await page.evaluate(() => {
        document.documentElement.style.fontSize = '200%';
      });
      expect(await fits()).toBe(true);
      await page.setViewportSize({ width: 320, height: 640 });
    },
  );

  it('right to left, a dialog works the same', async () => {
    const { page } = await open(desk('gallery.html'));
    await page.click('#direction');
    await page.click('[commandfor=plain-dialog][command=show-modal]');
    await page.waitForSelector('#plain-dialog:modal');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('Understood');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#plain-dialog', { state: 'hidden' });
  });
});
