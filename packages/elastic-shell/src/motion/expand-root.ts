// The root itself as a panel that expands: what a disclosure loads when it is asked to move.
import type { Openable } from '../core/contract/openable.js';
import type { Service } from '../engine/service.js';
import { type ElasticAxis, expandMotion } from './expand.js';

/** Whose root it is. */
export interface ExpandHost {
  readonly root: HTMLElement;
  state(): Openable;
  render(): void;
}

/** The service that moves it. */
export function expandRoot({ root, state, render }: ExpandHost, axis: ElasticAxis): Service<Openable> {
  const motion = expandMotion(root, axis, state().open, render);
  return {
    parts: () => [[root, motion.attributes()]],
    show(change) {
      motion.go(change.value);
      render();
    },
    release: motion.release,
  };
}
