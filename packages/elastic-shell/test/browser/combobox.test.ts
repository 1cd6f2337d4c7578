// Comboboxes in Chromium: their contract by real keys, pointer and touch; select-only, editable, asked for, for several.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { changes, desk, focused, openBare, press, useBrowser } from './support/browser';
import { speaks, spoken } from './support/tree';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const options = (page: Page, id: string) =>
  page
    .locator(`#${id} [role=option]:visible`)
    .evaluateAll((all) =>
      all.map((each) => (each.querySelector('[data-label]') ?? each).textContent!.trim()),
    );
const value = (page: Page, id: string) => page.inputValue(`#${id}`);
/** The option that the field names as current. */
const active = (page: Page) =>
  page.evaluate(() => {
    const row = document.getElementById(document.activeElement!.getAttribute('aria-activedescendant') ?? '');
    return row ? (row.querySelector('[data-label]') ?? row).textContent!.trim() : undefined;
  });
const says = (page: Page, words: string) =>
  page.waitForFunction(
    (text) => [...document.querySelectorAll('[role=status]')].some((each) => each.textContent === text),
    words,
  );

describe('to type into', () => {
  it('opens by arrows, moves, picks, closes and clears by keys; the caret keeps Home and End', async () => {
    const { page } = await gallery();
    await page.focus('#plain-field');
    await press(page, 'ArrowDown');
    expect(await active(page)).toBe('Quay');
    await press(page, 'ArrowUp');
    expect(await active(page)).toBe('Mooring');
    await press(page, 'Enter');
    expect([
      await value(page, 'plain-field'),
      await page.getAttribute('#plain-field', 'aria-expanded'),
    ]).toEqual(['Mooring', 'false']);
    await press(page, 'Home');
    expect(await page.evaluate(() => (document.activeElement as HTMLInputElement).selectionStart)).toBe(0);
    await press(page, 'Alt+ArrowDown');
    expect(await page.getAttribute('#plain-field', 'aria-expanded')).toBe('true');
    await press(page, 'Alt+ArrowUp', 'Escape');
    expect(await value(page, 'plain-field')).toBe('');
  });

  it('filters, marks the match, counts it, and empties the search when it closes', async () => {
    const { page } = await gallery();
    await page.focus('#plain-field');
    await page.keyboard.type('mo');
    expect([await options(page, 'plain-combobox'), await active(page)]).toEqual([
      ['Mole', 'Mooring'],
      'Mole',
    ]);
    await says(page, '2 matches');
    const marked = await page.evaluate(() => {
      const highlights = (CSS as unknown as { highlights: Map<string, Set<Range>> }).highlights;
      return [...highlights.get('shell-match')!].map((range) => range.toString());
    });
    expect(marked).toEqual(['Mo', 'Mo']);
    await page.keyboard.type('x');
    expect(await page.textContent('#plain-combobox [data-notice]')).toBe('No match for “mox”');
    await says(page, 'No match for “mox”');
    await press(page, 'Escape');
    expect(await value(page, 'plain-field')).toBe('');
    await press(page, 'ArrowDown');
    expect((await options(page, 'plain-combobox')).length).toBe(4);
    await press(page, 'Tab');
    expect(await page.getAttribute('#plain-field', 'aria-expanded')).toBe('false');
  });

  it('says what the first letter finds', async () => {
    const { page } = await gallery();
    await page.focus('#plain-field');
    await page.keyboard.press('m');
    await says(page, '2 matches');
  });

  it('by pointer: the field opens it and keeps focus, the arrow turns it over, a click outside closes it', async () => {
    const { page } = await gallery();
    await page.click('#plain-field');
    await page.click('#plain-combobox [data-key=slip]');
    expect([await value(page, 'plain-field'), await focused(page)]).toEqual(['Slip', 'plain-field']);
    await page.click('#plain-combobox [command]');
    expect([
      await page.getAttribute('#plain-field', 'aria-expanded'),
      await focused(page),
      await active(page),
    ]).toEqual(['true', 'plain-field', 'Slip']);
    await page.click('#plain-combobox [command]');
    expect(await page.getAttribute('#plain-field', 'aria-expanded')).toBe('false');
    await page.click('#plain-field');
    await page.mouse.click(1250, 400);
    expect(await page.getAttribute('#plain-field', 'aria-expanded')).toBe('false');
  });

  it('by touch, on a phone', async () => {
    const { page } = await gallery({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
    await page.tap('#plain-field');
    await page.tap('#plain-combobox [data-key=mole]');
    expect(await value(page, 'plain-field')).toBe('Mole');
  });

  it('10,000 options answer a keystroke with few rows on the page', async () => {
    const { page } = await gallery();
    await page.focus('#long-field');
    await page.keyboard.type('99');
    expect(await active(page)).toBe('Rivet 99');
    await press(page, 'ArrowUp');
    expect(await active(page)).toBe('Rivet 9999');
    expect((await options(page, 'long-combobox')).length).toBeLessThan(60);
    if (speaks)
      expect(await spoken(page, 'combobox', 'expanded', 'activedescendant')).toContain(
        'Rivet expanded=true activedescendant=set',
      );
    expect(
      await page
        .locator('#long-combobox [data-current]')
        .evaluate((row) => [row.ariaPosInSet, row.ariaSetSize]),
    ).toEqual(['280', '280']);
  });
});

describe.each([
  ['from data', ''],
  ['in markup', Array.from({ length: 1500 }, (_, at) => `<div role="option">Item ${at}</div>`).join('')],
])('looks on in tasks of its own where it takes longer than a part of a frame, %s', (_, rows) => {
  it('what was typed last is found, and shown when all has been looked at', async () => {
    const { page } = await openBare(
      open,
      `<div id="r"><input role="combobox" aria-label="C"><div popover="manual"><div role="listbox">${rows}</div></div></div>`,
    );
    await page.evaluate((isData) => {
      const items = Array.from({ length: 1500 }, (_, at) => ({ key: `k${at}`, label: `Item ${at}` }));
      shell.wire('combobox', 'r', isData ? { items } : {});
    }, !rows);
    await page.focus('input');
    await press(page, 'ArrowDown');
    // A clock that jumps: each look at it says that there has been time enough.
    await page.evaluate(() => {
      let now = performance.now();
      performance.now = () => (now += 1000);
    });
    const list = page.locator('[role=listbox]');
    /** Types, within one task, and says whether the list is busy with it. */
    const type = (...texts: string[]) =>
      page.evaluate((texts) => {
        const field = document.querySelector('input')!;
        for (const text of texts) {
          field.value = text;
          field.dispatchEvent(new Event('input', { bubbles: true }));
        }
        return document.querySelector('[role=listbox]')!.ariaBusy;
      }, texts);
    expect(await type('1', '14', '149')).toBe('true');
    await page.waitForFunction(() => !document.querySelector('[role=listbox]')!.ariaBusy);
    expect(await list.locator('[role=option]:visible').allTextContents()).toEqual([
      'Item 149',
      'Item 1149',
      'Item 1490',
      'Item 1491',
      'Item 1492',
      'Item 1493',
      'Item 1494',
      'Item 1495',
      'Item 1496',
      'Item 1497',
      'Item 1498',
      'Item 1499',
    ]);
    expect(await active(page)).toBe('Item 149');
    await says(page, '12 matches');
    // Given up when it closes.
    expect(await type('7')).toBe('true');
    await press(page, 'Escape', 'ArrowDown');
    expect(await list.getAttribute('aria-busy')).toBeNull();
    expect(await list.locator('[role=option]:visible').count()).toBeGreaterThan(20);
  });
});

describe('to choose only', () => {
  it('letters choose, arrows and Space open, Enter and Tab take the current one, disabled ones are passed over', async () => {
    const { page } = await gallery();
    const chosen = () => page.textContent('#select-value');
    await page.focus('#select-field');
    await press(page, 's');
    expect(await chosen()).toBe('Sloop');
    await press(page, 's');
    expect([await chosen(), await page.getAttribute('#select-field', 'aria-expanded')]).toEqual([
      'Schooner',
      'false',
    ]);
    await press(page, 'Space', 'Home');
    expect(await active(page)).toBe('Cutter');
    await press(page, 'ArrowUp');
    expect(await active(page)).toBe('Schooner');
    await press(page, 'ArrowUp', 'Enter');
    expect([await chosen(), await page.getAttribute('#select-field', 'aria-expanded')]).toEqual([
      'Sloop',
      'false',
    ]);
    await press(page, 'Enter', 'ArrowUp', 'Tab');
    expect([await chosen(), await focused(page)]).not.toEqual(['Ketch', 'select-field']);
    expect(await chosen()).toBe('Ketch');
    await page.click('#select-field');
    await page.click('#select-field');
    expect(await page.getAttribute('#select-field', 'aria-expanded')).toBe('false');
    await press(page, 'Escape');
    expect(await chosen()).toBe('Choose a kind');
  });
});

describe('asked for while typing', () => {
  it('shows what it was told last, says what failed, tries again, and keeps text that is no option', async () => {
    const { page } = await gallery();
    await page.focus('#asked-field');
    // It is busy for a moment only, which a busy machine may miss: the page itself looks.
    await page.evaluate(() => {
      const box = document.getElementById('asked-combobox')!;
      new MutationObserver(() => {
        if (box.querySelector('[aria-busy=true]')) box.dataset['wasBusy'] = '';
      }).observe(box, { subtree: true, attributeFilter: ['aria-busy'] });
    });
    await press(page, 'ArrowDown');
    await page.waitForSelector('#asked-combobox[data-was-busy]');
    await page.waitForSelector('#asked-combobox [role=option]');
    expect((await options(page, 'asked-combobox')).length).toBe(5);
    await page.evaluate(() => ((document.getElementById('asked-fails') as HTMLInputElement).checked = true));
    await page.keyboard.type('br');
    // What stood there stays until there is an answer.
    expect((await options(page, 'asked-combobox')).length).toBe(5);
    await page.waitForSelector('#asked-combobox [data-notice] button');
    expect(await page.textContent('#asked-combobox [data-notice] p')).toBe('Nobody answers.');
    await says(page, 'Nobody answers.');
    await page.evaluate(() => ((document.getElementById('asked-fails') as HTMLInputElement).checked = false));
    await page.click('#asked-combobox [data-notice] button');
    await page.waitForFunction(() => document.querySelectorAll('#asked-combobox [role=option]').length === 1);
    if (speaks)
      expect(await spoken(page, 'option', 'description')).toContain('Brasswick description=9 miles off');
    await page.focus('#asked-field');
    await page.keyboard.type('x');
    await press(page, 'Tab');
    expect(await value(page, 'asked-field')).toBe('brx');
  });
});

it('with a search box in its list: focus goes in, and comes back with the choice', async () => {
  const { page } = await gallery();
  await page.focus('#inner-button');
  await press(page, 'Enter');
  await page.waitForFunction(() => document.activeElement!.id === 'inner-field');
  await page.keyboard.type('du');
  expect([await options(page, 'inner-combobox'), await active(page)]).toEqual([['Dulse'], 'Dulse']);
  await press(page, 'Enter');
  expect([await focused(page), await page.textContent('#inner-value')]).toEqual(['inner-button', 'Dulse']);
  await press(page, 'Enter');
  expect(await value(page, 'inner-field')).toBe('');
  await press(page, 'Escape');
  expect(await focused(page)).toBe('inner-button');
  await press(page, 'ArrowDown');
  await page.waitForFunction(() => document.activeElement!.id === 'inner-field');
});

describe('for several', () => {
  const tokens = (page: Page) => page.locator('#several-combobox [data-token]').allTextContents();

  it.each([
    ['ltr', 'ArrowLeft', 'ArrowRight'],
    ['rtl', 'ArrowRight', 'ArrowLeft'],
  ])('picks stay as tokens, walked and removed by keys, in %s', async (direction, back, onward) => {
    const { page } = await gallery();
    if (direction === 'rtl') await page.click('#direction');
    await page.focus('#several-field');
    await page.keyboard.type('elec');
    expect(await options(page, 'several-combobox')).toEqual(['Électrician', 'Add “elec”']);
    await press(page, 'Enter');
    await says(page, 'Électrician added, 2 chosen');
    expect([
      await page.getAttribute('#several-field', 'aria-expanded'),
      await value(page, 'several-field'),
    ]).toEqual(['true', '']);
    await press(page, 'Escape', 'Backspace');
    expect(await focused(page)).toBe('Électrician');
    await press(page, back);
    expect(await focused(page)).toBe('Rigger');
    await press(page, onward, 'Delete');
    await says(page, 'Électrician removed, 1 chosen');
    expect([await tokens(page), await focused(page)]).toEqual([['Rigger'], 'Rigger']);
    await press(page, onward);
    expect(await focused(page)).toBe('several-field');
    await page.click('[data-token=rigger]');
    expect([await tokens(page), await focused(page)]).toEqual([[], 'several-field']);
  });

  it('adds what was typed, keeps to its limit and says so', async () => {
    const { page } = await gallery();
    await page.focus('#several-field');
    for (const name of ['sail', 'ship', 'Cooper']) {
      await page.keyboard.type(name);
      await press(page, 'Enter');
    }
    expect(await tokens(page)).toEqual(['Rigger', 'Sailmaker', 'Shipwright', 'Cooper']);
    await page.keyboard.type('pain');
    await press(page, 'Enter');
    await says(page, 'No more than 4');
    expect((await tokens(page)).length).toBe(4);
    expect(await page.getAttribute('#several-combobox [data-current]', 'aria-disabled')).toBe('true');
  });

  it('takes part in its form: values, required, reset', async () => {
    const { page } = await gallery();
    await page.click('[data-token=rigger]');
    await press(page, 'Escape');
    const valid = () =>
      page.evaluate(() => document.querySelector<HTMLFormElement>('#several-form')!.checkValidity());
    expect(await valid()).toBe(false);
    await page.keyboard.type('caul');
    await press(page, 'Enter', 'Escape');
    expect(await valid()).toBe(true);
    await page.click('#several-form [type=submit]');
    expect(await page.textContent('#several-said')).toBe('caulker');
    await page.click('#several-form [type=reset]');
    await page.waitForFunction(() => document.querySelector('[data-token]')!.textContent === 'Rigger');
  });
});

it('shares a cell, tells every change with its reason, and a guard may refuse', async () => {
  const box = (id: string) =>
    `<div id="${id}"><input role="combobox" aria-label="${id}"><div popover="manual"><div role="listbox"><p role="option" data-key="a">Ash</p><p role="option" data-key="b">Birch</p></div></div></div>`;
  const { page } = await openBare(open, box('one') + box('two'));
  await page.evaluate(() => {
    const selected = shell.cell<never>('a' as never);
    shell.wire('combobox', 'one', { selected });
    shell.wire('combobox', 'two', {
      selected,
      guard: ({ name, value }: { name: string; value: unknown }) => name !== 'selected' || value !== 'a',
    });
  });
  const values = () =>
    page.locator('input').evaluateAll((all) => (all as HTMLInputElement[]).map((each) => each.value));
  expect(await values()).toEqual(['Ash', 'Ash']);
  await page.focus('#one input');
  await press(page, 'ArrowDown', 'ArrowDown', 'Enter');
  expect(await values()).toEqual(['Birch', 'Birch']);
  expect(await changes(page)).toEqual(
    expect.arrayContaining(['one selected b key', 'two selected b key', 'one open false key']),
  );
  await page.focus('#two input');
  await press(page, 'ArrowDown', 'ArrowUp', 'Enter');
  expect(await values()).toEqual(['Birch', 'Birch']);
});

it('has no accessibility fault, closed and open', async () => {
  const { page } = await gallery({ bypassCSP: true });
  for (const id of ['plain-field', 'select-field', 'several-field', 'long-field']) {
    await page.focus(`#${id}`);
    await press(page, 'ArrowDown');
    expect([id, await violations(page, '#combobox, #combobox-multiple')]).toEqual([id, []]);
    await press(page, 'Escape');
  }
});

describe('at the desk', () => {
  it('a berth has a picture and a description, and a closed one is out of reach', async () => {
    const { page } = await open(desk('boat.html'), { bypassCSP: true });
    await page.click('#berth-field');
    expect(await page.locator('#berth [role=option] svg').count()).toBe(10);
    if (speaks) {
      const berths = (await spoken(page, 'option', 'disabled', 'description')).filter((each) =>
        /^(Berth|Slip)/.test(each),
      );
      expect(berths[0]).toMatch(/^Berth 1 description=2 m at low water, free\. /);
      expect(berths.filter((each) => each.includes('disabled=true')).length).toBeGreaterThan(0);
    }
    await page.keyboard.type('berth 6');
    await press(page, 'Enter');
    expect(await page.textContent('#status')).toBe('Marsh Lark moves to Berth 6.');
    expect(await page.textContent('#facts')).toContain('Berth 6');
  });

  it('a boat is looked for over the server, which fails first, and is shown', async () => {
    const { page } = await open(desk('boat.html'));
    await page.check('#failing');
    await page.focus('#search-field');
    await page.keyboard.type('heron');
    await page.waitForSelector('#search [data-notice] button');
    await page.uncheck('#failing');
    await page.focus('#search-field');
    await page.keyboard.type('heron');
    await page.waitForSelector('#search [role=option] >> text="Heron’s Ledger"');
    await press(page, 'Enter');
    expect([await page.textContent('#boat-name'), await value(page, 'search-field')]).toEqual([
      'Heron’s Ledger',
      '',
    ]);
  });
});
