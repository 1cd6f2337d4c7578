// Identifies the library's own nodes and attributes in a page that other code renders. A script that morphs
// one page into another asks, and leaves both alone.
import { pageWide } from '../core/page-record.js';
import { isWritten } from './attribute-watch.js';
import { isElement } from './dom.js';
import { engines } from './registry.js';

const made = pageWide('made', () => new WeakSet<Node>());

/** Marks an element as created by the library, and returns it. */
export const markMade = <N extends Node>(node: N): N => {
  made.add(node);
  return node;
};

/** The prefix of the library's custom properties. */
const prefix = '--shell-';

const hasProperties = (element: Element): boolean => (element.getAttribute('style') ?? '').includes(prefix);

/**
 * Returns whether a node or an attribute belongs to the library rather than to the author. Without
 * `attribute`: whether the library created the node. With `attribute`: whether the library wrote (or removed)
 * that attribute of `node`, generated ids included. It also accepts `style` and the names of custom
 * properties. Use it in the hooks of scripts that morph one page into another.
 *
 * @param node - The node.
 * @param attribute - The name of an attribute or a custom property.
 * @returns True if it belongs to the library.
 */
export function isOurs(node: Node, attribute?: string): boolean {
  if (attribute === undefined) return made.has(node);
  if (!isElement(node)) return false;
  if (made.has(node)) return true;
  if (attribute.startsWith(prefix)) return node.style.getPropertyValue(attribute) !== '';
  if (attribute === 'style') return hasProperties(node);
  // The platform writes `open` for wired elements.
  return isWritten(node, attribute) || (attribute === 'open' && engines.has(node));
}
