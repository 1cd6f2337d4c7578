// Highlights the query in rows with the CSS highlights of the browser, without adding or changing nodes. In a
// long list the first rows are marked at once, and the rest in later tasks. This module loads on the first
// search.
import { matcher, type MatchMode } from '../core/collection/match.js';
import { windowOf } from '../engine/dom.js';

const name = 'shell-match';

/** What is highlighted: the query, how it is found in a label, and the language. */
export type Wanted = readonly [query: string, mode: MatchMode | undefined, locale: string | undefined];

/** The ranges of one list in the highlight `shell-match`. Empty if the browser has no highlights. */
export interface Highlighter {
  mark(rows: Iterable<readonly [{ label?: string }, Element]>, wanted: Wanted | undefined): void;
}

/** Returns the text node with the label of a row, and where the label begins in it. */
const textIn = (row: Element, label: string): [node: Node, at: number] | undefined => {
  const walker = row.ownerDocument.createTreeWalker(row.querySelector('[data-label]') ?? row, 4);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const at = node.nodeValue?.indexOf(label) ?? -1;
    if (at >= 0) return [node, at];
  }
  return undefined;
};

/** Returns the highlight of the browser, created on first use. Undefined if it has none. */
const highlightIn = (view: ReturnType<typeof windowOf>): Highlight | undefined => {
  if (!view.CSS || !('highlights' in view.CSS) || !('Highlight' in view)) return undefined;
  const highlight = view.CSS.highlights.get(name) ?? new view.Highlight();
  view.CSS.highlights.set(name, highlight);
  return highlight;
};

/** Returns the part of a row's label that matches, as a range. */
function rangeIn(
  label: string | undefined,
  row: Element,
  match: ReturnType<typeof matcher>,
): Range | undefined {
  const found = label && match(label);
  const text = found && found.to > found.from && textIn(row, label);
  if (!text) return undefined;
  const [node, at] = text;
  const range = row.ownerDocument.createRange();
  range.setStart(node, at + found.from);
  range.setEnd(node, at + found.to);
  return range;
}

/** The number of rows that are marked at once: more than any list shows. */
const atOnce = 100;

/** Highlights the query. Does nothing if the browser has no highlights. */
export function highlighter(document: Document): Highlighter {
  const mine = new Set<Range>();
  let more: ReturnType<typeof setTimeout> | undefined;
  return {
    mark(rows, wanted) {
      clearTimeout(more);
      const match = wanted && matcher(...wanted);
      if (!match && !mine.size) return;
      const highlight = highlightIn(windowOf(document));
      if (!highlight) return;
      for (const range of mine) highlight.delete(range);
      mine.clear();
      const left = match ? rows[Symbol.iterator]() : undefined;
      const go = (): void => {
        for (let marked = 0; match && left && marked < atOnce; marked++) {
          const next = left.next();
          if (next.done) return;
          const [{ label }, row] = next.value;
          const range = rangeIn(label, row, match);
          if (!range) continue;
          mine.add(range);
          highlight.add(range);
        }
        if (left) more = setTimeout(go);
      };
      go();
    },
  };
}
