// What people's own programs do to a pattern, in each framework's real runtime.
import type { Page } from 'playwright-core';
import { useBrowser } from '../browser/support/browser';
import { runWritten } from './support/written';

declare global {
  var errors: string[];
  var arrive: () => void;
  var append: () => void;
  var turn: () => void;
  var rename: () => void;
  var forbid: () => void;
}

const { open } = useBrowser();

describe('Vue', () => {
  it('opens what is open at first once it is in the document: after a Suspense, and after a detached mount', async () => {
    const { page } = await runWritten(open, 'vue-late.ts');
    await page.waitForSelector('#fallback');
    expect(await page.locator('dialog').count()).toBe(0);
    await page.evaluate(() => arrive());
    await page.waitForSelector('dialog.suspended:modal[data-phase=open]');
    await page.keyboard.press('Escape');
    await page.waitForSelector('dialog.suspended', { state: 'hidden' });
    await page.click('#count');
    await page.waitForSelector('#count:has-text("1")');
    await page.evaluate(() => append());
    await page.waitForSelector('dialog.detached:modal[data-phase=open]');
    expect(await page.evaluate(() => errors)).toEqual([]);
  });
});

const focused = (page: Page, text: string): Promise<unknown> =>
  page.waitForFunction((wanted) => document.activeElement?.textContent?.trim() === wanted, text);

const strike = async (page: Page): Promise<void> => {
  await page.click('.open >> nth=1');
  await page.waitForSelector('dialog:modal[data-phase=open]');
  await page.click('dialog:modal .strike');
  await page.waitForFunction(() => document.querySelectorAll('li').length === 2);
};

describe('focus in Vue', () => {
  it('goes on to the next row when one with its own dialog leaves with a transition', async () => {
    const { page } = await runWritten(open, 'vue-rows.ts');
    await strike(page);
    await focused(page, 'Strike cod');
  });

  it('goes to the heading of the page that a link in a drawer has led to, when the opener has gone with the other', async () => {
    const { page } = await runWritten(open, 'vue-rows.ts');
    await page.click('.sections');
    await page.waitForSelector('dialog:modal[data-phase=open]');
    await page.click('#crew');
    await page.waitForSelector('h1:has-text("Crew")');
    await focused(page, 'Crew');
    await page.keyboard.press('Tab');
    await focused(page, 'First of Crew');
    expect(await page.locator('h1').getAttribute('tabindex')).toBeNull();
  });
});

describe('Svelte', () => {
  const rows = (page: Page, texts: string): Promise<unknown> =>
    page.waitForFunction(
      (wanted) =>
        [...document.querySelectorAll('[data-label]')].map((row) => row.textContent).join() === wanted,
      texts,
    );

  it('takes a state as a pair of functions, which may refuse', async () => {
    const { page } = await runWritten(open, 'svelte-parts.ts');
    await page.click('#opener');
    await page.waitForSelector('dialog:modal[data-phase=open]');
    await page.waitForSelector('output:has-text("open")');
    await page.evaluate(() => turn());
    await page.waitForSelector('dialog', { state: 'hidden' });
    await page.evaluate(() => turn());
    await page.waitForSelector('dialog:modal[data-phase=open]');
    await page.evaluate(() => forbid());
    await page.click('#closer');
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => resolve(null))));
    expect(await page.locator('dialog:modal').count()).toBe(1);
  });

  it('follows items that are changed in place, however deep', async () => {
    const { page } = await runWritten(open, 'svelte-parts.ts');
    await rows(page, 'Hull,Keel,Rig');
    await page.evaluate(() => rename());
    await rows(page, 'The hull,Keel,Rig,Mast');
  });
});

describe('Solid', () => {
  it('keeps focus when a row with its own dialog goes, and when the tab that has it changes places', async () => {
    const { page } = await runWritten(open, 'solid-rows.jsx');
    await strike(page);
    await focused(page, 'Strike cod');
    await page.click('[role=tab][data-key=hull]');
    await page.evaluate(() => turn());
    await page.waitForFunction(
      () => document.querySelector('[role=tab]')?.getAttribute('data-key') === 'engine',
    );
    await focused(page, 'hull');
  });

  it('takes options as an accessor of items, and follows it', async () => {
    const { page } = await runWritten(open, 'solid-rows.jsx');
    const field = page.locator('[role=combobox]');
    await field.click();
    await page.keyboard.type('te');
    await page.waitForFunction(
      () => [...document.querySelectorAll('[role=option]')].map((each) => each.textContent).join() === 'Tern',
    );
    await page.keyboard.press('Enter');
    const says = (text: string) =>
      page.waitForFunction(
        (wanted) => document.querySelector<HTMLInputElement>('[role=combobox]')!.value === wanted,
        text,
      );
    await says('Tern');
    await page.evaluate(() => rename());
    await says('Terns');
  });
});
