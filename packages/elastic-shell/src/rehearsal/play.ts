// Plays one row of a contract, and says how it went.
import { Failed, LeftOut, type RowResult } from './outcome.js';
import type { Row } from './rows/row.js';
import type { Stage } from './stage.js';

/** What a row failed with: `failed` says so of errors that are no `Failed` of the row's own. */
export async function play(
  stage: Stage,
  { key, expected, run }: Row,
  failed: (message: string) => boolean = () => false,
): Promise<RowResult> {
  try {
    await run(stage);
    return { key, expected, outcome: 'held', heard: stage.heard };
  } catch (error) {
    const got = error instanceof Error ? error.message : String(error);
    if (error instanceof LeftOut) return { key, expected, outcome: 'left out', heard: stage.heard, got };
    if (!(error instanceof Failed) && !failed(got)) throw error;
    return { key, expected, outcome: 'failed', heard: stage.heard, got };
  }
}
