// Bundles for pages without a build step: a file for each entry, and shared files, which load only once with
// several entries. `importmap.json` contains the lines of an import map. `browser/production` is the same
// without option checks, and with codes for messages.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { rolldown } from 'rolldown';
import { root } from './setup.mjs';

const dist = join(root, 'packages/elastic-shell/dist');
const patterns = readdirSync(join(dist, 'patterns'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

/** Returns the modules that a module imports statically, directly or not. */
function importsOf(path, found = new Set()) {
  if (found.has(path)) return found;
  found.add(path);
  const statements = /^(?:import|export)\s*(?:[\w$\s{},*]+\sfrom\s*)?['"](\.[^'"]+)['"]/gm;
  for (const [, to] of readFileSync(path, 'utf8').matchAll(statements))
    importsOf(join(dirname(path), to), found);
  return found;
}

/**
 * Returns the file for each module. A page should load few files that contain little it does not need.
 * Modules that nearly every pattern needs are in the kernel; the others are grouped by the patterns that need
 * them.
 */
function filesOf(from) {
  const users = new Map();
  for (const name of patterns)
    for (const path of importsOf(join(from, `patterns/${name}/index.js`)))
      users.set(path, [...(users.get(path) ?? []), name]);
  const ofPage = importsOf(join(from, 'page/index.js'));
  const files = new Map();
  for (const [path, names] of users) {
    const isFor = (...others) => others.some((name) => names.includes(name));
    if (path.includes('/patterns/') || names.length < 2) continue;
    if (names.length > 12 || ofPage.has(path)) files.set(path, 'kernel');
    else if (isFor('disclosure', 'switch') || (isFor('popover') && isFor('listbox')))
      files.set(path, 'common');
    else if (isFor('dialog')) files.set(path, isFor('tabs', 'listbox') ? 'common' : 'layers');
    else if (isFor('tabs', 'listbox')) files.set(path, isFor('accordion') ? 'items' : 'lists');
    else if (isFor('popover', 'menu')) files.set(path, 'places');
  }
  return files;
}

/** The entries of the build in `from`: the module of each. */
function entriesOf(from) {
  const input = {
    'elastic-shell': join(from, 'index.js'),
    elements: join(from, 'elements/index.js'),
    journal: join(from, 'journal/index.js'),
    defaults: join(from, 'engine/defaults.js'),
    page: join(from, 'page/index.js'),
  };
  for (const name of patterns) {
    input[name] = join(from, `patterns/${name}/index.js`);
    input[`elements/${name}`] = join(from, `patterns/${name}/element.js`);
  }
  return input;
}

/** An entry of its own for each: a module that is shared too would make its entry the file of all that is shared. */
const apart = (input) => ({
  name: 'apart',
  resolveId: (id) => (id.startsWith('entry:') ? id : null),
  load: (id) =>
    id.startsWith('entry:')
      ? { code: `export * from ${JSON.stringify(input[id.slice(6)])};`, moduleSideEffects: true }
      : null,
});

const patternOf = (id) => /patterns\/(\w+)\/(?!(?:element|rules)\.js)/.exec(id)?.[1];

/** Bundles the build in `from`, and writes it with its import map to `to`. */
async function write(from, to, path) {
  const input = entriesOf(from);
  const files = filesOf(from);
  const bundle = await rolldown({
    input: Object.fromEntries(Object.keys(input).map((name) => [name, `entry:${name}`])),
    plugins: [apart(input)],
    treeshake: true,
    preserveEntrySignatures: 'allow-extension',
  });
  await bundle.write({
    dir: to,
    format: 'es',
    minify: true,
    sourcemap: true,
    entryFileNames: '[name].js',
    chunkFileNames: 'shared/[name].js',
    codeSplitting: {
      includeDependenciesRecursively: false,
      groups: [
        {
          debugName: 'shared',
          name: (id) => files.get(id) ?? patternOf(id) ?? (/\/engine\/element/.test(id) ? 'elements' : null),
        },
      ],
    },
  });
  const imports = Object.fromEntries(
    Object.keys(input).map((name) => [
      name === 'elastic-shell' ? name : `elastic-shell/${name}`,
      `/elastic-shell/${path}${name}.js`,
    ]),
  );
  writeFileSync(join(to, 'importmap.json'), `${JSON.stringify({ imports }, null, 2)}\n`);
}

await write(dist, join(dist, 'browser'), '');
await write(join(dist, 'production'), join(dist, 'browser/production'), 'production/');
