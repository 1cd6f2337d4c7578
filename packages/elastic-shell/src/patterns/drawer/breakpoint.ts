// Closes a drawer when a media query starts to match.
import type { Openable } from '../../core/contract/openable.js';
import { windowOf } from '../../engine/dom.js';
import type { Engine, Service } from '../../engine/service.js';

/**
 * Adds the media query to `service`: its layer closes with the reason `viewport` when `query` starts to
 * match. Returns `service` unchanged if there is no query.
 */
export function closeWhen(
  { root, change }: Pick<Engine<Openable>, 'root' | 'change'>,
  query: string | undefined,
  service: Service<Openable>,
): Service<Openable> {
  const list = query ? windowOf(root).matchMedia?.(query) : undefined;
  if (!list) return service;
  const hear = (): void => {
    if (list.matches) change({ open: false }, { reason: 'viewport', result: null }, true);
  };
  list.addEventListener('change', hear);
  return {
    ...service,
    release() {
      list.removeEventListener('change', hear);
      service.release?.();
    },
  };
}
