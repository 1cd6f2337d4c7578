// Layers, keys and clicks of other parties, in every browser.
import type { Page } from 'playwright-core';
import { openBare, useBrowser } from '../browser/support/browser';
import { closed, dialog, isOpen, popover } from '../browser/support/shown';

const { open } = useBrowser();

describe.each([
  ['dialog', dialog, 'wireDialog'],
  ['popover', popover, 'wirePopover'],
] as const)('above a %s of ours', (_, markup, wire) => {
  const set = async (more: string): Promise<Page> => {
    const { page } = await openBare(open, `${markup}${more}`);
    await page.evaluate((name) => void shell[name](document.getElementById('d')!), wire);
    await page.click('#o');
    expect(await isOpen(page, 'd')).toBe(true);
    return page;
  };

  it('a native modal dialog is innermost: Escape and presses are its own', async () => {
    const page = await set('<dialog id="n"><p id="text">Native</p></dialog>');
    await page.evaluate(() => document.querySelector<HTMLDialogElement>('#n')!.showModal());
    await page.click('#text');
    expect([await isOpen(page, 'd'), await isOpen(page, 'n')]).toEqual([true, true]);
    await page.keyboard.press('Escape');
    await closed(page, 'n');
    expect(await isOpen(page, 'd')).toBe(true);
    await page.keyboard.press('Escape');
    await closed(page, 'd');
  });

  it('a native popover is innermost: Escape and presses close it first', async () => {
    const page = await set('<div id="n" popover style="inset: auto 0 0 auto">Native</div>');
    const show = () => page.evaluate(() => document.getElementById('n')!.showPopover());
    await show();
    await page.keyboard.press('Escape');
    await closed(page, 'n');
    expect(await isOpen(page, 'd')).toBe(true);
    await show();
    await page.mouse.click(5, 500);
    await closed(page, 'n');
    expect(await isOpen(page, 'd')).toBe(true);
    await page.mouse.click(5, 500);
    await closed(page, 'd');
  });
});

describe('a backdrop', () => {
  it('one click on a backdrop closes the open list of a combobox, the next one the dialog', async () => {
    const { page } = await openBare(
      open,
      `<dialog id="d"><h2>Berths</h2><div id="c"><input role="combobox" aria-label="Boat"><div id="l" role="listbox">
        <div role="option">Curlew</div><div role="option">Dunlin</div></div></div></dialog>`,
    );
    await page.evaluate(() => {
      const wired = shell.wireDialog(document.getElementById('d')!);
      shell.wireCombobox(document.getElementById('c')!);
      wired.show();
    });
    await page.keyboard.press('ArrowDown');
    expect(await isOpen(page, 'l')).toBe(true);
    await page.mouse.click(5, 5);
    await closed(page, 'l');
    expect(await isOpen(page, 'd')).toBe(true);
    await page.mouse.click(5, 5);
    await closed(page, 'd');
  });
});

const field = `<div id="c"><input role="combobox" aria-label="Boat"><div id="l" role="listbox">
  <div role="option" data-key="c" aria-selected="true">Curlew</div><div role="option" data-key="d">Dunlin</div></div></div>`;

describe('a combobox', () => {
  it('that is the first field of a dialog leaves Escape to it, unless something was typed', async () => {
    const { page } = await openBare(open, `<dialog id="d"><h2>Berths</h2>${field}</dialog>`);
    await page.evaluate(() => {
      const wired = shell.wireDialog(document.getElementById('d')!);
      shell.wireCombobox(document.getElementById('c')!);
      wired.show();
      Object.assign(globalThis, { wired });
    });
    const input = page.locator('input');
    await page.keyboard.press('Escape');
    await closed(page, 'd');
    expect(await input.inputValue()).toBe('Curlew');
    await page.evaluate(() => (globalThis as unknown as { wired: { show(): void } }).wired.show());
    await page.keyboard.press('Control+A');
    await page.keyboard.type('Du');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    expect([await input.inputValue(), await isOpen(page, 'd')]).toEqual(['', true]);
    await page.keyboard.press('Escape');
    await closed(page, 'd');
  });

  it('that the browser fills, without focus, stays closed and takes the option of that name', async () => {
    const { page } = await openBare(open, field);
    const filled = await page.evaluate(() => {
      const wired = shell.wireCombobox(document.getElementById('c')!);
      const input = document.querySelector('input')!;
      const fill = (text: string): unknown[] => {
        input.value = text;
        input.dispatchEvent(new Event('input', { bubbles: true }));
        return [wired.open.get(), wired.selected.get(), input.value];
      };
      return [fill('dunlin'), fill('Nobody')];
    });
    expect(filled).toEqual([
      [false, 'd', 'Dunlin'],
      [false, 'd', 'Dunlin'],
    ]);
  });
});
