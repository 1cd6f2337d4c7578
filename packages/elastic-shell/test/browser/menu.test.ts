// Menus in Chromium: their contract by real keys, pointer and touch, both directions; submenus and context menus.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { browserName, desk, focused, itIn, press, restFinger, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const item = (key: string) => `[role^=menuitem][data-key=${key}]`;
const openMenus = (page: Page) =>
  page.evaluate(() => [...document.querySelectorAll('[role=menu]:popover-open')].map(({ id }) => id));
const middle = async (page: Page, selector: string): Promise<[number, number]> => {
  const box = (await page.locator(selector).boundingBox())!;
  return [box.x + box.width / 2, box.y + box.height / 2];
};

describe('by keyboard', () => {
  it('opens at the first or the last, wraps, reaches disabled items, and finds letters', async () => {
    const { page } = await gallery();
    await page.focus('#plain-menu-button');
    expect(
      await press(
        page,
        'Enter',
        'ArrowUp',
        'ArrowDown',
        'ArrowDown',
        'ArrowDown',
        'Enter',
        'End',
        'Home',
        'p',
      ),
    ).toEqual(['Lift', 'Held', 'Lift', 'Launch', 'Break up', 'Break up', 'Held', 'Lift', 'Pump']);
    expect(await press(page, 'Escape', 'ArrowUp')).toEqual(['plain-menu-button', 'Held']);
    expect(await press(page, 'Tab')).not.toEqual(['plain-menu-button']);
    expect(await openMenus(page)).toEqual([]);
  });

  it.each([
    ['ltr', 'ArrowRight', 'ArrowLeft'],
    ['rtl', 'ArrowLeft', 'ArrowRight'],
  ])(
    'goes into submenus and out again, one level by Escape, all by picking, in %s',
    async (direction, inward, outward) => {
      const { page } = await gallery();
      if (direction === 'rtl') await page.click('#direction');
      await page.focus('#plain-menu-button');
      await press(page, 'Enter', 'm');
      expect(await press(page, inward, 'End', inward, 'ArrowDown')).toEqual([
        'Great slip',
        'Quay',
        'North end',
        'South end',
      ]);
      expect(await openMenus(page)).toEqual(['plain-menu', 'move-menu', 'quay-menu']);
      expect(await press(page, outward)).toEqual(['Quay']);
      expect(await press(page, 'Enter')).toEqual(['North end']);
      expect(await press(page, 'Escape', outward)).toEqual(['Quay', 'Move to']);
      expect(await openMenus(page)).toEqual(['plain-menu']);
      expect(await press(page, inward, 'ArrowDown', 'Enter')).toEqual([
        'Great slip',
        'Shed',
        'plain-menu-button',
      ]);
      expect(await page.textContent('#menu-said')).toBe('shed');
    },
  );

  it('checks and stays with Space, checks and closes with Enter; of a group one is checked', async () => {
    const { page } = await gallery();
    const checked = () =>
      page
        .locator('#plain-menu [aria-checked=true]')
        .evaluateAll((all) => all.map((each) => (each as HTMLElement).dataset['key']));
    await page.focus('#plain-menu-button');
    await press(page, 'Enter', 'l', 'l', 'Space');
    expect(await checked()).toEqual(['waiting']);
    await press(page, 'End', 'Space');
    expect(await checked()).toEqual(['held']);
    expect(await openMenus(page)).toEqual(['plain-menu']);
    await press(page, 'ArrowUp', 'Enter');
    expect([await checked(), await openMenus(page)]).toEqual([['hand'], []]);
  });

  it('a long one scrolls within the screen, and shows what is current', async () => {
    const { page } = await gallery();
    await page.focus('[commandfor=long-menu]');
    await press(page, 'Enter', 'End');
    expect(await focused(page)).toBe('Strake 60');
    const { top, bottom } = await page.evaluate(() => document.activeElement!.getBoundingClientRect());
    expect(top > 0 && bottom < 800).toBe(true);
  });
});

