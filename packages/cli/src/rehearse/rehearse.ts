// Checks the widgets of a page with real keys and a real pointer, by the checks of their contracts. As a
// function for test runners:  import { rehearse } from 'elastic-shell-cli/rehearse'; const { widgets } =
// await rehearse(page, { only: ['dialog'] });
import type { Page } from 'playwright-core';
import { checksOf, type Found, play, type Check } from 'elastic-shell/rehearsal';
import type { ScreenReader } from '../speech/screen-reader.js';
import './agent.js';
import { TooLong, within } from './limits.js';
import { isElsewhere } from './ready.js';
import { type Arrive, Stage } from './stage.js';
import type { Rehearsal, CheckResult, WidgetResult } from './types.js';

export type { Rehearsal, CheckResult, WidgetResult } from './types.js';

/** The progress of a run. */
export interface Progress {
  /** How many widgets are done, and how many there are. */
  done: number;
  /** The number of widgets. */
  all: number;
}

/** The options of `rehearse`. */
export interface RehearseOptions {
  /** The patterns to check. Default: all. */
  only?: readonly string[];
  /** A text that the name of a widget must contain. Default: all widgets are checked. */
  name?: string;
  /** The maximum number of widgets for each pattern, because pages repeat them. Default: all. */
  max?: number;
  /**
   * Brings the page to the state to check, from the start. Called before each check. Default: loads the page
   * again.
   */
  arrive?: Arrive;
  /** The checks to skip, by the name of the widget. Default: none. */
  skip?: Readonly<Record<string, readonly string[]>>;
  /**
   * Takes a screenshot of the page and returns its path. Called for each failed check. Default: none is
   * taken.
   */
  picture?: (page: Page, name: string) => Promise<string>;
  /**
   * A screen reader that presses the keys on the desktop of the browser, and returns what it speaks. Default:
   * none.
   */
  reader?: ScreenReader;
  /**
   * Opens another page if one does not respond, and for `parallel`. Default: after a page hangs, all later
   * checks fail.
   */
  newPage?: () => Promise<Page>;
  /**
   * How many widgets are checked at the same time, each on a page of its own. Needs `newPage`. Default: 1.
   */
  parallel?: number;
  /** The time for one check, in seconds. Default: 60. */
  perCheck?: number;
  /**
   * The time for all checks, in seconds. The remaining widgets are skipped, and `stopped` contains the
   * reason. Default: no limit.
   */
  inAll?: number;
  /** Returns an earlier result of a widget, which is not checked again. Default: none. */
  known?: (widget: Pick<Found, 'pattern' | 'kind' | 'name'>, place: number) => WidgetResult | undefined;
  /** Called with each widget when it is done, in the order of the page. Default: none. */
  onWidget?: (result: WidgetResult, place: number) => void;
  /** Called when the widgets have been found, and after each. Default: none. */
  onProgress?: (progress: Progress) => void;
}

const checkTime = 60;

const reload: Arrive = async (page) => {
  await page.reload();
};

/** A worker: a stage with a page, which is replaced if it hangs. */
class Walker {
  readonly stage: Stage;
  readonly #options: RehearseOptions;

  constructor(page: Page, options: RehearseOptions) {
    this.#options = options;
    this.stage = new Stage(page, options.arrive ?? reload, options.reader);
  }

  /** The page hangs and is replaced by another. */
  async #replace(): Promise<void> {
    const { newPage } = this.#options;
    if (!newPage) return;
    // It may never close.
    void this.stage.page.close().catch(() => undefined);
    this.stage.moveTo(await newPage());
  }

  /** Runs one check, starting from the restored page. */
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
          // If the browser reports that the page is gone or does not respond, the check fails.
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

  /** Checks one widget. */
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

/** How many buttons are tried whose purpose the markup doesn't show. */
const mostButtons = 40;

/**
 * Finds the openers of layers that the markup doesn't show, by clicking buttons. Layers without an opener are
 * omitted.
 */
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

/** Returns the widgets that the options select. */
async function findAll(stage: Stage, options: RehearseOptions): Promise<Found[]> {
  const { only, name: text, max = Infinity } = options;
  const isWanted = ({ pattern, name }: Pick<Found, 'pattern' | 'name'>): boolean =>
    (only?.includes(pattern) ?? true) && (text === undefined || name.includes(text));
  const all = await stage.load();
  const said = all.filter(isWanted);
  // An exact name takes precedence over a name that contains the text.
  const other = text !== undefined && said.length ? [] : await discover(stage, all, only, isWanted);
  const counts = new Map<string, number>();
  return [...said, ...other].filter(({ pattern }) => {
    counts.set(pattern, (counts.get(pattern) ?? 0) + 1);
    return (counts.get(pattern) ?? 0) <= max;
  });
}

/**
 * Checks widgets, as many at a time as there are workers. Returns those that were checked, in the order of
 * the page.
 */
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
