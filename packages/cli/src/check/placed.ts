// Findings with their positions in the text.
import { examine, type Finding, type Markup } from 'elastic-shell/rules';
import { withAdopted } from './adopted.js';
import { type Edit, fixOf } from './fix.js';
import type { Places, ReadPage } from './source.js';

/** A position in a text. */
export interface Place {
  /** From 0. */
  offset: number;
  /** From 1. */
  line: number;
  /** From 1, in UTF-16 code units. */
  column: number;
  /** The line on which the element begins, from 1. */
  startLine: number;
}

/** A finding with its position in the text. */
export interface Placed extends Omit<Finding, 'element'>, Place {
  /** The fix, if there is one. */
  fix?: Edit | undefined;
}

/** Returns the offsets at which the lines of a text begin. */
function linesOf(text: string): number[] {
  const starts = [0];
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1);
  return starts;
}

/** Returns the last of `starts` that is not after `offset`. */
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

/** Finds the positions of elements and their attributes in one text. */
export function placer(text: string): (places: Places, element: Markup, attribute?: string) => Place {
  let starts: number[] | undefined;
  return (places, element, attribute) => {
    starts ??= linesOf(text);
    const offset = places.of(element, attribute);
    const line = lineOf(starts, offset);
    const startLine = lineOf(starts, places.of(element)) + 1;
    return { offset, line: line + 1, column: offset - (starts[line] ?? 0) + 1, startLine };
  };
}

/** Runs the rules on a text that was read. The findings are in the order of the text. */
export function checkPages(text: string, pages: readonly ReadPage[]): Placed[] {
  const placeIn = placer(text);
  const placed = pages.flatMap((page) =>
    examine(withAdopted(page.roots), page.kind).map((finding): Placed => {
      const { element, ...said } = finding;
      return { ...said, ...placeIn(page.places, element, finding.attribute), fix: fixOf(finding, page) };
    }),
  );
  return inOrder(placed);
}

/** Sorts findings in the order of the text. */
export const inOrder = (findings: readonly Placed[]): Placed[] =>
  [...findings].sort((one, other) => one.offset - other.offset);
