// A baseline: existing findings that are accepted, so that only new ones fail. A finding is identified by
// file, code and sentence, so it is still recognised when it has moved to another line.
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, relative, resolve, sep } from 'node:path';
import { Misuse } from '../misuse.js';
import type { Placed } from './placed.js';

/** How many findings of each kind are accepted, by file and by code and sentence. */
export type Counts = Record<string, Record<string, number>>;

const keyOf = ({ code, sentence }: Placed): string => `${code}: ${sentence}`;

/** Returns a file as the baseline contains it: relative to the baseline's folder, with slashes. */
const nameIn = (baseline: string, file: string): string =>
  relative(dirname(resolve(baseline)), resolve(file))
    .split(sep)
    .join('/');

const isCounts = (value: unknown): value is Counts =>
  typeof value === 'object' &&
  value !== null &&
  Object.values(value).every(
    (file: unknown) =>
      typeof file === 'object' &&
      file !== null &&
      Object.values(file).every((count) => typeof count === 'number'),
  );

/** Reads a baseline. Throws `Misuse` if the file isn't a baseline. */
export function readBaseline(path: string): Counts {
  let said: unknown;
  try {
    said = JSON.parse(readFileSync(path, 'utf8'));
  } catch (error) {
    throw new Misuse(
      `${path}: ${error instanceof Error ? error.message : String(error)}. Write it first: --write-baseline ${path}.`,
    );
  }
  if (!isCounts(said))
    throw new Misuse(`${path} is not a baseline. Write a new one: --write-baseline ${path}.`);
  return said;
}

/** Separates the findings that a baseline accepts from the others. */
export function passing(
  baseline: Counts,
  path: string,
  file: string,
  findings: readonly Placed[],
): { findings: Placed[]; passed: Placed[] } {
  const left = { ...baseline[nameIn(path, file)] };
  const passed: Placed[] = [];
  const rest = findings.filter((finding) => {
    const count = left[keyOf(finding)] ?? 0;
    left[keyOf(finding)] = count - 1;
    if (count > 0) passed.push(finding);
    return count <= 0;
  });
  return { findings: rest, passed };
}

const unwritable: Readonly<Record<string, string>> = {
  EISDIR: 'it is a folder; name a file in it',
  ENOENT: 'its folder does not exist',
  ENOTDIR: 'its folder is a file',
  EACCES: "it isn't writable",
};

/** Writes the current findings as a baseline. Throws `Misuse` if the file cannot be written. */
export function writeBaseline(
  path: string,
  results: readonly { name: string; findings: readonly Placed[] }[],
): void {
  const counts: Counts = {};
  for (const { name, findings } of results) {
    const own: Record<string, number> = {};
    for (const finding of findings) own[keyOf(finding)] = (own[keyOf(finding)] ?? 0) + 1;
    if (findings.length) counts[nameIn(path, name)] = own;
  }
  try {
    writeFileSync(path, `${JSON.stringify(counts, null, 2)}\n`);
  } catch (error) {
    const { code = '', message = '' }: { code?: string; message?: string } =
      error instanceof Error ? error : {};
    throw new Misuse(`the baseline cannot be written to ${path}: ${unwritable[code] ?? message}.`);
  }
}
