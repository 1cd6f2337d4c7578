// Lint: TypeScript's own rules, and the architecture as rules: no import cycles, each service imports only what lies
// below it, patterns never each other, and no function over 80 lines.
import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import globals from 'globals';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import importX from 'eslint-plugin-import-x';
import ts from 'typescript-eslint';

const src = './packages/elastic-shell/src';

/** The services by floor: each imports only what stands on its own floor or below it. */
const floors = [
  ['core'],
  ['engine', 'events', 'announce'],
  ['labels', 'form', 'focus'],
  ['layer', 'list'],
  ['content', 'motion', 'position'],
];
const services = floors.flat();
/** What a file under `src` may never import besides. */
const above = ['patterns', 'page', 'elements', 'bindings', 'described', 'journal', 'engine.ts', 'index.ts'];

/** `target` may not import from `from`. */
const never = (target, from, message, except = []) => ({
  target,
  from,
  message,
  ...(except.length && { except }),
});

const zones = [
  ...floors.flatMap((floor, at) =>
    floor.map((service) =>
      never(
        `${src}/${service}`,
        [...floors.slice(at + 1).flat(), ...above].map((other) => `${src}/${other}`),
        'A service knows no pattern, and nothing that stands on a floor above it.',
      ),
    ),
  ),
  never(
    `${src}/core`,
    services.slice(1).map((service) => `${src}/${service}`),
    'The core imports nothing but itself.',
  ),
  ...readdirSync(`${src}/patterns`, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) =>
      never(`${src}/patterns/${name}`, `${src}/patterns`, 'Patterns never import each other.', [`./${name}`]),
    ),
  never(
    `${src}/patterns`,
    ['page', 'elements', 'bindings', 'described', 'journal', 'engine.ts', 'index.ts'].map(
      (other) => `${src}/${other}`,
    ),
    'A pattern imports services and the core.',
  ),
  never(
    `${src}/journal`,
    [`${src}/patterns`, `${src}/elements`],
    'The journal reads descriptions; it imports no pattern.',
  ),
  ...['react', 'vue', 'svelte', 'solid'].map((name) =>
    never(`${src}/bindings/${name}`, `${src}/bindings`, 'A binding knows no other framework.', [
      `./${name}`,
      ...['bound', 'engine-options', 'handle', 'handles', 'hosts', 'in-place', 'patterns', 'ports'].map(
        (file) => `./${file}.ts`,
      ),
    ]),
  ),
  never('./packages', './examples', 'Nothing imports the examples.', []),
];

export default ts.config(
  {
    ignores: [
      '**/node_modules/',
      '**/dist/',
      '**/built/',
      'release/',
      'packages/cli/demo/',
      'packages/elastic-shell/test/wrong/',
      'packages/cli/recipes/',
      'packages/cli/render/',
      'packages/cli/site/',
      'coverage/',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  importX.flatConfigs.typescript,
  {
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [
        createTypeScriptImportResolver({
          noWarnOnMultipleProjects: true,
          project: ['tsconfig.json', 'packages/*/tsconfig.json'],
        }),
      ],
    },
    languageOptions: { globals: globals.node },
    rules: {
      'import-x/no-cycle': ['error', { ignoreExternal: true }],
      'import-x/no-restricted-paths': ['error', { zones }],
      'import-x/no-duplicates': ['error', { 'prefer-inline': true }],
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // What others declare is added to by an interface that only extends.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      'no-console': 'off',
      eqeqeq: 'error',
    },
  },
  {
    files: [`${src}/**/*.ts`.slice(2), 'packages/angular/src/*.ts'],
    rules: {
      // Without comments: every public member has a docstring with tags.
      'max-lines': ['error', { max: 250, skipComments: true }],
      'max-lines-per-function': [
        'error',
        { max: 80, skipComments: false, skipBlankLines: false, IIFEs: true },
      ],
    },
  },
  {
    // A directive is the handle that its base class makes it: declared as an interface beside it.
    files: ['packages/angular/src/*.ts'],
    rules: { '@typescript-eslint/no-unsafe-declaration-merging': 'off' },
  },
  {
    // One file of types stands behind three entries of Svelte.
    files: ['**/bindings/svelte/**'],
    rules: { 'import-x/no-duplicates': 'off' },
  },
  {
    // What is written there is for its types alone.
    files: ['packages/elastic-shell/test/types.ts'],
    rules: { '@typescript-eslint/no-unused-vars': 'off' },
  },
  {
    files: ['site/public/**/*.js', 'examples/recipes/*/*.js', 'examples/recipes/snippets/**/*.js'],
    languageOptions: { globals: { ...globals.browser, ...globals.jest } },
    // The steps of a recipe's test stand within a function that `new` writes around them.
    rules: { 'no-undef': 'off' },
  },
  {
    files: [
      'packages/elastic-shell/test/**',
      'examples/*/src/**',
      'examples/server-pages/public/**',
      'scripts/screenshots.mjs',
      'scripts/trace.mjs',
      'scripts/bench-desk.mjs',
      'scripts/bench-settings.mjs',
    ],
    languageOptions: { globals: { ...globals.browser, ...globals.jest } },
  },
);
