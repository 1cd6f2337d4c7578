// Every recipe as a stranger gets it: `new … --test` into a project with defaults, for Vitest in TypeScript and for Jest in JavaScript.
// What it writes passes as it is, and `check` finds nothing in it; with a page, ESLint and `rehearse` neither. Everything is installed
// afresh, so this takes minutes.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeProject, packAll, runIn } from './support/project';

const vite = (plugin: string, call: string): string =>
  `import { defineConfig } from 'vite';\n${plugin}\nexport default defineConfig({ plugins: [${call}] });\n`;
const withVitest = { vite: '8.3.8', vitest: '4.1.12', jsdom: '^27', typescript: '~6.0.3' };
const withJest = {
  jest: '30.5.2',
  'jest-environment-jsdom': '30.5.2',
  'babel-jest': '30.5.2',
  '@babel/preset-env': '^7',
};
/** What Jest needs for packages that are modules, as the guide of testing says. */
const babel = (preset: string): Record<string, string> => ({
  'jest.config.json': JSON.stringify({
    transform: { '\\.[jt]sx?$': 'babel-jest' },
    transformIgnorePatterns: ['/node_modules/(?!elastic-shell)'],
    moduleNameMapper: { '\\.css$': '<rootDir>/empty.js' },
  }),
  'empty.js': 'module.exports = {};',
  'babel.config.json': `{ "presets": [["@babel/preset-env", { "targets": { "node": "current" } }]${preset}] }`,
});

interface Stranger {
  setting: string;
  depends: Record<string, string>;
  files: Record<string, string>;
  manifest?: object;
  test: readonly string[];
  /** A page with two recipes: its script and the name of that, and the parser that ESLint reads files with this ending with. */
  page?: { main: string; script: string; parser: string; ends: string };
}

const sheets = "import 'elastic-shell/structure.css';\nimport 'elastic-shell/skin.css';\n";
const linters = { eslint: '10.15.0', 'playwright-core': '1.65.1' };

const strangers: Record<string, Stranger> = {
  'React, Vitest': {
    setting: 'react',
    depends: {
      ...withVitest,
      react: '19.3.1',
      'react-dom': '19.3.1',
      '@types/react': '19.3.0',
      '@types/react-dom': '19.3.0',
      '@vitejs/plugin-react': '6.3.0',
    },
    files: { 'vite.config.ts': vite("import react from '@vitejs/plugin-react';", 'react()') },
    test: ['vitest', 'run'],
    page: {
      main: 'main.tsx',
      script: `import { createRoot } from 'react-dom/client';
import { TideTimes } from './dialog/TideTimes';
import { BoatRecord } from './tabs/BoatRecord';
createRoot(document.getElementById('app')!).render(<><TideTimes /><BoatRecord /></>);`,
      parser: 'typescript-eslint',
      ends: 'tsx',
    },
  },
  'Vue, Vitest': {
    setting: 'vue',
    depends: { ...withVitest, vue: '3.5.45', '@vitejs/plugin-vue': '6.0.11' },
    files: { 'vite.config.ts': vite("import vue from '@vitejs/plugin-vue';", 'vue()') },
    test: ['vitest', 'run'],
    page: {
      main: 'main.ts',
      script: `import { createApp, h } from 'vue';
import TideTimes from './dialog/TideTimes.vue';
import BoatRecord from './tabs/BoatRecord.vue';
createApp({ render: () => [h(TideTimes), h(BoatRecord)] }).mount('#app');`,
      parser: 'vue-eslint-parser',
      ends: 'vue',
    },
  },
  'Svelte, Vitest': {
    setting: 'svelte',
    depends: { ...withVitest, svelte: '5.57.3', '@sveltejs/vite-plugin-svelte': '7.3.1' },
    files: {
      // As the guide of Svelte says of tests in jsdom.
      'vite.config.ts': `import { defineConfig } from 'vite';
import { svelte } from '@sveltejs/vite-plugin-svelte';
export default defineConfig({ plugins: [svelte()], resolve: process.env.VITEST ? { conditions: ['browser'] } : {} });\n`,
    },
    test: ['vitest', 'run'],
    page: {
      main: 'main.ts',
      script: `import { mount } from 'svelte';
import TideTimes from './dialog/TideTimes.svelte';
import BoatRecord from './tabs/BoatRecord.svelte';
for (const each of [TideTimes, BoatRecord]) mount(each, { target: document.getElementById('app')! });`,
      parser: 'svelte-eslint-parser',
      ends: 'svelte',
    },
  },
  'Solid, Vitest': {
    setting: 'solid',
    depends: { ...withVitest, 'solid-js': '1.9.19', 'vite-plugin-solid': '2.11.14' },
    files: { 'vite.config.ts': vite("import solid from 'vite-plugin-solid';", 'solid()') },
    test: ['vitest', 'run'],
    page: {
      main: 'main.tsx',
      script: `import { render } from 'solid-js/web';
import { TideTimes } from './dialog/TideTimes';
import { BoatRecord } from './tabs/BoatRecord';
render(() => <><TideTimes /><BoatRecord /></>, document.getElementById('app')!);`,
      parser: 'typescript-eslint',
      ends: 'tsx',
    },
  },
  'HTML, Vitest': { setting: 'html', depends: withVitest, files: {}, test: ['vitest', 'run'] },
  'elements, Vitest': { setting: 'element', depends: withVitest, files: {}, test: ['vitest', 'run'] },
  'React, Jest': {
    setting: 'react',
    depends: { ...withJest, react: '19.3.1', 'react-dom': '19.3.1', '@babel/preset-react': '^7' },
    files: babel(', ["@babel/preset-react", { "runtime": "automatic" }]'),
    manifest: { type: 'commonjs' },
    test: ['jest'],
  },
  'Solid, Jest': {
    setting: 'solid',
    depends: { ...withJest, 'solid-js': '1.9.19', 'babel-preset-solid': '^1.9' },
    files: {
      ...babel(', "babel-preset-solid"'),
      'jest.config.json': JSON.stringify({
        transform: { '\\.[jt]sx?$': 'babel-jest' },
        transformIgnorePatterns: ['/node_modules/(?!(elastic-shell|solid-js))'],
        moduleNameMapper: { '\\.css$': '<rootDir>/empty.js' },
        testEnvironmentOptions: { customExportConditions: ['browser'] },
      }),
    },
    manifest: { type: 'commonjs' },
    test: ['jest'],
  },
  'HTML, Jest': {
    setting: 'html',
    depends: withJest,
    files: babel(''),
    manifest: { type: 'commonjs' },
    test: ['jest'],
  },
};

