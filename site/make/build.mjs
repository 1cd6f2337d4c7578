// Builds the site: assets by Vite, then every page as a file. `node site/make/build.mjs`, or `npm run build
// site`. The documents, recipes and contracts of the repository are read, never copied; these modules turn
// them into pages.
import { cpSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../../scripts/setup.mjs';
import { allPages } from './pages.mjs';
import { frame } from './frame.mjs';
import { readRecipes } from './read.mjs';
import { searchIndex } from './search-index.mjs';
import { makeTry } from './try.mjs';

const out = join(root, 'packages/cli/site');
/** The built script, styles and live examples, by name. */
function builtAssets() {
  const manifest = JSON.parse(readFileSync(join(out, '.vite/manifest.json'), 'utf8'));
  const main = manifest['src/main.ts'];
  const live = {};
  for (const entry of Object.values(manifest))
    if (entry.isEntry && entry.name?.startsWith('live-'))
      live[entry.name.slice(5)] = { script: entry.file, styles: entry.css ?? [] };
  return { script: main.file, styles: main.css ?? [], live };
}

const assets = builtAssets();
const { pages, parts } = await allPages();
for (const page of pages) {
  const depth = page.route.split('/').length - 1;
  const to = (route) => ('../'.repeat(depth) || './') + route;
  const folder = join(out, page.route);
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'index.html'), frame(page.at(to), { parts, assets, to }));
}
writeFileSync(join(out, 'search.json'), searchIndex(pages));
await makeTry(readRecipes(), out);
cpSync(join(root, 'site/public'), out, { recursive: true });
console.log(`${pages.length} pages`);
