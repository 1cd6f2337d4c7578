// Bundles for pages without a build step: a file an entry, and beside them what entries share, which must be there once
// however many of them a page loads. `importmap.json` has the lines of an import map.
import { readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { rolldown } from 'rolldown';
import { root } from './setup.mjs';

const library = join(root, 'packages/elastic-shell');
const dist = join(library, 'dist');
const patterns = readdirSync(join(dist, 'patterns'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

const input = {
  'elastic-shell': join(dist, 'index.js'),
  elements: join(dist, 'elements/index.js'),
  journal: join(dist, 'journal/index.js'),
  defaults: join(dist, 'engine/defaults.js'),
  page: join(dist, 'page/index.js'),
};
for (const name of patterns) {
  input[name] = join(dist, `patterns/${name}/index.js`);
  input[`elements/${name}`] = join(dist, `patterns/${name}/element.js`);
}

const bundle = await rolldown({ input, treeshake: true });
await bundle.write({
  dir: join(dist, 'browser'),
  format: 'es',
  minify: true,
  sourcemap: true,
  entryFileNames: '[name].js',
  chunkFileNames: 'shared/[name].js',
  codeSplitting: {
    groups: [
      { name: 'engine', test: (id) => !id.includes('/patterns/'), minShareCount: 6 },
      {
        name: (id) => /patterns\/(\w+)\//.exec(id)?.[1],
        debugName: 'patterns',
        // Not what defines an element: whoever wires by himself wants none. Nor the rules, which are the journal's.
        test: /\/patterns\/(?!index)(?!.*(element|rules)\.js$)/,
        minShareCount: 1,
      },
    ],
  },
});

const specifier = (name) => (name === 'elastic-shell' ? name : `elastic-shell/${name}`);
const imports = Object.fromEntries(
  Object.keys(input).map((name) => [specifier(name), `/elastic-shell/${name}.js`]),
);
writeFileSync(join(dist, 'browser/importmap.json'), `${JSON.stringify({ imports }, null, 2)}\n`);
