// The conformance suite: every row of every contract, by real keys and pointer, in the gallery of a setting.
import { notes } from 'elastic-shell/core';
import type { BrowserContextOptions, Page } from 'playwright-core';
import { browserName, desk, itIn, type Open, swipe, useBrowser } from '../../browser/support/browser';
import { patience } from '../../../../cli/src/drive/wire';
import { type Facts, inPlain, scripts, type Script, type Step } from './rows';

/** The settings that have a gallery. */
export const settings = ['plain', 'elements', 'react', 'vue', 'svelte', 'solid', 'angular'];

const addressOf = (setting: string): string =>
  desk(setting === 'plain' ? 'gallery.html' : `gallery/${setting}.html`);

/** A row of a contract: its pattern, its words, and its script. */
interface Row {
  pattern: string;
  words: string;
  script: Script;
}

/** Every row of the contracts in the words of the scripts. */
export const allRows = Object.values(notes).flatMap(({ name, keys, presses }) => [
  ...keys.map(({ on, key }) => ({ pattern: name, words: `${on} ${key}` })),
  ...presses.map(({ on }) => ({ pattern: name, words: `click ${on}` })),
]);

const scriptOf = (setting: string, pattern: string, words: string): Script | undefined => {
  const usual = scripts[pattern]?.[words];
  const own = setting === 'plain' ? inPlain[`${pattern} ${words}`] : undefined;
  if (usual || !own) return own ? { ...usual!, ...own } : usual;
  const { do: steps, then } = own;
  return steps && then ? { ...own, do: steps, then } : undefined;
};

/** The rows of a setting that have a script, as far as `wanted` says. */
const rowsOf = (setting: string, wanted: (row: string) => boolean): Row[] =>
  allRows.flatMap(({ pattern, words }) => {
    const script = scriptOf(setting, pattern, words);
    return script && wanted(`${pattern} ${words}`) ? [{ pattern, words, script }] : [];
  });

/** Rows without a script: a contract has a row that the suite does not know. */
export const unknown = allRows
  .filter(({ pattern, words }) => !scriptOf('plain', pattern, words))
  .map(({ pattern, words }) => `${pattern} ${words}`);

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
    slides: named('[aria-roledescription=slide]:not([inert])'),
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
  if (act === 'outside') {
    const [end, height] = await page.evaluate(
      // At the end of a line, where nothing opens by itself.
      () => [document.dir === 'rtl' ? 30 : innerWidth - 30, innerHeight] as const,
    );
    return page.mouse.click(end, height - 10);
  }
  if (act === 'swipe') {
    const slides = page.locator(instance).locator('[data-slides]');
    await slides.scrollIntoViewIfNeeded();
    const { x, y, width, height } = (await slides.boundingBox())!;
    const [start, end] = [x + width * 0.1, x + width * 0.9];
    // Toward the start of a line, whichever side that is on.
    const isMirrored = await page.evaluate(() => document.dir === 'rtl');
    const [from, to] = isMirrored ? [start, end] : [end, start];
    return swipe(page, [from, y + height / 2], [to, y + height / 2]);
  }
  if (act === 'hover') {
    await page.locator(instance).locator('button').first().hover();
    await page.waitForSelector(':popover-open');
    return;
  }
  const element = (act === 'drag' ? undefined : await find())?.asElement();
  if (act === 'press') return element?.click();
  if (act === 'marker') {
    const at = await element?.evaluate((each) => {
      each.scrollIntoView({ block: 'center' });
      const { left, top, width, height } = each.querySelector('[data-marker]')!.getBoundingClientRect();
      return [left + width / 2, top + height / 2] as const;
    });
    return page.mouse.click(...at!);
  }
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
  const until = Date.now() + patience;
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

const touch = { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } };

/** What came of a row: it held, it did not, or it cannot be driven in this browser. */
export type Outcome = boolean | 'not driven';

/** Under what a row is driven, where that is not a desk with a mouse. */
export interface Conditions {
  options?: BrowserContextOptions;
  /** The text runs from right to left. */
  rtl?: boolean;
  /** Done to the page before it loads. */
  making?(page: Page): Promise<unknown>;
  /** Done to the page before. */
  before?(page: Page): Promise<unknown>;
  /** What it is, where that is not said by the setting. */
  words?: string;
}

