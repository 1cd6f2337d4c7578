// What people's own programs do to a pattern, in each framework's real runtime.
import { useBrowser } from '../browser/support/browser';
import { runWritten } from './support/written';

declare global {
  var errors: string[];
  var arrive: () => void;
  var append: () => void;
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
