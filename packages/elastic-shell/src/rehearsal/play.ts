// Plays one row of a contract, and says how it went.
import { Failed, Skipped, type CheckResult } from './outcome.js';
import type { Check } from './checks/check.js';
import type { Stage } from './stage.js';

/** What a row failed with: `failed` says so of errors that are no `Failed` of the row's own. */
export async function play(
  stage: Stage,
  { key, expected, run }: Check,
  failed: (message: string) => boolean = () => false,
): Promise<CheckResult> {
  try {
    await run(stage);
    return { key, expected, outcome: 'passed', heard: stage.heard };
  } catch (error) {
    const got = error instanceof Error ? error.message : String(error);
    if (error instanceof Skipped) return { key, expected, outcome: 'skipped', heard: stage.heard, got };
    if (!(error instanceof Failed) && !failed(got)) throw error;
    return { key, expected, outcome: 'failed', heard: stage.heard, got };
  }
}
