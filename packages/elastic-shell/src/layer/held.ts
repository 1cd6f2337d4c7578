// The data of one layer while it is wired, and the function that asks its host to close it.
import type { Change } from '../engine/types.js';
import type { Place } from '../focus/place.js';
import type { Phases } from './phase.js';
import type { LayerHost, LayerRules } from './types.js';

/** The data of one layer while it is wired. */
export interface Held<A> {
  host: LayerHost;
  rules: LayerRules<A>;
  /** The document in which it last opened. */
  document: Document;
  phase: Phases;
  /** The resources that are released when it closes. */
  releases: (() => void)[];
  /** Its anchor, while it is open. */
  beside: A | undefined;
  place: Place | undefined;
  opener: Element | undefined;
  /** Whether focus returns when it has closed. */
  returns: boolean;
  /** Where focus moved when it opened. */
  entered: Element | undefined;
  /** Stops positioning it. */
  stopHolding: (() => void) | undefined;
  /** Stops following nodes when all listeners know that it has closed. */
  stopFollowing: (() => void) | undefined;
  /** Stops watching the focus that was returned. */
  stopLingering: (() => void) | undefined;
  /** Whether it has been in the document. */
  wasThere: boolean;
  /** Whether setup is complete. A layer that is open initially is shown then, and not before. */
  isStarted: boolean;
  isOver: boolean;
}

/** Closes the layer for a reason. */
export const close = <A>(
  { host }: Held<A>,
  reason: Change['reason'],
  settled?: boolean,
  event?: Event,
): void => host.change({ open: false }, { reason, result: null, event }, settled);
