// Tabs in Chromium: their contract by real keys and pointer, both directions, both orientations.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { changes, desk, focused, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const tab = (id: string, key: string) => `#${id} [role=tab][data-key=${key}]`;
const selected = (page: Page, id: string) =>
  page.evaluate(
    (name) => document.querySelector<HTMLElement>(`#${name} [aria-selected=true]`)?.dataset['key'] ?? 'none',
    id,
  );
const shownPanels = (page: Page, id: string) =>
  page
    .locator(`#${id} [role=tabpanel]:visible`)
    .evaluateAll((all) => all.map((each) => each.textContent!.trim()));
const markup = (keys: string[]) =>
  `<div id="t"><div role="tablist" aria-label="T">${keys.map((key) => `<button role="tab" data-key="${key}">${key}</button>`).join('')}</div>${keys.map((key) => `<div role="tabpanel">Panel ${key}</div>`).join('')}</div>`;
const start = async (keys: string[], options: object = {}): Promise<Page> => {
  const { page } = await openBare(open, markup(keys));
  await page.evaluate((more) => void shell.wire('tabs', 't', more), options);
  return page;
};

describe('plain tabs', () => {
  it.each([
    ['ltr', 'ArrowRight', 'ArrowLeft'],
    ['rtl', 'ArrowLeft', 'ArrowRight'],
  ])('arrows, Home and End move and select in %s, and wrap', async (direction, onward, back) => {
    const { page } = await gallery();
    if (direction === 'rtl') await page.click('#direction');
    await page.focus(tab('plain-tabs', 'hull'));
    const seen: string[] = [];
    for (const key of [onward, onward, onward, back, 'Home', 'End']) {
      await page.keyboard.press(key);
      seen.push(`${await focused(page)} ${await selected(page, 'plain-tabs')}`);
    }
    expect(seen).toEqual([
      'Rig rig',
      'Engine engine',
      'Hull hull',
      'Engine engine',
      'Hull hull',
      'Engine engine',
    ]);
  });

  it('have one tab stop; Tab goes into the panel, or onto it where nothing in it takes focus', async () => {
    const { page } = await gallery();
    await page.focus(tab('plain-tabs', 'hull'));
    await page.keyboard.press('Tab');
    expect(await page.evaluate(() => document.activeElement!.getAttribute('role'))).toBe('tabpanel');
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('The rigger’s list');
    await page.keyboard.press('Shift+Tab');
    expect(await focused(page)).toBe('Rig');
  });

  it.each([
    ['mouse', {}],
    ['touch', { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } }],
  ])('are selected by %s', async (_, options) => {
    const { page } = await gallery(options);
    await ('hasTouch' in options ? page.tap(tab('plain-tabs', 'rig')) : page.click(tab('plain-tabs', 'rig')));
    expect(await shownPanels(page, 'plain-tabs')).toEqual(['Gaff cutter. The rigger’s list']);
    expect(await page.locator('#plain-tabs').ariaSnapshot()).toContain('tabpanel "Rig"');
  });

  it('show the panel that find-in-page finds', async () => {
    const { page } = await gallery();
    await page.evaluate(() => {
      const event = new Event('beforematch', { bubbles: true });
      document.querySelectorAll('#plain-tabs [role=tabpanel]')[2]!.dispatchEvent(event);
    });
    expect(await selected(page, 'plain-tabs')).toBe('engine');
  });

  it('have no accessibility fault', async () => {
    const { page } = await gallery();
    expect(await violations(page, '#tabs')).toEqual([]);
  });
});

it('vertical ones move by the block keys and pass over the disabled', async () => {
  const { page } = await gallery();
  await page.focus(tab('vertical-tabs', 'north'));
  await page.keyboard.press('ArrowRight');
  expect(await selected(page, 'vertical-tabs')).toBe('north');
  await page.keyboard.press('ArrowDown');
  expect(await selected(page, 'vertical-tabs')).toBe('south');
  await page.keyboard.press('ArrowDown');
  expect(await selected(page, 'vertical-tabs')).toBe('north');
});

