// The jobs of the yard desk by keyboard alone, from the top of the page: every control is come to by Tab.
import type { Page } from 'playwright-core';
import { desk, focused, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

/** Presses Tab until focus is on what `selector` means. */
async function tabTo(page: Page, selector: string): Promise<void> {
  const stops: string[] = [];
  for (let turn = 0; turn < 60; turn++) {
    await page.keyboard.press('Tab');
    if (await page.evaluate((wanted) => document.activeElement!.matches(wanted), selector)) return;
    stops.push(await focused(page));
  }
  throw new Error(`Tab does not come to ${selector}. It stopped at: ${stops.join(', ')}`);
}
const modal = (page: Page, id: string) => page.waitForSelector(`#${id}:modal`);
const gone = (page: Page, id: string) => page.waitForSelector(`#${id}`, { state: 'hidden' });

it('strikes an order', async () => {
  const { page } = await open(desk());
  await tabTo(page, '[data-order=W1041] .strike');
  await page.keyboard.press('Enter');
  await modal(page, 'strike');
  expect(await focused(page)).toBe('Keep order');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await gone(page, 'strike');
  expect(await page.textContent('#status')).toBe('Order W1041 was struck.');
  expect(await page.getAttribute(':focus', 'aria-label')).toBe('Strike order W1042…');
});

it('edits one, and is asked before changes are lost', async () => {
  const { page } = await open(desk());
  await tabTo(page, '[data-order=W1041] .edit');
  await page.keyboard.press('Enter');
  await modal(page, 'edit');
  await page.keyboard.type('x');
  await page.keyboard.press('Escape');
  await modal(page, 'discard');
  expect(await focused(page)).toBe('Keep editing');
  await page.keyboard.press('Escape');
  await gone(page, 'discard');
  await page.keyboard.press('Escape');
  await modal(page, 'discard');
  await tabTo(page, '[value=discard]');
  await page.keyboard.press('Space');
  await gone(page, 'edit');
  expect(await page.getAttribute(':focus', 'aria-label')).toBe('Edit order W1041');
});

it('chooses a pennant', async () => {
  const { page } = await open(desk('boat.html'));
  await tabTo(page, '#mast');
  const before = await page.textContent('#mast');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.activeElement!.matches('#pennants [role=option]'));
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#pennants:popover-open', { state: 'hidden' });
  expect(await focused(page)).toBe('mast');
  expect(await page.textContent('#mast')).not.toBe(before);
});

it('ticks parts', async () => {
  const { page } = await open(desk('parts.html'));
  await tabTo(page, '#parts [role=treeitem]');
  for (const key of ['d', 'Space', 'ArrowDown', 'Space']) await page.keyboard.press(key);
  await page.waitForFunction(() => Number(document.getElementById('chosen')!.textContent) > 20);
});

it('reads the survey, and thinks twice before it is signed', async () => {
  const { page } = await open(desk('boat.html'));
  await tabTo(page, '#record [role=tab]');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await tabTo(page, '#plates [command="--next"]');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#plates [data-slides] > :nth-child(2):not([inert])');
  await tabTo(page, '[commandfor=sign-off]');
  await page.keyboard.press('Enter');
  await modal(page, 'sign-off');
  expect(await focused(page)).toBe('Not yet');
  await page.keyboard.press('Escape');
  await gone(page, 'sign-off');
  expect(await page.evaluate(() => document.activeElement!.matches('[commandfor=sign-off]'))).toBe(true);
});
