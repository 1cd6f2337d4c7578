// Runs the tests that `elastic-shell new --test` writes: every recipe in every setting that needs no compiler of its own, in jsdom, by
// Vitest. They are written to examples/recipes/built/tests, as into a project of somebody's. With --few, some
// in plain HTML, and a dialog in each other setting.
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
// What is written in TypeScript stands the strictest checker.
const typed = join(folder, 'react');
const config = { extends: '../../../tsconfig.react.json', include: ['**/*.ts', '**/*.tsx'] };
writeFileSync(join(typed, 'tsconfig.json'), JSON.stringify(config));
run(bin('tsc'), ['--noEmit', '-p', typed]);
run(bin('vitest'), ['run', '--config', 'examples/recipes/vitest.config.ts']);
