// Owners in every setting: a component holds the state, and the page never shows what it has not taken.
import type { Page } from 'playwright-core';
import { holdAnswers } from '../browser/support/answers';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const settings = ['elements', 'react', 'vue', 'svelte', 'solid', 'angular'];

/** One case of the section of owners. */
const caseOf = (page: Page, name: string) => {
  const within = page.locator(`[data-case=${name}]`);
  return {
    within,
    press: (words: string) => within.getByRole('button', { name: words, exact: true }).click(),
    dialog: within.locator('dialog'),
    said: () => within.locator('output').textContent(),
    says: (text: string) => within.locator('output', { hasText: new RegExp(`^\\s*${text}\\s*$`) }).waitFor(),
  };
};

const isModal = (page: Page) => page.evaluate(() => !!document.querySelector('dialog:modal'));
const shown = (page: Page) => page.waitForFunction(() => !!document.querySelector('dialog:modal'));
const gone = (page: Page) => page.waitForFunction(() => !document.querySelector('dialog:modal'));
const focused = (page: Page) => page.evaluate(() => document.activeElement?.textContent?.trim() ?? '');

/**
 * Notes whether a dialog is modal right after the next click, before any answer that takes its time. Returns a way to read it: a
 * question from outside might come when the owner has answered.
 */
async function noteAfterClick(page: Page): Promise<() => Promise<boolean | undefined>> {
  await page.evaluate(() => {
    const notes = globalThis as { wasModal?: boolean };
    delete notes.wasModal;
    const note = (): void => void (notes.wasModal = !!document.querySelector('dialog:modal'));
    addEventListener('click', () => setTimeout(note), { once: true, capture: true });
  });
  return () => page.evaluate(() => (globalThis as { wasModal?: boolean }).wasModal);
}

/** Waits until everything that a press has set going has had two frames. */
const settled = (page: Page) =>
  page.evaluate(
    () => new Promise<void>((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => resolve()))),
  );

describe.each(settings)('owners in %s', (name) => {
  let page: Page;
  // Each test is about a case of its own in the same page.
  beforeAll(async () => {
    ({ page } = await open(desk(`gallery/${name}.html`)));
    await page.waitForSelector('[data-case=mounted]');
  });

  it('keeps open what its owner does not close, with focus where it was', async () => {
    const { press, says, within } = caseOf(page, 'refused');
    await press('Open what stays open');
    await shown(page);
    await press('Close the held one');
    await says('open, refused 1');
    expect([await isModal(page), await focused(page)]).toEqual([true, 'Close the held one']);
    await page.keyboard.press('Escape');
    await says('open, refused 2');
    expect([await isModal(page), await focused(page)]).toEqual([true, 'Close the held one']);
    await within.locator('input').click();
    await press('Close the held one');
    await gone(page);
    await says('closed, refused 2');
    expect(await focused(page)).toBe('Open what stays open');
  });

  it('shows nothing until an owner who answers later has answered', async () => {
    const { press, says } = caseOf(page, 'later');
    const afterOpening = await noteAfterClick(page);
    await press('Open when the owner says so');
    await says('open');
    await shown(page);
    expect(await afterOpening()).toBe(false);
    const afterClosing = await noteAfterClick(page);
    await press('Close it later');
    await says('closed');
    await gone(page);
    expect(await afterClosing()).toBe(true);
    expect(await focused(page)).toBe('Open when the owner says so');
  });

  it('follows what is changed from outside, and tells its owner nothing that he said himself', async () => {
    const { press, says, within } = caseOf(page, 'outside');
    await press('Turn it over');
    await within.getByText('The tide table').waitFor();
    await says('command');
    await press('Turn it over from outside');
    await within.getByText('The tide table').waitFor({ state: 'hidden' });
    await says('command,owner');
    await press('Turn it over from outside');
    await within.getByText('The tide table').waitFor();
    await says('command,owner,owner');
    expect(await within.locator('[aria-expanded]').getAttribute('aria-expanded')).toBe('true');
  });

  it('does all of what was meant or nothing, where several states change at once', async () => {
    const { within, says } = caseOf(page, 'several');
    const field = within.locator('input');
    await field.click();
    await says('quay, open');
    await within.getByRole('option', { name: 'Slip' }).click();
    await settled(page);
    await says('quay, open');
    expect([await field.inputValue(), await field.getAttribute('aria-expanded')]).toEqual(['Quay', 'true']);
    await within.getByRole('option', { name: 'Mole', exact: true }).click();
    await says('mole, closed');
    expect(await field.inputValue()).toBe('Mole');
  });

  it('changes its options while it is open, and keeps state and focus', async () => {
    const { press, dialog, within } = caseOf(page, 'options');
    await press('Open what changes');
    await shown(page);
    expect(await dialog.getAttribute('data-size')).toBe('narrow');
    await press('Other size');
    await page.waitForSelector('[data-case=options] dialog[data-size=wide]');
    expect([await isModal(page), await focused(page)]).toEqual([true, 'Other size']);
    await press('Escape: close');
    await within.getByRole('button', { name: 'Escape: keep' }).waitFor();
    await page.keyboard.press('Escape');
    await settled(page);
    expect(await isModal(page)).toBe(true);
    await press('Close what changes');
    await gone(page);
  });

  it('goes while it is open or waits, and leaves nothing behind', async () => {
    const { press, dialog } = caseOf(page, 'mounted');
    await press('Mount what waits');
    await shown(page);
    await press('Unmount');
    await dialog.waitFor({ state: 'detached' });
    expect([
      await focused(page),
      await page.evaluate(() => getComputedStyle(document.documentElement).overflow),
    ]).toEqual(['Mount what waits', 'visible']);
    await press('Mount what waits');
    await shown(page);
    const answer = await holdAnswers(page);
    await press('Ask to close');
    await page.waitForSelector('[data-case=mounted] dialog[aria-busy=true]');
    await press('Unmount');
    await dialog.waitFor({ state: 'detached' });
    await answer();
    expect(await focused(page)).toBe('Mount what waits');
  });
});
