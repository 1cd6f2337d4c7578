// How many instances one task wires: those after the first few can wait for their first use (`untouched.ts`).

/** The number of instances that one task wires in full. */
const most = 50;
let inThisTask = 0;

/** Returns whether this task has wired so many instances that the next one can wait. */
export function isOneOfMany(): boolean {
  if (!inThisTask) queueMicrotask(() => (inThisTask = 0));
  return ++inThisTask > most;
}
