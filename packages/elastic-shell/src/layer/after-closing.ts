// Focus after a layer has closed: it returns to where it came from, and stays there.
import { flushNodes } from '../events/nodes.js';
import { linger } from '../focus/linger.js';
import type { Held } from './held.js';
import { reachable } from './open-layers.js';

/** Returns focus, and keeps it there even if the element that has it is removed meanwhile. */
export function giveBack<A>(held: Held<A>, isBrief: boolean): void {
  const { rules, document, place } = held;
  flushNodes(document.documentElement);
  held.stopFollowing?.();
  held.stopFollowing = undefined;
  if (!held.returns || !place) return;
  const back = (): void => rules.focus?.giveBack(place, reachable(document));
  back();
  held.stopLingering = linger({ document, place, giveBack: back }, isBrief, () => {
    held.stopLingering = undefined;
  });
}
