// No interaction has the page laid out more than once before its frame, and none restyles what it does not concern.
import { desk, itIn, openBare, useBrowser } from './support/browser';
import { traced } from './support/trace';

const { open } = useBrowser();

/**
 * What has focus, the keys that come first, and the keys that are counted, one by one. A key with ² takes
 * two: the platform lays out once more where a field's value is set while a layer is anchored to it, and rows that
 * were never in view are measured once.
 */
const interactions: [what: string, focus: string, before: string[], keys: string[]][] = [
  ['a dialog', '[commandfor=plain-dialog]', [], ['Enter', 'Tab', 'Escape']],
  ['a dialog in a dialog', '[commandfor=outer-dialog]', ['Enter'], ['Enter', 'Escape']],
  ['an alert', '[commandfor=plain-alert]', [], ['Enter', 'Escape']],
  ['a drawer', '[commandfor=end-drawer]', [], ['Enter', 'Escape']],
  ['a popover', '[commandfor=plain-popover]', [], ['Enter', 'Escape', 'Enter']],
  ['a popover as wide as its button', '[commandfor=fit-popover]', [], ['Enter', 'Escape', 'Enter']],
  ['a disclosure', '[commandfor=plain-panel]', [], ['Enter', 'Enter']],
  ['details', '#plain-details summary', [], ['Enter', 'Enter']],
  ['an accordion', '#plain-accordion button', [], ['Enter', 'Enter']],
  ['tabs', '#plain-tabs [role=tab]', [], ['ArrowRight', 'End']],
  ['a switch', '#plain-switch', [], ['Enter']],
  ['a listbox', '#plain-listbox [role=option]', [], ['ArrowDown', 'End', 'Space']],
  ['a long listbox', '#long-listbox [role=option]', [], ['ArrowDown', 'PageDown', 'Home']],
  ['a tree', '#plain-tree [role=treeitem]', [], ['ArrowRight', 'ArrowDown', 'ArrowLeft']],
  ['a long tree', '#long-tree [role=treeitem]', [], ['ArrowRight', 'ArrowDown', 'End']],
  ['a menu', '#plain-menu-button', [], ['Enter', 'ArrowDown', 'End', 'Escape']],
  ['a submenu', '#plain-menu-button', ['Enter', 'End', 'ArrowUp'], ['ArrowRight', 'ArrowLeft']],
  ['a combobox', '#plain-field', [], ['ArrowDown', 'ArrowDown', 'm', 'Enter²']],
  ['a combobox to choose from', '#select-field', [], ['Enter', 'ArrowDown', 'Enter']],
  ['a long combobox', '#long-field', [], ['ArrowDown²', 'Escape', 'ArrowDown', '1', 'ArrowDown']],
  ['tokens', '#several-field', [], ['ArrowDown', 'Enter', 'Backspace']],
];

// Layouts are counted in Chromium's own trace.
itIn('chromium').each(interactions)(
  'lays the page out at most once for each key: %s',
  async (_, focus, before, keys) => {
    const { page } = await open(desk('gallery.html'));
    // What the library loads later, as the menu of a toolbar, measures once it is there.
    await page.waitForFunction(() => {
      const record = Reflect.get(globalThis, Symbol.for('elastic-shell.page')) as Map<
        string,
        { count: number }
      >;
      return record?.get('loading')?.count === 0;
    });
    await page.evaluate(async () => {
      for (let frame = 0; frame < 3; frame++) await new Promise(requestAnimationFrame);
    });
    await page.locator(focus).first().focus();
    for (const key of before) await page.keyboard.press(key);
    const counted: { key: string; forced: number }[] = [];
    for (const key of keys) {
      const { forced } = await traced(page, () => page.keyboard.press(key.replace('²', '')));
      if (forced > (key.endsWith('²') ? 2 : 1)) counted.push({ key, forced });
    }
    expect(counted).toEqual([]);
  },
);

itIn('chromium')('restyles no more than the author’s own :has() asks for', async () => {
  const { page } = await openBare(
    open,
    `<main>${'<div><span>a</span><i>b</i></div>'.repeat(500)}<button commandfor="p" command="--toggle">P</button><div id="p" hidden>p</div></main>`,
  );
  await page.evaluate(() => {
    // Put into every page that holds its background still while something is open.
    const sheet = new CSSStyleSheet();
    sheet.replaceSync('body:has(button[aria-expanded=true]) { overflow: clip; }');
    document.adoptedStyleSheets = [sheet];
    shell.wireDisclosure(document.getElementById('p')!);
  });
  await page.locator('button').focus();
  const { restyled } = await traced(page, () => page.keyboard.press('Enter'));
  expect(restyled).toBeLessThan(700);
});

itIn('chromium')('lays out as often for fifty popovers that open in one task as for six', async () => {
  const forced = async (count: number): Promise<number> => {
    const { page } = await openBare(
      open,
      Array.from(
        { length: count },
        (_, at) =>
          `<button commandfor="p${at}" command="--toggle">${at}</button><div id="p${at}" popover="manual">${at}</div>`,
      ).join(''),
    );
    await page.evaluate((count) => {
      for (let at = 0; at < count; at++)
        shell.wire('popover', `p${at}`, { outside: 'keep', focusOut: 'keep', area: 'inline-end' });
    }, count);
    const counted = await traced(page, () =>
      page.evaluate(() =>
        Object.values(shell.wired).forEach((each) => (each as unknown as { show(): void }).show()),
      ),
    );
    return counted.forced;
  };
  expect(await forced(50)).toBeLessThanOrEqual((await forced(6)) + 2);
});

itIn('chromium')(
  'styles the rows of a list once when it opens, and again only those that change',
  async () => {
    const options = Array.from({ length: 500 }, (_, at) => `<div role="option">${at}</div>`).join('');
    const { page } = await openBare(
      open,
      `<div id="r"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox">${options}</div></div></div>`,
    );
    await page.evaluate(() => void shell.wire('combobox', 'r'));
    await page.locator('input').focus();
    const opening = await traced(page, () => page.keyboard.press('ArrowDown'));
    expect(opening.restyledAll).toBeLessThan(700);
    const moving = await traced(page, () => page.keyboard.press('ArrowDown'));
    expect(moving.restyledAll).toBeLessThan(60);
  },
);
