// The root itself as an elastic panel: what a disclosure loads when it is asked to move.
import type { Openable } from '../core/contract/openable.js';
import { elastic, type ElasticAxis } from './expand.js';
import type { Engine, Service } from '../engine/engine.js';

/** A `<details>` is moved by the style sheet alone. */
export function elasticRoot({ root, state, render }: Engine<Openable>, axis: ElasticAxis): Service {
  if (root.localName === 'details') return { parts: () => [[root, { 'data-elastic': axis }]] };
  const panel = elastic(root, axis, state().open, render);
  return {
    parts: () => [[root, panel.attributes()]],
    show(change) {
      panel.go(!!change.value);
      render();
    },
    release: panel.release,
  };
}
