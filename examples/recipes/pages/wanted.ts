// The recipe that the address names, of those that are built for this setting.
import recipes from '../recipes.json';

/** Loads the recipe that the address names; throws an Error that names it where there is none. */
export async function recipeWanted<M>(
  all: Record<string, () => Promise<M>>,
  file: string,
): Promise<{ module: M; component: string }> {
  const wanted = new URLSearchParams(location.search).get('recipe') ?? '';
  const recipe = recipes.find(({ name }) => name === wanted);
  const load = all[`../${wanted}/${file}`];
  if (!recipe || !load) throw new Error(`There is no recipe "${wanted}" in ${file}.`);
  return { module: await load(), component: recipe.component };
}
