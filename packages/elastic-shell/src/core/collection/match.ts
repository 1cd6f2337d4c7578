// Matching of labels: case, accents and locale by Intl, with the range that matched, for marking. Pure.
import { foldedLabel, foldText, isPlain } from './fold.js';

/** Where in a label what is typed has to stand. */
export type MatchMode = 'starts-with' | 'contains';

/** Where in a label the match stands, in its own characters: from, up to but not including to. */
export interface Range {
  from: number;
  to: number;
}

/**
 * A label folded for comparing: no case, no accents. `starts[i]` is where in the label the folded character i
 * began, since folding may drop characters (accents) or make several of one (ß).
 */
function fold(label: string, locale: string | undefined): { text: string; starts?: number[] } {
  if (isPlain(label, locale)) return { text: label.toLowerCase() };
  let text = '';
  const starts: number[] = [];
  let at = 0;
  /** A language has few signs, a label may have many. */
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

/** Makes a matcher that folds what is typed once. It answers with the range in a label, or nothing. */
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
    // What combines with the last sign belongs to it.
    const rest = /\p{M}*/uy;
    rest.lastIndex = to;
    to += rest.exec(label)?.[0].length ?? 0;
    return { from: starts[at] ?? 0, to };
  };
}
