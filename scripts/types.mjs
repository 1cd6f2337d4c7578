// `npm run types`: the core without DOM types, the library, the command line, the site, the examples and the tests; each gallery and
// recipe by the checker of its own framework; and the reports of the API.
import { bin, runAsync, setUp } from './setup.mjs';
import { build } from './build.mjs';
import { whenFree } from './parallel.mjs';
import { checkWrongUses } from './wrong-uses.mjs';

setUp();
await build(['library', 'cli', 'angular']);
// It is made of the command line's own modules, which are there now.
const { writeRecipeScripts } = await import('./recipe-scripts.mjs');
writeRecipeScripts();
const projects = {
  tsc: [
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
  ],
  ngc: ['packages/angular', 'examples/gallery-angular', 'examples/recipes/tsconfig.angular.json'],
  'vue-tsc': [
    'examples/gallery-vue/tsconfig.json',
    'examples/orders-vue/tsconfig.json',
    'examples/recipes/tsconfig.vue.json',
  ],
};
const svelte = {
  'examples/gallery-svelte': 'tsconfig.json',
  'examples/orders-svelte': 'tsconfig.json',
  'examples/recipes': 'tsconfig.svelte.json',
};
const check = (name, args) => whenFree(() => runAsync(bin(name), args));
await Promise.all([
  checkWrongUses(),
  ...Object.entries(projects).flatMap(([name, all]) =>
    all.map((project) => check(name, ['--noEmit', '-p', project])),
  ),
  ...Object.entries(svelte).map(([folder, project]) =>
    check('svelte-check', ['--workspace', folder, '--tsconfig', `./${project}`, '--output', 'human']),
  ),
]);

// What users may import is as the reports say that are kept.
await runAsync(process.execPath, ['scripts/api.mjs', '--check']);
