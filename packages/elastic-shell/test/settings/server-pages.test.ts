// Pages of a server without a framework: without script, with it, with parts replaced and morphed, and with script that is late.
import type { Page } from 'playwright-core';
import { desk, focused, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const visit = async (search = '', options = {}): Promise<Page> => {
  const { page } = await open('about:blank', options);
  // Each visit begins with all orders.
  await page.context().clearCookies();
  await page.goto(desk(`pages/${search}`), { waitUntil: 'commit' });
  await page.waitForSelector('#hours');
  return page;
};
const wired = (page: Page): Promise<unknown> =>
  page.waitForSelector('#boat [popover][data-phase]', { state: 'attached' });
const count = (page: Page, orders: number): Promise<void> =>
  page.locator('#orders [role=status]', { hasText: `${orders} orders` }).waitFor();

describe('without script', () => {
  const bare = (search = ''): Promise<Page> => visit(search, { javaScriptEnabled: false });

  it('an order is struck by a dialog that a button opens, and a form that posts', async () => {
    const page = await bare();
    await count(page, 20);
    await page.click('#W1042 > button');
    await page.click('#strike-W1042 [data-button=danger]');
    await count(page, 19);
    expect(await page.locator('#W1042').count()).toBe(0);
    expect(new URL(await page.evaluate(() => location.href)).pathname).toBe('/pages/');
  });

  it('notices are links, lights a form, boats a search, and nothing is out of reach', async () => {
    const page = await bare();
    await page.click('#board-tab-weather');
    await page.locator('#board-panel-weather').waitFor();
    expect(await page.locator('#board-panel-tides').isVisible()).toBe(false);
    expect(await page.getAttribute('#board-tab-weather', 'aria-selected')).toBe('true');
    await page.click('#lights');
    await page.click('#save-lights');
    await page.locator('form output', { hasText: 'off' }).waitFor();
    expect(await page.isChecked('#lights')).toBe(false);
    await page.fill('#boat-field', 'reedmace');
    await page.click('#show');
    await count(page, 1);
    expect(await page.locator('#about').isVisible()).toBe(true);
  });
});

describe.each(['', '?way=replace'])('with script %s', (search) => {
  it('strikes an order with the keyboard, and goes on to the next', async () => {
    const page = await visit(search);
    await wired(page);
    await page.focus('#W1042 > button');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#strike-W1042:modal');
    expect(await focused(page)).toBe('Keep it');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await count(page, 19);
    await page.waitForFunction(() => document.activeElement?.matches('#W1043 > button'));
    // What has come is wired as well.
    await page.keyboard.press('Enter');
    await page.waitForSelector('#strike-W1043:modal[data-phase=open]');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.activeElement?.matches('#W1043 > button'));
    expect((await page.evaluate(() => location.href)).endsWith(`/pages/${search}`)).toBe(true);
  });

  it('holds the laws of a life when a part comes anew while a dialog in it is open', async () => {
    const page = await visit(search);
    await wired(page);
    await page.click('#W1044 > button');
    await page.waitForSelector('#strike-W1044:modal[data-phase=open]');
    await page.evaluate(() => document.querySelector('#orders')!.setAttribute('data-before', ''));
    await page.evaluate(() => {
      document.querySelector('#W1041')!.setAttribute('data-old', '');
      document.querySelector<HTMLFormElement>('form:has(#boat)')!.requestSubmit();
    });
    await page.waitForSelector('#W1041:not([data-old])');
    if (search) {
      // It was thrown away: nothing of it is left behind.
      await page.waitForFunction(() => !document.querySelector('dialog:modal'));
      expect(await page.evaluate(() => getComputedStyle(document.documentElement).overflow)).toBe('visible');
      await page.click('#W1044 > button');
      await page.waitForSelector('#strike-W1044:modal[data-phase=open]');
    }
    expect([await page.locator('dialog:modal').count(), await focused(page)]).toEqual([1, 'Keep it']);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.activeElement?.matches('#W1044 > button'));
  });

  it('chooses a boat from the list, and shows its orders', async () => {
    const page = await visit(search);
    await wired(page);
    await page.click('#boat-field');
    await page.keyboard.type('reed');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    expect(await page.inputValue('#boat-field')).toBe('Reedmace');
    await page.click('#show');
    await count(page, 1);
  });

  it('selects a notice in place, and saves the lights without a button', async () => {
    const page = await visit(search);
    await wired(page);
    await page.click('#board-tab-weather');
    expect(await page.getAttribute('#board-tab-weather', 'aria-selected')).toBe('true');
    expect(new URL(await page.evaluate(() => location.href)).search).toBe(search);
    await page.click('#lights');
    await page.locator('form output', { hasText: 'off' }).waitFor();
    expect(await page.locator('#save-lights').isVisible()).toBe(false);
    await page.reload();
    await wired(page);
    expect(await page.isChecked('#lights')).toBe(false);
  });
});

it('loses nothing that is pressed or typed while the script is three seconds late, and shows what waits', async () => {
  const page = await visit('?late=3000');
  await page.click('[commandfor=about]');
  const waits = () =>
    page.evaluate(() => document.querySelector('[commandfor=about]')!.getAnimations().length);
  expect([await waits(), await page.getAttribute('[commandfor=about]', 'aria-expanded')]).toEqual([
    1,
    'true',
  ]);
  await page.click('#lights');
  await page.click('#boat-field');
  await page.keyboard.type('reed');
  await page.click('#W1043 > button');
  await wired(page);
  await page.waitForSelector('[commandfor=about][aria-expanded=false]', { state: 'attached' });
  expect(await waits()).toBe(0);
  expect(await page.inputValue('#boat-field')).toBe('reed');
  expect(await page.locator('#strike-W1043:modal').count()).toBe(1);
  await page.locator('form output', { hasText: 'off' }).waitFor({ state: 'attached' });
  await page.keyboard.press('Escape');
  await page.waitForFunction(() => document.activeElement?.matches('#W1043 > button'));
});
