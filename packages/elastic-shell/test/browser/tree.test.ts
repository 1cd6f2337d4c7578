// Trees in Chromium: their contract by real keys and pointer, both directions, from markup and from data.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { holdAnswers } from './support/answers';
import { desk, focused, useBrowser } from './support/browser';
import { speaks, spoken } from './support/tree';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const stop = (id: string) => `#${id} [tabindex="0"]`;
const row = (id: string, name: string) => `#${id} [role=treeitem]:has(> [data-content]:text-is("${name}"))`;
/** The row with focus, in its own words. */
const current = (page: Page) =>
  page.evaluate(() => {
    const active = document.activeElement!;
    return (
      (active.querySelector(':scope > [data-content]') ?? active.firstChild ?? active).textContent!.trim() ||
      active.childNodes[1]!.textContent!
    );
  });
const shown = (page: Page, id: string) =>
  page
    .locator(`#${id} [data-row]`)
    .evaluateAll((rows) => rows.map((each) => `${each.textContent} ${each.ariaChecked}`));

describe('from nested lists', () => {
  it.each([
    ['ltr', 'ArrowRight', 'ArrowLeft'],
    ['rtl', 'ArrowLeft', 'ArrowRight'],
  ])(
    'arrows go through what shows, open and close, in and out, in %s',
    async (direction, inward, outward) => {
      const { page } = await gallery();
      if (direction === 'rtl') await page.click('#direction');
      await page.focus(stop('plain-tree'));
      const seen: string[] = [];
      for (const key of [
        inward,
        inward,
        'ArrowDown',
        inward,
        outward,
        outward,
        'End',
        'ArrowUp',
        '*',
        'Home',
        's',
        's',
        'Enter',
      ]) {
        await page.keyboard.press(key);
        seen.push(await current(page));
      }
      expect(seen).toEqual([
        'Sheds',
        'Sail loft',
        'Smithy',
        'Smithy',
        'Sheds',
        'Sheds',
        'Quay',
        'Slips',
        'Slips',
        'Sheds',
        'Sail loft',
        'Smithy',
        'Smithy',
      ]);
      expect(await page.locator('#plain-tree [aria-expanded=true]').count()).toBe(2);
      expect(await page.locator(stop('plain-tree')).count()).toBe(1);
    },
  );

  it('a press selects, and opens its branch; a marker only opens; several with Control and Shift', async () => {
    const { page } = await gallery();
    await page.click('#plain-tree [data-key=slips]', { position: { x: 40, y: 10 } });
    expect(
      await page
        .locator('#plain-tree [data-key=slips]')
        .evaluate((each) => [each.ariaExpanded, each.ariaSelected]),
    ).toEqual(['true', 'true']);
    const tree = '#multiple-tree';
    await page.click(`${tree} [data-key=larch] [data-marker]`);
    expect(await page.locator(`${tree} [aria-selected=true]`).count()).toBe(0);
    await page.click(`${tree} >> text="Planks"`);
    await page.click(`${tree} >> text="Treenails"`, { modifiers: ['Shift'] });
    expect(await page.locator(`${tree} [aria-selected=true]`).count()).toBe(3);
    await page.click(`${tree} >> text="Knees"`, { modifiers: ['ControlOrMeta'] });
    expect(await page.locator(`${tree} [aria-selected=true]`).count()).toBe(2);
    await page.keyboard.press('Control+a');
    expect(await page.locator(`${tree} [aria-selected=true]`).count()).toBe(7);
  });

  it('tells its levels, names and places', async () => {
    const { page } = await gallery();
    await page.focus(stop('plain-tree'));
    await page.keyboard.press('*');
    if (speaks) {
      const told = await spoken(page, 'treeitem', 'level', 'expanded', 'posinset', 'setsize');
      expect(told.map((each) => each.trim())).toEqual(
        expect.arrayContaining([
          'Sheds level=1 expanded=true',
          'Sail loft level=2 expanded=false',
          'Smithy level=2',
          'Quay level=1',
        ]),
      );
    }
    expect(
      await page
        .locator('#plain-tree [data-key=smithy]')
        .evaluate((each) => [each.ariaPosInSet, each.ariaSetSize]),
    ).toEqual(['2', '2']);
  });
});

