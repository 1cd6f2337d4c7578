// The yard's office, whose parts a server renders again, in four ways: what a visitor is doing goes on, whichever it is.
import type { Page } from 'playwright-core';
import { desk, focused, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const visit = async (way: string, path = ''): Promise<Page> => {
  const { page } = await open(desk(`pages/${path}?fresh&way=${way}`));
  await page.waitForSelector('html[data-ready]', { state: 'attached' });
  await page.evaluate(() => {
    const violations: string[] = [];
    document.addEventListener('securitypolicyviolation', (event) => violations.push(event.violatedDirective));
    Object.assign(globalThis, { violations });
  });
  return page;
};
const violations = (page: Page): Promise<string[]> =>
  page.evaluate(() => (globalThis as unknown as { violations: string[] }).violations);
const says = (page: Page, id: string, text: string): Promise<unknown> =>
  page.waitForFunction(([at, words]) => document.getElementById(at!)?.textContent === words, [id, text]);
const focusIs = (page: Page, id: string): Promise<unknown> =>
  page.waitForFunction((at) => document.activeElement?.id === at, id);
const isOpen = (page: Page, id: string): Promise<unknown> =>
  page.waitForSelector(`#${id}:modal[data-phase=open]`);

describe.each(['morphdom', 'idiomorph', 'replace', 'stream'])('%s', (way) => {
  it('strikes an order by keys, and goes on to the next', async () => {
    const page = await visit(way);
    await page.focus('#W1042 > button');
    await page.keyboard.press('Enter');
    await isOpen(page, 'strike-W1042');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await says(page, 'count', '19 orders');
    await page.waitForFunction(() => document.activeElement?.matches('#W1043 > button'));
    await page.keyboard.press('Enter');
    await isOpen(page, 'strike-W1043');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.activeElement?.matches('#W1043 > button'));
    expect(await violations(page)).toEqual([]);
  });

  it('edits a boat: the form comes back with errors, then is taken', async () => {
    const page = await visit(way, 'boats');
    await page.focus('#more-boat-2-button');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#more-boat-2:popover-open');
    await page.keyboard.press('Enter');
    await isOpen(page, 'edit');
    await focusIs(page, 'edit-name');
    await page.evaluate(() => (document.getElementById('edit-name') as HTMLInputElement).select());
    await page.keyboard.type('Marsh Lark');
    await page.keyboard.press('Enter');
    await says(page, 'edit-name-wrong', 'Another boat has that name.');
    await isOpen(page, 'edit');
    await focusIs(page, 'edit-name');
    expect(await page.locator('dialog:modal').count()).toBe(1);
    await page.keyboard.press('Tab');
    await page.evaluate(() => (document.getElementById('edit-berth') as HTMLInputElement).select());
    await page.keyboard.type('nowhere');
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('End');
    await page.keyboard.type(' II');
    await page.keyboard.press('Enter');
    await says(page, 'edit-berth-wrong', 'A berth is a letter and a number.');
    await focusIs(page, 'edit-berth');
    expect(await page.locator('#edit-name-wrong').count()).toBe(0);
    await page.evaluate(() => (document.getElementById('edit-berth') as HTMLInputElement).select());
    await page.keyboard.type('F9');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => !document.querySelector('dialog:modal'));
    await page.waitForFunction(() => document.querySelector('#boat-2 b')!.textContent === 'Marsh Lark II');
    await focusIs(page, 'more-boat-2-button');
    expect(await violations(page)).toEqual([]);
  });

  it('cancels an edit', async () => {
    const page = await visit(way, 'boats');
    await page.click('#more-boat-3-button');
    await page.click('#more-boat-3 [data-key=edit]');
    await isOpen(page, 'edit');
    await page.click('#edit-cancel');
    await page.waitForFunction(() => !document.querySelector('dialog:modal'));
    await focusIs(page, 'more-boat-3-button');
    // Nothing of it is left behind: the page scrolls, and takes presses.
    expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
    await page.click('#more-boat-4-button');
    await page.waitForSelector('#more-boat-4:popover-open');
    await page.keyboard.press('Escape');
    await focusIs(page, 'more-boat-4-button');
  });

  it('lets a boat go from a menu: focus goes to the next', async () => {
    const page = await visit(way, 'boats');
    await page.focus('#more-boat-5-button');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#more-boat-5:popover-open');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await says(page, 'boat-count', '9 boats');
    await focusIs(page, 'more-boat-6-button');
    expect(await page.locator('#boat-5').count()).toBe(0);
  });

  it('goes to another page and back: the heading has focus, and what was open is gone', async () => {
    const page = await visit(way);
    await page.click('#W1042 > button');
    await isOpen(page, 'strike-W1042');
    await page.keyboard.press('Escape');
    await page.click('nav a[href="/pages/boats"]');
    await page.waitForFunction(() => document.querySelector('h1:focus')?.textContent === 'Boats');
    expect(await page.evaluate(() => [location.pathname, document.title])).toEqual([
      '/pages/boats',
      'Boats · Quillhaven',
    ]);
    await page.click('#more-boat-1-button');
    await page.waitForSelector('#more-boat-1:popover-open');
    await page.keyboard.press('Escape');
    await page.evaluate(() => history.back());
    await page.waitForFunction(() => document.querySelector('h1:focus')?.textContent === 'Orders');
    await page.click('#board-tab-weather');
    await page.waitForSelector('#board-panel-weather:not([hidden])');
    expect(await focused(page)).toBe('board-tab-weather');
    expect(await violations(page)).toEqual([]);
  });
});

it.each(['morphdom', 'idiomorph'])(
  '%s: what a server says anew counts, and what it says once more does not',
  async (way) => {
    const page = await visit(way);
    const selected = (key: string): Promise<unknown> =>
      page.waitForSelector(`#board-tab-${key}[aria-selected=true]`, { state: 'attached' });
    /** Has the whole page rendered again. */
    const ask = async (id: string): Promise<void> => {
      await page.evaluate(() => document.getElementById('main')!.append('Not from the server'));
      await page.click(`#${id}`);
      await page.waitForFunction(
        () => !document.getElementById('main')!.textContent.includes('Not from the server'),
      );
    };
    await page.click('#board-tab-slips');
    await ask('refresh');
    await selected('slips');
    await ask('warn');
    await selected('weather');
    await page.click('#board-tab-slips');
    await ask('refresh');
    await selected('slips');
    await ask('warn');
    await selected('weather');
    expect(await violations(page)).toEqual([]);
  },
);
