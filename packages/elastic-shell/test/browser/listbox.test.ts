// Listboxes in Chromium: their contract by real keys and pointer, both directions, a grid, and 10,000 options.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { changes, desk, focused, openBare, press, useBrowser } from './support/browser';
import { speaks, spoken } from './support/tree';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const selected = (page: Page, id: string) =>
  page
    .locator(`#${id} [aria-selected=true]`)
    .evaluateAll((all) => all.map((each) => each.textContent!.trim() || each.ariaLabel));
const stop = (id: string) => `#${id} [tabindex="0"]`;

it('one: arrows, Home, End and letters move and select, disabled ones are passed over, Tab leaves', async () => {
  const { page } = await gallery();
  await page.focus(stop('plain-listbox'));
  expect(await press(page, 'ArrowDown', 'End', 'ArrowUp', 'Home', 'ArrowUp', 's', 's', 'k')).toEqual([
    'Cutter',
    'Schooner',
    'Ketch',
    'Sloop',
    'Sloop',
    'Schooner',
    'Sloop',
    'Sloop',
  ]);
  expect(await selected(page, 'plain-listbox')).toEqual(['Sloop']);
  expect(await page.locator(stop('plain-listbox')).count()).toBe(1);
  await page.keyboard.press('Tab');
  expect(await focused(page)).toBe('Anchor');
  await page.click('#plain-listbox [data-key=yawl]', { force: true });
  expect(await selected(page, 'plain-listbox')).toEqual(['Sloop']);
});

it('several: Space toggles, Shift extends, Control+A takes all that can be; a form sends and resets them', async () => {
  const { page } = await gallery();
  await page.focus(stop('multiple-listbox'));
  await press(page, 'Space', 'ArrowDown', 'Space', 'Shift+ArrowDown', 'Shift+ArrowDown');
  expect(await selected(page, 'multiple-listbox')).toEqual(['Boathook', 'Fender', 'Stove']);
  await press(page, 'Control+Shift+Home');
  expect(await selected(page, 'multiple-listbox')).toEqual(['Anchor', 'Boathook']);
  await press(page, 'Control+a');
  expect((await selected(page, 'multiple-listbox')).length).toBe(5);
  const sent = () =>
    page.evaluate(() =>
      new FormData(document.querySelector<HTMLFormElement>('#listbox-form')!).getAll('gear'),
    );
  expect(await sent()).toEqual(['anchor', 'boathook', 'fender', 'stove', 'bilge']);
  await page.click('#listbox-form [type=reset]');
  await page.waitForFunction(
    () => document.querySelectorAll('#multiple-listbox [aria-selected=true]').length === 2,
  );
  await page.click('#multiple-listbox [data-key=boathook]');
  await page.click('#multiple-listbox [data-key=stove]', { modifiers: ['Shift'] });
  expect(await selected(page, 'multiple-listbox')).toEqual(['Boathook', 'Fender', 'Stove']);
});

it.each([
  ['ltr', 'ArrowRight', 'ArrowLeft'],
  ['rtl', 'ArrowLeft', 'ArrowRight'],
])('a grid: two-way arrows, as the page lays it out, in %s', async (direction, onward, back) => {
  const { page } = await gallery();
  if (direction === 'rtl') await page.click('#direction');
  await page.focus(stop('grid-listbox'));
  const columns = await page.evaluate(() => {
    const all = [...document.querySelectorAll<HTMLElement>('#grid-listbox [role=option]')];
    return all.filter((each) => each.offsetTop === all[0]!.offsetTop).length;
  });
  expect(columns).toBeGreaterThan(5);
  const at = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('#grid-listbox [role=option]')].indexOf(document.activeElement!),
    );
  const seen: number[] = [];
  for (const key of [onward, 'ArrowDown', back, 'ArrowUp', 'ArrowUp']) {
    await page.keyboard.press(key);
    seen.push(await at());
  }
  expect(seen).toEqual([1, columns + 1, columns, 0, 0]);
});

