// Reads what is to be checked: files, folders, standard input. What cannot be read is said, not thrown.
import { readdir, readFile, stat } from 'node:fs/promises';
import { join, relative, resolve, sep } from 'node:path';
import picomatch from 'picomatch';
import type { Config } from './config.js';
import { isCandidate, isWorth } from './readers.js';

/** A file, or standard input, as text. */
export interface Source {
  name: string;
  text: string;
  /** Whether it can be written again. */
  isFile: boolean;
}

/** Bytes looked at to tell text from binary data. */
const sample = 8192;

const isBinary = (bytes: Uint8Array): boolean => bytes.subarray(0, sample).includes(0);

/** The encodings of sixteen bits, by the mark that a text in them begins with (Encoding Standard, BOM sniff). */
const wide = [
  { mark: [0xff, 0xfe], encoding: 'utf-16le' },
  { mark: [0xfe, 0xff], encoding: 'utf-16be' },
] as const;

/** The text of a file; undefined where it is none. */
function textOf(bytes: Uint8Array): string | undefined {
  const found = wide.find(({ mark }) => mark.every((byte, at) => bytes[at] === byte));
  if (found) return new TextDecoder(found.encoding).decode(bytes);
  return isBinary(bytes) ? undefined : new TextDecoder().decode(bytes);
}

const reasons: Record<string, string> = {
  ENOENT: 'there is no such file or folder',
  EACCES: 'it may not be read',
};

/**
 * The pages in a folder and below it, in the order of their names. Links to folders are not followed: one may lead to where it stands.
 * A folder that cannot be read is told to `failed`, and the others are read all the same.
 */
async function pagesIn(folder: string, failed: (name: string, error: unknown) => void): Promise<string[]> {
  const pages: string[] = [];
  const waiting = [folder];
  for (const at of waiting) {
    try {
      for (const entry of await readdir(at, { withFileTypes: true })) {
        if (entry.isDirectory() && entry.name !== 'node_modules') waiting.push(join(at, entry.name));
        else if (!entry.isDirectory() && isCandidate(entry.name)) pages.push(join(at, entry.name));
      }
    } catch (error) {
      failed(at, error);
    }
  }
  return pages.sort();
}

const readAll = async (input: AsyncIterable<Uint8Array | string>): Promise<Buffer> => {
  const chunks: Buffer[] = [];
  for await (const chunk of input) chunks.push(Buffer.from(chunk));
  return Buffer.concat(chunks);
};

/** Reads what the paths name, and says of each that cannot be read why. */
export async function readSources(
  paths: readonly string[],
  input: AsyncIterable<Uint8Array | string>,
  { folder, except }: Pick<Config, 'folder' | 'except'>,
): Promise<{ sources: Source[]; problems: string[] }> {
  const sources: Source[] = [];
  const problems: string[] = [];

  const isExcepted = except.length ? picomatch([...except]) : () => false;
  /** Whether a file is passed over by the configuration, whose patterns are taken from its own folder. */
  const isOut = (path: string): boolean => isExcepted(relative(folder, resolve(path)).split(sep).join('/'));

  const add = (name: string, bytes: Buffer, isFile: boolean): string | undefined => {
    const text = textOf(bytes);
    if (text === undefined) problems.push(`${name}: this is binary data, not HTML; it was passed over.`);
    else sources.push({ name, text, isFile });
    return text;
  };
  const failed = (name: string, error: unknown): void => {
    const { code, message } = error as NodeJS.ErrnoException;
    problems.push(`${name}: ${reasons[code ?? ''] ?? message}.`);
  };
  /** `isFound`: in a folder, and not named: a script is one of those only where it holds markup. */
  const addFile = async (path: string, isFound: boolean): Promise<void> => {
    if (isOut(path)) return;
    try {
      // A pipe or a device may never end.
      if (!(await stat(path)).isFile())
        return void problems.push(`${path}: this is neither a file nor a folder; it was passed over.`);
      const text = add(path, await readFile(path), true);
      if (isFound && text !== undefined && !(await isWorth(path, text))) sources.pop();
    } catch (error) {
      failed(path, error);
    }
  };

  for (const path of paths) {
    try {
      if (path === '-') add('<standard input>', await readAll(input), false);
      else if ((await stat(path)).isDirectory()) {
        const names = await pagesIn(path, failed);
        if (!names.length) problems.push(`${path}: the folder holds no page and no template.`);
        for (const name of names) await addFile(name, true);
      } else await addFile(path, false);
    } catch (error) {
      failed(path, error);
    }
  }
  return { sources, problems };
}
