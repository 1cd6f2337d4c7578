// Phases: closed, opening, open, closing. A phase lasts as long as the animations of the style sheet. It
// reads the animations of the element right after it was shown or hidden, and ends with the last of them.
// Endless animations don't count.

/** Whether a layer or a panel is closed, opening, open or closing. */
export type Phase = 'closed' | 'opening' | 'open' | 'closing';

/** The phases of one element. */
export interface Phases {
  now(): Phase;
  /**
   * Enters the phase, runs `act`, then `follow`, and ends the phase when all animations that `act` started
   * have ended.
   */
  go(open: boolean, act: () => void, follow?: () => void): void;
}

/** Returns the running animations, without endless ones. */
const motionsOf = (element: Element): Animation[] =>
  (element.getAnimations?.() ?? []).filter(
    (animation) => animation.effect?.getComputedTiming().endTime !== Infinity,
  );

/** The pattern that has the phases. */
export interface PhaseHost {
  render(): void;
  flush(): void;
}

/**
 * Manages the phase of `element`, which `host` writes.
 *
 * @param host - The pattern that has the phases.
 * @param element - The element that is shown and hidden.
 * @returns The phases.
 */
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
