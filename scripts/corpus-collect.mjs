// Draws a corpus of application source that nobody here has chosen: starter templates, examples and sites that people have published
// to npm. Names are drawn by chance, with a seed, from the list of all packages; the sources of each are fetched, and nothing of it is
// run. Writes `scripts/corpus.json`: the packages with their versions, so that the same files can be fetched again.
//
//   node scripts/corpus-collect.mjs <names.json> [--files 6000] [--seed 1]
//
// names.json is in the package `all-the-package-names`: npm pack all-the-package-names.
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

/** Names that say that a package is an application, or a beginning of one. */
const isApplication = (name) =>
  /(react|vue|nuxt|next|svelte|solid|angular|astro|vite|app|admin|site|blog|web|dashboard)/i.test(name) &&
  /(^|[-/@])(templates?|starters?|boilerplates?|examples?|demos?)($|-)/i.test(name) &&
  !/(component|widget|modal|dialog|tooltip|popover|a11y|aria|native|email|chart|types?|plugin|loader|webpack|eslint|babel)/i.test(
    name,
  );

/** Most files that one package may give: no package shall be most of the corpus. */
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
        // Taken down, or too large: another is drawn.
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
