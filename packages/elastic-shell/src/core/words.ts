// Words that the author may give, each in place of an English one, now or later.

type Say = (...values: never[]) => string;

/** The words of `own`, looked at each time one is said, else those of `english`. */
export function wordsOf<W extends { readonly [name in keyof W]: Say }>(
  english: W,
  own: () => { readonly [name in keyof W]?: W[name] | undefined } | undefined,
): W {
  const words: Partial<W> = {};
  for (const name in english) {
    const say = (...values: never[]): string => (own()?.[name] ?? english[name])(...values);
    // Says what the word of that name says, of the same values.
    words[name] = say as W[typeof name];
  }
  // Every name of `english` has been given one.
  return words as W;
}
