// Every recipe as a stranger gets it: `new … --test` into a project with defaults, for Vitest in TypeScript and for Jest in JavaScript.
// What it writes passes as it is, and `check` finds nothing in it. Everything is installed afresh, so this takes minutes.
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
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
}

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
  },
  'Vue, Vitest': {
    setting: 'vue',
    depends: { ...withVitest, vue: '3.5.45', '@vitejs/plugin-vue': '6.0.11' },
    files: { 'vite.config.ts': vite("import vue from '@vitejs/plugin-vue';", 'vue()') },
    test: ['vitest', 'run'],
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
  },
  'Solid, Vitest': {
    setting: 'solid',
    depends: { ...withVitest, 'solid-js': '1.9.19', 'vite-plugin-solid': '2.11.14' },
    files: { 'vite.config.ts': vite("import solid from 'vite-plugin-solid';", 'solid()') },
    test: ['vitest', 'run'],
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

it.each(Object.entries(strangers))('%s', (_, { setting, depends, files, manifest, test }) => {
  const folder = mkdtempSync(join(tmpdir(), 'stranger-'));
  makeProject(
    folder,
    { depends: { ...depends, 'elastic-shell-cli': '' }, files, ...(manifest && { manifest }) },
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
  expect(readdirSync(join(folder, 'src')).sort()).toEqual(written.map(({ name }) => name).sort());
  expect(runIn(folder, 'npx', 'elastic-shell', 'check', 'src')).toMatch(/nothing found\.\n$/);
  runIn(folder, 'npx', ...test);
});
