// Expanding by script, where style sheets cannot interpolate to `auto` (Firefox, WebKit): one animation a box, which is turned
// round rather than begun again, and retargeted when the content grows.
//
// What the box measures at rest is read from its computed style, once for all that set out in one task, before anything moves;
// later with its animation taken off for the moment. structure.css leaves such a box its own size and padding while it moves.
import { windowOf } from '../engine/dom.js';
import type { ElasticAxis } from './expand.js';
import { prefersReducedMotion } from './reduced-motion.js';

/** Milliseconds, where the style sheet says nothing by --shell-elastic. */
const usual = 200;

/** How it looks closed and open. What a frame leaves out is as the style sheet says. */
type Frames = [closed: Keyframe, open: Keyframe];

/** A box that moves: which, and how it looks at either end when nothing moves it. */
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

/** Begins a move between `frames`; `open` says which way. */
const begin = ({ element }: Box, frames: Frames, duration: number, open: boolean): Move => {
  const direction = open ? 'normal' : 'reverse';
  const effect = new KeyframeEffect(element, frames, { duration, easing: 'ease-out', direction });
  const animation = new Animation(effect, element.ownerDocument.timeline);
  animation.play();
  return { animation, effect, open, written: JSON.stringify(frames) };
};

/** The content is another size than it was: the move goes there. */
const retarget = ({ element, frames }: Box, move: Move): void => {
  move.effect.target = null;
  const now = frames();
  move.effect.target = element;
  const written = JSON.stringify(now);
  if (written === move.written) return;
  move.written = written;
  move.effect.setKeyframes(now);
};

/** Has the move tell when it has ended, and follow what grows in it. */
const follow = (box: Box, move: Move, ended: () => void): void => {
  const sizes = new ResizeObserver(() => retarget(box, move));
  for (const child of box.element.children) sizes.observe(child);
  move.animation.onfinish = () => {
    sizes.disconnect();
    moves.delete(box.element);
    ended();
  };
};

/** What sets out in this task: all are measured before one of them moves. */
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

/** Opens or closes a box once everything is written that this task writes; `ended` is called once, unless another move takes over. */
export function moveBox(box: Box, open: boolean, ended: () => void): void {
  if (!waiting.length) queueMicrotask(setOut);
  waiting = [...waiting.filter(([other]) => other.element !== box.element), [box, open, ended]];
}

/** What a closed panel has none of, beside its size. */
const shut = {
  block: ['paddingBlockStart', 'paddingBlockEnd', 'borderBlockStartWidth', 'borderBlockEndWidth'],
  inline: ['paddingInlineStart', 'paddingInlineEnd', 'borderInlineStartWidth', 'borderInlineEndWidth'],
};

/** Opens or closes `panel` along `axis`, from nothing to its own size. */
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