describe('by pointer', () => {
  it('a submenu opens after a rest; the way to it may cut across; a press there picks', async () => {
    const { page } = await gallery();
    await page.click('#plain-menu-button');
    await page.hover(item('move'));
    await page.waitForSelector('#move-menu:popover-open');
    const [x, y] = await middle(page, item('move'));
    const [toX, toY] = await middle(page, item('quay'));
    await page.mouse.move(x, y);
    // Straight to the third item of the submenu, over the items below its own: in one go, as a hand does it.
    const over = await page.evaluate(
      ([fromX, fromY, endX, endY]) => {
        const passed: string[] = [];
        for (let step = 1; step <= 12; step++) {
          const clientX = fromX! + ((endX! - fromX!) * step) / 12;
          const clientY = fromY! + ((endY! - fromY!) * step) / 12;
          const target = document.elementFromPoint(clientX, clientY)!;
          passed.push(target.textContent!.trim());
          target.dispatchEvent(
            new PointerEvent('pointermove', { clientX, clientY, pointerType: 'mouse', bubbles: true }),
          );
        }
        return passed;
      },
      [x, y, toX, toY],
    );
    expect(over).toContain('Lights');
    expect(await openMenus(page)).toEqual(['plain-menu', 'move-menu']);
    expect(await focused(page)).toBe('Quay');
    await page.click(item('slip'));
    expect([await page.textContent('#menu-said'), await openMenus(page), await focused(page)]).toEqual([
      'slip',
      [],
      'plain-menu-button',
    ]);
  });

  it('another item, meant by resting on it, closes the submenu', async () => {
    const { page } = await gallery();
    await page.click('#plain-menu-button');
    await page.hover(item('move'));
    await page.waitForSelector('#move-menu:popover-open');
    await page.hover(item('lift'));
    await page.waitForSelector('#move-menu', { state: 'hidden' });
    expect(await focused(page)).toBe('Lift');
    await page.mouse.click(900, 10);
    expect(await openMenus(page)).toEqual([]);
  });

  it('pressed, dragged onto an item and released picks it; pressed and released stays open', async () => {
    const { page } = await gallery();
    await page.locator('#plain-menu-button').scrollIntoViewIfNeeded();
    const [x, y] = await middle(page, '#plain-menu-button');
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.waitForSelector('#plain-menu:popover-open');
    const [toX, toY] = await middle(page, item('launch'));
    await page.mouse.move(toX, toY, { steps: 5 });
    await page.mouse.up();
    expect([await page.textContent('#menu-said'), await openMenus(page)]).toEqual(['launch', []]);
    await page.click('#plain-menu-button');
    expect(await openMenus(page)).toEqual(['plain-menu']);
    await page.click('#plain-menu-button');
    expect(await openMenus(page)).toEqual([]);
  });

  it('by touch: opens, opens a submenu, picks', async () => {
    const { page } = await gallery({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
    await page.tap('#plain-menu-button');
    await page.tap(item('move'));
    await page.waitForSelector('#move-menu:popover-open');
    await page.tap(item('shed'));
    expect([await page.textContent('#menu-said'), await openMenus(page)]).toEqual(['shed', []]);
  });
});

describe('where something is pressed for it', () => {
  it('opens at the pointer by right press, and gives focus back to where it was', async () => {
    const { page } = await gallery();
    await page.focus('#menu-area');
    await page.click('#menu-area', { button: 'right', position: { x: 30, y: 20 } });
    const area = (await page.locator('#menu-area').boundingBox())!;
    const menu = (await page.locator('#context-menu').boundingBox())!;
    expect([Math.abs(menu.x - area.x - 30) < 2, Math.abs(menu.y - area.y - 20) < 8]).toEqual([true, true]);
    expect(await press(page, 'ArrowDown', 'Enter')).toEqual(['Dredge it', 'menu-area']);
    expect(await page.textContent('#menu-said')).toBe('dredge');
  });

  // WebDriver has no name for the key ContextMenu.
  it.each(browserName === 'chromium' ? ['Shift+F10', 'ContextMenu'] : ['Shift+F10'])(
    'opens by %s',
    async (key) => {
      const { page } = await gallery();
      await page.focus('#menu-area');
      expect(await press(page, key, 'Escape')).toEqual(['Sound it', 'menu-area']);
    },
  );

  // WebKitGTK has no touch here.
  itIn('chromium', 'firefox')('opens by a finger that rests', async () => {
    const { page } = await gallery({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
    await page.locator('#menu-area').scrollIntoViewIfNeeded();
    const [x, y] = await middle(page, '#menu-area');
    await restFinger(page, [x, y], '#context-menu:popover-open');
    await page.tap(item('sound'));
    expect(await page.textContent('#menu-said')).toBe('sound');
  });
});

it('has no accessibility fault, open two levels deep', async () => {
  const { page } = await gallery({ bypassCSP: true });
  await page.focus('#plain-menu-button');
  await press(page, 'Enter', 'm', 'ArrowRight');
  expect(await violations(page, '#menu')).toEqual([]);
});

describe('at the desk', () => {
  const more = (order: string) => `[data-order=${order}] .more`;

  it('the menu of a row sets its state, shows its notes and opens its dialogs; focus comes back to the row', async () => {
    const { page } = await open(desk());
    await page.focus(more('W1042'));
    await press(page, 'Enter', 'ArrowDown', 'ArrowRight');
    expect(await page.locator('#state-menu [aria-checked=true]').textContent()).toBe('in hand');
    await press(page, 'End', 'Enter');
    await page.waitForFunction(
      () => document.getElementById('status')!.textContent === 'Order W1042 was saved.',
    );
    expect(await page.textContent('[data-order=W1042] [data-field=state]')).toBe('done');
    await press(page, 'Enter', 'n', 'Enter');
    expect(await page.locator('[data-order=W1042] details[open]').count()).toBe(1);
    await press(page, 'Enter', 'Enter');
    await page.waitForSelector('#edit:modal');
    expect(await page.textContent('#edit-title')).toBe('Edit order W1042');
    await press(page, 'Escape');
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('More for order W1042');
  });

  it('the same menu opens where the row is pressed for it', async () => {
    const { page } = await open(desk());
    await page.click('[data-order=W1045] .work', { button: 'right' });
    await press(page, 'End', 'Enter');
    await page.waitForSelector('#strike:modal');
    expect(await page.textContent('#strike-title')).toBe('Strike order W1045?');
  });
});
