// Builds what the pages of the site load: one script and style sheet for all, and a script for each live example, which is the script
// of that recipe in plain HTML, as it is there.
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';
import recipes from '../examples/recipes/recipes.json';
import { pageParts } from '../packages/cli/src/new/page.ts';

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const pageOf = (recipe: string): string => here(`../examples/recipes/${recipe}/html.html`);

/** `live:dialog` is the script of that recipe; what it imports is found beside it. */
const live: Plugin = {
  name: 'live-examples',
  resolveId: (id) => (id.startsWith('live:') ? `${pageOf(id.slice(5))}?live.js` : null),
  load(id) {
    if (!id.endsWith('?live.js')) return null;
    const { scripts, sheets } = pageParts(readFileSync(id.slice(0, -8), 'utf8'));
    // Its office is pretended, and only on the pages whose example asks it.
    const office = scripts.some((script) => script.includes('fetch(')) ? ["import '../pages/office';"] : [];
    return [...office, ...sheets.map((href) => `import '${href}';`), ...scripts].join('\n');
  },
};

export default defineConfig({
  root: here('.'),
  base: './',
  publicDir: false,
  plugins: [live],
  build: {
    outDir: here('../packages/cli/site'),
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    modulePreload: false,
    target: 'es2022',
    // What browsers have for themselves is not written another way: light-dark() would follow the page's colour scheme alone.
    cssTarget: ['chrome123', 'firefox128', 'safari17.5'],
    rollupOptions: {
      output: {
        codeSplitting: {
          // Few files pack better than many: what most pages load is one.
          groups: [
            {
              name: 'engine',
              test: (id) => id.includes('packages/elastic-shell') && !id.includes('/patterns/'),
              minShareCount: 5,
            },
          ],
        },
      },
      input: {
        main: here('./src/main.ts'),
        'live-home': here('./src/home.ts'),
        'live-theme': here('./src/theme.ts'),
        ...Object.fromEntries(recipes.map(({ name }) => [`live-${name}`, `live:${name}`])),
      },
    },
  },
});
