// Marks where the query stands in rows, by the platform's own highlights: no node is added or changed.
import type { Range as Match } from '../core/collection/match.js';

interface Highlights {
  get(name: string): Set<Range> | undefined;
  set(name: string, highlight: Set<Range>): void;
}

const name = 'shell-match';

/** The ranges of one list under the highlight `shell-match`; nothing where the browser has none. */
export interface Highlighter {
  mark(
    rows: Iterable<readonly [{ label?: string }, Element]>,
    match: ((label: string) => Match | undefined) | undefined,
  ): void;
}

const textIn = (row: Element, label: string): [Text, number] | undefined => {
  const walker = row.ownerDocument.createTreeWalker(row.querySelector('[data-label]') ?? row, 4);
  for (let node = walker.nextNode() as Text | null; node; node = walker.nextNode() as Text | null) {
    const at = node.data.indexOf(label);
    if (at >= 0) return [node, at];
  }
  return undefined;
};

export function highlighter(document: Document): Highlighter {
  const view = document.defaultView as unknown as {
    CSS?: { highlights?: Highlights };
    Highlight?: new () => Set<Range>;
  };
  const mine = new Set<Range>();
  return {
    mark(rows, match) {
      const highlights = view.CSS?.highlights;
      if (!highlights || !view.Highlight || (!match && !mine.size)) return;
      if (!highlights.get(name)) highlights.set(name, new view.Highlight());
      const all = highlights.get(name)!;
      for (const range of mine) all.delete(range);
      mine.clear();
      if (!match) return;
      for (const [{ label }, row] of rows) {
        const found = label && match(label);
        const text = found && found.to > found.from && textIn(row, label);
        if (!text) continue;
        const range = document.createRange();
        range.setStart(text[0], text[1] + found.from);
        range.setEnd(text[0], text[1] + found.to);
        mine.add(range);
        all.add(range);
      }
    },
  };
}
