// Loads patterns when a page contains them.
import { loadedPatterns } from '../engine/defaults.js';
import { markedIn, nameOf, wireWithin } from '../engine/markup.js';
import type { Wired } from '../engine/types.js';
import { loaders } from './loaders.js';

/**
 * Loads the patterns that the `data-wire` attributes in `region` name, and wires the elements that aren't
 * wired yet. Call it once for the page, and again for each part that the server sends.
 *
 * @param region - The region to wire. The element itself is included.
 * @defaultValue the document
 * @returns The new handles, in document order. Empty if `region` has left the page in the meantime.
 * @throws The errors of `wireWithin`, or the error of a pattern that can't be loaded. The other elements are
 * wired first.
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
    // The failed import is the cause.
  }
  throw failed.reason;
}
