// Wires by markup: elements with `data-wire`, from a server or a template. This works for every loaded
// pattern, because its module registers it. Its options are attributes `data-wire-<option>`, in kebab-case,
// for every option that a text can set.
import type { OptionKinds } from '../core/contract/options.js';
import { asState, isState, optionsFrom, revisionAttribute } from './attributes.js';
import { type KnownPattern, loadedPatterns } from './defaults.js';
import { followNodes } from '../events/nodes.js';
import { described, isCell, treeOf } from './dom.js';
import { suggestion } from './options.js';
import { wiredOf } from './registry.js';
import type { Wired } from './types.js';

const mark = 'data-wire';

/** Returns the elements with `data-wire` in `region`, including `region` itself. */
export const markedIn = (region: ParentNode): HTMLElement[] => {
  const inside = [...region.querySelectorAll<HTMLElement>(`[${mark}]`)];
  // A region can be marked itself. Only elements match a selector.
  const own = 'matches' in region ? (region as unknown as HTMLElement) : undefined;
  return own?.matches(`[${mark}]`) ? [own, ...inside] : inside;
};

/** Returns the name of the pattern that an element names. */
export const nameOf = (element: Element): string => element.getAttribute(mark) ?? '';

const knownFor = (element: HTMLElement): KnownPattern => {
  const name = nameOf(element);
  const known = loadedPatterns.get(name);
  if (known) return known;
  throw new TypeError(
    `elastic-shell: data-wire="${name}" names no loaded pattern; ${suggestion(name, [...loadedPatterns.keys()])} (on ${described(element)})`,
  );
};

/** The elements that were wired here: those that have been in a document since, and those that haven't. */
const placed = new Set<HTMLElement>();
const waiting = new Set<HTMLElement>();
/** Functions that stop observing each tree. */
const followed = new Map<Node, () => void>();

/**
 * Unwires elements that have left, at the end of the next task: until then they may have been put back, or
 * moved.
 */
function letGo(): void {
  isDue = false;
  for (const element of waiting)
    if (element.isConnected) {
      waiting.delete(element);
      placed.add(element);
    }
  for (const element of [...placed, ...waiting]) {
    const wired = wiredOf(element);
    if (wired && (element.isConnected || waiting.has(element))) continue;
    placed.delete(element);
    waiting.delete(element);
    wired?.unwire();
  }
  if (placed.size + waiting.size) return;
  followed.forEach((end) => end());
  followed.clear();
}

let isDue = false;

const hear = (records: MutationRecord[]): void => {
  if (isDue || !(waiting.size || records.some(({ removedNodes }) => removedNodes.length))) return;
  isDue = true;
  setTimeout(letGo);
};

/** Unwires an element after it has left the document. */
function letGoLater(element: HTMLElement): void {
  (element.isConnected ? placed : waiting).add(element);
  const tree = treeOf(element);
  if (!followed.has(tree)) followed.set(tree, followNodes(element, hear));
}

/** The attributes of an element when they were last read: the options, and their revision. */
interface Said {
  options: Record<string, unknown>;
  revision: string | null;
}

const said = new WeakMap<Element, Said>();

const read = (element: HTMLElement, kinds: OptionKinds): Said => ({
  options: optionsFrom(element, kinds),
  revision: element.getAttribute(revisionAttribute),
});

/**
 * Applies changed attributes to a wired element. With another revision every state counts as new, even if
 * unchanged.
 */
function followSaid(element: HTMLElement, wired: Wired): void {
  const before = said.get(element);
  // It was wired by code.
  if (!before) return;
  const { options: kinds } = knownFor(element);
  const now = read(element, kinds);
  said.set(element, now);
  const isNew = (name: string): boolean => !Object.is(before.options[name], now.options[name]);
  const isAnew = before.revision !== now.revision;
  const changed: Record<string, unknown> = {};
  // An option whose attribute was removed gets its default. A state keeps its value.
  for (const name of Object.keys({ ...before.options, ...now.options })) {
    const value = now.options[name];
    const cell: unknown = isState(kinds[name] ?? []) && Reflect.get(wired, name);
    if (!isCell(cell)) {
      if (isNew(name)) changed[name] = value;
    } else if (value !== undefined && (isAnew || isNew(name))) cell.set(asState(cell.get(), value));
  }
  if (Object.keys(changed).length) wired.update(changed);
}

/**
 * Wires the elements with `data-wire` in `region` (and `region` itself) that aren't wired yet. Write options
 * beside it, as `data-wire-size="wide"`. Elements that were wired this way before follow options whose value
 * has changed. A state follows if its value differs from the last one, or if `data-wire-revision` has
 * changed. An element that leaves the document is unwired at the end of the task.
 *
 * @param region - An element, a document, a fragment or a shadow root.
 * @returns The newly wired patterns, in document order.
 * @throws TypeError if a pattern isn't loaded, or if an option is unknown or has an invalid value. The other
 * elements are wired first.
 */
export function wireWithin(region: ParentNode): Wired[] {
  const wired: Wired[] = [];
  let failed: { error: unknown } | undefined;
  for (const element of markedIn(region)) {
    try {
      const already = wiredOf(element);
      if (already) {
        followSaid(element, already);
        continue;
      }
      const { wire, options } = knownFor(element);
      const now = read(element, options);
      wired.push(wire(element, now.options));
      said.set(element, now);
      letGoLater(element);
    } catch (error) {
      failed ??= { error };
    }
  }
  if (failed) throw failed.error;
  return wired;
}

/**
 * Unwires everything in `region` (and `region` itself) that has `data-wire`. Does nothing if it contains no
 * wired elements.
 *
 * @param region - An element, a document, a fragment or a shadow root.
 */
export function unwireWithin(region: ParentNode): void {
  for (const element of markedIn(region)) wiredOf(element)?.unwire();
}
