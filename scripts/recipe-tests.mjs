// Runs the tests that `elastic-shell new --test` writes: every recipe in every framework that needs no
// compiler of its own, in jsdom, with Vitest. They are written to examples/recipes/built/tests, as in a
// user's project. With --few, some in plain HTML, and a dialog in each other framework.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { bin, root, run, setUp } from './setup.mjs';

setUp();
await build(['library', 'cli']);
const { allRecipes, filesOf, settingsOf } = await import('../packages/cli/dist/new/recipes.js');
const { testOf } = await import('../packages/cli/dist/new/tests.js');

const isFew = process.argv.includes('--few');
/** One that opens, one that has items, one that is typed into, and a job that several patterns do together. React's own complaints besides. */
const few = {
  html: ['dialog', 'tabs', 'combobox', 'edit-order'],
  react: ['dialog', 'confirmation', 'edit-order'],
};
const folder = join(root, 'examples/recipes/built/tests');
rmSync(folder, { recursive: true, force: true });
for (const recipe of allRecipes())
  for (const setting of settingsOf(recipe)) {
    // Angular's templates are compiled by Angular.
    if (setting === 'angular') continue;
    if (isFew && !(few[setting] ?? ['dialog']).includes(recipe.name)) continue;
    const place = join(folder, setting, recipe.name);
    mkdirSync(place, { recursive: true });
    for (const { name, text } of [
      ...filesOf(recipe, setting),
      testOf(recipe, setting, { runner: 'vitest', isTyped: true }),
    ])
      writeFileSync(join(place, name), text);
  }
// The TypeScript files pass the strictest checks.
const typed = join(folder, 'react');
const config = { extends: '../../../tsconfig.react.json', include: ['**/*.ts', '**/*.tsx'] };
writeFileSync(join(typed, 'tsconfig.json'), JSON.stringify(config));
run(bin('tsc'), ['--noEmit', '-p', typed]);
run(bin('vitest'), ['run', '--config', 'examples/recipes/vitest.config.ts']);
