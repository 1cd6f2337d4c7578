// npm packages that are fetched for reading. Their files are unpacked, and none of their code runs.
import { execFile } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';

const run = promisify(execFile);

/** Where packages are kept from one run to the next. */
export const folder = join(tmpdir(), 'elastic-shell-corpus');
mkdirSync(folder, { recursive: true });

const limits = { timeout: 60_000, maxBuffer: 1e7 };

/** The newest version of a package. */
export const versionOf = async (name) =>
  (await run('npm', ['view', `${name}@latest`, 'version', '--silent'], limits)).stdout.trim();

/**
 * Returns the folder of an unpacked package, without node_modules: parsers are searched in a project's
 * node_modules.
 */
export async function fetched(name, version) {
  const place = join(folder, `${name.replaceAll('/', '+')}@${version}`);
  if (existsSync(join(place, 'package'))) return place;
  rmSync(place, { recursive: true, force: true });
  mkdirSync(place);
  try {
    const packed = await run(
      'npm',
      ['pack', `${name}@${version}`, '--silent', '--ignore-scripts', '--pack-destination', place],
      limits,
    );
    const file = join(place, packed.stdout.trim().split('\n').at(-1));
    if (statSync(file).size > 20_000_000) throw new Error(`${name} is too large`);
    mkdirSync(join(place, 'package'));
    await run(
      'tar',
      ['xzf', file, '-C', join(place, 'package'), '--strip-components=1', '--no-same-permissions'],
      limits,
    );
    rmSync(file);
  } catch (error) {
    rmSync(place, { recursive: true, force: true });
    throw error;
  }
  for (const entry of readdirSync(place, { recursive: true, withFileTypes: true }))
    if (entry.isDirectory() && entry.name === 'node_modules')
      rmSync(join(entry.parentPath ?? entry.path, entry.name), { recursive: true, force: true });
  return place;
}

/** A longer text was generated. */
const longest = 200_000;

/** The templates and pages below a folder that people have written, in the order of their names. */
export const filesOf = (place) =>
  readdirSync(place, { recursive: true, withFileTypes: true })
    .filter(
      (entry) =>
        entry.isFile() &&
        /\.(jsx|tsx|vue|svelte|astro|html|component\.ts)$/i.test(entry.name) &&
        !/[\\/](dist|build|out|\.next|public[\\/]static|coverage|docs[\\/]api)([\\/]|$)/.test(
          entry.parentPath ?? entry.path,
        ),
    )
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .filter((file) => {
      const text = readFileSync(file, 'utf8');
      return text.length < longest && !/[^\n]{5000}/.test(text);
    })
    .sort();

/** Returns whether the text of a file is new, because many files are copies. */
export function distinct() {
  const texts = new Set();
  return (file) => {
    const text = createHash('sha256').update(readFileSync(file)).digest('hex');
    return !texts.has(text) && !!texts.add(text);
  };
}
