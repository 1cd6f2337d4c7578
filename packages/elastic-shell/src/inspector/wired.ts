// Everything that is wired on a page. Nobody keeps a list of it: the page is searched when the inspector is open.
import { labelText } from '../core/text.js';
import { apart } from '../engine/apart.js';
import { invokersOf } from '../engine/invoker-index.js';
import { type Seen, wiredRun } from '../engine/registry.js';
import { heardName } from '../heard/name.js';

/** One wired root, and what runs it. */
export interface WiredRoot {
  root: HTMLElement;
  run: Seen;
}

/** Every wired root of a document, through open shadow trees, in document order. */
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

/** What the items of a root are called, by their keys; the key itself where nothing is known of it. */
export const labelsOf =
  (run: Seen | undefined) =>
  (key: string): string =>
    run?.view.labelOf?.(key) || run?.view.items.find((item) => item.key === key)?.label || key;

/** The tag of an element as one would call it: `<div id="more">`. */
export function tagOf(element: Element): string {
  const { id, localName } = element;
  const role = element.getAttribute('role');
  const own = [localName, id && `id="${id}"`, !id && role && `role="${role}"`].filter(Boolean).join(' ');
  return `<${own}>`;
}

const short = (text: string, most: number): string =>
  text.length > most ? `${text.slice(0, most - 1)}…` : text;

/** An element as people tell it from others: its name in quotes, else its tag. */
export function callOf(element: Element): string {
  const name = labelText(heardName(element));
  return name ? `${tagOf(element)} “${short(name, 40)}”` : tagOf(element);
}

/** What a wired root is called by: its own name, that of its field or of what opens it. */
function nameOf(root: Element): string {
  const field = root.querySelector('[role=combobox],[role=tablist],[role=listbox],[role=tree]');
  const [opener] = invokersOf(root);
  return heardName(root) || (field ? heardName(field) : '') || (opener ? heardName(opener) : '') || root.id;
}

/** A name for a wired root, as short as tells it from others. */
export const titleOf = (root: Element): string =>
  short(labelText(nameOf(root)) || labelText(root.textContent) || tagOf(root), 48);

/** Where a root stands, for telling it from others of its name: the nearest heading around or before it. */
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

/** A key for a root, the same each time it is asked for. */
export function keyOfRoot(root: HTMLElement): string {
  const known = keys.get(root);
  if (known !== undefined) return known;
  const key = `w${roots.size}`;
  keys.set(root, key);
  roots.set(key, new WeakRef(root));
  return key;
}

/** The root that has a key, while anybody holds it. */
export const rootOfKey = (key: string | undefined): HTMLElement | undefined =>
  key === undefined ? undefined : roots.get(key)?.deref();
