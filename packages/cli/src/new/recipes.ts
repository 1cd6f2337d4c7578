// The recipes that come with the command line, and the files of one in a framework.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** A framework for recipes: its main file, and its name in words. */
export const settings = {
  html: { file: 'html.html', words: 'HTML' },
  element: { file: 'element.html', words: 'Elements' },
  react: { file: 'react.tsx', words: 'React' },
  vue: { file: 'vue.vue', words: 'Vue' },
  svelte: { file: 'svelte.svelte', words: 'Svelte' },
  solid: { file: 'solid.tsx', words: 'Solid' },
  angular: { file: 'angular.ts', words: 'Angular' },
} as const;

/** The name of a framework, as `--for` accepts it. */
export type Setting = keyof typeof settings;

/** A recipe, as described in `recipes.json`. */
export interface Recipe {
  name: string;
  /** The component that it exports, or after which the file is named. */
  component: string;
  title: string;
  patterns: readonly string[];
  /** Other files that it needs, by framework. */
  parts?: Partial<Record<Setting, readonly string[]>>;
}

/** A file to write: its name in the user's folder, and its content. */
export interface RecipeFile {
  name: string;
  text: string;
}

const folder = fileURLToPath(new URL('../../recipes', import.meta.url));
const sourceOf = (recipe: Recipe, setting: Setting): string =>
  join(folder, recipe.name, settings[setting].file);

/** All recipes, in the order in which they are listed. */
export const allRecipes = (): readonly Recipe[] =>
  JSON.parse(readFileSync(join(folder, 'recipes.json'), 'utf8')) as Recipe[];

/** Returns the frameworks in which a recipe exists. */
export const settingsOf = (recipe: Recipe): Setting[] =>
  (Object.keys(settings) as Setting[]).filter((setting) => existsSync(sourceOf(recipe, setting)));

/** Returns `TideTimes` as file names of plain markup and Angular: `tide-times`. */
export const kebab = (component: string): string =>
  component.replaceAll(/(?!^)[A-Z]/g, (letter) => `-${letter}`).toLowerCase();

/** Returns the name of the main file in the user's folder. */
export function fileNameOf({ component }: Recipe, setting: Setting): string {
  if (setting === 'html' || setting === 'element') return `${kebab(component)}.html`;
  if (setting === 'angular') return `${kebab(component)}.ts`;
  const end = { react: 'tsx', solid: 'tsx', vue: 'vue', svelte: 'svelte' }[setting];
  return `${component}.${end}`;
}

/** Returns the files of a recipe in a framework, its main one first. */
export function filesOf(recipe: Recipe, setting: Setting): RecipeFile[] {
  return [
    { name: fileNameOf(recipe, setting), text: readFileSync(sourceOf(recipe, setting), 'utf8') },
    ...(recipe.parts?.[setting] ?? []).map((name) => ({
      name,
      text: readFileSync(join(folder, recipe.name, name), 'utf8'),
    })),
  ];
}
