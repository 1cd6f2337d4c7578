declare module 'try:recipes' {
  /** The script of each recipe in plain HTML, by the recipe's name. */
  const recipes: Record<string, () => Promise<unknown>>;
  export default recipes;
}
