// How many instances one task wires: those after the first few can wait for their first use (`untouched.ts`).

/** The number of instances that one task wires in full. */
const most = 50;
let inThisTask = 0;
let isAtOnce = false;

/** Returns whether this task has wired so many instances that the next one can wait. */
export function isOneOfMany(): boolean {
  if (isAtOnce) return false;
  if (!inThisTask) queueMicrotask(() => (inThisTask = 0));
  return ++inThisTask > most;
}

/** Runs `act` with nothing waiting: for a caller that uses what it wires at once. */
export function atOnce<T>(act: () => T): T {
  const before = isAtOnce;
  isAtOnce = true;
  try {
    return act();
  } finally {
    isAtOnce = before;
  }
}
