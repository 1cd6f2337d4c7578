// Expands by script if style sheets cannot interpolate to `auto` (Firefox, WebKit). There is one animation
// for each box, which is reversed instead of restarted, and gets a new target when the content grows. The
// size of the box at rest is read from its computed style, once for all boxes that start in one task, before
// anything moves, and later with its animation removed for a moment. structure.css leaves the size and
// padding of such a box alone while it moves.
import { windowOf } from '../engine/dom.js';
import type { ElasticAxis } from './expand.js';
import { prefersReducedMotion } from './reduced-motion.js';

/** The duration in milliseconds, if the style sheet doesn't set --shell-elastic. */
const usual = 200;

/** The styles when closed and when open. The style sheet decides about properties that a frame omits. */
type Frames = [closed: Keyframe, open: Keyframe];

/** A box that moves, and its styles at rest at either end. */
export interface Box {
  element: HTMLElement;
  frames(): Frames;
}

interface Move {
  animation: Animation;
  effect: KeyframeEffect;
  open: boolean;
  written: string;
}

const moves = new WeakMap<Element, Move>();

const durationOf = (element: Element): number => {
  const view = windowOf(element);
  if (prefersReducedMotion(view)) return 0;
  const wish = view.getComputedStyle(element).getPropertyValue('--shell-elastic').trim();
  return wish ? Number.parseFloat(wish) * (/[^m]s$/.test(wish) ? 1000 : 1) : usual;
};

/** Starts a move between `frames`. `open` gives the direction. */
const begin = ({ element }: Box, frames: Frames, duration: number, open: boolean): Move => {
  const direction = open ? 'normal' : 'reverse';
  const effect = new KeyframeEffect(element, frames, { duration, easing: 'ease-out', direction });
  const animation = new Animation(effect, element.ownerDocument.timeline);
  animation.play();
  return { animation, effect, open, written: JSON.stringify(frames) };
};

/** The size of the content has changed, so the move gets a new target. */
const retarget = ({ element, frames }: Box, move: Move): void => {
  move.effect.target = null;
  const now = frames();
  move.effect.target = element;
  const written = JSON.stringify(now);
  if (written === move.written) return;
  move.written = written;
  move.effect.setKeyframes(now);
};

/** Calls back at the end of the move, and follows content that grows. */
const follow = (box: Box, move: Move, ended: () => void): void => {
  const sizes = new ResizeObserver(() => retarget(box, move));
  for (const child of box.element.children) sizes.observe(child);
  move.animation.onfinish = () => {
    sizes.disconnect();
    moves.delete(box.element);
    ended();
  };
};

/** The boxes that start in this task. All are measured before any of them moves. */
let waiting: [box: Box, open: boolean, ended: () => void][] = [];

const setOut = (): void => {
  const all = waiting;
  waiting = [];
  const fresh = all.map(([box]) =>
    moves.has(box.element) ? undefined : ([box.frames(), durationOf(box.element)] as const),
  );
  all.forEach(([box, open, ended], at) => {
    const move = moves.get(box.element) ?? begin(box, ...fresh[at]!, open);
    moves.set(box.element, move);
    if (move.open !== open) move.animation.reverse();
    move.open = open;
    follow(box, move, ended);
  });
};

/**
 * Opens or closes a box when this task has written everything. `ended` is called once, unless another move
 * replaces this one.
 */
export function moveBox(box: Box, open: boolean, ended: () => void): void {
  if (!waiting.length) queueMicrotask(setOut);
  waiting = [...waiting.filter(([other]) => other.element !== box.element), [box, open, ended]];
}

/** The styles that a closed panel lacks, besides its size. */
const shut = {
  block: ['paddingBlockStart', 'paddingBlockEnd', 'borderBlockStartWidth', 'borderBlockEndWidth'],
  inline: ['paddingInlineStart', 'paddingInlineEnd', 'borderInlineStartWidth', 'borderInlineEndWidth'],
};

/** Opens or closes `panel` along `axis`, between zero and its own size. */
export function expandByScript(
  panel: HTMLElement,
  axis: ElasticAxis,
  open: boolean,
  ended: () => void,
): void {
  const size = `${axis}Size` as const;
  const frames = (): Frames => [
    Object.fromEntries([size, ...shut[axis]].map((property) => [property, '0px'])),
    { [size]: windowOf(panel).getComputedStyle(panel)[size] },
  ];
  moveBox({ element: panel, frames }, open, ended);
}
