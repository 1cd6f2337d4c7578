// Bundles each module that loads later together with the modules it imports. If it imported them from the page's modules, bundlers
// would have to split those into chunks of their own, which costs every page 0.3 to 1 kB.
import { join } from 'node:path';
import { build } from 'esbuild';
import { root } from './setup.mjs';

const dist = join(root, 'packages/elastic-shell/dist');

/**
 * The modules that the library imports with `import()`, except `content/loading.js`: it needs so many of the page's modules that a page
 * which loads it would pay more than the others save.
 */
const late = [
  'layer/late-hover',
  'list/highlight',
  'motion/expand-details',
  'motion/expand-fallback',
  'motion/expand-root',
  'patterns/drawer/swipe',
];

await build({
  entryPoints: late.map((name) => join(dist, `${name}.js`)),
  outdir: dist,
  outbase: dist,
  allowOverwrite: true,
  bundle: true,
  format: 'esm',
  target: 'es2022',
  sourcemap: true,
  logLevel: 'warning',
  plugins: [
    {
      name: 'late',
      setup({ onResolve }) {
        // A late module that loads another one is in the same folder, so the path stays as it is.
        onResolve({ filter: /^\./ }, ({ kind, path }) =>
          kind === 'dynamic-import' ? { path, external: true } : undefined,
        );
      },
    },
  ],
});
