// Patterns that are loaded when a page has them.
import { loadedPatterns } from '../engine/defaults.js';
import { markedIn, nameOf, wireWithin } from '../engine/markup.js';
import type { Wired } from '../engine/types.js';
import { loaders } from './loaders.js';

/**
 * Loads the patterns that `region` names by `data-wire`, and wires what is not wired yet. Call it after the page, and after each part
 * that the server sends: a pattern is loaded once. Resolves to what was wired now, in document order; to nothing if `region` has left the
 * page meanwhile. Rejects as `wireWithin` throws, or if a pattern can't be loaded, once the others are wired.
 *
 * @defaultValue the whole document
 */
export async function wirePage(region: ParentNode & Node = document): Promise<Wired[]> {
  const wanted = new Set(markedIn(region).map(nameOf));
  const isThere = region.isConnected;
  const loading = [...wanted].flatMap((name) =>
    !loadedPatterns.has(name) && Object.hasOwn(loaders, name) ? [loaders[name]?.()] : [],
  );
  const results = await Promise.allSettled(loading);
  if (isThere && !region.isConnected) return [];
  const failed = results.find((result) => result.status === 'rejected');
  if (!failed) return wireWithin(region);
  try {
    wireWithin(region);
  } catch {
    // What could not be loaded is the cause.
  }
  throw failed.reason;
}