describe('from data', () => {
  it('checks are carried up and down; a disabled row can be reached and not checked', async () => {
    const { page } = await gallery();
    await page.focus(stop('data-tree'));
    for (const key of ['ArrowDown', 'ArrowRight', 'ArrowDown', 'ArrowRight', 'ArrowDown', 'Space'])
      await page.keyboard.press(key);
    expect((await shown(page, 'data-tree')).slice(1, 4)).toEqual(['Paint mixed', 'Hull mixed', 'Tin 1 true']);
    if (speaks)
      expect(await spoken(page, 'treeitem', 'checked')).toEqual(
        expect.arrayContaining(['Paint checked=mixed', 'Tin 1 checked=true', 'Tin 2 checked=false']),
      );
    await page.click(`${row('data-tree', 'Paint')} [data-check]`);
    expect((await shown(page, 'data-tree')).slice(1, 7)).toEqual([
      'Paint true',
      'Hull true',
      'Tin 1 true',
      'Tin 2 true',
      'Tin 3 true',
      'Varnish true',
    ]);
    if (speaks)
      expect(await spoken(page, 'treeitem', 'checked')).toEqual(
        expect.arrayContaining(['Paint checked=true', 'Rope checked=false']),
      );
    await page.keyboard.press('End');
    await page.keyboard.press('Space');
    expect((await shown(page, 'data-tree')).at(-1)).toBe('Strongroom false');
    expect(await current(page)).toBe('Strongroom');
  });

  it('a branch is fetched, is busy meanwhile, and after a failure is tried again, by keyboard', async () => {
    const { page } = await gallery();
    await page.check('#tree-fails');
    await page.focus(stop('data-tree'));
    const answer = await holdAnswers(page);
    for (const key of ['i', 'ArrowRight']) await page.keyboard.press(key);
    await page.waitForSelector('#data-tree [aria-busy=true]');
    await answer();
    await page.waitForSelector('#data-tree [data-retry]');
    await page.evaluate(() => ((document.getElementById('tree-fails') as HTMLInputElement).checked = false));
    await page.keyboard.press('ArrowRight');
    expect(await current(page)).toBe('The attic is locked. Try again');
    await page.keyboard.press('Enter');
    expect(await current(page)).toBe('In the attic');
    await page.waitForSelector(row('data-tree', 'Chest 2'));
    await page.keyboard.press('ArrowRight');
    expect(await current(page)).toBe('Chest 1');
  });

  it('a filter keeps the way to what it finds, counts it, and closes what it opened when it is cleared', async () => {
    const { page } = await gallery();
    const before = await shown(page, 'data-tree');
    await page.fill('#tree-search', 'tin');
    expect((await shown(page, 'data-tree')).map((each) => each.split(' ')[0])).toEqual([
      'Paint',
      'Hull',
      'Tin',
      'Tin',
      'Tin',
    ]);
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[role=status]')].some((each) => each.textContent === '3 matches'),
    );
    expect(
      await page.locator(row('data-tree', 'Paint')).evaluate((each) => [each.ariaPosInSet, each.ariaSetSize]),
    ).toEqual(['1', '1']);
    await page.keyboard.press('ArrowDown');
    expect(await page.evaluate(() => document.activeElement!.getAttribute('role'))).toBe('treeitem');
    await page.fill('#tree-search', 'tinsel');
    await page.locator('#data-tree + [data-notice]:not([data-spoken])', { hasText: 'No match' }).waitFor();
    await page.fill('#tree-search', '');
    expect(await shown(page, 'data-tree')).toEqual(before);
    await page.waitForFunction(() => !document.querySelector('#data-tree + [role=status]')!.textContent);
  });

  it('100,000 rows: opened to the last, with few on the page; a closing branch takes focus from within it', async () => {
    const { page } = await gallery();
    await page.focus(stop('long-tree'));
    for (const key of ['End', 'ArrowRight', 'End', 'ArrowRight', 'End']) await page.keyboard.press(key);
    expect(await current(page)).toBe('Part 100');
    expect(
      await page.locator(':focus').evaluate((each) => [each.ariaLevel, each.ariaPosInSet, each.ariaSetSize]),
    ).toEqual(['3', '100', '100']);
    expect(await page.locator('#long-tree [data-row]').count()).toBeLessThan(40);
    await page.keyboard.press('ArrowLeft');
    expect(await current(page)).toBe('Rack 100');
    await page.keyboard.press('*');
    expect(await page.locator('#long-tree [data-row]').count()).toBeLessThan(40);
    await page.keyboard.press('Home');
    expect(await focused(page)).toBe('Shed 1');
  });
});

it('has no accessibility fault', async () => {
  const { page } = await gallery({ bypassCSP: true });
  await page.focus(stop('plain-tree'));
  await page.keyboard.press('*');
  expect(await violations(page, '#tree')).toEqual([]);
});

describe('at the desk', () => {
  it('the parts of a boat: checked, found, fetched, and 100,000 of them', async () => {
    const { page } = await open(desk('parts.html'), { bypassCSP: true });
    await page.focus(stop('parts'));
    for (const key of ['d', 'Space']) await page.keyboard.press(key);
    expect(Number(await page.textContent('#chosen'))).toBeGreaterThan(20);
    expect((await shown(page, 'parts'))[0]).toBe('The boat mixed');
    expect(await violations(page)).toEqual([]);
    await page.fill('#find', 'oak valve');
    expect((await shown(page, 'parts')).length).toBeGreaterThan(5);
    await page.fill('#find', '');
    await page.click(`${row('parts', 'Below')} [data-marker]`);
    await page.waitForSelector(`${row('parts', 'Below')}[aria-expanded=true]:not([aria-busy])`);
    await page.click('#many');
    await page.waitForFunction(() => document.getElementById('chosen')!.textContent === '0');
    await page.fill('#find', 'bearing 500');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('#parts [data-row]')].some((each) =>
        /bearing 500/.test(each.textContent!),
      ),
    );
  });
});
