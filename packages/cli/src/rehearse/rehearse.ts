// Walks the widgets of a page by real keys and the pointer, row by row of their contracts. For test runners as a function:
//
//   import { rehearse } from 'elastic-shell-cli/rehearse';
//   const { widgets } = await rehearse(page, { only: ['dialog'] });
import type { Page } from 'playwright-core';
import { checksOf, type Found, play, type Check } from 'elastic-shell/rehearsal';
import type { ScreenReader } from '../speech/screen-reader.js';
import './agent.js';
import { TooLong, within } from './limits.js';
import { isElsewhere } from './ready.js';
import { type Arrive, Stage } from './stage.js';
import type { Rehearsal, CheckResult, WidgetResult } from './types.js';

export type { Rehearsal, CheckResult, WidgetResult } from './types.js';

/** How far a rehearsal is. */
export interface Progress {
  /** How many widgets have been walked, and how many there are. */
  done: number;
  /** The number of widgets. */
  all: number;
}

/** How a page is rehearsed. */
export interface RehearseOptions {
  /** The patterns to rehearse. Default: all. */
  only?: readonly string[];
  /** Only widgets whose name holds this text. Default: all. */
  name?: string;
  /** How many widgets of one pattern at most: pages have many that are alike. Default: all. */
  max?: number;
  /** Brings the page to the state that is rehearsed, from nothing: it is called before each row. Default: loads it again. */
  arrive?: Arrive;
  /** Says which widgets stay closed or open by somebody's will: by their names, which rows are left out. Default: none. */
  skip?: Readonly<Record<string, readonly string[]>>;
  /** Takes a picture of the page; answers where it is. It is asked for each row that failed. Default: takes none. */
  picture?: (page: Page, name: string) => Promise<string>;
  /** A screen reader that presses the keys, on whose desktop the browser is, and says what is heard. Default: none. */
  reader?: ScreenReader;
  /** Opens another page, where one does not answer any more, and for `parallel`. Default: a page that hangs fails all later rows. */
  newPage?: () => Promise<Page>;
  /** How many widgets are walked at the same time, each on a page of its own; takes `newPage`. Default: 1. */
  parallel?: number;
  /** Seconds that one row may take. Default: 60. */
  perCheck?: number;
  /** Seconds that all may take; what is not walked by then is left out, and `stopped` says so. Default: no limit. */
  inAll?: number;
  /** What is known of a widget from before: it isn't walked again. Default: nothing is known. */
  known?: (widget: Pick<Found, 'pattern' | 'kind' | 'name'>, place: number) => WidgetResult | undefined;
  /** Hears of each widget when it is done, in the order of the page. Default: nobody does. */
  onWidget?: (result: WidgetResult, place: number) => void;
  /** Hears how far it is: when the widgets have been found, and after each. Default: nobody does. */
  onProgress?: (progress: Progress) => void;
}

const checkTime = 60;

const reload: Arrive = async (page) => {
  await page.reload();
};

/** One worker: a stage with a page, which is replaced where it hangs. */
class Walker {
  readonly stage: Stage;
  readonly #options: RehearseOptions;

  constructor(page: Page, options: RehearseOptions) {
    this.#options = options;
    this.stage = new Stage(page, options.arrive ?? reload, options.reader);
  }

  /** The page hangs: it is given up for another. */
  async #replace(): Promise<void> {
    const { newPage } = this.#options;
    if (!newPage) return;
    // It may never answer that it has closed.
    void this.stage.page.close().catch(() => undefined);
    this.stage.moveTo(await newPage());
  }

  /** Runs one row, from the page as it was. */
  async #check(check: Check, name: string): Promise<CheckResult> {
    const { key, expected } = check;
    const { skip, picture, perCheck = checkTime } = this.#options;
    if (skip?.[name]?.includes(key))
      return { key, expected, outcome: 'skipped', heard: '', got: 'the configuration skips it' };
    try {
      const result = await within(
        perCheck * 1000,
        'the page',
        (async () => {
          await this.stage.reset();
          // The browser's own word that the page is gone, or does not answer, is a row that fails.
          return play(this.stage, check, (message) => /Timeout|closed|navigat|context/i.test(message));
        })(),
      );
      const shot =
        result.outcome === 'failed' ? await picture?.(this.stage.page, `${name} ${key}`) : undefined;
      return shot ? { ...result, picture: shot } : result;
    } catch (error) {
      if (error instanceof TooLong) {
        await this.#replace();
        const got = `${error.message}: one of its scripts may be in an endless loop`;
        return { key, expected, outcome: 'failed', heard: '', got };
      }
      if (!isElsewhere(error)) throw error;
      return {
        key,
        expected,
        outcome: 'failed',
        heard: '',
        got: 'the page navigated to another address',
      };
    }
  }

  /** Walks one widget. */
  async walk(found: Found): Promise<WidgetResult> {
    const { pattern, kind, name } = found;
    const isLayer = /^(dialog|popover|menu|tooltip)$/.test(pattern);
    if (isLayer && !found.hasOpener) {
      const got =
        'no visible control opens it: open it with --steps, or name it with commandfor on its button';
      return {
        pattern,
        kind,
        name,
        checks: [{ key: 'opener', expected: 'a control opens it', outcome: 'skipped', heard: '', got }],
      };
    }
    const checks: CheckResult[] = [];
    this.stage.turnTo(found);
    for (const check of checksOf(pattern)) checks.push(await this.#check(check, name));
    return { pattern, kind, name, checks };
  }
}