it('manual ones select by Enter, Space or a press, keep the chosen one in view, and are closed by Delete', async () => {
  const { page } = await gallery();
  await page.focus(tab('many-tabs', 'sheet-1'));
  await page.keyboard.press('End');
  expect([await focused(page), await selected(page, 'many-tabs')]).toEqual([
    'Sheet 12 of the log',
    'sheet-1',
  ]);
  await page.keyboard.press('Space');
  expect(await selected(page, 'many-tabs')).toBe('sheet-12');
  const { left, right, within } = await page.evaluate(
    (selector) => {
      const list = document.querySelector('#many-tabs [role=tablist]')!.getBoundingClientRect();
      return {
        ...document.querySelector(selector)!.getBoundingClientRect().toJSON(),
        within: [list.left, list.right],
      };
    },
    tab('many-tabs', 'sheet-12'),
  );
  expect(left >= within[0]! - 1 && right <= within[1]! + 1).toBe(true);
  await page.keyboard.press('Delete');
  expect([await focused(page), await selected(page, 'many-tabs')]).toEqual([
    'Sheet 11 of the log',
    'sheet-11',
  ]);
  expect(await page.isVisible(tab('many-tabs', 'sheet-12'))).toBe(false);
  await page.keyboard.press('ArrowRight');
  expect(await focused(page)).toBe('Sheet 1 of the log');
});

it('a panel that comes later is asked for when its tab is first selected', async () => {
  const { page } = await gallery();
  await page.click(tab('lazy-tabs', 'later'));
  await page.waitForFunction(() =>
    document.querySelector('#lazy-tabs')!.textContent.includes('Here at last.'),
  );
  await page.click(tab('lazy-tabs', 'now'));
  await page.click(tab('lazy-tabs', 'later'));
  expect(await shownPanels(page, 'lazy-tabs')).toEqual(['Here at last.']);
});

it('tabs that are links keep their own address, and stay links', async () => {
  const { page } = await openBare(
    open,
    '<div id="t"><div role="tablist" aria-label="T"><a role="tab" data-key="a" href="?notice=a">A</a><a role="tab" data-key="b" href="?notice=b#b">B</a><a role="tab" data-key="c" href="/pages/c">C</a></div><p role="tabpanel">a</p><p role="tabpanel">b</p><p role="tabpanel">c</p></div>',
  );
  const first = page.url();
  await page.evaluate(() => void shell.wire('tabs', 't', { address: true }));
  const selected = (key: string) =>
    page.waitForSelector(`[data-key=${key}][aria-selected=true]`, { state: 'attached' });
  await page.click('[data-key=b]');
  await selected('b');
  expect(page.url()).toBe(new URL('?notice=b#b', first).href);
  await page.keyboard.press('ArrowRight');
  await selected('c');
  expect(page.url()).toBe(new URL('/pages/c', first).href);
  await page.evaluate(() => history.back());
  await selected('b');
  await page.evaluate(() => history.back());
  // Where the address names none, what was selected then is.
  await selected('a');
  expect(page.url()).toBe(first);
});

it('the address keeps the tab; back and forward select', async () => {
  const page = await start(['a', 'b', 'c'], { address: true });
  await page.click(tab('t', 'b'));
  await page.click(tab('t', 'c'));
  expect(new URL(await page.evaluate(() => location.href)).hash).toBe('#c');
  await page.goBack();
  await page.goBack();
  // Where the address names none, what was selected then is.
  await page.waitForFunction(() => document.querySelector('[data-key=a]')!.ariaSelected === 'true');
  await page.goForward();
  await page.waitForFunction(() => document.querySelector('[data-key=b]')!.ariaSelected === 'true');
  await page.goForward();
  await page.waitForFunction(() => document.querySelector('[data-key=c]')!.ariaSelected === 'true');
  await page.evaluate(
    (html) => {
      shell.wired['t']!.unwire();
      document.body.innerHTML = html;
      shell.wire('tabs', 't', { address: true });
    },
    markup(['a', 'b', 'c']),
  );
  await page.waitForFunction(() => document.querySelector('[data-key=c]')!.ariaSelected === 'true');
});

