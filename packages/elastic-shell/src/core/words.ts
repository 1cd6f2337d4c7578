// Texts that the author can replace, now or later.

type Say = (...values: never[]) => string;

/** Returns the texts of `own`, read each time, or those of `english`. */
export function wordsOf<W extends { readonly [name in keyof W]: Say }>(
  english: W,
  own: () => { readonly [name in keyof W]?: W[name] | undefined } | undefined,
): W {
  const words: Partial<W> = {};
  for (const name in english) {
    const say = (...values: never[]): string => (own()?.[name] ?? english[name])(...values);
    // Returns the text of that name, with the same values.
    words[name] = say as W[typeof name];
  }
  // Every name of `english` is present.
  return words as W;
}