/** How many buttons are tried that say nothing of what they do. */
const mostButtons = 40;

/** Finds what opens the layers of which no markup says it, by pressing buttons; those that nothing opens are left. */
async function discover(
  stage: Stage,
  all: readonly Found[],
  only: RehearseOptions['only'],
  isWanted: (found: Pick<Found, 'pattern' | 'name'>) => boolean,
): Promise<Found[]> {
  if (only && !only.includes('dialog') && !only.includes('popover')) return [];
  const found: Found[] = [];
  const count = Math.min(await stage.page.evaluate(() => elasticRehearsal.buttonCount()), mostButtons);
  for (let button = 0; button < count; button++) {
    await stage.load();
    const opened = await stage.tryButton(button);
    if (opened && isWanted(opened)) found.push({ id: all.length, hasOpener: true, button, ...opened });
  }
  return found;
}

/** The widgets of a page that are asked for. */
async function findAll(stage: Stage, options: RehearseOptions): Promise<Found[]> {
  const { only, name: text, max = Infinity } = options;
  const isWanted = ({ pattern, name }: Pick<Found, 'pattern' | 'name'>): boolean =>
    (only?.includes(pattern) ?? true) && (text === undefined || name.includes(text));
  const all = await stage.load();
  const said = all.filter(isWanted);
  // Whoever asks for one by its name is content with the one that says so.
  const other = text !== undefined && said.length ? [] : await discover(stage, all, only, isWanted);
  const counts = new Map<string, number>();
  return [...said, ...other].filter(({ pattern }) => {
    counts.set(pattern, (counts.get(pattern) ?? 0) + 1);
    return (counts.get(pattern) ?? 0) <= max;
  });
}

/** Walks widgets, as many at a time as there are walkers. Answers those that were walked, in the order of the page. */
async function walkAll(
  found: readonly Found[],
  walkers: readonly Walker[],
  options: RehearseOptions,
  end: number,
): Promise<WidgetResult[]> {
  const results: (WidgetResult | undefined)[] = [];
  const waiting = found.entries();
  let told = 0;
  let done = 0;
  const tell = (): void => {
    for (let next = results[told]; next; next = results[++told]) options.onWidget?.(next, told);
  };
  const work = async (walker: Walker): Promise<void> => {
    for (const [place, each] of waiting) {
      if (Date.now() > end) return;
      results[place] = options.known?.(each, place) ?? (await walker.walk(each));
      options.onProgress?.({ done: ++done, all: found.length });
      tell();
    }
  };
  options.onProgress?.({ done: 0, all: found.length });
  await Promise.all(walkers.map(work));
  return results.flatMap((result) => result ?? []);
}

/**
 * Checks every widget of a page in a browser: presses the keys of its contract, and compares the result.
 *
 * @param page - A page of playwright-core, or one that is compatible with it.
 * @param options - What to check, and how to restore the page.
 * @returns The results of all widgets.
 * @throws Error if the page can't be loaded again.
 */
export async function rehearse(page: Page, options: RehearseOptions = {}): Promise<Rehearsal> {
  const { inAll = Infinity, parallel = 1, newPage, picture } = options;
  const end = Date.now() + inAll * 1000;
  const first = new Walker(page, options);
  const found = await within(Math.min(inAll * 1000, 0x7fff_ffff), 'the page', findAll(first.stage, options));
  const address = first.stage.page.url();
  const shot = await picture?.(first.stage.page, 'page');
  const walkers = [first];
  while (newPage && walkers.length < Math.min(parallel, found.length))
    walkers.push(new Walker(await newPage(), options));
  const widgets = await walkAll(found, walkers, options, end);
  const left = found.length - widgets.length;
  return {
    address,
    widgets,
    ...(shot !== undefined && { picture: shot }),
    ...(left > 0 && {
      stopped: `${widgets.length} of ${found.length} widgets were checked before the limit of ${inAll} s`,
    }),
  };
}