describe('tabs that come and go', () => {
  it('are taken up; when the selected one goes its neighbour is selected', async () => {
    const page = await start(['a', 'b', 'c'], { selected: 'b' });
    await page.evaluate(() => {
      document.querySelector('[data-key=b]')!.remove();
      document.querySelectorAll('[role=tabpanel]')[1]!.remove();
    });
    await page.waitForFunction(() => document.querySelector('[data-key=c]')!.ariaSelected === 'true');
    expect(await shownPanels(page, 't')).toEqual(['Panel c']);
    expect(await changes(page)).toEqual(['t selected c removed']);
    await page.evaluate(() => {
      document
        .querySelector('[role=tablist]')!
        .insertAdjacentHTML('beforeend', '<button role="tab" data-key="d">d</button>');
      document.getElementById('t')!.insertAdjacentHTML('beforeend', '<div role="tabpanel">Panel d</div>');
    });
    await page.click(tab('t', 'd'));
    expect(await shownPanels(page, 't')).toEqual(['Panel d']);
  });

  it.each([
    ['no tabs at all', [], {}, 'none', []],
    ['a key that no tab has', ['a', 'b'], { selected: 'x' }, 'none', []],
  ] as const)('%s: nothing is selected and nothing breaks', async (_, keys, options, which, panels) => {
    const page = await start([...keys], options);
    expect([await selected(page, 't'), await shownPanels(page, 't')]).toEqual([which, panels]);
    await page.evaluate(() => {
      const list = document.querySelector('[role=tablist]')!;
      list.insertAdjacentHTML('beforeend', '<button role="tab" data-key="x">x</button>');
      document
        .getElementById('t')!
        .insertAdjacentHTML('beforeend', '<div role="tabpanel" data-key="x">Panel x</div>');
    });
    await page.waitForFunction(() => document.querySelector('[data-key=x]')!.ariaSelected === 'true');
    expect(await shownPanels(page, 't')).toEqual(['Panel x']);
  });

  it('all disabled: none is selected and none is a tab stop', async () => {
    const { page } = await openBare(open, markup(['a', 'b']).replaceAll('role="tab"', 'role="tab" disabled'));
    await page.evaluate(() => void shell.wire('tabs', 't'));
    expect(await selected(page, 't')).toBe('none');
    expect(await page.locator('[role=tab][tabindex="0"]').count()).toBe(0);
  });

  it('two with one key: the first has it, the journal tells', async () => {
    const page = await start(['a', 'a', 'b']);
    await page.click('[role=tab] >> nth=1');
    expect(await shownPanels(page, 't')).toEqual(['Panel a']);
    expect(await page.getAttribute('[role=tab] >> nth=1', 'aria-selected')).toBe('true');
    expect(await page.getAttribute('[role=tab] >> nth=0', 'aria-selected')).toBe('false');
    expect(await page.evaluate(() => shell.journal.entries.map(({ code }) => code))).toContain(
      'key-duplicate',
    );
  });
});

