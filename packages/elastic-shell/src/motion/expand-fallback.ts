// Expanding by script, where style sheets cannot interpolate to `auto`: one animation a panel, which is turned
// round rather than begun again, and retargeted when the content grows.
import { windowOf } from '../engine/dom.js';
import type { ElasticAxis } from './expand.js';
import { prefersReducedMotion } from './reduced-motion.js';

/** Milliseconds, where the style sheet says nothing by --shell-elastic. */
const usual = 200;

/** A panel that moves, and the size it moves to. */
interface Move {
  animation: Animation;
  effect: KeyframeEffect;
  open: boolean;
  size: number;
}

const moves = new WeakMap<Element, Move>();

const durationOf = (panel: Element): number => {
  const view = windowOf(panel);
  if (prefersReducedMotion(view)) return 0;
  const wish = view.getComputedStyle(panel).getPropertyValue('--shell-elastic').trim();
  return wish ? Number.parseFloat(wish) * (/[^m]s$/.test(wish) ? 1000 : 1) : usual;
};

const sizeOf = (panel: HTMLElement, axis: ElasticAxis): number =>
  axis === 'block' ? panel.scrollHeight : panel.scrollWidth;

const framesTo = (axis: ElasticAxis, size: number): Keyframe[] => {
  const property = axis === 'block' ? 'blockSize' : 'inlineSize';
  return [{ [property]: '0px' }, { [property]: `${size}px` }];
};

/** Begins a move; `open` says which way. */
const begin = (panel: HTMLElement, axis: ElasticAxis, open: boolean): Move => {
  const size = sizeOf(panel, axis);
  const effect = new KeyframeEffect(panel, framesTo(axis, size), {
    duration: durationOf(panel),
    easing: 'ease-out',
    direction: open ? 'normal' : 'reverse',
  });
  const animation = new Animation(effect, panel.ownerDocument.timeline);
  animation.play();
  return { animation, effect, open, size };
};

/** Opens or closes `panel` along `axis`; `ended` is called once, unless another move takes over. */
export function expandByScript(
  panel: HTMLElement,
  axis: ElasticAxis,
  open: boolean,
  ended: () => void,
): void {
  const move = moves.get(panel) ?? begin(panel, axis, open);
  moves.set(panel, move);
  const { animation, effect } = move;
  if (move.open !== open) {
    move.open = open;
    animation.reverse();
  }
  const sizes = new ResizeObserver(() => {
    const size = sizeOf(panel, axis);
    if (size === move.size) return;
    move.size = size;
    effect.setKeyframes(framesTo(axis, size));
  });
  for (const child of panel.children) sizes.observe(child);
  animation.onfinish = () => {
    sizes.disconnect();
    moves.delete(panel);
    ended();
  };
}
