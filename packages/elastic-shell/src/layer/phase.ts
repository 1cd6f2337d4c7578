// Phases: closed, opening, open, closing. A phase lasts as long as the style sheet's own motion.
//
// It asks the element for its animations right after it was shown or hidden, and ends with the last of them; what turns for
// ever does not count.

/** Where a layer or a panel is between closed and open. */
export type Phase = 'closed' | 'opening' | 'open' | 'closing';

/** The phases of one element. */
export interface Phases {
  now(): Phase;
  /** Enters the phase, runs `act`, then `follow`, and ends the phase once nothing moves that `act` began. */
  go(open: boolean, act: () => void, follow?: () => void): void;
}

/** The animations that run now, without those that never end. */
const motionsOf = (element: Element): Animation[] =>
  (element.getAnimations?.() ?? []).filter(
    (animation) => animation.effect?.getComputedTiming().endTime !== Infinity,
  );

/** The pattern whose phases they are. */
export interface PhaseHost {
  render(): void;
  flush(): void;
}

/** Keeps the phase of `element`; `host` writes it. */
export function phases(element: Element, host: PhaseHost): Phases {
  let phase: Phase = 'closed';
  let turn = 0;
  return {
    now: () => phase,
    go(open, act, follow) {
      const mine = ++turn;
      const end = (): void => {
        if (mine !== turn) return;
        phase = open ? 'open' : 'closed';
        host.render();
      };
      phase = open ? 'opening' : 'closing';
      host.flush();
      act();
      const moving = motionsOf(element);
      if (moving.length) void Promise.allSettled(moving.map((animation) => animation.finished)).then(end);
      try {
        follow?.();
      } finally {
        if (!moving.length) end();
      }
    },
  };
}
