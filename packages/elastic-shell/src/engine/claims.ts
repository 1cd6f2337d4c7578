// Claims: which roots are wired, by this or another copy of the library.
import { pageWide } from '../core/page-record.js';
import { described, isElement } from './dom.js';
import { engines } from './registry.js';

const roots = pageWide('roots', () => new WeakSet<Node>());

/**
 * Throws a TypeError if the pattern `name` can't be wired on `root`, because `root` isn't an element or is
 * already wired.
 */
export function refuseRoot(name: string, root: unknown): void {
  if (isElement(root) && !roots.has(root)) return;
  const isOthers = isElement(root) && !engines.has(root);
  throw new TypeError(
    `elastic-shell: ${name} needs an element that is not wired yet, got ${described(root)}${isOthers ? '; another copy of elastic-shell on this page has wired it' : ''}`,
  );
}

/** Claims `root`, so that it can't be wired twice. */
export const claim = (root: Node): void => void roots.add(root);

/** Ends a claim. */
export const unclaim = (root: Node): void => void roots.delete(root);
