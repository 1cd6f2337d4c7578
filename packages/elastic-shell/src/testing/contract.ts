// Rows of a contract in users' own tests.
import type { CheckResult } from '../rehearsal/outcome.js';
import { play } from '../rehearsal/play.js';
import { checksOf } from '../rehearsal/registry.js';
import type { Widget } from '../rehearsal/page/widgets.js';
import { PageStage } from './stage.js';
import { checkName, type ContractName, widgetAt } from './widget.js';

/** How rows are run. */
export interface ContractOptions {
  /**
   * The control that opens it, or what finds it now: for what opens by a state of yours, where no attribute says who opens it.
   *
   * @defaultValue the control whose `commandfor`, `popovertarget` or `aria-controls` names it
   */
  opener?: Element | (() => Element | null);
  /** Rows that are not run, by their keys. Default: none. */
  skip?: readonly string[];
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

/** Patterns that show only once something has opened them. */
const layers: readonly string[] = ['dialog', 'popover', 'menu', 'tooltip'];

const sentence = ({ key, expected, got }: CheckResult): string =>
  `  ${key}: ${expected}; got: ${got ?? 'nothing'}`;

/**
 * Runs the rows of a contract on the widget at `root` that a page without layout can show, by keys and presses made of events, and
 * answers with how each went. Rejects with an Error that names all that do not hold; with a TypeError for a pattern that has no
 * rows; with an Error where no such widget shows at `root`, or where nothing is known to open it; with the reason of `signal` once that is aborted.
 */
export async function expectContract(
  root: Element,
  pattern: ContractName,
  { opener, skip = [], reset, signal }: ContractOptions = {},
): Promise<CheckResult[]> {
  checkName(pattern);
  const { found, widget: first } = widgetAt(root, pattern);
  let last = first;
  const again = (): Widget => {
    // Looking for it in the whole page takes long: that is done again where it was drawn anew.
    const isThere = last.root.isConnected && (last.opener?.isConnected ?? true);
    if (!isThere) last = widgetAt(root, pattern).widget;
    const widget = last;
    const own = typeof opener === 'function' ? opener() : opener;
    return own instanceof HTMLElement ? { ...widget, opener: own } : widget;
  };
  if (layers.includes(found.pattern) && !again().opener)
    throw new Error(
      `elastic-shell: found no control that opens the ${pattern} “${found.name}”, so none of its checks can run; name it: expectContract(root, '${pattern}', { opener: button })`,
    );
  const stage = new PageStage(again, reset, signal);
  const skipped = [...skip, ...(needsBrowser[found.pattern] ?? [])];
  const results: CheckResult[] = [];
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
        `elastic-shell: ${failed.length} of ${results.length} checks of ${pattern} “${found.name}” fail:`,
        ...failed.map(sentence),
      ].join('\n'),
    );
  return results;
}
