// Walks the widgets of a page by real keys and the pointer, row by row of their contracts. For test runners as a function:
//
//   import { rehearse } from 'elastic-shell-cli/rehearse';
//   const { widgets } = await rehearse(page, { only: ['dialog'] });
import type { Page } from 'playwright-core';
import { checksOf, type Found, play, type Row } from 'elastic-shell/rehearsal';
import type { ScreenReader } from '../speech/screen-reader.js';
import { type Arrive, Stage } from './stage.js';
import type { Rehearsal, RowResult, WidgetResult } from './types.js';

export type { Rehearsal, RowResult, WidgetResult } from './types.js';

/** How a page is rehearsed. */
export interface RehearseOptions {
  /** The patterns to rehearse. Default: all. */
  only?: readonly string[];
  /** Only widgets whose name holds this text. Default: all. */
  named?: string;
  /** How many widgets of one pattern at most: pages have many that are alike. Default: all. */
  most?: number;
  /** Brings the page to the state that is rehearsed, from nothing: it is called before each row. Default: loads it again. */
  arrive?: Arrive;
  /** Says which widgets stay closed or open by somebody's will: by their names, which rows are left out. Default: none. */
  leaveOut?: Readonly<Record<string, readonly string[]>>;
  /** Takes a picture of a row that failed; answers where it is. Default: takes none. */
  picture?: (page: Page, name: string) => Promise<string>;
  /** A screen reader that presses the keys, on whose desktop the browser is, and says what is heard. Default: none. */
  reader?: ScreenReader;
  /** Hears of each widget when it is done. Default: nobody does. */
  onWidget?: (result: WidgetResult) => void;
}

const reload: Arrive = async (page) => {
  await page.reload();
};

/** Runs one row, from the page as it was. */
async function runRow(stage: Stage, row: Row, options: RehearseOptions, name: string): Promise<RowResult> {
  const { key, expected } = row;
  if (options.leaveOut?.[name]?.includes(key))
    return { key, expected, outcome: 'left out', heard: '', got: 'the configuration says so' };
  await stage.reset();
  // The browser's own word that the page is gone, or does not answer, is a row that fails.
  const result = await play(stage, row, (message) => /Timeout|closed|navigat|context/i.test(message));
  const picture =
    result.outcome === 'failed' ? await options.picture?.(stage.page, `${name} ${key}`) : undefined;
  return picture ? { ...result, picture } : result;
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
  for (const row of checksOf(pattern)) rows.push(await runRow(stage, row, options, name));
  return { pattern, kind, name, rows };
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

/**
 * Rehearses every widget of a page that is open in a browser: presses the keys of its contract and hears what comes of it. Rejects
 * where the page cannot be loaded again.
 */
export async function rehearse(page: Page, options: RehearseOptions = {}): Promise<Rehearsal> {
  const stage = new Stage(page, options.arrive ?? reload, options.reader);
  const { only, named, most = Infinity } = options;
  const isWanted = ({ pattern, name }: Pick<Found, 'pattern' | 'name'>): boolean =>
    (only?.includes(pattern) ?? true) && (named === undefined || name.includes(named));
  const all = await stage.load();
  const said = all.filter(isWanted);
  // Whoever asks for one by its name is content with the one that says so.
  const other = named !== undefined && said.length ? [] : await discover(stage, all, options.only, isWanted);
  const counts = new Map<string, number>();
  const found = [...said, ...other].filter(({ pattern }) => {
    counts.set(pattern, (counts.get(pattern) ?? 0) + 1);
    return (counts.get(pattern) ?? 0) <= most;
  });
  const widgets: WidgetResult[] = [];
  for (const each of found) {
    const result = await runWidget(stage, each, options);
    widgets.push(result);
    options.onWidget?.(result);
  }
  return { address: page.url(), widgets };
}
