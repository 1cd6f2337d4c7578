// Focus that was returned may be lost in the same turn: the row of a closed dialog is removed, together with
// the button that opened it. A lingering place follows removed nodes, and restores focus until the user moves
// it.
import { followNodes } from '../events/nodes.js';
import type { Place } from './place.js';

/** A lingering place. */
export interface Lingering {
  document: Document;
  place: Pick<Place, 'follow' | 'isThere'>;
  /** Focus has moved to the body. */
  giveBack(): void;
}

/**
 * How long it lingers if the layer itself is gone, in milliseconds: until a row that leaves with a transition
 * has left.
 */
const brief = 1000;

/**
 * Lingers until the user moves focus, or only for a moment with `isBrief`. Returns a function that ends it,
 * which may be called twice. `ended` is called at the end.
 */
export function linger(
  { document, place, giveBack }: Lingering,
  isBrief: boolean,
  ended: () => void,
): () => void {
  const hear = (records: MutationRecord[]): void => {
    place.follow(records);
    // If the whole page has changed, focus starts where the platform has put it.
    if (!place.isThere()) return end();
    if (document.activeElement && document.activeElement !== document.body) return;
    document.removeEventListener('focusin', end);
    giveBack();
    document.addEventListener('focusin', end);
  };
  const stop = followNodes(document.documentElement, hear);
  const timer = isBrief ? setTimeout(() => end(), brief) : undefined;
  const end = (): void => {
    ended();
    clearTimeout(timer);
    stop();
    document.removeEventListener('focusin', end);
  };
  document.addEventListener('focusin', end);
  return end;
}
