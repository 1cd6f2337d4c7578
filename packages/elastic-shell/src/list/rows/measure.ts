// Measuring rows: takes the heights of those on the page into the geometry of their list.
import type { Item } from '../../core/collection/items.js';
import { firstInView, resetHeights, scrollTo, topOf } from './geometry.js';
import { isItem } from './lines.js';
import { placesOn, type Rows } from './page-rows.js';

/** All are of one height: that of the first. */
function measureOne<I extends Item>({ geometry, byKey }: Rows<I>): boolean {
  const own = byKey.values().next().value?.element.offsetHeight || geometry.usual;
  if (own === geometry.usual) return false;
  geometry.usual = own;
  resetHeights(geometry);
  return true;
}

/** Each has a height of its own. */
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

/** Several lie side by side: how many, and how far a line is from the next. What is in view stays there. */
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

/** Takes the heights of what shows; true when that moves any row. */
export function measure<I extends Item>(rows: Rows<I>): boolean {
  const { geometry, rules, isMeasured } = rows;
  if (!geometry.height) return false;
  geometry.above = geometry.sizer.offsetTop;
  if (rules.grid) return measureGrid(rows);
  return isMeasured ? measureEach(rows) : measureOne(rows);
}
