// What one layer holds while it is wired, and how it asks its host to close it.
import type { Change } from '../engine/types.js';
import type { Place } from '../focus/place.js';
import type { Phases } from './phase.js';
import type { LayerHost, LayerRules } from './types.js';

/** What one layer holds while it is wired. */
export interface Held<A> {
  host: LayerHost;
  rules: LayerRules<A>;
  /** The document in which it opened last. */
  document: Document;
  phase: Phases;
  /** What is held while it is open. */
  releases: (() => void)[];
  /** What it stands beside, while it is open. */
  beside: A | undefined;
  place: Place | undefined;
  opener: Element | undefined;
  /** Whether focus goes back where it came from, when it has closed. */
  returns: boolean;
  /** Where focus went when it opened. */
  entered: Element | undefined;
  /** Ends the keeping of its place. */
  stopHolding: (() => void) | undefined;
  /** Ends the following of nodes while everyone hears that it has closed. */
  stopFollowing: (() => void) | undefined;
  /** Ends the lingering of focus that went back. */
  stopLingering: (() => void) | undefined;
  /** It has been in the document. */
  wasThere: boolean;
  /** Everything it needs stands: what is open at first is shown then, and not before. */
  isStarted: boolean;
  isOver: boolean;
}

/** Has the layer close for a reason. */
export const close = <A>(
  { host }: Held<A>,
  reason: Change['reason'],
  settled?: boolean,
  event?: Event,
): void => host.change({ open: false }, { reason, result: null, event }, settled);
