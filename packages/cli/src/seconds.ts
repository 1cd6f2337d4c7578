// Reads a time limit for commands.
import { InvalidArgumentError } from 'commander';

/** Reads a number of seconds. Throws an `InvalidArgumentError` for anything else. */
export function secondsIn(said: string): number {
  const seconds = Number(said);
  if (!(seconds > 0)) throw new InvalidArgumentError('It must be a number of seconds, such as 30.');
  return seconds;
}
