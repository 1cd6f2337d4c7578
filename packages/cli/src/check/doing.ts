// What a run of `check` did beside finding.

/** What was done beside finding. */
export interface Doing {
  /** What was passed over, in sentences. */
  problems: readonly string[];
  /** How many findings were mended. */
  mendedCount: number;
}
