// The progress on a terminal, in one line that is overwritten.
import { shown } from '../shown.js';

/** Returns a number of seconds in words. */
function lasting(seconds: number): string {
  if (seconds < 60) return `${Math.max(1, Math.round(seconds))} s`;
  return `${Math.round(seconds / 60)} min`;
}

/** Overwrites the previous line. */
export class ProgressLine {
  readonly #write: (text: string) => void;
  #began = Date.now();
  #isShown = false;

  constructor(write: (text: string) => void) {
    this.#write = write;
  }

  /** Prints how many widgets of a page are done, and about how long the others take. */
  tell(address: string, done: number, all: number): void {
    if (!done) this.#began = Date.now();
    const each = (Date.now() - this.#began) / 1000 / (done || 1);
    const left = done && done < all ? `, about ${lasting(each * (all - done))} left` : '';
    this.clear();
    this.#write(`${shown(address)}: widget ${Math.min(done + 1, all)} of ${all}${left}`);
    this.#isShown = true;
  }

  /** Removes the line, because something else is printed. */
  clear(): void {
    if (this.#isShown) this.#write('\r\u001b[K');
    this.#isShown = false;
  }
}
