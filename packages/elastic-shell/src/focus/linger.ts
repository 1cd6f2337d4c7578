// Focus that has gone back may lose its ground in the same turn: the row of a closed dialog goes, with the button that
// opened it. A lingering place follows the nodes that go, and gives focus back again, until the user moves it.
import { followNodes } from '../events/nodes.js';
import type { Place } from './place.js';

/** What lingers. */
export interface Lingering {
  document: Document;
  place: Pick<Place, 'follow' | 'isThere'>;
  /** Focus has fallen to nowhere. */
  giveBack(): void;
}

/** Milliseconds for which it lingers when what gave focus back is gone itself: until a row that leaves with a transition has left. */
const brief = 1000;

/**
 * Lingers until the user moves focus; `isBrief`: for a moment only. Returns the end of it, harmless when called twice;
 * `ended` hears when it has come.
 */
export function linger(
  { document, place, giveBack }: Lingering,
  isBrief: boolean,
  ended: () => void,
): () => void {
  const hear = (records: MutationRecord[]): void => {
    place.follow(records);
    // With the whole page another one, focus begins where the platform has put it.
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
