// What a run of `check` did besides finding mistakes.

/** What was done besides finding mistakes. */
export interface Doing {
  /** What was skipped, in sentences. */
  problems: readonly string[];
  /** How many findings were fixed. */
  mendedCount: number;
}
