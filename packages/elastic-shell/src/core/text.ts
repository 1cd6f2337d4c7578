// Text for labels and messages: what a label says, and the words a user hears.

/** A label as it is read out: white space folded, ends trimmed. */
export const labelText = (text: string | null | undefined): string =>
  (text ?? '').replace(/\s+/g, ' ').trim();

/** True when a label holds at least one letter or digit of any script; a lone cross or arrow does not. */
export const hasWords = (text: string | null | undefined): boolean => /[\p{L}\p{N}]/u.test(text ?? '');

/** The sentence for something that failed: the error's own message, else the error as text. */
export const failureText = (error: unknown): string =>
  labelText(
    typeof error === 'object' && error !== null && 'message' in error ? String(error.message) : String(error),
  );

/** How many letters have to be put in, taken out or changed to make one word of the other (Levenshtein). */
const distance = (from: string, to: string): number => {
  let row = Array.from({ length: to.length + 1 }, (_, at) => at);
  for (const [at, letter] of [...from].entries()) {
    let left = at + 1;
    row = row.map((above, column) => {
      if (!column) return left;
      const diagonal = row[column - 1] ?? 0;
      left = Math.min(above + 1, left + 1, diagonal + (to[column - 1] === letter ? 0 : 1));
      return left;
    });
  }
  return row.at(-1) ?? 0;
};

/** The word of `words` that `word` was most likely meant to be: at most a third of its letters apart (at least two). */
export function nearest(word: string, words: Iterable<string>): string | undefined {
  const lower = word.toLowerCase();
  let best: string | undefined;
  let least = Math.max(2, Math.ceil(word.length / 3)) + 1;
  for (const other of words) {
    if (Math.abs(other.length - word.length) >= least) continue;
    const apart = distance(lower, other.toLowerCase());
    if (apart < least) [best, least] = [other, apart];
  }
  return best;
}
