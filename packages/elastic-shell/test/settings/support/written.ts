// Small programs as people write them (test/settings/written), bundled as their tools would, each on a page of its own.
import { join } from 'node:path';
import { readFile } from 'node:fs/promises';
import { transformAsync } from '@babel/core';
import { build, type Plugin } from 'esbuild';
import { compile, compileModule } from 'svelte/compiler';
import { desk, type Open, type Opened } from '../../browser/support/browser';

const programs = join(__dirname, '../written');

/** Solid's and Svelte's own compilers. */
const compilers: Plugin = {
  name: 'compilers',
  setup({ onLoad }) {
    onLoad({ filter: /written\/solid-.*\.jsx$/ }, async ({ path }) => {
      const compiled = await transformAsync(await readFile(path, 'utf8'), {
        filename: path,
        babelrc: false,
        configFile: false,
        parserOpts: { plugins: ['jsx'] },
        presets: ['solid'],
      });
      return { contents: compiled!.code!, loader: 'js' };
    });
    onLoad({ filter: /\.svelte(\.js)?$/ }, async ({ path }) => {
      const make = path.endsWith('.js') ? compileModule : compile;
      const { js } = make(await readFile(path, 'utf8'), { filename: path, dev: true });
      return { contents: js.code, loader: 'js' };
    });
  },
};

/** Runs the program `name` on an empty page, in a development build. */
export async function runWritten(open: Open, name: string, markup = '<div id="app"></div>'): Promise<Opened> {
  const { outputFiles } = await build({
    entryPoints: [join(programs, name)],
    bundle: true,
    write: false,
    format: 'esm',
    target: 'es2022',
    conditions: ['development', 'browser', 'svelte'],
    plugins: [compilers],
    define: {
      'process.env.NODE_ENV': '"development"',
      __VUE_OPTIONS_API__: 'true',
      __VUE_PROD_DEVTOOLS__: 'false',
      __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: 'false',
    },
  });
  const opened = await open('about:blank');
  const { page } = opened;
  await page.route('**/written*', (route) =>
    route.fulfill(
      route.request().url().endsWith('.js')
        ? { contentType: 'text/javascript', body: outputFiles[0]!.text }
        : {
            contentType: 'text/html',
            body: `<!doctype html><html lang="en"><head><title>Written</title><link rel="icon" href="/mark.svg"></head><body>${markup}<script type="module" src="/written.js"></script></body></html>`,
          },
    ),
  );
  await page.goto(desk('written.html'));
  await page.waitForFunction(() => 'ready' in globalThis);
  await page.unrouteAll();
  return opened;
}
