// Measures the rows on the page, for the geometry of their list.
import type { Item } from '../../core/collection/items.js';
import { firstInView, resetHeights, scrollTo, topOf } from './geometry.js';
import { isItem } from './lines.js';
import { placesOn, type Rows } from './page-rows.js';

/** All rows have the height of the first one. */
function measureOne<I extends Item>({ geometry, byKey }: Rows<I>): boolean {
  const own = byKey.values().next().value?.element.offsetHeight || geometry.usual;
  if (own === geometry.usual) return false;
  geometry.usual = own;
  resetHeights(geometry);
  return true;
}

/** Each row has its own height. */
function measureEach<I extends Item>(rows: Rows<I>): boolean {
  const { geometry, lines, byKey, groupOf } = rows;
  let moved = false;
  for (const at of placesOn(rows).all) {
    const line = lines[at];
    if (!line) continue;
    const element = isItem(line) ? byKey.get(line.key)?.element : groupOf(line.heading).heading;
    if (element?.offsetHeight) moved = geometry.tall.measure(at, element.offsetHeight) || moved;
  }
  return moved;
}

/**
 * Several items share a line: counts them, and measures the distance between lines. The visible rows stay in
 * place.
 */
function measureGrid<I extends Item>({ geometry, rules, flow }: Rows<I>): boolean {
  const grid = rules.grid?.(flow);
  const { across, usual, scroll, above } = geometry;
  if (!grid || (grid.across === across && Math.abs(grid.pitch - usual) < 0.1)) return false;
  const first = firstInView(geometry);
  geometry.across = grid.across;
  geometry.usual = grid.pitch;
  resetHeights(geometry);
  if (scroll > above) scrollTo(geometry, topOf(geometry, first) + above);
  return true;
}

/** Measures the visible rows. Returns true if any row moves. */
export function measure<I extends Item>(rows: Rows<I>): boolean {
  const { geometry, rules, isMeasured } = rows;
  if (!geometry.height) return false;
  geometry.above = geometry.sizer.offsetTop;
  if (rules.grid) return measureGrid(rows);
  return isMeasured ? measureEach(rows) : measureOne(rows);
}
