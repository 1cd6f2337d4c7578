// Many menus and popovers wired in one task: those after the first few are wired in full when they are touched, by whatever touches them
// first, and then they do what they would have done.
import type { Page } from 'playwright-core';
import { changes, focused, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const count = 60;
const last = count - 1;

const menu = (at: number): string =>
  `<button id="b${at}" commandfor="m${at}">Actions</button><div id="m${at}" role="menu" popover data-wire="menu"><button role="menuitem" data-key="edit">Edit</button><button role="menuitem" data-key="move" commandfor="s${at}">Move to</button></div><div id="s${at}" role="menu" popover data-wire="menu"><button role="menuitem" data-key="berth">Berth four</button></div>`;
const popover = (at: number): string =>
  `<button id="b${at}" commandfor="m${at}">Tides</button><div id="m${at}" popover data-wire="popover">High water at six <button>More</button></div>`;

/** A page of many, all wired in one task, and the markup as it was before. */
async function many(make: (at: number) => string): Promise<{ page: Page; before: string }> {
  const { page } = await openBare(open, Array.from({ length: count }, (_, at) => make(at)).join('<br>'));
  const before = await page.evaluate(() => {
    const { innerHTML } = document.body;
    shell.wireWithin(document.body);
    return innerHTML;
  });
  return { page, before };
}

const isOpen = (page: Page, id: string): Promise<boolean> =>
  page.evaluate((name) => document.getElementById(name)!.matches(':popover-open'), id);

describe('menus', () => {
  it.each<[string, (page: Page) => Promise<unknown>, string]>([
    ['an arrow key', (page) => page.press(`#b${last}`, 'ArrowDown'), 'Edit'],
    ['the other arrow key', (page) => page.press(`#b${last}`, 'ArrowUp'), 'Move to'],
    ['Enter', (page) => page.press(`#b${last}`, 'Enter'), 'Edit'],
    ['a press', (page) => page.click(`#b${last}`), 'Edit'],
    [
      'a click by script',
      (page) => page.evaluate((at) => document.getElementById(`b${at}`)!.click(), last),
      'Edit',
    ],
  ])('open by %s', async (_, act, item) => {
    const { page } = await many(menu);
    expect(await page.getAttribute(`#b${last}`, 'aria-expanded')).toBe('false');
    await act(page);
    expect(await isOpen(page, `m${last}`)).toBe(true);
    expect(await focused(page)).toBe(item);
    expect(await page.getAttribute(`#b${last}`, 'aria-expanded')).toBe('true');
  });

  it('open their submenus by key, by press and by a click by script', async () => {
    const { page } = await many(menu);
    await page.press(`#b${last}`, 'ArrowUp');
    await page.keyboard.press('ArrowRight');
    expect(await focused(page)).toBe('Berth four');
    await page.keyboard.press('ArrowLeft');
    expect(await focused(page)).toBe('Move to');
    await page.keyboard.press('Escape');
    await page.click(`#b${last - 1}`);
    await page.evaluate(
      (at) => document.querySelector<HTMLElement>(`[commandfor=s${at}]`)!.click(),
      last - 1,
    );
    expect(await isOpen(page, `s${last - 1}`)).toBe(true);
  });

  it('leave no trace, touched or not', async () => {
    const { page, before } = await many(menu);
    await page.press(`#b${last}`, 'ArrowDown');
    await page.keyboard.press('Escape');
    expect(await focused(page)).toBe(`b${last}`);
    const after = await page.evaluate(() => {
      for (const each of document.querySelectorAll('[data-wire]')) shell.wiredOf(each)!.unwire();
      return document.body.innerHTML;
    });
    expect(after).toBe(before);
  });
});

describe('popovers', () => {
  it('open by a press, close by Escape, and give focus back', async () => {
    const { page } = await many(popover);
    await page.click(`#b${last}`);
    expect(await isOpen(page, `m${last}`)).toBe(true);
    expect(await page.getAttribute(`#b${last}`, 'aria-expanded')).toBe('true');
    await page.keyboard.press('Escape');
    expect(await isOpen(page, `m${last}`)).toBe(false);
    expect(await focused(page)).toBe(`b${last}`);
  });

  it('learn that another script shows one', async () => {
    const { page } = await many(popover);
    await page.evaluate((at) => document.getElementById(`m${at}`)!.showPopover(), last);
    await page.waitForSelector(`#b${last}[aria-expanded=true]`);
    await page.keyboard.press('Escape');
    await page.waitForSelector(`#b${last}[aria-expanded=false]`);
    expect(await changes(page)).toEqual([]);
  });
});
