// Aim: whether a pointer is on its way to a rectangle, cutting across what lies between. Pure.
import type { Rect } from './placement.js';

interface Point {
  x: number;
  y: number;
}

/** Which side of the line from `a` to `b` a point lies on: above zero, below zero, or on it. */
const side = (a: Point, b: Point, { x, y }: Point): number =>
  (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x);

const rounding = 1e-6;

/** True when `at` lies in the triangle between `from` and the side of `target` that faces it. */
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
