// The conformance suite: every row of every contract, by real keys and pointer, in the gallery of a setting.
import { notes } from 'elastic-shell/core';
import type { Page } from 'playwright-core';
import { desk, useBrowser } from '../../browser/support/browser';
import { elsewhere, type Facts, scripts, type Script, type Step } from './rows';

/** The settings that have a gallery. */
export const settings = ['elements', 'react', 'vue', 'svelte', 'solid', 'angular'];

/** A row of a contract: its pattern, its words, and its script. */
interface Row {
  pattern: string;
  words: string;
  script: Script;
}

/** Every row of the contracts in the words of the scripts. */
export const allRows = Object.values(notes).flatMap(({ name, keys, presses }) => [
  ...keys.map(({ on, key }) => ({ pattern: name, words: `${on} ${key}` })),
  ...presses.map(({ on }) => ({ pattern: name, words: `press ${on}` })),
]);

/** Those that have a script, as far as `wanted` says. */
export const rows = (wanted: (row: string) => boolean): Row[] =>
  allRows.flatMap(({ pattern, words }) => {
    const script = scripts[pattern]?.[words];
    return script && wanted(`${pattern} ${words}`) ? [{ pattern, words, script }] : [];
  });

/** Rows that have neither a script nor a reason: a contract has a row that the suite does not know. */
export const unknown = allRows
  .map(({ pattern, words }) => ({ words: `${pattern} ${words}`, script: scripts[pattern]?.[words] }))
  .filter(({ words, script }) => !script && !elsewhere[words])
  .map(({ words }) => words);

/** The functions of the page that know what things are called. */
function prepare(): void {
  const ownText = (element: Element): string =>
    [...element.childNodes]
      .filter((node) => node.nodeType === Node.TEXT_NODE)
      .map((node) => node.textContent)
      .join('')
      .trim();
  const labelled = (element: Element): string => {
    const first = element.getAttribute('aria-labelledby')?.split(' ')[0];
    const { labels } = element as HTMLInputElement;
    return (
      (first ? document.getElementById(first)?.textContent?.trim() : '') ||
      labels?.[0]?.textContent?.trim() ||
      ''
    );
  };
  const nameOf = (element: Element | null | undefined): string => {
    if (!element) return '';
    const isField = element.matches('[role=combobox],[role=switch]');
    const label = element.getAttribute('aria-label') || (isField ? labelled(element) : '');
    return label || ownText(element) || element.textContent?.trim() || '';
  };
  const controls =
    'button,a,input,[role=tab],[role=option],[role=treeitem],[role^=menuitem],[role=switch],[role=combobox]';
  Object.assign(globalThis, {
    nameOf,
    findNamed: (within: Element, name: string) =>
      [...within.querySelectorAll<HTMLElement>(controls)].find(
        (each) => nameOf(each) === name && each.checkVisibility(),
      ),
  });
}

/** What the page says of an instance now. */
function read(within: Element): Required<Facts> {
  const { nameOf } = globalThis as unknown as { nameOf(element: Element | null | undefined): string };
  const named = (selector: string): string[] => [...within.querySelectorAll(selector)].map(nameOf);
  const { activeElement } = document;
  const current = activeElement?.getAttribute('aria-activedescendant');
  const field = within.querySelector('[role=combobox]');
  return {
    at:
      activeElement === document.body
        ? 'body'
        : nameOf(current ? document.getElementById(current) : activeElement),
    layers: document.querySelectorAll(':popover-open, dialog:modal').length,
    expanded: named('[aria-expanded=true]'),
    selected: named('[aria-selected=true]'),
    checked: named('[aria-checked=true]'),
    items: named('[data-token]'),
    value: field instanceof HTMLInputElement ? field.value : (field?.textContent?.trim() ?? ''),
  };
}

async function take(page: Page, instance: string, step: Step): Promise<void> {
  const [, act = step, name = ''] = /^(\w+) (.*)$/.exec(step) ?? [];
  const find = () =>
    page.locator(instance).evaluateHandle((within, wanted) => {
      const { findNamed } = globalThis as unknown as {
        findNamed(within: Element, name: string): HTMLElement;
      };
      return findNamed(within, wanted);
    }, name);
  if (act === 'key') return page.keyboard.press(name === '*' ? 'Shift+*' : name);
  if (act === 'outside') return page.mouse.click(1250, 790);
  if (act === 'hover') {
    await page.locator(instance).locator('button').first().hover();
    await page.waitForSelector(':popover-open');
    return;
  }
  const element = (act === 'drag' ? undefined : await find())?.asElement();
  if (act === 'press') return element?.click();
  if (act === 'focus') return void (await element?.evaluate((each) => (each as HTMLElement).focus()));
  // Down on the button, over the item, and up.
  await page.locator(instance).getByRole('button').first().hover();
  await page.mouse.down();
  await page.waitForSelector(':popover-open');
  await page.locator(instance).getByRole('menuitem', { name }).hover();
  await page.mouse.up();
}

/** Waits until the page says what is wanted, and answers with what it says. */
async function until(page: Page, instance: string, wanted: Facts): Promise<Facts> {
  const now = async (): Promise<Facts> => {
    const facts = await page.locator(instance).evaluate(read);
    return Object.fromEntries(Object.keys(wanted).map((name) => [name, facts[name as keyof Facts]])) as Facts;
  };
  const until = Date.now() + 5000;
  let facts = await now();
  while (JSON.stringify(facts) !== JSON.stringify({ ...facts, ...wanted }) && Date.now() < until) {
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(resolve)));
    facts = await now();
  }
  return facts;
}

/** Where the instances of a pattern stand. */
const placeOf = ({ pattern, script }: Row): string => {
  const { in: within } = script;
  if (within?.startsWith('#')) return within;
  if (within) return `#${pattern} >> ${within}`;
  // The first that there is, where the parts of an instance stand in its root.
  const isWhole = ['accordion', 'listbox', 'tabs', 'tree'].includes(pattern);
  return isWhole ? `#${pattern} >> [data-wired=${pattern}] >> nth=0` : `#${pattern}`;
};

/** Whatever is open says that all is wired: the last pattern of the gallery is. */
const ready = (page: Page) =>
  page.waitForSelector('#combobox-multiple [popover][data-phase]', { state: 'attached' });

/** Runs the rows in the gallery of each setting; `done` hears of each. */
export function conform(
  names: readonly string[],
  wanted: (row: string) => boolean,
  done: (setting: string, pattern: string, isPassed: boolean) => void = () => {},
): void {
  const { open } = useBrowser();
  describe.each(names)('contracts in %s', (setting) => {
    const all = rows(wanted).map((row) => [`${row.pattern}: ${row.words}`, row] as const);
    it.each(all)('%s', async (_, row) => {
      const { page } = await open(desk(`gallery/${setting}.html`));
      await ready(page);
      await page.evaluate(prepare);
      const place = placeOf(row);
      let isPassed = false;
      try {
        for (const step of row.script.do) await take(page, place, step);
        expect(await until(page, place, row.script.then)).toEqual(row.script.then);
        isPassed = true;
      } finally {
        done(setting, row.pattern, isPassed);
      }
    });
  });
}
