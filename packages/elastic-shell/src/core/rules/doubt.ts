// Doubt: whether an unknown value was read. Some attributes and children of a template are only known to
// exist. Reading them returns a value (null, no child) and raises doubt. A finding counts only if reading its
// element raised no doubt. So no rule reports something unknown, and no rule has to handle it. One register
// is enough, because rules run one at a time and synchronously.

let isRaised = false;

/** Marks the value that was just returned as unknown. */
export const raiseDoubt = (): void => {
  isRaised = true;
};

/** Clears the doubt. Returns whether there was any. */
export function clearDoubt(): boolean {
  const was = isRaised;
  isRaised = false;
  return was;
}

/** Returns whether there was doubt since `clearDoubt`. */
export const isDoubtful = (): boolean => isRaised;

/**
 * Calls a function and returns its result, and whether it is in doubt. The doubt of the caller is unchanged.
 */
export function ask<T>(question: () => T): { value: T; doubt: boolean } {
  const before = clearDoubt();
  const value = question();
  const doubt = isRaised;
  isRaised = before;
  return { value, doubt };
}
