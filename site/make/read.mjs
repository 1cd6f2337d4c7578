// Reads the sources of the site: documents, recipes, contracts.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pageParts } from '../../packages/cli/dist/new/page.js';
import { allRecipes, filesOf, settings, settingsOf } from '../../packages/cli/dist/new/recipes.js';
import { root } from '../../scripts/setup.mjs';

/** A text of the repository, by its path from the root. */
export const textOf = (path) => readFileSync(join(root, path), 'utf8');

/** The language of a file's code, by the end of its name. */
const languageOf = (name) => name.split('.').at(-1);

/** All recipes, each with its code by setting: `{ setting, words, files: [{ name, text, language }] }`. */
export const readRecipes = () =>
  allRecipes().map((recipe) => ({
    ...recipe,
    codes: settingsOf(recipe).map((setting) => ({
      setting,
      words: settings[setting].words,
      files: filesOf(recipe, setting).map((file) => ({ ...file, language: languageOf(file.name) })),
    })),
  }));

/** Returns the recipe's markup without its script and style, for the live example on the page. */
export const liveMarkup = (recipe) => pageParts(filesOf(recipe, 'html')[0].text).markup;