const packed = packAll();

/** What else stands in a project with a page: the page, and a configuration for ESLint. */
const pageFiles = ({
  main,
  script,
  parser,
  ends,
}: NonNullable<Stranger['page']>): Record<string, string> => ({
  'index.html': `<!doctype html><html lang="en"><title>Yard</title><main><h1>Yard</h1><div id="app"></div></main><script type="module" src="/src/${main}"></script></html>`,
  [`src/${main}`]: `${sheets}${script}\n`,
  'eslint.config.js': `import * as found from '${parser}';
import elasticShell from 'elastic-shell-cli/eslint';
const parser = found.default?.parser ?? found.parser ?? found.default ?? found;
export default [
  ...elasticShell.configs.recommended,
  { files: ['**/*.${ends}'], languageOptions: { parser, parserOptions: { parser: '@typescript-eslint/parser', ecmaFeatures: { jsx: true } } } },
];\n`,
});

it.each(Object.entries(strangers))('%s', (_, { setting, depends, files, manifest, test, page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'stranger-'));
  const parser = page && { ...linters, [page.parser]: '*', '@typescript-eslint/parser': '*' };
  makeProject(
    folder,
    {
      depends: { ...depends, ...parser, 'elastic-shell-cli': '' },
      files: { ...files, ...(page && pageFiles(page)) },
      ...(manifest && { manifest }),
    },
    packed,
  );
  const recipes = JSON.parse(
    readFileSync(join(folder, 'node_modules/elastic-shell-cli/recipes/recipes.json'), 'utf8'),
  ) as { name: string }[];
  const written = recipes.filter(({ name }) => {
    try {
      runIn(folder, 'npx', 'elastic-shell', 'new', name, '--for', setting, '--in', `src/${name}`, '--test');
      return true;
    } catch (error) {
      // Not written for this setting: the command says so.
      if (/is not written for/.test(`${error}`)) return false;
      throw error;
    }
  });
  expect(written.length).toBeGreaterThan(15);
  expect(runIn(folder, 'npx', 'elastic-shell', 'check', 'src')).toMatch(/nothing found\.\n$/);
  runIn(folder, 'npx', ...test);
  if (!page) return;
  runIn(folder, 'npx', 'eslint', `src/**/*.${page.ends}`);
  runIn(folder, 'npx', 'vite', 'build');
  expect(runIn(folder, 'npx', 'elastic-shell', 'rehearse', 'dist', '--only', 'dialog,tabs')).toMatch(
    /^2 widgets: \d+ checks pass, 0 fail/m,
  );
});
