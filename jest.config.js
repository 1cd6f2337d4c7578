// The core without a DOM, the engine in the oldest and the newest jsdom that are supported, and everything in Chromium.
import { findBrowser } from './scripts/browsers.js';

const shared = {
  transform: {
    '^.+\\.[jt]s$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }],
  },
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^elastic-shell$': '<rootDir>/packages/elastic-shell/src/index.ts',
    '^elastic-shell/(core|journal|elements|server|inspector|testing|rehearsal)$':
      '<rootDir>/packages/elastic-shell/src/$1/index.ts',
    '^elastic-shell/rules$': '<rootDir>/packages/elastic-shell/src/journal/rules/index.ts',
    '^elastic-shell/engine$': '<rootDir>/packages/elastic-shell/src/engine.ts',
    '^elastic-shell/defaults$': '<rootDir>/packages/elastic-shell/src/engine/defaults.ts',
    '^elastic-shell/(react|vue|solid)$': '<rootDir>/packages/elastic-shell/src/bindings/$1/index.ts',
    '^elastic-shell/(accordion|carousel|combobox|dialog|disclosure|drawer|listbox|menu|popover|switch|tabs|tooltip|tree)$':
      '<rootDir>/packages/elastic-shell/src/patterns/$1/index.ts',
  },
};

const inBrowser = {
  ...shared,
  testEnvironment: 'node',
  globalSetup: '<rootDir>/packages/elastic-shell/test/browser/support/global-setup.js',
  globalTeardown: '<rootDir>/packages/elastic-shell/test/browser/support/global-teardown.js',
};

const tests = (files) => `<rootDir>/packages/elastic-shell/test/${files}.test.ts`;

export default {
  maxWorkers: 2,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/packages/elastic-shell/test/core/**/*.test.ts',
        '<rootDir>/packages/cli/test/**/*.test.ts',
        '<rootDir>/examples/*/test/**/*.test.ts',
        '<rootDir>/scripts/test/**/*.test.ts',
      ],
    },
    {
      ...shared,
      displayName: 'dom',
      testEnvironment: 'jsdom',
      testMatch: ['<rootDir>/packages/elastic-shell/test/dom/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'dom-29',
      testEnvironment: '<rootDir>/packages/elastic-shell/test/dom/environment-29.js',
      testMatch: ['<rootDir>/packages/elastic-shell/test/dom/**/*.test.ts'],
    },
    {
      ...inBrowser,
      displayName: 'browser',
      testMatch: [
        '<rootDir>/packages/elastic-shell/test/browser/**/*.test.ts',
        '<rootDir>/packages/elastic-shell/test/browsers/**/*.test.ts',
      ],
    },
    {
      ...inBrowser,
      displayName: 'settings',
      testMatch: ['<rootDir>/packages/elastic-shell/test/settings/**/*.test.ts'],
    },
    // The same tests in Firefox and WebKit, where they are installed: what is for every browser, and all of it in the long run.
    ...['firefox', 'webkit'].filter(findBrowser).map((name) => ({
      ...inBrowser,
      displayName: name,
      globals: { BROWSER: name },
      testMatch: [
        tests('browsers/**/*'),
        ...(process.env.LONG ? [tests('{browser,settings}/**/*'), tests('long/conformance')] : []),
      ],
    })),
    // What takes as long as it takes: `npm run test:long`.
    ...(process.env.LONG
      ? [
          {
            ...inBrowser,
            displayName: 'long',
            testMatch: ['<rootDir>/packages/elastic-shell/test/long/**/*.test.ts'],
          },
        ]
      : []),
  ],
};
