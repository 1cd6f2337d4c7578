// Builds the library, the command line, the desk and the test pages; each only when its sources are newer.
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { bin, root, run, setUp } from './setup.mjs';

const newest = (path) => {
  if (!existsSync(path)) return 0;
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(
    0,
    ...readdirSync(path)
      .filter((name) => !/^(node_modules|dist|demo|built)$/.test(name))
      .map((name) => newest(join(path, name))),
  );
};

const library = 'packages/elastic-shell';
const cli = 'packages/cli';
const pages = `${library}/test/pages`;
const always = ['tsconfig.base.json', 'package-lock.json', 'scripts/build.mjs'];

const targets = {
  library: {
    from: [`${library}/src`, `${library}/tsconfig.json`],
    to: `${library}/dist`,
    build() {
      run(bin('tsc'), ['-p', library]);
      cpSync(join(root, library, 'src/styles'), join(root, library, 'dist/styles'), { recursive: true });
    },
  },
  cli: {
    from: [`${library}/src`, `${cli}/src`, `${cli}/tsconfig.json`],
    to: `${cli}/dist`,
    build: () => run(bin('tsc'), ['-p', cli]),
  },
  desk: {
    from: [`${library}/src`, 'examples'],
    to: `${cli}/demo`,
    build: () => run(bin('vite'), ['build', 'examples/desk', '--logLevel', 'warn']),
  },
  pages: {
    from: [`${library}/src`, pages],
    to: `${pages}/built`,
    build: () => run(bin('vite'), ['build', pages, '--logLevel', 'warn']),
  },
};

/** Builds the named targets that are out of date. Exits with the builder's code when one fails. */
export function build(names = Object.keys(targets)) {
  for (const name of names) {
    const { from, to, build: make } = targets[name];
    const stamp = join(root, to, '.stamp');
    const changed = Math.max(...[...from, ...always].map((path) => newest(join(root, path))));
    if (existsSync(stamp) && statSync(stamp).mtimeMs >= changed) continue;
    console.log(`Building ${name}…`);
    rmSync(join(root, to), { recursive: true, force: true });
    mkdirSync(join(root, to), { recursive: true });
    const began = new Date();
    make();
    writeFileSync(stamp, '');
    utimesSync(stamp, began, began);
  }
}

if (process.argv[1] === import.meta.filename) {
  setUp();
  build(process.argv.length > 2 ? process.argv.slice(2) : undefined);
}
