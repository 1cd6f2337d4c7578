// Checks of a contract in users' own tests.
import type { CheckResult } from '../rehearsal/outcome.js';
import { play } from '../rehearsal/play.js';
import { checksOf } from '../rehearsal/registry.js';
import type { Widget } from '../rehearsal/page/widgets.js';
import { PageStage } from './stage.js';
import { checkName, type ContractName, widgetAt } from './widget.js';

/** The options of `expectContract`. */
export interface ContractOptions {
  /**
   * The control that opens the widget, or a function that finds it. Needed if the application opens it
   * without an attribute that refers to it.
   *
   * @defaultValue the control whose `commandfor`, `popovertarget` or `aria-controls` refers to it
   */
  opener?: Element | (() => Element | null);
  /** The keys of checks that are not run. Default: none. */
  skip?: readonly string[];
  /**
   * Restores the page before each check. Default: Escape is pressed, and the states of everything that is
   * wired are restored.
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

/** Checks that only a page with layout, or the keys of a real browser, can run. */
const needsBrowser: Readonly<Record<string, readonly string[]>> = {
  tooltip: ['hover'],
};

/** Patterns that are visible only after they have been opened. */
const layers: readonly string[] = ['dialog', 'popover', 'menu', 'tooltip'];

const sentence = ({ key, expected, got }: CheckResult): string =>
  `  ${key}: ${expected}; got: ${got ?? 'nothing'}`;

/**
 * Runs the checks of a contract on a widget, as far as they work in a page without layout, with keys and
 * clicks made of events.
 *
 * @param root - The widget, or an element around it.
 * @param pattern - The name of the pattern.
 * @param options - What to skip, how to restore the page, and when to stop.
 * @returns The results of all checks.
 * @throws Error with the names of all checks that failed.
 * @throws TypeError if the pattern has no checks.
 * @throws Error if `root` contains no such widget, or nothing opens it.
 * @throws The reason of `signal`, if it is aborted.
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
    // Searching the whole page is slow, so it is repeated only if the widget was rendered again.
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
      // A check that was stopped half way has neither passed nor failed.
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
