// `npm run types`: the core without DOM types, the library, the command line, the examples and the tests.
import { bin, run, setUp } from './setup.mjs';
import { build } from './build.mjs';

setUp();
build(['library']);
for (const project of [
  'packages/elastic-shell/src/core',
  'packages/elastic-shell',
  'packages/cli',
  'tsconfig.json',
])
  run(bin('tsc'), ['--noEmit', '-p', project]);
