// The recipes that come with the command line: what there is, and the files of one in a setting.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Where a recipe can be built: its main file, and what it is called in words. */
export const settings = {
  html: { file: 'html.html', words: 'HTML' },
  element: { file: 'element.html', words: 'Elements' },
  react: { file: 'react.tsx', words: 'React' },
  vue: { file: 'vue.vue', words: 'Vue' },
  svelte: { file: 'svelte.svelte', words: 'Svelte' },
  solid: { file: 'solid.tsx', words: 'Solid' },
  angular: { file: 'angular.ts', words: 'Angular' },
} as const;

/** The name of a setting, as `--for` takes it. */
export type Setting = keyof typeof settings;

/** A recipe, as `recipes.json` says of it. */
export interface Recipe {
  name: string;
  /** The component that it exports, or the file is named for. */
  component: string;
  title: string;
  patterns: readonly string[];
  /** What stands beside it, by setting. */
  parts?: Partial<Record<Setting, readonly string[]>>;
}

/** A file to be written: its name in the user's folder, and what stands in it. */
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

/** The settings that a recipe is written for. */
export const settingsOf = (recipe: Recipe): Setting[] =>
  (Object.keys(settings) as Setting[]).filter((setting) => existsSync(sourceOf(recipe, setting)));

/** `TideTimes` as files of plain markup and of Angular are named: `tide-times`. */
export const kebab = (component: string): string =>
  component.replaceAll(/(?!^)[A-Z]/g, (letter) => `-${letter}`).toLowerCase();

/** The main file's name in the user's folder. */
export function fileNameOf({ component }: Recipe, setting: Setting): string {
  if (setting === 'html' || setting === 'element') return `${kebab(component)}.html`;
  if (setting === 'angular') return `${kebab(component)}.ts`;
  const end = { react: 'tsx', solid: 'tsx', vue: 'vue', svelte: 'svelte' }[setting];
  return `${component}.${end}`;
}

/** The files of a recipe in a setting that it is written for, its main one first. */
export function filesOf(recipe: Recipe, setting: Setting): RecipeFile[] {
  return [
    { name: fileNameOf(recipe, setting), text: readFileSync(sourceOf(recipe, setting), 'utf8') },
    ...(recipe.parts?.[setting] ?? []).map((name) => ({
      name,
      text: readFileSync(join(folder, recipe.name, name), 'utf8'),
    })),
  ];
}
