// Walks the widgets of a page by real keys and the pointer, row by row of their contracts. For test runners as a function:
//
//   import { rehearse } from 'elastic-shell-cli/rehearse';
//   const { widgets } = await rehearse(page, { only: ['dialog'] });
import type { Page } from 'playwright-core';
import type { Found } from './page-types.js';
import { rowsOf } from './rows/index.js';
import { type Arrive, Stage } from './stage.js';
import {
  Failed,
  LeftOut,
  type PatternName,
  type Rehearsal,
  type RowResult,
  type WidgetResult,
} from './types.js';

export type { PatternName, Rehearsal, RowResult, WidgetResult } from './types.js';

/** How a page is rehearsed. */
export interface RehearseOptions {
  /** The patterns to rehearse. Default: all. */
  only?: readonly PatternName[];
  /** Brings the page to the state that is rehearsed, from nothing: it is called before each row. Default: loads it again. */
  arrive?: Arrive;
  /** Says which widgets stay closed or open by somebody's will: by their names, which rows are left out. Default: none. */
  leaveOut?: Readonly<Record<string, readonly string[]>>;
  /** Takes a picture of a row that failed; answers where it is. Default: takes none. */
  picture?: (page: Page, name: string) => Promise<string>;
  /** Hears of each widget when it is done. Default: nobody does. */
  onWidget?: (result: WidgetResult) => void;
}

const reload: Arrive = async (page) => {
  await page.reload();
};

/** Runs one row, from the page as it was. */
async function runRow(
  stage: Stage,
  row: (typeof rowsOf)[PatternName][number],
  options: RehearseOptions,
  name: string,
): Promise<RowResult> {
  const { key, expected } = row;
  if (options.leaveOut?.[name]?.includes(key))
    return { key, expected, outcome: 'left out', heard: '', got: 'the configuration says so' };
  await stage.reset();
  try {
    await row.run(stage);
    return { key, expected, outcome: 'held', heard: stage.heard };
  } catch (error) {
    const got = error instanceof Error ? error.message : String(error);
    if (error instanceof LeftOut) return { key, expected, outcome: 'left out', heard: stage.heard, got };
    if (!(error instanceof Failed) && !/Timeout|closed|navigat|context/i.test(got)) throw error;
    const picture = await options.picture?.(stage.page, `${name} ${key}`);
    return { key, expected, outcome: 'failed', heard: stage.heard, got, ...(picture && { picture }) };
  }
}

async function runWidget(stage: Stage, found: Found, options: RehearseOptions): Promise<WidgetResult> {
  const { pattern, kind, name } = found;
  const isLayer = /^(dialog|popover|menu|tooltip)$/.test(pattern);
  if (isLayer && !found.hasOpener) {
    const got = 'no control that shows opens it: go to it by --steps, or name it by commandfor on its button';
    return {
      pattern,
      kind,
      name,
      rows: [{ key: 'opener', expected: 'a control opens it', outcome: 'left out', heard: '', got }],
    };
  }
  const rows: RowResult[] = [];
  stage.turnTo(found);
  for (const row of rowsOf[pattern]) rows.push(await runRow(stage, row, options, name));
  return { pattern, kind, name, rows };
}

/** How many buttons are tried that say nothing of what they do. */
const mostButtons = 40;

/** Finds what opens the layers of which no markup says it, by pressing buttons; those that nothing opens are left. */
async function discover(
  stage: Stage,
  all: readonly Found[],
  isWanted: (found: Pick<Found, 'pattern'>) => boolean,
): Promise<Found[]> {
  if (!isWanted({ pattern: 'dialog' }) && !isWanted({ pattern: 'popover' })) return [];
  const found: Found[] = [];
  const count = Math.min(await stage.page.evaluate(() => elasticRehearsal.buttonCount()), mostButtons);
  for (let button = 0; button < count; button++) {
    await stage.load();
    const opened = await stage.tryButton(button);
    if (opened && isWanted(opened)) found.push({ id: all.length, hasOpener: true, button, ...opened });
  }
  return found;
}

/**
 * Rehearses every widget of a page that is open in a browser: presses the keys of its contract and hears what comes of it. Rejects
 * where the page cannot be loaded again.
 */
export async function rehearse(page: Page, options: RehearseOptions = {}): Promise<Rehearsal> {
  const stage = new Stage(page, options.arrive ?? reload);
  const isWanted = ({ pattern }: Pick<Found, 'pattern'>): boolean => options.only?.includes(pattern) ?? true;
  const all = await stage.load();
  const found = [...all.filter(isWanted), ...(await discover(stage, all, isWanted))];
  const widgets: WidgetResult[] = [];
  for (const each of found) {
    const result = await runWidget(stage, each, options);
    widgets.push(result);
    options.onWidget?.(result);
  }
  return { address: page.url(), widgets };
}
