// A rehearsal that can go on where it was stopped: each widget is written down when it is done, a line of JSON each.
import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import { Misuse } from '../misuse.js';
import type { WidgetResult } from './types.js';

/** One widget, with where it was. */
interface Line {
  address: string;
  place: number;
  result: WidgetResult;
}

const isLine = (value: unknown): value is Line =>
  typeof value === 'object' && value !== null && 'address' in value && 'place' in value && 'result' in value;

/** Reads one line; a last one that was cut off is none. */
function lineOf(text: string, isLast: boolean, path: string): Line[] {
  if (!text) return [];
  try {
    const said: unknown = JSON.parse(text);
    if (isLine(said)) return [said];
  } catch {
    if (isLast) return [];
  }
  throw new Misuse(`${path} wasn't written by --resume. Name another file.`);
}

/** An address of this machine without its port, which is another one each time that files are served. */
const withoutPort = (address: string): string => address.replace(/^(https?:\/\/localhost):\d+/, '$1');

/** What is known from before, and where it is written down. */
export class Resumed {
  readonly #known = new Map<string, WidgetResult>();

  /** Throws `Misuse` where the file is something else. */
  constructor(readonly path: string) {
    const lines = existsSync(path) ? readFileSync(path, 'utf8').split('\n') : [];
    for (const { address, place, result } of lines.flatMap((line, at) =>
      lineOf(line, at > 0 && at === lines.length - 1, path),
    ))
      this.#known.set(this.#key(address, place, result), result);
  }

  #key(address: string, place: number, { pattern, kind, name }: Omit<WidgetResult, 'checks'>): string {
    return JSON.stringify([withoutPort(address), place, pattern, kind, name]);
  }

  /** What is known of a widget. */
  of(address: string, place: number, widget: Omit<WidgetResult, 'checks'>): WidgetResult | undefined {
    return this.#known.get(this.#key(address, place, widget));
  }

  /** Writes a widget down. */
  add(address: string, place: number, result: WidgetResult): void {
    const key = this.#key(address, place, result);
    if (this.#known.has(key)) return;
    this.#known.set(key, result);
    try {
      appendFileSync(this.path, `${JSON.stringify({ address, place, result } satisfies Line)}\n`);
    } catch (error) {
      throw new Misuse(
        `${this.path} can't be written: ${error instanceof Error ? error.message : String(error)}.`,
      );
    }
  }
}
