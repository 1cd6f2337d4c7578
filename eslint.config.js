// Lint: TypeScript's own rules, and the architecture as rules: no import cycles, and each layer imports
// only what lies below it.
import js from '@eslint/js';
import globals from 'globals';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import importX from 'eslint-plugin-import-x';
import ts from 'typescript-eslint';

const src = './packages/elastic-shell/src';

/** `target` may not import from `from`. */
const never = (target, from, message, except = []) => ({
  target,
  from,
  message,
  ...(except.length && { except }),
});

const layers = [
  never(
    `${src}/core`,
    [`${src}/dom`, `${src}/patterns`, `${src}/elements`, `${src}/journal`],
    'The core imports nothing above it.',
  ),
  never(
    `${src}/dom`,
    [`${src}/patterns`, `${src}/elements`, `${src}/journal`],
    'The engine knows no pattern.',
  ),
  never(
    `${src}/patterns/!(index).ts`,
    [`${src}/patterns`, `${src}/elements`, `${src}/journal`],
    'Patterns never import each other.',
  ),
  never(`${src}/journal`, [`${src}/patterns`, `${src}/elements`], 'The journal stands beside the patterns.'),
  never('./packages', './examples', 'Nothing imports the examples.', []),
];

export default ts.config(
  { ignores: ['**/node_modules/', '**/dist/', '**/built/', 'packages/cli/demo/', 'coverage/'] },
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
      'import-x/no-restricted-paths': ['error', { zones: layers }],
      'import-x/no-duplicates': ['error', { 'prefer-inline': true }],
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-console': 'off',
      eqeqeq: 'error',
    },
  },
  {
    files: [`${src}/**/*.ts`.slice(2)],
    rules: { 'max-lines': ['error', { max: 250 }] },
  },
  {
    files: ['packages/elastic-shell/test/**', 'examples/desk/src/**', 'scripts/screenshots.mjs'],
    languageOptions: { globals: { ...globals.browser, ...globals.jest } },
  },
);
