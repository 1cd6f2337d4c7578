// What the project builds: the library, the command line, the desk, the pages in every framework, the site and the test pages.
import { cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, root, runAsync as run } from './setup.mjs';

const library = 'packages/elastic-shell';
const cli = 'packages/cli';
const angular = 'packages/angular';
const pages = `${library}/test/pages`;
const drive = `${library}/test/drive`;
const recipes = 'examples/recipes';

/** Builds as applications are released: Vite takes another build of the library if `NODE_ENV` is set to `test`, as Jest does. */
const released = { env: { ...process.env, NODE_ENV: 'production' } };

/** Has everything wait for its first touch that can, however few there are of it: for `npm run test:untouched`. */
function letEverythingWait() {
  const file = join(root, library, 'dist/engine/many.js');
  const text = readFileSync(file, 'utf8');
  if (!text.includes('most = 50;')) throw new Error(`${file} no longer says how many are wired in full.`);
  writeFileSync(file, text.replace('most = 50;', 'most = 0;'));
}

/**
 * By name: `from` is what it is made of, `to` is the folder it is written into, `after` are the targets that must be built before it,
 * and `keep` names folders in `to` that belong to other targets.
 */
export const targets = {
  library: {
    from: [
      `${library}/src`,
      `${library}/tsconfig.json`,
      'scripts/bundles.mjs',
      'scripts/editors.mjs',
      'scripts/late.mjs',
      'scripts/manifest.mjs',
      'scripts/production.mjs',
      'scripts/styles.mjs',
    ],
    to: `${library}/dist`,
    async build() {
      await run(process.execPath, ['scripts/early.mjs', 'module']);
      await run(bin('tsc'), ['-p', library]);
      if (process.env.EVERYTHING_WAITS) letEverythingWait();
      // In place of the module that the compiler has made of it.
      await run(process.execPath, ['scripts/early.mjs', 'script']);
      await run(process.execPath, ['scripts/late.mjs']);
      await run(process.execPath, ['scripts/manifest.mjs']);
      await run(process.execPath, ['scripts/styles.mjs']);
      // What the compiler leaves alone: components that are compiled where they are used.
      for (const path of [
        'bindings/svelte/Rows.svelte',
        'bindings/svelte/Content.svelte',
        'bindings/svelte/Tokens.svelte',
      ])
        cpSync(join(root, library, 'src', path), join(root, library, 'dist', path), { recursive: true });
      await run(process.execPath, ['scripts/production.mjs']);
      await run(process.execPath, ['scripts/bundles.mjs']);
    },
  },
  cli: {
    after: ['library'],
    from: [`${library}/src`, `${cli}/src`, `${cli}/page`, `${cli}/tsconfig.json`, recipes],
    to: `${cli}/dist`,
    async build() {
      await run(bin('tsc'), ['-p', cli]);
      // What `elastic-shell rehearse` puts into a page.
      await run(bin('esbuild'), [
        `${cli}/page/index.ts`,
        '--bundle',
        '--minify',
        '--format=iife',
        '--log-level=warning',
        `--outfile=${cli}/dist/rehearse/page.js`,
      ]);
      // What `elastic-shell new` writes.
      rmSync(join(root, cli, 'recipes'), { recursive: true, force: true });
      cpSync(join(root, recipes), join(root, cli, 'recipes'), {
        recursive: true,
        // The recipes, without what builds them.
        filter: (path) =>
          !/recipes\/(built|pages|snippets|node_modules|package.json|(vite|ts)[^/]*$)/.test(path),
      });
    },
  },
  desk: {
    after: ['library'],
    keep: ['gallery', 'orders', 'live'],
    from: [`${library}/src`, 'examples/desk', 'examples/data'],
    to: `${cli}/demo`,
    async build() {
      await run(bin('vite'), ['build', 'examples/desk', '--logLevel', 'warn'], released);
      cpSync(join(root, library, 'dist/early.js'), join(root, cli, 'demo/early.js'));
    },
  },
  ...Object.fromEntries(
    [
      ['react', 'src/render.tsx'],
      ['vue', 'src/render.ts'],
      ['svelte', 'src/render.ts'],
      ['solid', 'src/render.tsx'],
      ['elements'],
    ].map(([name, render]) => [
      `gallery-${name}`,
      {
        after: ['library'],
        from: [`${library}/src`, 'examples/gallery', `examples/gallery-${name}`],
        to: `${cli}/demo/gallery/${name}`,
        async build() {
          // In development builds frameworks mount twice, and warn of what they would mend in silence.
          const gallery = [
            'build',
            `examples/gallery-${name}`,
            '--logLevel',
            'error',
            '--mode',
            'development',
          ];
          const env = { ...process.env, NODE_ENV: 'development' };
          await run(bin('vite'), gallery, { env });
          if (!render) return;
          await run(
            bin('vite'),
            [...gallery, '--ssr', render, '--outDir', join(root, cli, `render/${name}`)],
            {
              env,
            },
          );
        },
      },
    ]),
  ),
  ...Object.fromEntries(
    ['react', 'vue', 'svelte'].map((name) => [
      `orders-${name}`,
      {
        after: ['library'],
        from: [`${library}/src`, 'examples/data', 'examples/gallery', `examples/orders-${name}`],
        to: `${cli}/demo/orders/${name}`,
        build: () => run(bin('vite'), ['build', `examples/orders-${name}`, '--logLevel', 'error'], released),
      },
    ]),
  ),
  // Compiled in part, as the Angular package format asks, and flattened into one module.
  angular: {
    after: ['library'],
    from: [`${library}/src`, `${angular}/src`, `${angular}/tsconfig.json`],
    to: `${angular}/dist`,
    async build() {
      await run(bin('ngc'), ['-p', angular]);
      await run(bin('esbuild'), [
        `${angular}/dist/esm/index.js`,
        '--bundle',
        '--format=esm',
        '--target=esnext',
        // Angular's linker looks for its own letters.
        '--charset=utf8',
        '--packages=external',
        '--sourcemap',
        `--outfile=${angular}/dist/fesm2022/elastic-shell-angular.mjs`,
        '--log-level=warning',
      ]);
      rmSync(join(root, angular, 'dist/esm'), { recursive: true });
    },
  },
  'gallery-angular': {
    after: ['angular'],
    from: [`${library}/src`, `${angular}/src`, 'examples/gallery', 'examples/gallery-angular'],
    to: `${cli}/demo/gallery/angular`,
    async build() {
      rmSync(join(root, 'examples/gallery-angular/built'), { recursive: true, force: true });
      await run(bin('ngc'), ['-p', 'examples/gallery-angular']);
      await run(
        bin('vite'),
        ['build', 'examples/gallery-angular', '--logLevel', 'error', '--mode', 'development'],
        {
          env: { ...process.env, NODE_ENV: 'development' },
        },
      );
    },
  },
  // A server without a framework: it is served with the desk, and started alone by `node examples/server-pages/server.js`.
  'server-pages': {
    after: ['library'],
    from: [`${library}/src`, 'examples/server-pages', 'examples/data'],
    to: `${cli}/render/pages`,
    async build() {
      const server = 'examples/server-pages';
      for (const [from, to] of [
        ['morphdom/dist/morphdom-esm.js', 'morphdom.js'],
        ['idiomorph/dist/idiomorph.esm.js', 'idiomorph.js'],
      ])
        cpSync(join(root, 'node_modules', from), join(root, server, 'public/built', to));
      await run(bin('esbuild'), [
        `${server}/server.js`,
        '--bundle',
        '--platform=node',
        '--format=esm',
        '--external:elastic-shell',
        `--outfile=${cli}/render/pages/server.js`,
        '--log-level=warning',
      ]);
      cpSync(join(root, server, 'public'), join(root, cli, 'render/pages/public'), { recursive: true });
    },
  },
  // Every recipe as a page, for the tests.
  recipes: {
    after: ['angular'],
    from: [`${library}/src`, `${angular}/src`, recipes],
    to: `${cli}/demo/live`,
    async build() {
      rmSync(join(root, recipes, 'built'), { recursive: true, force: true });
      await run(bin('ngc'), ['-p', `${recipes}/tsconfig.angular.json`]);
      // A script that a recipe imports, which the compiler leaves where it is.
      cpSync(
        join(root, recipes, 'tide-plot/tide-plot.js'),
        join(root, recipes, 'built/tide-plot/tide-plot.js'),
      );
      for (const setting of ['html', 'element', 'react', 'vue', 'svelte', 'solid', 'angular'])
        await run(bin('vite'), ['build', recipes, '--logLevel', 'error', '--mode', setting], {
          env: { ...process.env, NODE_ENV: 'production' },
        });
    },
  },
  // The documentation of every entry, of which the site makes pages.
  reference: {
    after: ['library'],
    from: [`${library}/src`, `${angular}/src`, 'site/typedoc.json', 'site/typedoc-angular.json'],
    to: 'site/built',
    async build() {
      for (const options of ['typedoc.json', 'typedoc-angular.json'])
        await run(bin('typedoc'), ['--options', `site/${options}`]);
    },
  },
  // The recipes are read by the command line's own modules.
  site: {
    after: ['reference', 'cli'],
    from: [`${library}/src`, `${angular}/src`, 'docs', 'README.md', 'CHANGELOG.md', recipes, 'site'],
    to: `${cli}/site`,
    async build() {
      await run(bin('vite'), ['build', 'site', '--logLevel', 'error'], released);
      await run(process.execPath, ['site/make/build.mjs']);
    },
  },
  pages: {
    // One of the pages loads a second copy of the library: the built one.
    after: ['library'],
    from: [`${library}/src`, pages, drive, `${cli}/src/drive`],
    to: `${pages}/built`,
    async build() {
      await run(bin('vite'), ['build', pages, '--logLevel', 'warn'], released);
      // The test environment starts Firefox and WebKit with it.
      await run(bin('esbuild'), [
        `${drive}/index.ts`,
        '--bundle',
        '--platform=node',
        '--format=esm',
        '--packages=external',
        `--outfile=${pages}/built/drive.mjs`,
        '--log-level=warning',
      ]);
    },
  },
};
