// A walk by keys, as sentences: for a snapshot that says what a keyboard user and a screen reader get.
import { descriptionOf } from '../described/description.js';
import { PageStage } from './stage.js';
import { type ContractName, widgetAt } from './widget.js';

/** How one walks. */
export interface WalkOptions {
  /** The pattern that is walked. Default: what is wired at the root, or the one that shows there. */
  pattern?: ContractName;
  /** The keys, as `Tab`, `ArrowDown`, `Shift+Tab`, `Space`. Default: those of the pattern. */
  keys?: readonly string[];
  /**
   * Stops the walk: no further key is pressed, and the promise rejects with the signal's reason.
   *
   * @defaultValue none
   */
  signal?: AbortSignal;
}

/** The keys that go through a native `<select>`, which is no pattern. */
const selectWalk = ['Tab', 'ArrowDown', 'ArrowDown'];

/**
 * Presses keys on the widget at `root`, and answers with what is heard after each, a line a key: role, name, states, place, then live
 * messages. Focus goes there first. Rejects where no widget shows at `root`,
 * and with the reason of `signal` once that is aborted.
 */
export async function walk(root: Element, { pattern, keys, signal }: WalkOptions = {}): Promise<string> {
  const { found, widget } = widgetAt(root, pattern);
  const own = keys ?? descriptionOf(found.pattern)?.walk ?? selectWalk;
  const stage = new PageStage(() => widget, undefined, signal);
  const lines: string[] = [];
  const width = Math.max(...own.map((key) => key.length));
  try {
    for (const [at, key] of own.entries()) {
      // The first goes to it, from wherever focus was.
      if (!at && key === 'Tab') await stage.tabTo(widget.opener ? 'opener' : 'stop');
      else await stage.press(key);
      lines.push(`${key.padEnd(width)}  ${stage.heard || 'nothing'}`);
    }
  } finally {
    stage.release();
  }
  return lines.join('\n');
}
