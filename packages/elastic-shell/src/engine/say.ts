// What is announced of a change that waits or was refused. What announces it is loaded when there is something to say.
import { markMade } from './made.js';
import type { Run } from './run.js';

/** Has words announced; '' takes back those that are waiting to be. */
export function say<S extends object, O, I extends string>(run: Run<S, O, I>, words: string): void {
  run.words = words;
  if (run.speaker) run.speaker.say(words);
  else if (words) void import('../announce/say-for.js').then((loaded) => loaded.sayFor(run, markMade));
}
