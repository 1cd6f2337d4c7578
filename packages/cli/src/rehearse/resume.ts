// A run that can be resumed: each result is written when it is done, as one line of JSON.
import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import { Misuse } from '../misuse.js';
import type { WidgetResult } from './types.js';

/** The result of one widget, with its page. */
interface Line {
  address: string;
  place: number;
  result: WidgetResult;
}

const isLine = (value: unknown): value is Line =>
  typeof value === 'object' && value !== null && 'address' in value && 'place' in value && 'result' in value;

/** Reads one line. An incomplete last line is ignored. */
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

/** Returns an address of this machine without its port, which differs each time files are served. */
const withoutPort = (address: string): string => address.replace(/^(https?:\/\/localhost):\d+/, '$1');

/** The earlier results, and the file for new ones. */
export class Resumed {
  readonly #known = new Map<string, WidgetResult>();

  /** Throws `Misuse` if the file contains something else. */
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

  /** Returns the earlier result of a widget. */
  of(address: string, place: number, widget: Omit<WidgetResult, 'checks'>): WidgetResult | undefined {
    return this.#known.get(this.#key(address, place, widget));
  }

  /** Writes the result of a widget. */
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
