// The gallery in React, made in another way than it is built: with another version of React, by its compiler, or for development. The
// page stays as it was built; its script is replaced.
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { transformAsync } from '@babel/core';
import { build, type Plugin } from 'esbuild';
import type { Page } from 'playwright-core';

const root = join(__dirname, '../../../../..');

/** How it is made. */
export interface Making {
  react?: 18 | 19;
  isCompiled?: boolean;
  isDevelopment?: boolean;
}

/** Has React's compiler memoise every component of the examples. */
const compiler: Plugin = {
  name: 'compiler',
  setup({ onLoad }) {
    onLoad({ filter: /examples\/.*\.tsx$/ }, async ({ path }) => {
      const compiled = await transformAsync(await readFile(path, 'utf8'), {
        filename: path,
        babelrc: false,
        configFile: false,
        parserOpts: { plugins: ['typescript', 'jsx'] },
        plugins: [['babel-plugin-react-compiler', { panicThreshold: 'all_errors' }]],
      });
      return { contents: compiled!.code!, loader: 'tsx' };
    });
  },
};

/** The script that `entry`, a file in examples/gallery-react/src, comes to. */
async function made(entry: string, { react = 19, isCompiled, isDevelopment }: Making): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [join(root, 'examples/gallery-react/src', entry)],
    bundle: true,
    write: false,
    format: 'esm',
    jsx: 'automatic',
    logLevel: 'error',
    conditions: [isDevelopment ? 'development' : 'production'],
    define: { 'process.env.NODE_ENV': JSON.stringify(isDevelopment ? 'development' : 'production') },
    alias: react === 18 ? { react: 'react-18', 'react-dom': 'react-dom-18' } : {},
    plugins: isCompiled ? [compiler] : [],
  });
  return outputFiles[0]!.text;
}

const known = new Map<string, Promise<string>>();

/** Has `page` run the gallery made in that way, wherever it loads its script. */
export async function useMade(page: Page, entry: string, making: Making): Promise<void> {
  const name = JSON.stringify([entry, making]);
  if (!known.has(name)) known.set(name, made(entry, making));
  const body = (await known.get(name)) ?? '';
  await page.route('**/gallery/react/*.js', (route) =>
    route.fulfill({ body, contentType: 'text/javascript' }),
  );
}

/** The other ways in which the contracts hold, and the words for them. */
export const ways: readonly (readonly [words: string, making: Making])[] = [
  [' 18', { react: 18 }],
  [', compiled', { isCompiled: true }],
];
