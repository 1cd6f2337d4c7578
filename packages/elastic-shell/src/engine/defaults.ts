// Options that hold for every instance of a pattern wired from now on.

/** Each pattern adds its own options here, so that `setDefaults` knows their types. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface PatternOptions {}

/** By pattern; read by the engine. */
export const defaults: Record<string, object> = {};

/**
 * Sets options for all instances of `pattern` that are wired later; an instance's own options win.
 * Returns the way back: calling it restores what was set before.
 */
export function setDefaults<N extends keyof PatternOptions & string>(
  pattern: N,
  options: PatternOptions[N],
): () => void {
  const before = defaults[pattern];
  defaults[pattern] = { ...before, ...options };
  return () => {
    if (before) defaults[pattern] = before;
    else delete defaults[pattern];
  };
}
