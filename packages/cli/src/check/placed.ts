// Findings with their places in the text.
import { examine, type Finding } from 'elastic-shell/rules';
import { withAdopted } from './adopted.js';
import { type Edit, fixOf } from './fix.js';
import type { ReadPage } from './source.js';

/** A finding with its place in the text. */
export interface Placed extends Omit<Finding, 'element'> {
  /** From 0. */
  offset: number;
  /** From 1. */
  line: number;
  /** From 1, in UTF-16 code units. */
  column: number;
  /** The line that the element begins on, from 1. */
  startLine: number;
  /** What mends it, where a program can. */
  fix?: Edit | undefined;
}

/** Where the lines of a text begin. */
function linesOf(text: string): number[] {
  const starts = [0];
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1);
  return starts;
}

/** The last of `starts` that is not after `offset`. */
function lineOf(starts: readonly number[], offset: number): number {
  let low = 0;
  let high = starts.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((starts[middle] ?? 0) <= offset) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Runs the rules on what was read of a text; findings stand in the order of the text. */
export function checkPages(text: string, pages: readonly ReadPage[]): Placed[] {
  let starts: number[] | undefined;
  const placed = pages.flatMap((page) =>
    examine(withAdopted(page.roots), page.kind).map((finding): Placed => {
      starts ??= linesOf(text);
      const offset = page.places.of(finding.element, finding.attribute);
      const line = lineOf(starts, offset);
      const startLine = lineOf(starts, page.places.of(finding.element)) + 1;
      const { element: _, ...said } = finding;
      const place = { offset, line: line + 1, column: offset - (starts[line] ?? 0) + 1, startLine };
      return { ...said, ...place, fix: fixOf(finding, page) };
    }),
  );
  return placed.sort((one, other) => one.offset - other.offset);
}
