// Collects a corpus of foreign application source: starter templates, examples and sites that people have
// published on npm. Names are chosen at random, with a seed, from the list of all packages. The sources of
// each are fetched, and none of their code runs. Writes `scripts/corpus.json`: the packages with their
// versions, so that the same files can be fetched again.  node scripts/corpus-collect.mjs <names.json>
// [--files 6000] [--seed 1]  names.json is in the package `all-the-package-names`: npm pack
// all-the-package-names.
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { distinct, fetched, filesOf, versionOf } from './corpus.mjs';
import { drawer } from './random.mjs';

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { files: { type: 'string', default: '6000' }, seed: { type: 'string', default: '1' } },
});
const [list] = positionals;
if (!list) throw new Error('name the list of all packages: node scripts/corpus-collect.mjs names.json');

/** Names that suggest an application, or a template for one. */
const isApplication = (name) =>
  /(react|vue|nuxt|next|svelte|solid|angular|astro|vite|app|admin|site|blog|web|dashboard)/i.test(name) &&
  /(^|[-/@])(templates?|starters?|boilerplates?|examples?|demos?)($|-)/i.test(name) &&
  !/(component|widget|modal|dialog|tooltip|popover|a11y|aria|native|email|chart|types?|plugin|loader|webpack|eslint|babel)/i.test(
    name,
  );

/** The maximum number of files from one package, so that none dominates the corpus. */
const mostEach = 60;

const names = JSON.parse(readFileSync(list, 'utf8')).filter(isApplication);
const draw = drawer(Number(values.seed));
const order = names.map((name) => ({ name, at: draw() })).sort((one, other) => one.at - other.at);
const wanted = Number(values.files);
const isNew = distinct();
const packages = {};
let count = 0;
console.log(`${names.length} packages have such a name.`);
const waiting = order.values();
await Promise.all(
  Array.from({ length: 6 }, async () => {
    for (const { name } of waiting) {
      if (count >= wanted) return;
      try {
        const version = await versionOf(name);
        const place = await fetched(name, version);
        const files = filesOf(place).slice(0, mostEach).filter(isNew);
        if (!files.length) rmSync(place, { recursive: true, force: true });
        if (!files.length || count >= wanted) continue;
        packages[name] = version;
        count += files.length;
        if (Object.keys(packages).length % 20 === 0)
          console.log(`${Object.keys(packages).length} packages, ${count} files`);
      } catch {
        // Removed, or too large, so another one is chosen.
      }
    }
  }),
);
const sorted = Object.fromEntries(Object.entries(packages).sort(([one], [other]) => (one < other ? -1 : 1)));
writeFileSync(
  join(import.meta.dirname, 'corpus.json'),
  `${JSON.stringify({ seed: Number(values.seed), mostEach, packages: sorted }, null, 2)}\n`,
);
console.log(`${Object.keys(packages).length} packages, ${count} files`);
