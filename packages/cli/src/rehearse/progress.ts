// How far a rehearsal is, on a terminal: one line that is written over.
import { shown } from '../shown.js';

/** Seconds as people say them. */
function lasting(seconds: number): string {
  if (seconds < 60) return `${Math.max(1, Math.round(seconds))} s`;
  return `${Math.round(seconds / 60)} min`;
}

/** Writes a line over the one before. */
export class ProgressLine {
  readonly #write: (text: string) => void;
  #began = Date.now();
  #isShown = false;

  constructor(write: (text: string) => void) {
    this.#write = write;
  }

  /** Says how many widgets of a page are done, and about how long the others take. */
  tell(address: string, done: number, all: number): void {
    if (!done) this.#began = Date.now();
    const each = (Date.now() - this.#began) / 1000 / (done || 1);
    const left = done && done < all ? `, about ${lasting(each * (all - done))} left` : '';
    this.clear();
    this.#write(`${shown(address)}: widget ${Math.min(done + 1, all)} of ${all}${left}`);
    this.#isShown = true;
  }

  /** Takes the line away: something else is written. */
  clear(): void {
    if (this.#isShown) this.#write('\r\u001b[K');
    this.#isShown = false;
  }
}
