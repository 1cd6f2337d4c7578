// Matching labels: case, accents and locale with Intl, and the matching range for highlighting. Pure.
import { foldedLabel, foldText, isPlain } from './fold.js';

/** The position of the typed text in a label. */
export type MatchMode = 'starts-with' | 'contains';

/** The matching range of a label: from, and up to but excluding to. */
export interface Range {
  from: number;
  to: number;
}

/**
 * A folded label. `starts[i]` is the position of the folded character i in the label, because folding can
 * remove characters (accents) or produce several (ß).
 */
function fold(label: string, locale: string | undefined): { text: string; starts?: number[] } {
  if (isPlain(label, locale)) return { text: label.toLowerCase() };
  let text = '';
  const starts: number[] = [];
  let at = 0;
  /** A language has few characters, but a label may have many. */
  const known = new Map<string, string>();
  for (const sign of label) {
    const folded = known.get(sign) ?? foldText(sign, locale);
    known.set(sign, folded);
    for (let each = 0; each < folded.length; each++) starts.push(at);
    text += folded;
    at += sign.length;
  }
  starts.push(label.length);
  return { text, starts };
}

/**
 * Creates a function that matches labels.
 *
 * @param query - The typed text.
 * @param mode - Where the text must be.
 * @param locale - The language, as a BCP 47 tag.
 * @returns A function that returns the matching range of a label, or undefined.
 */
export function matcher(
  query: string,
  mode: MatchMode = 'contains',
  locale?: string,
): (label: string) => Range | undefined {
  const wanted = foldedLabel(query, locale);
  return (label) => {
    if (!wanted) return { from: 0, to: 0 };
    const { text, starts } = fold(label, locale);
    const at = mode === 'starts-with' ? (text.startsWith(wanted) ? 0 : -1) : text.indexOf(wanted);
    if (at < 0) return;
    if (!starts) return { from: at, to: at + wanted.length };
    let to = starts[at + wanted.length] ?? label.length;
    // Combining characters belong to the character before them.
    const rest = /\p{M}*/uy;
    rest.lastIndex = to;
    to += rest.exec(label)?.[0].length ?? 0;
    return { from: starts[at] ?? 0, to };
  };
}
