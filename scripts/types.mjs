// `npm run types`: the core without DOM types, the library, the command line, the examples and the tests; and each gallery by the
// checker of its own framework.
import { bin, run, setUp } from './setup.mjs';
import { build } from './build.mjs';

setUp();
build(['library', 'angular']);
for (const project of [
  'packages/elastic-shell/src/core',
  'packages/elastic-shell',
  'packages/cli',
  'tsconfig.json',
  'examples/gallery-elements',
  'examples/gallery-react',
  'examples/gallery-solid',
  'examples/orders-react',
])
  run(bin('tsc'), ['--noEmit', '-p', project]);
run(bin('ngc'), ['--noEmit', '-p', 'packages/angular']);
run(bin('ngc'), ['--noEmit', '-p', 'examples/gallery-angular']);
for (const name of ['gallery', 'orders']) {
  run(bin('vue-tsc'), ['--noEmit', '-p', `examples/${name}-vue`]);
  const svelte = [
    '--workspace',
    `examples/${name}-svelte`,
    '--tsconfig',
    './tsconfig.json',
    '--output',
    'human',
  ];
  run(bin('svelte-check'), svelte);
}
