// A walk through a widget with keys, as sentences: a snapshot of what keyboard and screen reader users get.
import { descriptionOf } from '../described/description.js';
import { PageStage } from './stage.js';
import { type ContractName, widgetAt } from './widget.js';

/** The options of `walk`. */
export interface WalkOptions {
  /**
   * The name of the pattern. Default: the pattern that is wired at the root, or the one that is visible
   * there.
   */
  pattern?: ContractName;
  /** The keys, such as `Tab`, `ArrowDown`, `Shift+Tab`, `Space`. Default: the keys of the pattern. */
  keys?: readonly string[];
  /**
   * Stops the walk: no further key is pressed, and the promise rejects with the signal's reason.
   *
   * @defaultValue none
   */
  signal?: AbortSignal;
}

/** The keys for a native `<select>`, which is no pattern. */
const selectWalk = ['Tab', 'ArrowDown', 'ArrowDown'];

/**
 * Focuses a widget, presses keys, and collects the announcements.
 *
 * @param root - The widget, or an element around it.
 * @param options - The pattern, the keys, and when to stop.
 * @returns One line for each key: role, name, states, position, then live messages.
 * @throws Error if no widget is visible at `root`.
 * @throws The reason of `signal`, if it is aborted.
 */
export async function walk(root: Element, { pattern, keys, signal }: WalkOptions = {}): Promise<string> {
  const { found, widget } = widgetAt(root, pattern);
  const own = keys ?? descriptionOf(found.pattern)?.walk ?? selectWalk;
  const stage = new PageStage(() => widget, undefined, signal);
  const lines: string[] = [];
  const width = Math.max(...own.map((key) => key.length));
  try {
    for (const [at, key] of own.entries()) {
      // The first key moves to the widget, wherever focus was.
      if (!at && key === 'Tab') await stage.tabTo(widget.opener ? 'opener' : 'stop');
      else await stage.press(key);
      lines.push(`${key.padEnd(width)}  ${stage.heard || 'nothing'}`);
    }
  } finally {
    stage.release();
  }
  return lines.join('\n');
}
