// Unfolding by script, where style sheets cannot interpolate to `auto`: one animation a panel, which is turned
// round rather than begun again, and retargeted when the content grows.
import type { ElasticAxis } from './expand.js';
import { prefersReducedMotion } from '../patterns/carousel/rotation-timer.js';

/** Milliseconds, where the style sheet says nothing by --shell-elastic. */
const usual = 200;

interface Move {
  animation: Animation;
  open: boolean;
  size: number;
}

const moves = new WeakMap<Element, Move>();

const duration = (panel: Element): number => {
  const view = panel.ownerDocument.defaultView!;
  if (prefersReducedMotion(view)) return 0;
  const wish = view.getComputedStyle(panel).getPropertyValue('--shell-elastic').trim();
  return wish ? Number.parseFloat(wish) * (/[^m]s$/.test(wish) ? 1000 : 1) : usual;
};

/** Opens or closes `panel` along `axis`; `ended` is called once, unless another move takes over. */
export function unfold(panel: HTMLElement, axis: ElasticAxis, open: boolean, ended: () => void): void {
  const property = axis === 'block' ? 'blockSize' : 'inlineSize';
  const running = moves.get(panel);
  let move = running;
  if (move && move.open !== open) {
    move.open = open;
    move.animation.reverse();
  } else if (!move) {
    const size = axis === 'block' ? panel.scrollHeight : panel.scrollWidth;
    const animation = panel.animate([{ [property]: '0px' }, { [property]: `${size}px` }], {
      duration: duration(panel),
      easing: 'ease-out',
      direction: open ? 'normal' : 'reverse',
    });
    move = { animation, open, size };
    moves.set(panel, move);
  }
  const { animation } = move!;
  const sizes = new ResizeObserver(() => {
    const size = axis === 'block' ? panel.scrollHeight : panel.scrollWidth;
    if (size === move!.size) return;
    move!.size = size;
    (animation.effect as KeyframeEffect).setKeyframes([{ [property]: '0px' }, { [property]: `${size}px` }]);
  });
  for (const child of panel.children) sizes.observe(child);
  animation.onfinish = () => {
    sizes.disconnect();
    moves.delete(panel);
    ended();
  };
}
