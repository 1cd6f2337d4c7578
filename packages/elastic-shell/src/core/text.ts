// Text for labels and messages.

/**
 * Normalises a label as screen readers do: white space is collapsed, and the ends are trimmed.
 *
 * @param text - The text.
 * @returns The label.
 */
export const labelText = (text: string | null | undefined): string =>
  (text ?? '').replace(/\s+/g, ' ').trim();

/**
 * Returns true if a label contains a letter or a digit of any script. A lone cross or arrow doesn't count.
 */
export const hasWords = (text: string | null | undefined): boolean => /[\p{L}\p{N}]/u.test(text ?? '');

/** Returns the sentence for a failure: the message of the error, or the error as text. */
export const failureText = (error: unknown): string =>
  labelText(
    typeof error === 'object' && error !== null && 'message' in error ? String(error.message) : String(error),
  );

/**
 * Returns the number of letters to insert, remove or change to turn one word into the other (Levenshtein).
 */
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

/**
 * Returns the word that `word` was probably meant to be: at most a third of its letters differ (or two).
 *
 * @param word - The given word.
 * @param words - The possible words.
 * @returns The most similar word, or undefined.
 */
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
