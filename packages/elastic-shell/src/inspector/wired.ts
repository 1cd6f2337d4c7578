// Everything that is wired on a page. There is no list of it, so the page is searched while the inspector is
// open.
import { labelText } from '../core/text.js';
import { apart } from '../engine/apart.js';
import { invokersOf } from '../engine/invoker-index.js';
import { type Seen, wiredRun } from '../engine/registry.js';
import { heardName } from '../heard/name.js';

/** A wired root, and its pattern. */
export interface WiredRoot {
  root: HTMLElement;
  run: Seen;
}

/** Returns every wired root of a document, through open shadow trees, in document order. */
export function allWired(scope: ParentNode): WiredRoot[] {
  const found: WiredRoot[] = [];
  for (const root of scope.querySelectorAll<HTMLElement>('*')) {
    if (apart.has(root)) continue;
    const run = wiredRun(root);
    if (run) found.push({ root, run });
    if (root.shadowRoot) found.push(...allWired(root.shadowRoot));
  }
  return found;
}

/** Returns the label of an item by its key, or the key if there is no label. */
export const labelsOf =
  (run: Seen | undefined) =>
  (key: string): string =>
    run?.view.labelOf?.(key) || run?.view.items.find((item) => item.key === key)?.label || key;

/** Returns the tag of an element in words: `<div id="more">`. */
export function tagOf(element: Element): string {
  const { id, localName } = element;
  const role = element.getAttribute('role');
  const own = [localName, id && `id="${id}"`, !id && role && `role="${role}"`].filter(Boolean).join(' ');
  return `<${own}>`;
}

const short = (text: string, most: number): string =>
  text.length > most ? `${text.slice(0, most - 1)}…` : text;

/** Returns a name that tells an element from others: its accessible name in quotes, or else its tag. */
export function callOf(element: Element): string {
  const name = labelText(heardName(element));
  return name ? `${tagOf(element)} “${short(name, 40)}”` : tagOf(element);
}

/** Returns the name of a wired root: its own, that of its field, or that of its opener. */
function nameOf(root: Element): string {
  const field = root.querySelector('[role=combobox],[role=tablist],[role=listbox],[role=tree]');
  const [opener] = invokersOf(root);
  return heardName(root) || (field ? heardName(field) : '') || (opener ? heardName(opener) : '') || root.id;
}

/** Returns the shortest name that tells a wired root from others. */
export const titleOf = (root: Element): string =>
  short(labelText(nameOf(root)) || labelText(root.textContent) || tagOf(root), 48);

/** Returns the nearest heading around or before a root, to tell it from others of the same name. */
export function placeOf(root: Element): string {
  for (let at: Element | null = root; at && at !== at.ownerDocument.body; at = at.parentElement) {
    const heading =
      at === root ? null : at.querySelector('h1,h2,h3,h4,h5,h6,[role=heading],strong,legend,caption');
    if (heading && !root.contains(heading)) return short(labelText(heading.textContent), 30);
  }
  return '';
}

const keys = new WeakMap<Element, string>();
const roots = new Map<string, WeakRef<HTMLElement>>();

/** Returns the key of a root, the same on each call. */
export function keyOfRoot(root: HTMLElement): string {
  const known = keys.get(root);
  if (known !== undefined) return known;
  const key = `w${roots.size}`;
  keys.set(root, key);
  roots.set(key, new WeakRef(root));
  return key;
}

/** Returns the root with a key, while it is in memory. */
export const rootOfKey = (key: string | undefined): HTMLElement | undefined =>
  key === undefined ? undefined : roots.get(key)?.deref();
