// Marks where the query stands in rows, by the platform's own highlights: no node is added or changed. Of many rows the
// first are marked at once, those further down in tasks of their own. Loaded when something is first searched for.
import { matcher, type MatchMode } from '../core/collection/match.js';
import { windowOf } from '../engine/dom.js';

const name = 'shell-match';

/** What is marked: what was typed, how it is found in a label, and in which language. */
export type Wanted = readonly [query: string, mode: MatchMode | undefined, locale: string | undefined];

/** The ranges of one list under the highlight `shell-match`; nothing where the browser has none. */
export interface Highlighter {
  mark(rows: Iterable<readonly [{ label?: string }, Element]>, wanted: Wanted | undefined): void;
}

/** The text node of a row that holds its label, and where the label begins in it. */
const textIn = (row: Element, label: string): [node: Node, at: number] | undefined => {
  const walker = row.ownerDocument.createTreeWalker(row.querySelector('[data-label]') ?? row, 4);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const at = node.nodeValue?.indexOf(label) ?? -1;
    if (at >= 0) return [node, at];
  }
  return undefined;
};

/** The platform's highlight of that name, made when it is first wanted; undefined where there are none. */
const highlightIn = (view: ReturnType<typeof windowOf>): Highlight | undefined => {
  if (!view.CSS || !('highlights' in view.CSS) || !('Highlight' in view)) return undefined;
  const highlight = view.CSS.highlights.get(name) ?? new view.Highlight();
  view.CSS.highlights.set(name, highlight);
  return highlight;
};

/** Where the label of a row fits, as a range of the page. */
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

/** Rows that are marked in one go: more than are in view of any list. */
const atOnce = 100;

/** Marks where a query stands, in a document whose platform has highlights; elsewhere it does nothing. */
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
