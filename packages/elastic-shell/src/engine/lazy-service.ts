// A lazy service loads its code only when needed. Until then, only its extras are missing. If the code
// arrives after unwiring, it is released. If it can't be loaded, the error is reported, and the next change
// tries again.
import { pageWide } from '../core/page-record.js';
import { tellError } from './report-error.js';
import type { Service } from './service.js';

/** The number of parts that are loading, for tests that wait for them. */
export const coming = pageWide('loading', () => ({ count: 0 }));

/**
 * Counts a part of the library as loading until it arrives. If it can't be loaded, the error is reported and the promise
 * resolves with undefined, so that the caller can try again.
 */
export async function arriving<T>(part: Promise<T>): Promise<T | undefined> {
  coming.count++;
  try {
    return await part;
  } catch (error) {
    tellError(error);
    return undefined;
  } finally {
    coming.count--;
  }
}

/** Adds the service that `load` loads to `service`. The loaded one runs first. */
export function lazyService<S>(
  service: Service<S>,
  { render }: { render(): void },
  load: () => Promise<Service<S>>,
): Service<S> {
  let inner: Service<S> | undefined;
  let isOver = false;
  /** True while it loads and after it has loaded. */
  let isAsked = false;
  const ask = (): void => {
    if (isAsked) return;
    isAsked = true;
    void arriving(load()).then((loaded) => {
      isAsked = !!loaded;
      if (isOver || !loaded) return loaded?.release?.();
      inner = loaded;
      render();
    });
  };
  ask();
  return {
    ...service,
    parts: () => [...(service.parts?.() ?? []), ...(inner?.parts?.() ?? [])],
    show(change) {
      ask();
      // A part that is loaded already is used before focus moves in.
      inner?.show?.(change);
      service.show?.(change);
    },
    settle(change) {
      service.settle?.(change);
      inner?.settle?.(change);
    },
    start() {
      service.start?.();
      inner?.start?.();
    },
    update(names) {
      service.update?.(names);
      inner?.update?.(names);
    },
    stands: () => (service.stands?.() ?? true) && (inner?.stands?.() ?? true),
    inside() {
      service.inside?.();
      inner?.inside?.();
    },
    release() {
      isOver = true;
      inner?.release?.();
      service.release?.();
    },
  };
}
