// What is ours on a page that somebody else renders: the nodes that the library has made, and the attributes it has
// written. A script that morphs one page into another asks, and leaves both alone.
import { pageWide } from '../core/page-record.js';
import { isWritten } from './attribute-watch.js';
import { isElement } from './dom.js';
import { engines } from './registry.js';

const made = pageWide('made', () => new WeakSet<Node>());

/** Marks an element as made by the library; answers it. */
export const markMade = <N extends Node>(node: N): N => {
  made.add(node);
  return node;
};

/** Custom properties of the library begin so. */
const prefix = '--shell-';

const hasProperties = (element: Element): boolean => (element.getAttribute('style') ?? '').includes(prefix);

/**
 * Whether something on the page is the library's and not the author's: without `attribute` a node that it has made;
 * with one, an attribute of `node` that stands, or is missing, as it has written it (generated ids among them), `style` where it holds
 * custom properties of its own, or such a property by its name. For the hooks of scripts that morph one page into another.
 */
export function isOurs(node: Node, attribute?: string): boolean {
  if (attribute === undefined) return made.has(node);
  if (!isElement(node)) return false;
  if (made.has(node)) return true;
  if (attribute.startsWith(prefix)) return node.style.getPropertyValue(attribute) !== '';
  if (attribute === 'style') return hasProperties(node);
  // The platform writes `open` for what is wired.
  return isWritten(node, attribute) || (attribute === 'open' && engines.has(node));
}
