// Matching of labels: case, accents and locale by Intl, with the range that matched, for marking. Pure.

/** Where in a label what is typed has to stand. */
export type MatchMode = 'starts-with' | 'contains';

/** Where in a label the match stands, in its own characters: from, up to but not including to. */
export interface Range {
  from: number;
  to: number;
}

const bare = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '');

const plain = /^[\0-\x7f]*$/;

/**
 * A label folded for comparing: no case, no accents. `starts[i]` is where in the label the folded character i
 * began, since folding may drop characters (accents) or make several of one (ß).
 */
function fold(label: string, locale: string | undefined): { text: string; starts?: number[] } {
  // Without accents every character stays where it was. Only Turkic and Lithuanian lower plain letters in a way of their own.
  if (plain.test(label) && !/^(tr|az|lt)/.test(locale ?? '')) return { text: label.toLowerCase() };
  let text = '';
  const starts: number[] = [];
  let at = 0;
  for (const sign of label) {
    const folded = bare(sign.toLocaleLowerCase(locale)).replace(/ß/g, 'ss');
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
  const wanted = fold(query, locale).text;
  return (label) => {
    if (!wanted) return { from: 0, to: 0 };
    const { text, starts } = fold(label, locale);
    const at = mode === 'starts-with' ? (text.startsWith(wanted) ? 0 : -1) : text.indexOf(wanted);
    if (at < 0) return;
    if (!starts) return { from: at, to: at + wanted.length };
    let to = starts[at + wanted.length] ?? label.length;
    // What combines with the last sign belongs to it.
    while (to < label.length && /^\p{M}/u.test(label.slice(to))) to++;
    return { from: starts[at] ?? 0, to };
  };
}
