// A lazy service: one whose work is loaded only where it is asked for. Until it is there, nothing is missing but its extras.
//
// What comes too late, after everything was taken away, is released unseen.
import type { Service } from './service.js';

/** How many are on their way: tests wait for them. */
export const coming = { count: 0 };

/** Has a part of the library count among those on their way until it is there. */
export function arriving<T>(part: Promise<T>): Promise<T> {
  coming.count++;
  return part.then((loaded) => {
    coming.count--;
    return loaded;
  });
}

/** `service` joined by the one that `load` brings, which comes first. */
export function lazyService<S>(
  service: Service<S>,
  { render }: { render(): void },
  load: () => Promise<Service<S>>,
): Service<S> {
  let inner: Service<S> | undefined;
  let isOver = false;
  void arriving(load()).then((loaded) => {
    if (isOver) return loaded.release?.();
    inner = loaded;
    render();
  });
  return {
    ...service,
    parts: () => [...(service.parts?.() ?? []), ...(inner?.parts?.() ?? [])],
    show(change) {
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
