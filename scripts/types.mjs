// `npm run types`: the core without DOM types, the library, the command line, the site, the examples and the tests; and each gallery
// and recipe by the checker of its own framework.
import { bin, run, setUp } from './setup.mjs';
import { build } from './build.mjs';

setUp();
build(['library', 'cli', 'angular']);
// It is made of the command line's own modules, which are there now.
const { writeRecipeScripts } = await import('./recipe-scripts.mjs');
writeRecipeScripts();
for (const project of [
  'packages/elastic-shell/src/core',
  'packages/elastic-shell',
  'packages/cli',
  'packages/cli/page',
  'tsconfig.json',
  'examples/gallery-elements',
  'examples/gallery-react',
  'examples/gallery-solid',
  'examples/orders-react',
  'examples/recipes/tsconfig.html.json',
  'examples/recipes/tsconfig.react.json',
  'examples/recipes/tsconfig.solid.json',
  'site',
])
  run(bin('tsc'), ['--noEmit', '-p', project]);
run(bin('ngc'), ['--noEmit', '-p', 'packages/angular']);
run(bin('ngc'), ['--noEmit', '-p', 'examples/gallery-angular']);
run(bin('ngc'), ['--noEmit', '-p', 'examples/recipes/tsconfig.angular.json']);
for (const [folder, project] of [
  ['examples/gallery-vue', 'tsconfig.json'],
  ['examples/orders-vue', 'tsconfig.json'],
  ['examples/recipes', 'tsconfig.vue.json'],
])
  run(bin('vue-tsc'), ['--noEmit', '-p', `${folder}/${project}`]);
for (const [folder, project] of [
  ['examples/gallery-svelte', 'tsconfig.json'],
  ['examples/orders-svelte', 'tsconfig.json'],
  ['examples/recipes', 'tsconfig.svelte.json'],
])
  run(bin('svelte-check'), ['--workspace', folder, '--tsconfig', `./${project}`, '--output', 'human']);
