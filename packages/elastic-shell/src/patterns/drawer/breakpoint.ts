// A layer that is bound to a media query: it closes when the query comes to match.
import type { Openable } from '../../core/contract/openable.js';
import type { Engine, Service } from '../../engine/engine.js';

/** `service`, with the layer closed for the reason `viewport` as soon as `query` matches. Without a query: as it is. */
export function closeWhen(engine: Engine<Openable>, query: string | undefined, service: Service): Service {
  const list = query ? engine.root.ownerDocument.defaultView?.matchMedia?.(query) : undefined;
  if (!list) return service;
  const hear = (): void => {
    if (list.matches) engine.change({ open: false }, { reason: 'viewport', result: null }, true);
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
