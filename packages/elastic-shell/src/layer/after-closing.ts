// After a layer has closed: focus goes back, and stays where it went.
import { flushNodes } from '../events/nodes.js';
import { linger } from '../focus/linger.js';
import type { Held } from './held.js';
import { reachable } from './open-layers.js';

/** It has closed: focus goes back, and stays where it went though that place may go. */
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
