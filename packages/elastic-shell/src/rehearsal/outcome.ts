// The result of a check: passed, failed or skipped.
/** The result of one check. */
export interface CheckResult {
  /** What the check did, in words: `ArrowDown`, `click`, `“st”`. */
  key: string;
  /** Whether the check passed, failed or was skipped. */
  outcome: 'passed' | 'failed' | 'skipped';
  /** The announcement: role, name, states, position, then live messages in order. */
  heard: string;
  /** What the contract requires. */
  expected: string;
  /** For a failed check, what happened. For a skipped one, why. */
  got?: string;
  /** A screenshot of the page at that moment, if they are taken. */
  picture?: string;
}

/** Thrown by a check that does not apply to the page. */
export class Skipped extends Error {}

/** Thrown by a check that failed, with what happened instead. */
export class Failed extends Error {}

/**
 * Skips the check.
 *
 * @param why - The reason, as a sentence.
 */
export const skip = (why: string): never => {
  throw new Skipped(why);
};

/**
 * Fails the check.
 *
 * @param got - What happened instead, as a sentence.
 */
export const fail = (got: string): never => {
  throw new Failed(got);
};
