// Announces pending and refused changes. The announcer is loaded when there is something to announce.
import { markMade } from './made.js';
import type { Run } from './run.js';

/** Announces a text. An empty text cancels a pending announcement. */
export function say<S extends object, O, I extends string>(run: Run<S, O, I>, words: string): void {
  run.words = words;
  if (run.speaker) run.speaker.say(words);
  else if (words) void import('../announce/say-for.js').then((loaded) => loaded.sayFor(run, markMade));
}
