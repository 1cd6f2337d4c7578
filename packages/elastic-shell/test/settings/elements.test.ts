// Elements in the components of each framework: they are taken over as the server wrote them, follow their owner and are followed.
import type { Page } from 'playwright-core';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const tab = (page: Page, key: string) => page.locator(`#elements [role=tab][data-key=${key}]`);
const selected = (page: Page, key: string): Promise<void> =>
  page.locator(`#elements [role=tab][data-key=${key}][aria-selected=true]`).waitFor();
const says = (page: Page, text: string): Promise<void> =>
  page.locator('#elements output', { hasText: text }).waitFor();

describe.each([
  'gallery/react.html',
  'gallery/vue.html',
  'gallery/svelte.html',
  'gallery/solid.html',
  'gallery/angular.html',
  'server/react.html',
  'server/vue.html',
  'server/svelte.html',
  'server/solid.html',
])('elements in %s', (path) => {
  it('say what their owner says, and tell him what a user does', async () => {
    const { page } = await open(desk(path));
    await selected(page, 'rig');
    await tab(page, 'hull').click();
    await selected(page, 'hull');
    await says(page, 'hull');
    await page.getByRole('button', { name: 'Show the engine' }).click();
    await selected(page, 'engine');
    await says(page, 'engine');
    expect(await page.locator('#elements [role=tabpanel]:visible').textContent()).toMatch('One cylinder');
  });

  it('tell a refusal, so that their owner holds what they hold', async () => {
    const { page } = await open(desk(path));
    await selected(page, 'rig');
    const button = page.locator('#elements shell-disclosure button');
    await button.click();
    await page.evaluate(
      () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))),
    );
    expect(await button.textContent()).toMatch('Open the locker');
    expect(await page.locator('#locker').isVisible()).toBe(false);
  });
});
