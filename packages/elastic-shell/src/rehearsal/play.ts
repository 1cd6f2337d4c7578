// Runs one check of a contract, and returns the result.
import { Failed, Skipped, type CheckResult } from './outcome.js';
import type { Check } from './checks/check.js';
import type { Stage } from './stage.js';

/**
 * Runs one check.
 *
 * @param stage - The widget.
 * @param check - The check.
 * @param failed - Returns a text for errors other than `Failed`.
 * @returns The result.
 */
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
