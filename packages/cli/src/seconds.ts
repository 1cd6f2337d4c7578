// How commands read a limit of time.
import { InvalidArgumentError } from 'commander';

/** Reads a number of seconds. Throws an `InvalidArgumentError` for anything else. */
export function secondsIn(said: string): number {
  const seconds = Number(said);
  if (!(seconds > 0)) throw new InvalidArgumentError('It should be a number of seconds, as 30.');
  return seconds;
}
