// Aim: whether a pointer is moving towards a rectangle across other elements. Pure.
import type { Rect } from './placement.js';

interface Point {
  x: number;
  y: number;
}

/** Returns on which side of the line from `a` to `b` a point is: positive, negative, or zero on the line. */
const side = (a: Point, b: Point, { x, y }: Point): number =>
  (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x);

const rounding = 1e-6;

/** Returns true if `at` is in the triangle between `from` and the facing side of `target`. */
export function isInSafeTriangle(from: Point, at: Point, target: Rect): boolean {
  const { x, y, width, height } = target;
  const near = from.x <= x ? x : from.x >= x + width ? x + width : undefined;
  if (near === undefined) return false;
  const [top, bottom] = [
    { x: near, y },
    { x: near, y: y + height },
  ];
  const sides = [side(from, top, at), side(top, bottom, at), side(bottom, from, at)];
  return sides.every((each) => each > -rounding) || sides.every((each) => each < rounding);
}