it('10,000 options: few are on the page, the current one always and in view, with its place in the whole', async () => {
  const { page } = await gallery();
  const inView = () =>
    page.evaluate(() => {
      const list = document.getElementById('long-listbox')!.getBoundingClientRect();
      const { top, bottom } = document.activeElement!.getBoundingClientRect();
      return top >= list.top - 1 && bottom <= list.bottom + 1;
    });
  const count = () => page.locator('#long-listbox [role=option]').count();
  await page.focus(stop('long-listbox'));
  for (const [key, name] of [
    ['End', 'Rivet 10000'],
    ['PageUp', 'Rivet 9993'],
    ['ArrowUp', 'Rivet 9992'],
    ['Home', 'Rivet 1'],
    ['PageDown', 'Rivet 8'],
  ] as const) {
    await page.keyboard.press(key);
    expect([key, await focused(page), await inView()]).toEqual([key, name, true]);
    expect(await count()).toBeLessThan(40);
  }
  // The row with focus outlives a scroll away from it, and nothing is done while nothing moves.
  await page.evaluate(() => (document.getElementById('long-listbox')!.scrollTop = 100_000));
  await page.waitForFunction(() =>
    [...document.querySelectorAll('#long-listbox [role=option]')].some(
      (row) => Number(row.ariaPosInSet) > 3000,
    ),
  );
  expect(await focused(page)).toBe('Rivet 8');
  expect(await page.locator('#long-listbox [tabindex="0"]').count()).toBe(1);
  if (speaks)
    expect((await spoken(page, 'option', 'selected')).filter((each) => each.startsWith('Rivet 8 '))).toEqual([
      'Rivet 8 selected=true',
    ]);
  expect(await page.locator(':focus').evaluate((row) => [row.ariaPosInSet, row.ariaSetSize])).toEqual([
    '8',
    '10000',
  ]);
});

it('10,000 options, by ArrowDown and ArrowUp: rows are taken out seldom, many at once, and none near the focus', async () => {
  const { page } = await gallery();
  await page.focus(stop('long-listbox'));
  const { places, most, moves } = await page.evaluate(async () => {
    const list = document.getElementById('long-listbox')!;
    const place = (row: Element) => Number(row.ariaPosInSet);
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
    const taken = new Set<Node>();
    const observer = new MutationObserver((records) =>
      records.forEach(({ removedNodes }) => removedNodes.forEach((node) => taken.add(node))),
    );
    observer.observe(list, { childList: true, subtree: true });
    const seen: { moved: number; nearest: number }[] = [];
    let all = 0;
    for (const key of [...Array<string>(220).fill('ArrowDown'), ...Array<string>(30).fill('ArrowUp')]) {
      taken.clear();
      const active = document.activeElement!;
      const before = new Map(
        [...list.querySelectorAll('[role=option]')].map((row) => [
          row as Node,
          Math.abs(place(row) - place(active)),
        ]),
      );
      active.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      await frame();
      await frame();
      all = Math.max(all, list.querySelectorAll('[role=option]').length);
      const rows = [...taken].filter((node) => before.has(node));
      seen.push({ moved: rows.length, nearest: Math.min(...rows.map((row) => before.get(row)!)) });
    }
    return { places: place(document.activeElement!), most: all, moves: seen };
  });
  expect(places).toBe(191);
  // A screen reader reads the list again with each time.
  expect(moves.filter(({ moved }) => moved > 0).length).toBe(1);
  expect(most).toBeLessThan(220);
  expect(Math.min(...moves.map(({ nearest }) => nearest))).toBeGreaterThan(4);
});

