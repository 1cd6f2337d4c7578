// Marks where the query stands in rows, by the platform's own highlights: no node is added or changed.
import type { Range as Match } from '../core/collection/match.js';
import { windowOf } from '../engine/dom.js';

const name = 'shell-match';

/** The ranges of one list under the highlight `shell-match`; nothing where the browser has none. */
export interface Highlighter {
  mark(
    rows: Iterable<readonly [{ label?: string }, Element]>,
    match: ((label: string) => Match | undefined) | undefined,
  ): void;
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

/** Marks where a query stands, in a document whose platform has highlights; elsewhere it does nothing. */
export function highlighter(document: Document): Highlighter {
  const mine = new Set<Range>();
  return {
    mark(rows, match) {
      if (!match && !mine.size) return;
      const highlight = highlightIn(windowOf(document));
      if (!highlight) return;
      for (const range of mine) highlight.delete(range);
      mine.clear();
      for (const [{ label }, row] of match ? rows : []) {
        const found = label && match?.(label);
        const text = found && found.to > found.from && textIn(row, label);
        if (!text) continue;
        const [node, at] = text;
        const range = document.createRange();
        range.setStart(node, at + found.from);
        range.setEnd(node, at + found.to);
        mine.add(range);
        highlight.add(range);
      }
    },
  };
}
