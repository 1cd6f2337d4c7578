// The findings in one text, and the ids that other files may contain: the task of a worker.
import type { Severity } from 'elastic-shell/rules';
import { type Comment, commentsIn } from './allowed.js';
import { checkPages, type Placed } from './placed.js';
import { type Lead, leadsOf } from './leads.js';
import { read } from './readers.js';
import { Refused } from './refused.js';

/** The result for one text. */
export type Reply =
  | { findings: Placed[]; leads: Lead[]; comments: Comment[]; refused?: undefined }
  /** Why it was not read, without its name and the full stop. */
  | { refused: string };

/** Severities that the configuration changes. */
export type Severities = ReadonlyMap<string, Severity | 'off'>;

/** Returns findings with their configured severities, without those that are turned off. */
export const configured = (findings: readonly Placed[], rules: Severities): Placed[] =>
  findings.flatMap((finding): Placed[] => {
    const severity = rules.get(finding.code) ?? finding.severity;
    return severity === 'off' ? [] : [{ ...finding, severity }];
  });

/** Reads a text by the extension of its name, and runs the rules. */
export async function findIn(name: string, text: string): Promise<Reply> {
  try {
    const pages = await read(name, text);
    return { findings: checkPages(text, pages), leads: leadsOf(text, pages), comments: commentsIn(text) };
  } catch (error) {
    if (error instanceof Refused) return { refused: error.message };
    // A template is read by recursive calls, which fail at ten thousand levels.
    if (error instanceof RangeError) return { refused: 'its elements are nested too deeply; it was skipped' };
    return {
      refused: `its parser failed, so it was skipped: ${error instanceof Error ? error.message : String(error)}`,
    };
  }
}
