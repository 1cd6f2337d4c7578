// Recipes, built, and used with the keyboard as a person would: each in plain HTML and in one of the other settings that it is written for,
// which follow each other in turn. The long run has every recipe in every setting.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { desk, useBrowser } from '../browser/support/browser';
import { steps } from './support/recipe-steps';

const folder = join(__dirname, '../../../../examples/recipes');
const recipes = JSON.parse(readFileSync(join(folder, 'recipes.json'), 'utf8')) as { name: string }[];

const files: Record<string, string> = {
  html: 'html.html',
  element: 'element.html',
  react: 'react.tsx',
  vue: 'vue.vue',
  svelte: 'svelte.svelte',
  solid: 'solid.tsx',
  angular: 'angular.ts',
};
/** The jobs of which the office fails first. */
const failing = ['confirmation'];

const { open } = useBrowser();

const addressOf = (recipe: string, setting: string): string => {
  const query = failing.includes(recipe) ? '&fails' : '';
  return setting === 'html' || setting === 'element'
    ? desk(`live/${recipe}/${setting}.html?${query}`)
    : desk(`live/pages/${setting}.html?recipe=${recipe}${query}`);
};

it('has steps for every recipe', () => {
  expect(Object.keys(steps).sort()).toEqual(recipes.map(({ name }) => name).sort());
});

/** The settings of a recipe that are run: all, or two of them. */
function settingsOf(recipe: string, at: number): string[] {
  const written = Object.keys(files).filter((setting) => existsSync(join(folder, recipe, files[setting]!)));
  const [first, ...others] = written;
  return process.env['LONG'] ? written : [first!, ...others.slice(at % others.length || 0).slice(0, 1)];
}

describe.each(recipes.map(({ name }, at) => [name, at] as const))('%s', (recipe, at) => {
  it.each(settingsOf(recipe, at))('in %s', async (setting) => {
    const opened = await open(addressOf(recipe, setting));
    await opened.page.waitForSelector('main button, main [role]', { state: 'attached' });
    await opened.page.evaluate(() => new Promise(requestAnimationFrame));
    await steps[recipe]!(opened.page);
  });
});
