// Doubt: whether something that cannot be known was looked at.
//
// A template says of some attributes and children only that there is something. Whoever asks such markup a question gets an
// answer all the same (null, no child) and raises doubt by asking. A rule's finding counts only where its look at an element
// raised none: so no rule speaks about what cannot be known, and no rule has to think of it.
//
// One register for all serves: rules look one at a time, and none waits for anything.

let isRaised = false;

/** Says that what was just answered cannot be known. */
export const raiseDoubt = (): void => {
  isRaised = true;
};

/** Begins a look that is free of doubt. Answers whether there was any before. */
export function clearDoubt(): boolean {
  const was = isRaised;
  isRaised = false;
  return was;
}

/** Whether there was any since `clearDoubt`. */
export const isDoubtful = (): boolean => isRaised;

/** Asks a question: its answer, and whether that is in doubt. The doubt of whoever asks stays as it was. */
export function ask<T>(question: () => T): { value: T; doubt: boolean } {
  const before = clearDoubt();
  const value = question();
  const doubt = isRaised;
  isRaised = before;
  return { value, doubt };
}
