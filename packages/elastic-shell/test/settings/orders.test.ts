// The orders page in React, Vue and Svelte, as its users go through it.
import type { Page } from 'playwright-core';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const shown = (page: Page, words: string) =>
  page.locator('dialog:modal', { hasText: words }).waitFor({ state: 'visible' });
const noModal = (page: Page) => page.waitForFunction(() => !document.querySelector('dialog:modal'));
const focused = (page: Page) =>
  page.evaluate(
    () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent,
  );

describe.each(['react', 'vue', 'svelte'])('orders in %s', (name) => {
  const orders = async (width = 1280) => {
    const { page } = await open(desk(`orders/${name}.html`), { viewport: { width, height: 800 } });
    await page.waitForSelector('.order');
    return page;
  };
  const first = (page: Page) => page.locator('.order .number').first();

  it('strikes an order when the server has, and goes on to the next', async () => {
    const page = await orders();
    const [struck, next] = await page
      .locator('.order .number')
      .evaluateAll((all) => all.map((each) => each.textContent));
    await page.getByRole('button', { name: `Strike order ${struck}…` }).click();
    await shown(page, `Strike order ${struck}?`);
    await page.getByRole('button', { name: 'Strike order', exact: true }).click();
    await page.getByRole('button', { name: 'Striking…' }).waitFor();
    await noModal(page);
    await page.getByText(`Order ${struck} was struck.`).waitFor();
    expect([await first(page).textContent(), await focused(page)]).toEqual([next, `Edit order ${next}`]);
  });

  it('stays open and says so when the server fails', async () => {
    const page = await orders();
    const id = await first(page).textContent();
    await page.getByLabel('Server fails').click();
    await page.getByRole('button', { name: `Strike order ${id}…` }).click();
    await page.getByRole('button', { name: 'Strike order', exact: true }).click();
    await page.locator('dialog:modal', { hasText: 'The office server did not answer.' }).waitFor();
    await page.keyboard.press('Escape');
    await noModal(page);
    expect([await first(page).textContent(), await focused(page)]).toEqual([id, `Strike order ${id}…`]);
  });

  it('edits both ways, asks before changes are lost, and saves', async () => {
    const page = await orders();
    const id = await first(page).textContent();
    const edit = page.getByRole('button', { name: `Edit order ${id}` });
    await edit.click();
    await shown(page, `Edit order ${id}`);
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('Sew the jib');
    await page.keyboard.press('Escape');
    await shown(page, 'Discard your changes?');
    await page.getByRole('button', { name: 'Keep editing' }).click();
    await page.locator('dialog:modal', { hasText: 'Discard your changes?' }).waitFor({ state: 'hidden' });
    const field = page.getByRole('combobox', { name: 'Trades, four at most' });
    await field.click();
    await page.keyboard.type('sail');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.locator('[data-token]', { hasText: 'sailmaker' }).waitFor();
    await page.getByRole('button', { name: 'Save order' }).click();
    await noModal(page);
    await page.getByText(`Order ${id} was saved.`).waitFor();
    const row = page.locator('.order').first();
    expect([
      await row.locator('.work').textContent(),
      (await row.locator('.trades').textContent())?.includes('sailmaker'),
    ]).toEqual(['Sew the jib', true]);
    expect(await focused(page)).toBe(`Edit order ${id}`);
  });

  it('draws the pennants when they are wanted, and takes the one that is chosen', async () => {
    const page = await orders();
    await page
      .getByRole('button', { name: /^Edit order/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'As the boat flies it' }).click();
    const option = page.getByRole('option').and(page.locator('[title]')).nth(3);
    await option.waitFor();
    const chosen = await option.getAttribute('title');
    await option.click();
    await page.getByRole('button', { name: chosen! }).waitFor();
    expect(await page.locator(':popover-open').count()).toBe(0);
  });

  it('shows the page that the address names, which a router holds, and keeps the other', async () => {
    const page = await orders();
    const tab = (words: string) => page.getByRole('tab', { name: words, exact: true });
    const selected = (words: string) => page.getByRole('tab', { name: words, selected: true }).waitFor();
    await tab('Notes').click();
    await selected('Notes');
    expect(new URL(page.url()).search).toBe('?view=notes');
    await page.getByRole('switch').click();
    await page.getByRole('textbox', { name: 'Note' }).fill('The crane is out of order.');
    await page.getByRole('button', { name: 'Add note' }).click();
    await page.getByText('Urgent: The crane is out of order.').waitFor();
    await page.waitForFunction(() => document.querySelector<HTMLInputElement>('[name=note]')!.value === '');
    // The form was reset; what the page holds is as it was.
    expect(await page.getByRole('switch').getAttribute('aria-checked')).toBe('true');
    await page.goBack();
    await selected('Orders');
    await tab('Orders').press('ArrowRight');
    await selected('Notes');
    await page.getByText('Urgent: The crane is out of order.').waitFor();
    expect(await page.getByRole('switch').getAttribute('aria-checked')).toBe('true');
    await page.reload();
    await selected('Notes');
  });

  it('has its sections in a drawer on a phone, which goes when there is room', async () => {
    const page = await orders(375);
    await page.getByRole('button', { name: 'Sections' }).click();
    await shown(page, 'Sections');
    await page.setViewportSize({ width: 1280, height: 800 });
    await noModal(page);
    await page.setViewportSize({ width: 375, height: 800 });
  });
});
