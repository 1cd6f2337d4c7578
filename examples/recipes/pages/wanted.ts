// The recipe in the address, from those that are built for this framework.
import recipes from '../recipes.json';

/** Loads the recipe in the address. Throws an Error with its name if there is none. */
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