it('links panels by id, by key and by order; nested ones keep to themselves; commands move; no trace is left', async () => {
  const html = `<div id="t"><div role="tablist" aria-label="T"><button role="tab" id="one" aria-controls="p-one">One</button><button role="tab" data-key="two">Two</button><button role="tab" data-key="three">Three</button></div>
    <div role="tabpanel" data-key="two">Panel two <div id="n"><div role="tablist" aria-label="N"><button role="tab">N1</button><button role="tab">N2</button></div><p role="tabpanel">In one</p><p role="tabpanel">In two</p></div></div>
    <div role="tabpanel" id="p-one" data-key="p">Panel one</div><div role="tabpanel" data-key="three">Panel three</div></div><button commandfor="t" command="--next">Next</button>`;
  const { page } = await openBare(open, html);
  await page.evaluate(() => {
    (globalThis as { before?: string }).before = document.body.innerHTML;
    shell.wire('tabs', 't');
    shell.wire('tabs', 'n');
  });
  expect(await shownPanels(page, 't')).toEqual(['Panel one']);
  await page.click('text=Next');
  await page.click('text=N2');
  expect((await shownPanels(page, 't')).at(-1)).toBe('In two');
  expect(await changes(page)).toEqual(['t selected two command ', 'n selected 1 press']);
  const same = await page.evaluate(() => {
    shell.wired['t']!.unwire();
    shell.wired['n']!.unwire();
    return document.body.innerHTML === (globalThis as { before?: string }).before;
  });
  expect(same).toBe(true);
});

it('a guard that waits holds the selection; one cell drives two', async () => {
  const page = await start(['a', 'b']);
  const seen = await page.evaluate(async () => {
    shell.wired['t']!.unwire();
    const cell = shell.cell<string | undefined>('a');
    let allow!: (value: boolean) => void;
    shell.wire('tabs', 't', { selected: cell, guard: () => new Promise((resolve) => (allow = resolve)) });
    const [, second] = document.querySelectorAll<HTMLElement>('[role=tab]');
    second!.click();
    const waiting = [cell.get(), document.getElementById('t')!.ariaBusy];
    allow(true);
    await new Promise((resolve) => setTimeout(resolve));
    const after = cell.get();
    cell.set('a');
    return [...waiting, after, second!.ariaSelected];
  });
  expect(seen).toEqual(['a', 'true', 'b', 'false']);
});

it('what selects a tab from elsewhere scrolls its list, and never the page', async () => {
  const keys = Array.from({ length: 30 }, (_, at) => `key-${at}`);
  const { page } = await openBare(open, `<div style="block-size: 3000px"></div>${markup(keys)}`);
  await page.evaluate(() => void shell.wire('tabs', 't', { selected: 'key-29' }));
  const seen = () =>
    page.evaluate(() => {
      const list = document.querySelector('[role=tablist]')!.getBoundingClientRect();
      const tab = document.querySelector('[aria-selected=true]')!.getBoundingClientRect();
      return [scrollY, tab.left >= list.left - 1 && tab.right <= list.right + 1];
    });
  expect(await seen()).toEqual([0, true]);
  await page.evaluate(() => (shell.wired['t'] as import('elastic-shell').Tabs).select('key-0'));
  expect(await seen()).toEqual([0, true]);
});

it('leaves a press on a tab that is a link to the browser where it asks for a page of its own', async () => {
  const { page } = await openBare(
    open,
    '<div id="t"><div role="tablist" aria-label="T"><a role="tab" href="#one" id="one">One</a><a role="tab" href="?tab=two" id="two">Two</a></div><div role="tabpanel">1</div><div role="tabpanel">2</div></div>',
  );
  await page.evaluate(() => {
    shell.wire('tabs', 't');
    // What the browser would do next: a window of its own can't be waited for in every browser.
    addEventListener('click', (event) => {
      shell.log.push(`${event.defaultPrevented ? 'taken' : 'left'}`);
      event.preventDefault();
    });
  });
  for (const modifiers of [['Control'], ['Shift'], ['Meta'], ['Alt']] as const)
    await page.click('#two', { modifiers: [...modifiers] });
  expect([await changes(page), await page.getAttribute('#two', 'aria-selected')]).toEqual([
    ['left', 'left', 'left', 'left'],
    'false',
  ]);
  await page.click('#two');
  expect(await changes(page)).toEqual([...['left', 'left', 'left', 'left'], 't selected two press', 'taken']);
});
