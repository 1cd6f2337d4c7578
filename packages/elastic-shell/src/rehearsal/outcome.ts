// How a row of a contract goes: it holds, fails, or is left out.
/** How one row of a contract went. */
export interface CheckResult {
  /** What was done, as one would say it: `ArrowDown`, `press`, `“st”`. */
  key: string;
  outcome: 'passed' | 'failed' | 'skipped';
  /** What was heard: role, name, states, position, then live messages in their order. */
  heard: string;
  /** What the contract says should happen. */
  expected: string;
  /** Of a row that failed: what happened. Of one that is left out: why. */
  got?: string;
  /** A picture of the page as it was then, where they are taken. */
  picture?: string;
}

/** A row of a contract that a page leaves out because it may. */
export class Skipped extends Error {}

/** A row that does not hold: what happened instead. */
export class Failed extends Error {}

/** Ends a row that a page may leave out. */
export const skip = (why: string): never => {
  throw new Skipped(why);
};

/** Ends a row that does not hold. */
export const fail = (got: string): never => {
  throw new Failed(got);
};