it('a grid of 3,000: arrows and pages go by what lies side by side, also once that is another number', async () => {
  const { page } = await openBare(
    open,
    '<div style="inline-size: 520px"><div role="listbox" id="l" aria-label="Glyphs"></div></div>',
  );
  await page.evaluate(() => {
    const items = Array.from({ length: 3000 }, (_, at) => ({ key: `${at}` }));
    const render = ({ key }: { key: string }) => {
      const glyph = document.createElement('span');
      glyph.textContent = key;
      glyph.style.cssText = 'display: block; width: 48px; height: 32px';
      return glyph;
    };
    shell.wireListbox(document.getElementById('l')!, { items, render, layout: 'grid' });
  });
  await page.waitForFunction(() => document.querySelectorAll('[role=option]').length > 100);
  /** Whether each option in view stands where its number says. */
  const misplaced = (across: number) =>
    page.evaluate((columns) => {
      const list = document.getElementById('l')!;
      const { left, top } = list.getBoundingClientRect();
      return [...list.querySelectorAll<HTMLElement>('[role=option]:not([data-away])')].filter((option) => {
        const box = option.getBoundingClientRect();
        const at = Number(option.textContent);
        const [x, y] = [(at % columns) * 48, Math.floor(at / columns) * 32];
        return Math.hypot(box.left - left - x, box.top - top + list.scrollTop - y) > 2;
      }).length;
    }, across);
  const inView = () =>
    page.evaluate(() => {
      const list = document.getElementById('l')!.getBoundingClientRect();
      const { top, bottom } = document.activeElement!.getBoundingClientRect();
      return top >= list.top - 1 && bottom <= list.bottom + 1;
    });
  await page.focus(stop('l'));
  expect(
    await press(page, 'ArrowRight', 'ArrowDown', 'PageDown', 'PageDown', 'ArrowUp', 'End', 'ArrowUp'),
  ).toEqual(['1', '11', '101', '191', '181', '2999', '2989']);
  expect([await misplaced(10), await inView()]).toEqual([0, true]);
  expect(await page.locator('[role=option]').count()).toBeLessThan(260);
  await page.evaluate(() => {
    document.querySelector<HTMLElement>('div')!.style.inlineSize = '290px';
  });
  await page.waitForFunction(() => document.getElementById('l')!.scrollHeight > 19_000);
  expect(await press(page, 'ArrowUp', 'ArrowDown', 'ArrowDown')).toEqual(['2984', '2989', '2994']);
  expect([await misplaced(5), await inView()]).toEqual([0, true]);
  await page.evaluate(() => (document.getElementById('l')!.scrollTop = 4000));
  await page.waitForFunction(() => document.querySelector('[data-away]'));
  expect([await misplaced(5), await focused(page)]).toEqual([0, '2994']);
});

it('measures rows that differ, and keeps its place when rows come above', async () => {
  const { page } = await openBare(open, '<div id="l" role="listbox" aria-label="L"></div>');
  const place = await page.evaluate(async () => {
    const make = (from: number) =>
      Array.from({ length: 1000 }, (_, at) => ({ key: `${from + at}`, label: `Row ${from + at}` }));
    const items = shell.cell(make(0));
    shell.wire('listbox', 'l', {
      items,
      rowHeight: 'measured',
      render: ({ key, label }: { key: string; label: string }) => {
        const text = document.createElement('div');
        text.textContent = label;
        text.style.blockSize = `${20 + (Number(key) % 7) * 9}px`;
        return text;
      },
    });
    const list = document.getElementById('l')!;
    const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    list.scrollTop = 9000;
    for (let turn = 0; turn < 3; turn++) await frame();
    const first = () => {
      const { top } = list.getBoundingClientRect();
      return [...list.querySelectorAll('[role=option]')].find(
        (row) => row.getBoundingClientRect().bottom > top + 1,
      )!.textContent;
    };
    const rows = [...list.querySelectorAll<HTMLElement>('[role=option]')];
    const overlaps = rows.filter((row, at) => {
      const last = rows[at - 1];
      const isNext = last && Number(row.ariaPosInSet) === Number(last.ariaPosInSet) + 1;
      return isNext && Math.abs(row.getBoundingClientRect().top - last.getBoundingClientRect().bottom) > 1;
    }).length;
    const before = first();
    items.set([...make(-500).slice(0, 500), ...make(0)]);
    for (let turn = 0; turn < 3; turn++) await frame();
    return { overlaps, before, after: first() };
  });
  expect(place.overlaps).toBe(0);
  expect(place.after).toBe(place.before);
});

it('selects by hand where told to, wraps where told to, goes sideways where told to', async () => {
  const { page } = await openBare(
    open,
    '<div id="l" role="listbox" aria-label="L"><i role="option">A</i> <i role="option">B</i></div>',
  );
  await page.evaluate(
    () => void shell.wire('listbox', 'l', { activation: 'manual', wrap: true, orientation: 'horizontal' }),
  );
  await page.focus(stop('l'));
  expect(await press(page, 'ArrowLeft', 'ArrowRight', 'ArrowDown')).toEqual(['B', 'A', 'A']);
  expect(await selected(page, 'l')).toEqual([]);
  await press(page, 'Enter');
  expect((await changes(page)).at(-1)).toBe('l selected 0 key');
});

it('has no accessibility fault', async () => {
  const { page } = await gallery({ bypassCSP: true });
  expect(await violations(page, '#listbox')).toEqual([]);
});
