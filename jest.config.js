// The core without a DOM, the engine in the oldest and the newest jsdom that are supported, the binding of
// React in React 18 as well, the tools, and everything in Chromium.
import { findBrowser } from './scripts/browsers.js';

/** Minutes that one test may take before it has failed: far more than it needs, on a machine that is busy with other things. */
const within = (minutes) => ({
  setupFilesAfterEnv: ['<rootDir>/scripts/test/support/timeout.js'],
  globals: { TIMEOUT: minutes * 60_000 },
});

const shared = {
  transform: {
    '^.+\\.[jt]s$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }],
  },
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^elastic-shell$': '<rootDir>/packages/elastic-shell/src/index.ts',
    '^elastic-shell/(core|journal|elements|server|inspector|testing|rehearsal|page)$':
      '<rootDir>/packages/elastic-shell/src/$1/index.ts',
    '^elastic-shell/describe$': '<rootDir>/packages/elastic-shell/src/described/index.ts',
    '^elastic-shell/rules$': '<rootDir>/packages/elastic-shell/src/journal/rules/index.ts',
    '^elastic-shell/engine$': '<rootDir>/packages/elastic-shell/src/engine.ts',
    '^elastic-shell/defaults$': '<rootDir>/packages/elastic-shell/src/engine/defaults.ts',
    '^elastic-shell/(react|vue|solid)$': '<rootDir>/packages/elastic-shell/src/bindings/$1/index.ts',
    // Every other entry is a pattern.
    '^elastic-shell/([a-z]+)$': '<rootDir>/packages/elastic-shell/src/patterns/$1/index.ts',
  },
};

const minutes = process.env.LONG ? 60 : 10;
const inBrowser = {
  ...shared,
  ...within(minutes),
  testEnvironment: '<rootDir>/packages/elastic-shell/test/browser/support/environment.js',
  globalSetup: '<rootDir>/packages/elastic-shell/test/browser/support/global-setup.js',
  globalTeardown: '<rootDir>/packages/elastic-shell/test/browser/support/global-teardown.js',
};

const tests = (files) => `<rootDir>/packages/elastic-shell/test/${files}.test.ts`;

export default {
  maxWorkers: 2,
  reporters: ['default', '<rootDir>/scripts/test/support/slowest.js'],
  testSequencer: '<rootDir>/scripts/test/support/sequencer.js',
  projects: [
    {
      ...shared,
      ...within(5),
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [tests('core/**/*')],
    },
    {
      ...shared,
      ...within(10),
      displayName: 'tools',
      testEnvironment: 'node',
      globalSetup: '<rootDir>/scripts/test/support/global-setup.js',
      testMatch: [
        '<rootDir>/packages/cli/test/**/*.test.ts',
        '<rootDir>/examples/*/test/**/*.test.ts',
        '<rootDir>/scripts/test/**/*.test.ts',
      ],
    },
    {
      ...shared,
      ...within(5),
      displayName: 'dom',
      testEnvironment: 'jsdom',
      testMatch: [tests('dom/**/*')],
    },
    {
      ...shared,
      ...within(5),
      displayName: 'dom-29',
      testEnvironment: '<rootDir>/packages/elastic-shell/test/dom/environment-29.js',
      testMatch: [tests('dom/**/*')],
    },
    {
      ...shared,
      moduleNameMapper: {
        '^(react|react-dom)$': '$1-18',
        '^(react|react-dom)/(.*)$': '$1-18/$2',
        ...shared.moduleNameMapper,
      },
      ...within(5),
      displayName: 'react-18',
      testEnvironment: 'jsdom',
      testMatch: [tests('dom/react*')],
    },
    {
      ...inBrowser,
      displayName: 'browser',
      testMatch: [tests('{browser,browsers}/**/*')],
    },
    {
      ...inBrowser,
      displayName: 'settings',
      testMatch: [tests('settings/**/*')],
    },
    // The same tests in Firefox and WebKit, where they are installed: what is for every browser, and all of it in the long run.
    ...['firefox', 'webkit'].filter(findBrowser).map((name) => ({
      ...inBrowser,
      displayName: name,
      globals: { ...inBrowser.globals, BROWSER: name },
      testMatch: [
        tests('browsers/**/*'),
        ...(process.env.LONG
          ? [tests('{browser,settings}/**/*'), tests('long/conformance'), tests('long/looks')]
          : []),
      ],
    })),
    // What takes as long as it takes: `npm run test:long`.
    ...(process.env.LONG
      ? [
          {
            ...inBrowser,
            displayName: 'long',
            // And all of what `npm test` runs a part of.
            testMatch: [
              tests('long/**/*'),
              tests('settings/recipes'),
              '<rootDir>/scripts/test/recipe-tests.test.ts',
            ],
          },
        ]
      : []),
  ],
};
