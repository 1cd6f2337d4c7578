// What is found in one text, and what it leaves to other files: the job of a worker.
import type { Severity } from 'elastic-shell/rules';
import { type Comment, commentsIn } from './allowed.js';
import { checkPages, type Placed } from './placed.js';
import { type Lead, leadsOf } from './leads.js';
import { read } from './readers.js';
import { Refused } from './refused.js';

/** What comes of one text. */
export type Reply =
  | { findings: Placed[]; leads: Lead[]; comments: Comment[]; refused?: undefined }
  /** It was not read: why, in a sentence without its name and its full stop. */
  | { refused: string };

/** Severities that the configuration changes. */
export type Severities = ReadonlyMap<string, Severity | 'off'>;

/** Findings with their severities as they are configured; those that are turned off are left out. */
export const configured = (findings: readonly Placed[], rules: Severities): Placed[] =>
  findings.flatMap((finding): Placed[] => {
    const severity = rules.get(finding.code) ?? finding.severity;
    return severity === 'off' ? [] : [{ ...finding, severity }];
  });

/** Reads a text by its name and runs the rules on it. */
export async function findIn(name: string, text: string): Promise<Reply> {
  try {
    const pages = await read(name, text);
    return { findings: checkPages(text, pages), leads: leadsOf(text, pages), comments: commentsIn(text) };
  } catch (error) {
    if (error instanceof Refused) return { refused: error.message };
    // A template is read by calls within calls: one nested ten thousand deep has too many.
    if (error instanceof RangeError) return { refused: 'its elements are nested too deeply; it was skipped' };
    return {
      refused: `its parser failed, so it was skipped: ${error instanceof Error ? error.message : String(error)}`,
    };
  }
}
