// Runs jobs side by side, as many at a time as the machine has cores.
import { availableParallelism } from 'node:os';

let free = availableParallelism();
/** What waits for a core, first come first served. */
const waiting = [];

/** Runs `job` as soon as a core is free, and returns what it returns. */
export async function whenFree(job) {
  if (free) free--;
  else await new Promise((resolve) => waiting.push(resolve));
  try {
    return await job();
  } finally {
    const next = waiting.shift();
    if (next) next();
    else free++;
  }
}
