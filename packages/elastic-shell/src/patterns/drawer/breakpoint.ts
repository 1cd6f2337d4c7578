// A drawer that is bound to a media query: it closes when the query comes to match.
import type { Openable } from '../../core/contract/openable.js';
import { windowOf } from '../../engine/dom.js';
import type { Engine, Service } from '../../engine/service.js';

/** `service`, with the layer closed for the reason `viewport` as soon as `query` matches. Without a query: as it is. */
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
