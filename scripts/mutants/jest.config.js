// Jest for one run of mutants: the tests of one project that needs no browser, in one file.
import { join } from 'node:path';
import config from '../../jest.config.js';

const wanted = process.env.MUTANTS_WITH ?? 'core';
const { displayName: _, ...project } = config.projects.find(({ displayName }) => displayName === wanted);

const together = {
  core: { first: [], without: [] },
  // The first counts what the engine keeps, and finds nothing of others that way. The last two want a module loaded afresh.
  dom: { first: ['lives.test.ts'], without: ['copies.test.ts', 'testing.test.ts'] },
};

export default {
  ...project,
  rootDir: process.cwd(),
  testMatch: ['<rootDir>/scripts/mutants/together.js'],
  globals: {
    ...project.globals,
    TOGETHER: { folder: join(process.cwd(), 'packages/elastic-shell/test', wanted), ...together[wanted] },
  },
};
