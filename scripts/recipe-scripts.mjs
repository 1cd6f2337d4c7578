// Writes the scripts of recipes in plain markup into files of their own, for the type checker:
// examples/recipes/built/scripts/<recipe>/<setting>.js.
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pageParts } from '../packages/cli/dist/new/page.js';
import { root } from './setup.mjs';

const recipes = join(root, 'examples/recipes');
const built = join(recipes, 'built/scripts');

/** Writes the scripts of all recipes in plain markup. */
export function writeRecipeScripts() {
  rmSync(built, { recursive: true, force: true });
  for (const recipe of readdirSync(recipes))
    for (const setting of ['html', 'element', 'before']) {
      const file = join(recipes, recipe, `${setting}.html`);
      if (!existsSync(file)) continue;
      const { scripts } = pageParts(readFileSync(file, 'utf8'));
      mkdirSync(join(built, recipe), { recursive: true });
      // Each is a module, with or without imports.
      writeFileSync(join(built, recipe, `${setting}.js`), `${scripts.join('\n')}\nexport {};\n`);
    }
}
