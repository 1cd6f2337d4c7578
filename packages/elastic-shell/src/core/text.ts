// Text for labels and messages: what a label says, and the words a user hears.

/** A label as it is read out: white space folded, ends trimmed. */
export const labelText = (text: string | null | undefined): string =>
  (text ?? '').replace(/\s+/g, ' ').trim();

/** True when a label holds at least one letter or digit of any script; a lone cross or arrow does not. */
export const hasWords = (text: string | null | undefined): boolean => /[\p{L}\p{N}]/u.test(text ?? '');

/** The sentence for something that failed: the error's own message, else the error as text. */
export const failureText = (error: unknown): string =>
  labelText((error as Error | undefined)?.message ?? String(error));

const distance = (from: string, to: string): number => {
  let row = Array.from({ length: to.length + 1 }, (_, at) => at);
  for (let i = 1; i <= from.length; i++) {
    const next = [i];
    for (let j = 1; j <= to.length; j++)
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (from[i - 1] === to[j - 1] ? 0 : 1));
    row = next;
  }
  return row[to.length]!;
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
