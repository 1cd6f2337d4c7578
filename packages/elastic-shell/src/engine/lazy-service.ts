// A lazy service: one whose work is loaded only where it is asked for. Until it is there, nothing is missing but its extras.
//
// What comes too late, after everything was taken away, is released unseen. What does not come is reported, and asked for again
// when a change is shown.
import { tellError } from './report-error.js';
import type { Service } from './service.js';

/** How many are on their way: tests wait for them. */
export const coming = { count: 0 };

/**
 * Has a part of the library count among those on their way until it is there. One that cannot be loaded is reported, and
 * answered with nothing: it may be asked for again.
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

/** `service` joined by the one that `load` brings, which comes first. */
export function lazyService<S>(
  service: Service<S>,
  { render }: { render(): void },
  load: () => Promise<Service<S>>,
): Service<S> {
  let inner: Service<S> | undefined;
  let isOver = false;
  /** It is on its way, or there; one that did not come is asked for at the next need. */
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
      // What is there at once is there before focus goes in.
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
