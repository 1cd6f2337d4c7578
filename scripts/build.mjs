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
const angular = 'packages/angular';
const pages = `${library}/test/pages`;
const recipes = 'examples/recipes';
const always = ['tsconfig.base.json', 'package-lock.json', 'scripts/build.mjs'];

const targets = {
  library: {
    from: [`${library}/src`, `${library}/tsconfig.json`, 'scripts/bundles.mjs'],
    to: `${library}/dist`,
    build() {
      run(process.execPath, ['scripts/early.mjs', 'module']);
      run(bin('tsc'), ['-p', library]);
      // In place of the module that the compiler has made of it.
      run(process.execPath, ['scripts/early.mjs', 'script']);
      run(process.execPath, ['scripts/bundles.mjs']);
      run(process.execPath, ['scripts/manifest.mjs']);
      // What the compiler leaves alone: style sheets, and components that are compiled where they are used.
      for (const path of [
        'styles',
        'bindings/svelte/Rows.svelte',
        'bindings/svelte/Content.svelte',
        'bindings/svelte/Tokens.svelte',
      ])
        cpSync(join(root, library, 'src', path), join(root, library, 'dist', path), { recursive: true });
    },
  },
  cli: {
    from: [`${library}/src`, `${cli}/src`, `${cli}/page`, `${cli}/tsconfig.json`, recipes],
    to: `${cli}/dist`,
    build() {
      run(bin('tsc'), ['-p', cli]);
      // What `elastic-shell rehearse` puts into a page.
      run(bin('esbuild'), [
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
    from: [`${library}/src`, 'examples/desk', 'examples/data'],
    to: `${cli}/demo`,
    build() {
      run(bin('vite'), ['build', 'examples/desk', '--logLevel', 'warn']);
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
        from: [`${library}/src`, 'examples/gallery', `examples/gallery-${name}`],
        to: `${cli}/demo/gallery/${name}`,
        build() {
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
          run(bin('vite'), gallery, { env });
          if (!render) return;
          run(bin('vite'), [...gallery, '--ssr', render, '--outDir', join(root, cli, `render/${name}`)], {
            env,
          });
        },
      },
    ]),
  ),
  ...Object.fromEntries(
    ['react', 'vue', 'svelte'].map((name) => [
      `orders-${name}`,
      {
        from: [`${library}/src`, 'examples/data', 'examples/gallery', `examples/orders-${name}`],
        to: `${cli}/demo/orders/${name}`,
        build: () => run(bin('vite'), ['build', `examples/orders-${name}`, '--logLevel', 'error']),
      },
    ]),
  ),
  // Compiled in part, as the Angular package format asks, and flattened into one module.
  angular: {
    from: [`${library}/src`, `${angular}/src`, `${angular}/tsconfig.json`],
    to: `${angular}/dist`,
    build() {
      run(bin('ngc'), ['-p', angular]);
      run(bin('esbuild'), [
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
    from: [`${library}/src`, `${angular}/src`, 'examples/gallery', 'examples/gallery-angular'],
    to: `${cli}/demo/gallery/angular`,
    build() {
      build(['angular']);
      rmSync(join(root, 'examples/gallery-angular/built'), { recursive: true, force: true });
      run(bin('ngc'), ['-p', 'examples/gallery-angular']);
      run(
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
    from: [`${library}/src`, 'examples/server-pages', 'examples/data'],
    to: `${cli}/render/pages`,
    build() {
      const server = 'examples/server-pages';
      cpSync(
        join(root, 'node_modules/morphdom/dist/morphdom-esm.js'),
        join(root, server, 'public/built/morphdom.js'),
      );
      run(bin('esbuild'), [
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
    from: [`${library}/src`, `${angular}/src`, recipes],
    to: `${cli}/demo/live`,
    build() {
      build(['angular']);
      rmSync(join(root, recipes, 'built'), { recursive: true, force: true });
      run(bin('ngc'), ['-p', `${recipes}/tsconfig.angular.json`]);
      for (const setting of ['html', 'element', 'react', 'vue', 'svelte', 'solid', 'angular'])
        run(bin('vite'), ['build', recipes, '--logLevel', 'error', '--mode', setting], {
          env: { ...process.env, NODE_ENV: 'production' },
        });
    },
  },
  site: {
    from: [`${library}/src`, `${angular}/src`, 'docs', 'README.md', 'CHANGELOG.md', recipes, 'site'],
    to: `${cli}/site`,
    build() {
      // The recipes are read by the command line's own modules.
      build(['cli']);
      for (const options of ['typedoc.json', 'typedoc-angular.json'])
        run(bin('typedoc'), ['--options', `site/${options}`]);
      run(bin('vite'), ['build', 'site', '--logLevel', 'error']);
      run(process.execPath, ['site/make/build.mjs']);
    },
  },
  pages: {
    from: [`${library}/src`, pages],
    to: `${pages}/built`,
    build: () => run(bin('vite'), ['build', pages, '--logLevel', 'warn']),
  },
};

/** The pages in other settings, which the desk can be served without. */
export const galleries = Object.keys(targets).filter((name) => /^(gallery|orders|server)-/.test(name));

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
