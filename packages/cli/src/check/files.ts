// Finds the files to check: files, folders, standard input. Files that cannot be read are reported, not
// thrown.
import { readdir, readFile, stat } from 'node:fs/promises';
import { extname, join, relative, resolve, sep } from 'node:path';
import picomatch from 'picomatch';
import type { Config } from './config.js';
import { isCandidate, isUnreadLanguage, isWorth } from './readers.js';
import { Refused } from './refused.js';

/** A file, or standard input. */
export interface Source {
  name: string;
  /** Whether it can be written. */
  isFile: boolean;
  /** Reads it. Throws `Refused` if it cannot be read. */
  text(): Promise<string>;
  /**
   * Returns whether it should be checked, now that its text is known. A script that was found in a folder may
   * contain no markup.
   */
  isWorth(text: string): Promise<boolean>;
}

/** The files behind the given paths. */
export interface Sources {
  sources: Source[];
  /** Files that cannot be read, each in a sentence. */
  problems: string[];
  /** Files that are skipped without counting as a failure, in sentences. */
  notes: string[];
  /** Whether a folder is among the paths. An id that no file contains is then probably missing. */
  isWhole: boolean;
}

/** How many bytes are read to tell text from binary data. */
const sample = 8192;

/** The maximum size of a file, in bytes. */
const largest = 128_000_000;

const isBinary = (bytes: Uint8Array): boolean => bytes.subarray(0, sample).includes(0);

/** 16-bit encodings, by their byte order mark (Encoding Standard, BOM sniff). */
const wide = [
  { mark: [0xff, 0xfe], encoding: 'utf-16le' },
  { mark: [0xfe, 0xff], encoding: 'utf-16be' },
] as const;

/** Returns the text in a file. Throws `Refused` if it contains none. */
function decoded(bytes: Uint8Array): string {
  const found = wide.find(({ mark }) => mark.every((byte, at) => bytes[at] === byte));
  if (found) return new TextDecoder(found.encoding).decode(bytes);
  if (isBinary(bytes)) throw new Refused('this is binary data, not HTML; it was skipped');
  return new TextDecoder().decode(bytes);
}

const reasons: Record<string, string> = {
  ENOENT: 'no such file or folder',
  EACCES: "it isn't readable",
  ELOOP: 'it is a link to itself',
};

const reasonOf = (error: unknown): string => {
  const { code, message } = error as NodeJS.ErrnoException;
  return reasons[code ?? ''] ?? message;
};

/** Returns the bytes of a file. Throws `Refused` with the reason if they cannot be read. */
async function bytesOf(path: string): Promise<Buffer> {
  try {
    const found = await stat(path);
    // A pipe or a device may never end.
    if (!found.isFile()) throw new Refused('this is neither a file nor a folder; it was skipped');
    if (found.size > largest)
      throw new Refused(
        `it has ${Math.round(found.size / 1e6)} MB, which is more than the limit of ${largest / 1e6}; it was skipped`,
      );
    return await readFile(path);
  } catch (error) {
    throw error instanceof Refused ? error : new Refused(reasonOf(error));
  }
}

/** The files in a folder and below it. */
interface Found {
  pages: string[];
  /** How many files have template languages that are not supported, by extension. */
  unread: Map<string, number>;
  /** Whether the configuration excludes files there. */
  hasExcepted: boolean;
}

/**
 * Returns the pages in a folder and below it in alphabetical order, without those that `isOut` excludes.
 * Links to folders are not followed, because they may form a cycle. A folder that cannot be read is passed to
 * `failed`, and the others are read all the same.
 */
async function pagesIn(
  folder: string,
  isOut: (path: string) => boolean,
  failed: (name: string, error: unknown) => void,
): Promise<Found> {
  const pages: string[] = [];
  const unread = new Map<string, number>();
  let hasExcepted = false;
  const waiting = [folder];
  for (const at of waiting) {
    try {
      for (const entry of await readdir(at, { withFileTypes: true })) {
        const path = join(at, entry.name);
        if (entry.isDirectory()) {
          if (entry.name !== 'node_modules') waiting.push(path);
        } else if (isOut(path)) hasExcepted = true;
        else if (isCandidate(entry.name)) pages.push(path);
        else if (isUnreadLanguage(entry.name)) {
          const ending = extname(entry.name).toLowerCase();
          unread.set(ending, (unread.get(ending) ?? 0) + 1);
        }
      }
    } catch (error) {
      failed(at, error);
    }
  }
  return { pages: pages.sort(), unread, hasExcepted };
}

const readAll = async (input: AsyncIterable<Uint8Array | string>): Promise<Buffer> => {
  const chunks: Buffer[] = [];
  for await (const chunk of input) chunks.push(Buffer.from(chunk));
  return Buffer.concat(chunks);
};

/**
 * Returns a source for a file. `isFound`: it was found in a folder, so a script is read only if it contains
 * markup.
 */
const fileAt = (name: string, isFound: boolean): Source => ({
  name,
  isFile: true,
  text: async () => decoded(await bytesOf(name)),
  isWorth: async (text) => !isFound || isWorth(name, text),
});

/** Finds the files behind the paths, and reports why a path has none. */
export async function findSources(
  paths: readonly string[],
  input: AsyncIterable<Uint8Array | string>,
  { folder, except }: Pick<Config, 'folder' | 'except'>,
): Promise<Sources> {
  const all: Sources = { sources: [], problems: [], notes: [], isWhole: false };
  const isExcepted = except.length ? picomatch([...except]) : () => false;
  /** Returns whether the configuration excludes a file. Its patterns are relative to its own folder. */
  const isOut = (path: string): boolean => isExcepted(relative(folder, resolve(path)).split(sep).join('/'));
  const failed = (name: string, error: unknown): void => {
    all.problems.push(`${name}: ${reasonOf(error)}.`);
  };
  const addFolder = async (path: string): Promise<void> => {
    all.isWhole = true;
    const { pages, unread, hasExcepted } = await pagesIn(path, isOut, failed);
    for (const [ending, count] of unread)
      all.notes.push(
        `${path}: ${count} file${count === 1 ? '' : 's'} with the ending ${ending} ${count === 1 ? 'was' : 'were'} skipped, because check doesn't read that language.`,
      );
    if (!pages.length && !hasExcepted)
      all.problems.push(`${path}: the folder contains no pages or templates.`);
    for (const name of pages) all.sources.push(fileAt(name, true));
  };
  for (const path of paths) {
    try {
      if (path === '-') {
        const bytes = await readAll(input);
        all.sources.push({
          name: '<standard input>',
          isFile: false,
          text: async () => decoded(bytes),
          isWorth: async () => true,
        });
      } else if ((await stat(path)).isDirectory()) await addFolder(path);
      else if (!isOut(path)) all.sources.push(fileAt(path, false));
    } catch (error) {
      failed(path, error);
    }
  }
  return all;
}
