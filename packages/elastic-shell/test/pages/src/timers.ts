// The timers of a page, to be run at once: no test waits for them by the clock. Imported first, so that whatever sets a timer is known.
const { setTimeout: set, clearTimeout: clear } = globalThis;

interface Timer {
  due: number;
  act(): void;
}

const timers = new Map<number, Timer>();

/** Milliseconds; what is set for longer is the driver's: WebKit's has the end of a script's time set in the page itself. */
const longest = 10_000;

function setTracked(handler: TimerHandler, milliseconds = 0, ...args: unknown[]): number {
  const act = (): void => {
    clearTracked(id);
    if (typeof handler === 'function') handler(...args);
  };
  const id = Number(set(act, milliseconds));
  if (milliseconds <= longest) timers.set(id, { due: performance.now() + milliseconds, act });
  return id;
}

function clearTracked(id?: number): void {
  clear(id);
  if (id !== undefined) timers.delete(id);
}

Object.assign(globalThis, { setTimeout: setTracked, clearTimeout: clearTracked });

const nextTask = (): Promise<void> => new Promise((resolve) => void set(resolve));

/**
 * Runs every timer that is set, in the order in which they are due, and those that they set in turn.
 *
 * @throws Error - If timers set new ones a hundred times over.
 */
export async function runTimers(): Promise<void> {
  for (let round = 0; timers.size; round++) {
    if (round === 100) throw new Error('There are always new timers.');
    for (const { act } of [...timers.values()].sort((one, other) => one.due - other.due)) act();
    await nextTask();
  }
}
