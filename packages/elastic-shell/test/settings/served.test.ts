// Pages that a server has rendered: right before any script, hydrated without a word, and no press or text lost meanwhile.
import type { Page } from 'playwright-core';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const settings = ['react', 'vue', 'svelte', 'solid'];

/** What somebody who does not run scripts is told. */
const told = (page: Page) =>
  page.evaluate(() => {
    const find = (selector: string) => document.querySelector(selector)!;
    const says = (selector: string, name: string) => find(selector).getAttribute(name);
    const named = (selector: string, name: string) =>
      document.getElementById(says(selector, name) ?? '')?.textContent?.trim();
    const rig = '#tabs [role=tab][data-key=rig]';
    const header = '#accordion button[data-key=before]';
    return {
      tab: says(rig, 'aria-selected'),
      tabStops: [...document.querySelectorAll('#tabs [role=tablist]')][0]!.querySelectorAll('[tabindex="0"]')
        .length,
      tabPanel: named(rig, 'aria-controls'),
      panelName: named('#tabs [role=tabpanel][data-key=rig]', 'aria-labelledby'),
      otherPanel: find('#tabs [role=tabpanel][data-key=hull]').hasAttribute('hidden'),
      disclosure: says('#disclosure button', 'aria-expanded'),
      disclosed: named('#disclosure button', 'aria-controls')?.slice(0, 19),
      header: says(header, 'aria-expanded'),
      closedSection: find('#accordion button[data-key=lift]').getAttribute('aria-expanded'),
      row: says('#tree [data-key=sheds]', 'aria-expanded'),
      option: says('#listbox [data-key=ketch]', 'aria-selected'),
      switch: says('#switch button', 'aria-checked'),
      checkbox: find('#switch input').hasAttribute('checked'),
      popup: says('#menu button', 'aria-haspopup'),
      dialog: says('#dialog button', 'aria-expanded'),
      field: says('#combobox input', 'aria-expanded'),
      described: named('#tooltip button', 'aria-describedby'),
      chosen: find('#combobox [data-value]').textContent,
    };
  });

const truth = {
  tab: 'true',
  tabStops: 1,
  tabPanel: 'Gaff cutter.',
  panelName: 'Rig',
  otherPanel: true,
  disclosure: 'true',
  disclosed: 'Behind the sail lof',
  header: 'true',
  closedSection: 'false',
  row: 'true',
  option: 'true',
  switch: 'true',
  checkbox: true,
  popup: 'menu',
  dialog: 'false',
  field: 'false',
  described: 'Lifts the boat onto the slip',
  chosen: 'Cutter',
};

/** Holds back the scripts of the gallery until it is told to let them through. */
async function held(page: Page): Promise<() => void> {
  let release = (): void => {};
  const until = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/gallery/**/*.js', async (route) => {
    await until;
    await route.continue();
  });
  return release;
}

/** Everything is wired: among the last is the popup of the combobox for several, which then has a phase. */
const wired = (page: Page) =>
  page.waitForSelector('#combobox-multiple [popover][data-phase]', { state: 'attached' });

describe.each(settings)('rendered by a server: %s', (name) => {
  it('says all before any script', async () => {
    const { page } = await open(desk(`server/${name}.html`), { javaScriptEnabled: false });
    // The page runs no script of its own; the test's is evaluated all the same.
    expect(await told(page)).toEqual(truth);
  });

  it('is hydrated as it is: no warning, no shift, the same elements', async () => {
    // All of it is in view: what is not does not count as shifted.
    const { page } = await open('about:blank', { viewport: { width: 1280, height: 7000 } });
    const warnings: string[] = [];
    page.on('console', (message) => message.type() === 'warning' && warnings.push(message.text()));
    const release = await held(page);
    await page.goto(desk(`server/${name}.html`), { waitUntil: 'commit' });
    await page.waitForSelector('#switch input');
    await page.evaluate(() => {
      for (const element of document.querySelectorAll('#app *')) Reflect.set(element, 'wasServed', true);
    });
    const before = await page.locator('#app *').count();
    release();
    await wired(page);
    expect(await told(page)).toEqual(truth);
    expect(
      await page.locator('#app *').evaluateAll((all) => all.filter((each) => 'wasServed' in each).length),
    ).toBe(before);
    const shift = await page.evaluate(
      () =>
        new Promise((resolve) => {
          let sum = 0;
          new PerformanceObserver((list) => {
            for (const entry of list.getEntries()) sum += Reflect.get(entry, 'value') as number;
          }).observe({ type: 'layout-shift', buffered: true });
          requestAnimationFrame(() => requestAnimationFrame(() => resolve(sum)));
        }),
    );
    // Rows made from data come with the script, and have their heights a moment later.
    expect(shift).toBeLessThan(0.0005);
    expect(warnings).toEqual([]);
    await page.unrouteAll();
  });

  it('acts on what was pressed and typed before', async () => {
    const { page } = await open('about:blank');
    const release = await held(page);
    await page.goto(desk(`server/${name}.html`), { waitUntil: 'commit' });
    await page.waitForSelector('#switch input');
    await page.click('#disclosure button >> nth=0');
    await page.click('#accordion button[data-key=lift]');
    await page.click('#tabs [role=tab][data-key=engine]');
    await page.click('#switch input');
    await page.click('#switch button >> nth=0');
    await page.click('#dialog button >> nth=0');
    await page.evaluate(() => {
      const details: number[] = [];
      Object.assign(globalThis, { details });
      document.addEventListener('click', ({ isTrusted, detail }) => isTrusted || details.push(detail), true);
    });
    release();
    await wired(page);
    const now = () =>
      page.evaluate(() => {
        const says = (selector: string, attribute: string) =>
          document.querySelector(selector)!.getAttribute(attribute);
        return {
          disclosure: says('#disclosure button', 'aria-expanded'),
          section: says('#accordion button[data-key=lift]', 'aria-expanded'),
          tab: says('#tabs [data-key=engine]', 'aria-selected'),
          checkbox: document.querySelector<HTMLInputElement>('#switch input')!.checked,
          told: document.querySelector('#switch output')!.textContent,
          switch: says('#switch button', 'aria-checked'),
          dialog: document.querySelector('#dialog dialog')!.matches(':modal'),
          opener: says('#dialog button', 'aria-expanded'),
        };
      });
    await page.waitForFunction(
      () => document.querySelector('#disclosure button')!.getAttribute('aria-expanded') === 'false',
    );
    await page.waitForFunction(() => document.querySelector('#switch output')!.textContent === 'off');
    await page.waitForFunction(
      () => document.querySelector('#dialog button')!.getAttribute('aria-expanded') === 'true',
    );
    expect(await now()).toEqual({
      disclosure: 'false',
      section: 'true',
      tab: 'true',
      checkbox: false,
      told: 'off',
      switch: 'false',
      dialog: true,
      opener: 'true',
    });
    // By the pointer, as it was. The platform has opened the dialog itself.
    expect(await page.evaluate(() => Reflect.get(globalThis, 'details') as number[])).toEqual([1, 1, 1, 1]);
    await page.unrouteAll();
  });

  it('searches for what was typed before', async () => {
    const { page } = await open('about:blank');
    const release = await held(page);
    await page.goto(desk(`server/${name}.html`), { waitUntil: 'commit' });
    await page.waitForSelector('#switch input');
    await page.click('#combobox input >> nth=0');
    await page.keyboard.type('mo');
    release();
    await wired(page);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    expect(await page.inputValue('#combobox input >> nth=0')).toBe('Mooring');
    await page.unrouteAll();
  });
});
