// The root itself as a panel that expands: loaded by a disclosure with animation.
import type { Openable } from '../core/contract/openable.js';
import type { Service } from '../engine/service.js';
import { type ElasticAxis, expandMotion } from './expand.js';

/** The pattern of the root. */
export interface ExpandHost {
  readonly root: HTMLElement;
  state(): Openable;
  render(): void;
}

/** The service that animates it. */
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
