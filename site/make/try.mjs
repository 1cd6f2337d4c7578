// Builds the frame in which edited examples run: one classic script with all recipes, each of which runs on
// demand.
import { readFileSync, writeFileSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { pageParts } from '../../packages/cli/dist/new/page.js';
import { root } from '../../scripts/setup.mjs';

const folderOf = (recipe) => join(root, 'examples/recipes', recipe);

/** The scripts of recipes as modules: `try:recipes` for all of them, `try:dialog` for one. */
const scripts = (names) => ({
  name: 'scripts-of-recipes',
  setup(building) {
    building.onResolve({ filter: /^try:/ }, ({ path }) => ({ path, namespace: 'try' }));
    building.onLoad({ filter: /.*/, namespace: 'try' }, ({ path }) => {
      const name = path.slice('try:'.length);
      if (name === 'recipes')
        return {
          contents: `export default { ${names.map((each) => `'${each}': () => import('try:${each}')`).join(', ')} }`,
          resolveDir: root,
        };
      const { scripts: texts, sheets } = pageParts(readFileSync(join(folderOf(name), 'html.html'), 'utf8'));
      const office = texts.some((text) => text.includes('fetch(')) ? ["import '../pages/office';"] : [];
      return {
        contents: [...office, ...sheets.map((href) => `import '${href}';`), ...texts].join('\n'),
        resolveDir: folderOf(name),
      };
    });
  },
});

/** Writes the page of the frame, its script and its style sheet, into `out`. */
export async function makeTry(recipes, out) {
  const folder = join(out, 'try');
  mkdirSync(folder, { recursive: true });
  await build({
    entryPoints: [join(root, 'site/src/try.ts')],
    outfile: join(folder, 'try.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    conditions: ['production'],
    plugins: [scripts(recipes.map(({ name }) => name))],
  });
  writeFileSync(
    join(folder, 'index.html'),
    `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>Result</title>
    <link rel="stylesheet" href="./try.css" />
  </head>
  <body data-controls>
    <script src="./try.js"></script>
  </body>
</html>
`,
  );
}
