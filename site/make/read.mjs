// Reads what the site is made of: documents, recipes, contracts.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../../scripts/setup.mjs';

/** A text of the repository, by its path from the root. */
export const textOf = (path) => readFileSync(join(root, path), 'utf8');

/** The settings in the order in which they are shown: name, file, words, language of its code. */
export const settings = [
  { name: 'html', file: 'html.html', words: 'HTML', language: 'html' },
  { name: 'element', file: 'element.html', words: 'Elements', language: 'html' },
  { name: 'react', file: 'react.tsx', words: 'React', language: 'tsx' },
  { name: 'vue', file: 'vue.vue', words: 'Vue', language: 'vue' },
  { name: 'svelte', file: 'svelte.svelte', words: 'Svelte', language: 'svelte' },
  { name: 'solid', file: 'solid.tsx', words: 'Solid', language: 'tsx' },
  { name: 'angular', file: 'angular.ts', words: 'Angular', language: 'ts' },
];

/** All recipes, each with its code by setting: `{ setting, files: [{ name, text, language }] }`. */
export function readRecipes() {
  const recipes = JSON.parse(textOf('examples/recipes/recipes.json'));
  return recipes.map((recipe) => ({
    ...recipe,
    codes: settings.flatMap((setting) => codeOf(recipe, setting)),
  }));
}

const languages = { css: 'css', js: 'js', tsx: 'tsx', vue: 'vue', svelte: 'svelte' };

function codeOf(recipe, setting) {
  const folder = `examples/recipes/${recipe.name}`;
  if (!existsSync(join(root, folder, setting.file))) return [];
  const parts = (recipe.parts?.[setting.name] ?? []).map((name) => ({
    name,
    text: textOf(`${folder}/${name}`),
    language: languages[name.split('.').at(-1)],
  }));
  const own = { name: undefined, text: textOf(`${folder}/${setting.file}`), language: setting.language };
  return [{ setting, files: [own, ...parts] }];
}

/** The recipe's markup without its script and style: what stands on a page of the site as its live example. */
export const liveMarkup = (recipe) =>
  textOf(`examples/recipes/${recipe.name}/html.html`)
    .replaceAll(/<script[\s\S]*?<\/script>\n?/g, '')
    .replaceAll(/<link [^>]*>\n*/g, '')
    .replace(/^<!--.*-->\n/, '')
    .trim();