/** Arrows name a side of the screen: where the text is turned, so are they. */
const turned = (step: Step): Step =>
  step.startsWith('key ')
    ? (step.replace(/Arrow(Left|Right)/, (_, side) => `Arrow${side === 'Left' ? 'Right' : 'Left'}`) as Step)
    : step;

/** The section of the gallery that a row is about. */
const sectionOf = (row: Row): string => /^#([\w-]+)/.exec(placeOf(row))![1]!;

/** Rows one of each section in turn, so that as many as can share a page follow each other. */
function inTurns(rows: readonly Row[]): Row[] {
  const seen = new Map<string, number>();
  const turns = rows.map((row) => {
    const turn = seen.get(sectionOf(row)) ?? 0;
    seen.set(sectionOf(row), turn + 1);
    return { row, turn };
  });
  return turns.sort((one, other) => one.turn - other.turn).map(({ row }) => row);
}

/** Closes what is open, so that a row of another section finds the page as it was; returns whether that came about. */
async function tidy(page: Page): Promise<boolean> {
  const layers = (): Promise<number> =>
    page.evaluate(() => document.querySelectorAll(':popover-open, dialog:modal, [aria-busy=true]').length);
  for (let left = 4; left && (await layers()); left--) await page.keyboard.press('Escape');
  await page.evaluate(() => {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    scrollTo(0, 0);
  });
  return (await layers()) === 0;
}

/** The galleries of a run: a page is loaded for the first row of a section, and used for rows of others after that. */
function galleries(open: Open, { options, rtl, making, before }: Conditions) {
  let page: Page | undefined;
  let at = '';
  const used = new Set<string>();
  /** The gallery, with the section of the row as it was when it had loaded. */
  const pageFor = async (setting: string, row: Row): Promise<Page> => {
    const isSwipe = row.script.do.includes('swipe');
    const wanted = `${setting} ${isSwipe}`;
    const section = sectionOf(row);
    if (!page || at !== wanted || used.has(section)) {
      at = wanted;
      used.clear();
      ({ page } = await open(making ? 'about:blank' : addressOf(setting), {
        ...options,
        ...(isSwipe && touch),
      }));
      if (making) {
        await making(page);
        await page.goto(addressOf(setting));
      }
      await ready(page);
      if (rtl) await page.evaluate(() => (document.documentElement.dir = 'rtl'));
      await before?.(page);
      await page.evaluate(prepare);
    }
    used.add(section);
    return page;
  };
  return {
    async drive(setting: string, row: Row): Promise<Facts> {
      const now = await pageFor(setting, row);
      const place = placeOf(row);
      for (const step of row.script.do) await take(now, place, rtl ? turned(step) : step);
      return until(now, place, row.script.then);
    },
    /** To be called after each row: the page is used again only if the row has passed and left nothing open. */
    async after(isPassed: boolean): Promise<void> {
      if (!page || !isPassed || !(await tidy(page))) at = '';
    },
  };
}

/** Runs the rows in the gallery of each setting; `done` hears of each, with the browser that it ran in. */
export function conform(
  names: readonly string[],
  wanted: (row: string) => boolean,
  done: (setting: string, row: string, outcome: Outcome, browser: string) => void = () => {},
  conditions: Conditions = {},
): void {
  const { open, version } = useBrowser();
  const gallery = galleries(open, conditions);
  const { words: more = '' } = conditions;
  describe.each(names)(`contracts in %s${more}`, (setting) => {
    for (const row of inTurns(rowsOf(setting, wanted))) {
      const words = `${row.pattern} ${row.words}`;
      const isDriven = !row.script.only || row.script.only === browserName;
      if (!isDriven) beforeAll(() => done(setting, words, 'not driven', version()));
      itIn(isDriven ? browserName : row.script.only!)(words, async () => {
        let isPassed = false;
        try {
          expect(await gallery.drive(setting, row)).toEqual(row.script.then);
          isPassed = true;
        } finally {
          await gallery.after(isPassed);
          done(setting, words, isPassed, version());
        }
      });
    }
  });
}
