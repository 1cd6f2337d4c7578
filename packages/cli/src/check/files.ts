// Reads what is to be checked: files, folders, standard input. What cannot be read is said, not thrown.
import { readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { glob } from 'tinyglobby';

/** A file, or standard input, as text. */
export interface Source {
  name: string;
  text: string;
}

/** Bytes looked at to tell text from binary data. */
const sample = 8192;

const isBinary = (bytes: Uint8Array): boolean => bytes.subarray(0, sample).includes(0);

const reasons: Record<string, string> = {
  ENOENT: 'there is no such file or folder',
  EACCES: 'it may not be read',
};

const readAll = async (input: AsyncIterable<Uint8Array | string>): Promise<Buffer> => {
  const chunks: Buffer[] = [];
  for await (const chunk of input) chunks.push(Buffer.from(chunk));
  return Buffer.concat(chunks);
};

/** Reads what the paths name, and says of each that cannot be read why. */
export async function readSources(
  paths: readonly string[],
  input: AsyncIterable<Uint8Array | string>,
): Promise<{ sources: Source[]; problems: string[] }> {
  const sources: Source[] = [];
  const problems: string[] = [];

  const add = (name: string, bytes: Buffer): void => {
    if (isBinary(bytes)) problems.push(`${name}: this is binary data, not HTML; it was passed over.`);
    else sources.push({ name, text: bytes.toString('utf8') });
  };

  for (const path of paths) {
    try {
      if (path === '-') {
        add('<standard input>', await readAll(input));
      } else if ((await stat(path)).isDirectory()) {
        const names = await glob('**/*.{html,htm}', { cwd: path, ignore: ['**/node_modules/**'] });
        if (!names.length) problems.push(`${path}: the folder holds no .html or .htm file.`);
        for (const name of names.sort()) add(join(path, name), await readFile(join(path, name)));
      } else add(path, await readFile(path));
    } catch (error) {
      const { code, message } = error as NodeJS.ErrnoException;
      problems.push(`${path}: ${reasons[code ?? ''] ?? message}.`);
    }
  }
  return { sources, problems };
}
