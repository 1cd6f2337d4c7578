// `npm run build`: builds what is out of date, as many targets at a time as there are cores. A target is up to date if it was built from
// files with the same content (its fingerprint); when they were written doesn't matter.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { whenFree } from './parallel.mjs';
import { root, setUp } from './setup.mjs';
import { targets } from './targets.mjs';

const always = ['tsconfig.base.json', 'package-lock.json', 'scripts/build.mjs', 'scripts/targets.mjs'];
/** The files that builds write themselves. */
const made = /^(node_modules|dist|demo|built|early-script\.ts)$/;

/** The files at a path, below it too, in a fixed order. */
function filesAt(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  const names = readdirSync(path).filter((name) => !made.test(name));
  return names.sort().flatMap((name) => filesAt(join(path, name)));
}

/** Returns a short text that changes whenever a file of a target changes its name or content. */
function fingerprintOf({ from }) {
  const hash = createHash('sha256').update(process.env.EVERYTHING_WAITS ?? '');
  for (const file of [...from, ...always].flatMap((path) => filesAt(join(root, path))))
    hash
      .update(`${file.slice(root.length)}\0`)
      .update(readFileSync(file))
      .update('\0');
  return hash.digest('hex');
}

/** Empties the folder of a target, except for files of other targets. */
function empty(folder, keep = []) {
  mkdirSync(folder, { recursive: true });
  for (const name of readdirSync(folder))
    if (!keep.includes(name)) rmSync(join(folder, name), { recursive: true, force: true });
}

/** Builds one target if it is out of date. */
async function bring(name, before) {
  await before;
  const target = targets[name];
  const folder = join(root, target.to);
  const stamp = join(folder, '.stamp');
  const fingerprint = fingerprintOf(target);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === fingerprint) return;
  await whenFree(async () => {
    console.log(`Building ${name}…`);
    empty(folder, target.keep);
    await target.build();
    writeFileSync(stamp, fingerprint);
  });
}

/** The pages in other settings, which the desk can be served without. */
export const galleries = Object.keys(targets).filter((name) => /^(gallery|orders|server)-/.test(name));

/**
 * Builds the named targets that are out of date, and before them the targets that they need. Ends this process with the exit code of
 * the builder that failed.
 */
export async function build(names = Object.keys(targets)) {
  const under = new Map();
  const start = (name) => {
    if (!under.has(name)) under.set(name, bring(name, Promise.all((targets[name].after ?? []).map(start))));
    return under.get(name);
  };
  await Promise.all(names.map(start));
}

if (process.argv[1] === import.meta.filename) {
  setUp();
  const unknown = process.argv.slice(2).find((name) => !Object.hasOwn(targets, name));
  if (unknown) {
    console.error(`There is no target "${unknown}". The targets are: ${Object.keys(targets).join(', ')}.`);
    process.exit(2);
  }
  await build(process.argv.length > 2 ? process.argv.slice(2) : undefined);
}
