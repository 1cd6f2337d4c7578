// What Orca has spoken and done so far, read from the file that its customisations write
// (orca/orca-customizations.py).
import { closeSync, fstatSync, openSync, readSync } from 'node:fs';

/** One line of the file. `t` is in milliseconds since 1970. */
export type Line =
  | { t: number; kind: 'speak'; text: string }
  | { t: number; kind: 'stop' }
  | { t: number; kind: 'key'; name: string; down: boolean; consumed: boolean }
  | { t: number; kind: 'idle'; mode: Mode | null };

/** In focus mode keys go to the page; in browse mode they move Orca's cursor. */
export type Mode = 'focus' | 'browse';

/** A file that is read while it grows. */
export class SpeechRecord {
  readonly lines: Line[] = [];
  #read = 0;
  #rest = Buffer.alloc(0);

  constructor(readonly path: string) {}

  /** Reads what has been added, and returns all lines. */
  update(): readonly Line[] {
    const file = openSync(this.path, 'r');
    try {
      const added = Buffer.alloc(fstatSync(file).size - this.#read);
      readSync(file, added, 0, added.length, this.#read);
      this.#read += added.length;
      // A line may be incomplete: the text after the last line break waits.
      const all = Buffer.concat([this.#rest, added]);
      const end = all.lastIndexOf(10) + 1;
      this.#rest = all.subarray(end);
      for (const text of all.toString('utf8', 0, end).split('\n'))
        if (text) this.lines.push(JSON.parse(text) as Line);
      return this.lines;
    } finally {
      closeSync(file);
    }
  }

  /** Returns what was spoken from a line on, in order. */
  saidFrom(at: number): string[] {
    return this.lines.slice(at).flatMap((line) => (line.kind === 'speak' ? [line.text] : []));
  }

  /** Returns the mode that Orca reported last. */
  get mode(): Mode | undefined {
    const last = this.lines.findLast((line) => line.kind === 'idle');
    return last?.kind === 'idle' ? (last.mode ?? undefined) : undefined;
  }
}
