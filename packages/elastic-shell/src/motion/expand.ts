// Elastic expansion: a panel opens and closes by its measured size, can reverse half way, and follows content
// that grows. The style sheet animates it if the platform can interpolate to `auto`. Otherwise
// `expand-fallback.ts` does, which loads when the panel is wired; a panel that opens before it has loaded
// opens at once. If many panels start in one task, the style is read once, when everything is written.
import type { Attributes } from '../core/contract/contract.js';
import { windowOf } from '../engine/dom.js';
import { arriving } from '../engine/lazy-service.js';
import type { Phase } from '../layer/phase.js';

/** The axis along which a panel opens. */
export type ElasticAxis = 'block' | 'inline';

/** The animation of one panel. */
export interface ExpandMotion {
  /** Starts. The caller writes the attributes of all panels that start together. */
  go(open: boolean): void;
  phase(): Phase;
  attributes(): Attributes;
  /** Stops all animations. */
  release(): void;
}

/**
 * The panels that have started in this turn. The style of all is read at once, when everything is written.
 */
const moving = new Map<Element, (animations: Animation[]) => void>();

const flush = (): void => {
  const all = [...moving].map(([element, hear]) => [hear, element.getAnimations?.() ?? []] as const);
  moving.clear();
  for (const [hear, animations] of all) hear(animations);
};

const watch = (element: Element, hear: (animations: Animation[]) => void): void => {
  if (!moving.size) queueMicrotask(flush);
  moving.set(element, hear);
};

/** The callbacks at the end of phases, called once for all phases that end together. */
const ended = new Set<() => void>();
const tellLater = (changed: () => void): void => {
  if (!ended.size)
    queueMicrotask(() => {
      const all = [...ended];
      ended.clear();
      for (const each of all) each();
    });
  ended.add(changed);
};

/** Returns true if style sheets alone cannot animate a box to the size of its content, and scripts can. */
const needsScript = (panel: Element): boolean =>
  'animate' in panel && !windowOf(panel).CSS?.supports?.('interpolate-size', 'allow-keywords');

type Fallback = typeof import('./expand-fallback.js');

/** The module that animates panels by script, loaded on first use. */
let fallback: Fallback | undefined;
let asked: Promise<unknown> | undefined;
const askFallback = (): void => {
  asked ??= arriving(import('./expand-fallback.js')).then((loaded) => {
    fallback = loaded;
    // It failed to load. The next panel that moves tries again.
    if (!loaded) asked = undefined;
  });
};

/** A `<details>` opens and closes by itself, so the animation follows it. */
function detailsMotion(details: HTMLElement, axis: ElasticAxis): ExpandMotion {
  let isOver = false;
  let stop: (() => void) | undefined;
  if (needsScript(details))
    void arriving(import('./expand-details.js')).then((loaded) => {
      if (!isOver) stop = loaded?.moveDetails(details);
    });
  return {
    go() {},
    phase: () => (details.hasAttribute('open') ? 'open' : 'closed'),
    attributes: () => ({ 'data-elastic': axis }),
    release() {
      isOver = true;
      stop?.();
    },
  };
}

/** `open` is its current state. `changed` is called at the end of an animation. */
export function expandMotion(
  panel: HTMLElement,
  axis: ElasticAxis,
  open: boolean,
  changed: () => void,
): ExpandMotion {
  if (panel.localName === 'details') return detailsMotion(panel, axis);
  const isByScript = needsScript(panel);
  if (isByScript) askFallback();
  let phase: Phase = open ? 'open' : 'closed';
  let turn = 0;
  const end = (mine: number): void => {
    if (mine !== turn) return;
    phase = phase === 'closing' ? 'closed' : 'open';
    tellLater(changed);
  };
  return {
    go(next) {
      const mine = ++turn;
      phase = next ? 'opening' : 'closing';
      if (isByScript && fallback) return fallback.expandByScript(panel, axis, next, () => end(mine));
      watch(panel, (animations) => {
        const finished = animations.map((animation) => animation.finished);
        if (finished.length) void Promise.allSettled(finished).then(() => end(mine));
        else end(mine);
      });
    },
    phase: () => phase,
    attributes: () => ({
      'data-elastic': axis,
      'data-phase': phase,
      hidden: phase === 'closed' ? 'until-found' : null,
      inert: phase === 'closing' ? '' : null,
    }),
    release() {
      turn++;
    },
  };
}
