// Rows of a contract in users' own tests.
import type { RowResult } from '../rehearsal/outcome.js';
import { play } from '../rehearsal/play.js';
import { checksOf } from '../rehearsal/checks.js';
import type { Widget } from '../rehearsal/page/widgets.js';
import { PageStage } from './stage.js';
import { checkName, type ContractName, widgetAt } from './widget.js';

/** How rows are run. */
export interface ContractOptions {
  /** Rows that are not run, by their keys. Default: none. */
  leaveOut?: readonly string[];
  /**
   * Brings the page back to where it was, before each row. Default: Escape is pressed, and the states of all that is wired are set
   * back.
   */
  reset?: () => unknown;
  /**
   * Stops the run: no further key is pressed, and the promise rejects with the signal's reason. Pass the signal of your test runner,
   * so that a test that has timed out doesn't press keys during the next one.
   *
   * @defaultValue none
   */
  signal?: AbortSignal;
}

/** Rows that only a page that is laid out, or a browser's own keys, can show. */
const needsBrowser: Readonly<Record<string, readonly string[]>> = {
  tooltip: ['hover'],
};

const sentence = ({ key, expected, got }: RowResult): string =>
  `  ${key}: ${expected}; got: ${got ?? 'nothing'}`;

/**
 * Runs the rows of a contract on the widget at `root` that a page without layout can show, by keys and presses made of events, and
 * answers with how each went. Rejects with an Error that names all that do not hold; with a TypeError for a pattern that has no
 * rows; with an Error where no such widget shows at `root`; with the reason of `signal` once that is aborted.
 */
export async function expectContract(
  root: Element,
  pattern: ContractName,
  { leaveOut = [], reset, signal }: ContractOptions = {},
): Promise<RowResult[]> {
  checkName(pattern);
  const { found } = widgetAt(root, pattern);
  const again = (): Widget => widgetAt(root, pattern).widget;
  const stage = new PageStage(again, reset, signal);
  const skipped = [...leaveOut, ...(needsBrowser[found.pattern] ?? [])];
  const results: RowResult[] = [];
  try {
    for (const row of checksOf(found.pattern)) {
      if (skipped.includes(row.key)) continue;
      await stage.reset();
      const result = await play(stage, row, () => true);
      // A row that was stopped half way has neither passed nor failed.
      signal?.throwIfAborted();
      results.push(result);
    }
    await stage.reset();
  } finally {
    stage.release();
  }
  const failed = results.filter(({ outcome }) => outcome === 'failed');
  if (failed.length)
    throw new Error(
      [
        `elastic-shell: ${failed.length} of ${results.length} rows of ${pattern} “${found.name}” do not hold:`,
        ...failed.map(sentence),
      ].join('\n'),
    );
  return results;
}
