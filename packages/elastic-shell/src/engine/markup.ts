// Wiring by markup: elements that say by `data-wire` what they are, as a server or a template writes them.
//
// A pattern can be wired so once it is loaded: its module makes it known. Its options stand beside it as
// `data-wire-<option>`, in kebab-case, for all that a text can say.
import type { OptionKinds } from '../core/contract/options.js';
import { asState, isState, optionsFrom, revisionAttribute } from './attributes.js';
import { type KnownPattern, loadedPatterns } from './defaults.js';
import { followNodes } from '../events/nodes.js';
import { described, isCell, treeOf } from './dom.js';
import { suggestion } from './options.js';
import { wiredOf } from './registry.js';
import type { Wired } from './types.js';

const mark = 'data-wire';

/** Returns everything in `region` (and itself) that says by `data-wire` what it is. */
export const markedIn = (region: ParentNode): HTMLElement[] => {
  const inside = [...region.querySelectorAll<HTMLElement>(`[${mark}]`)];
  // A region may be marked itself; only an element matches anything.
  const own = 'matches' in region ? (region as unknown as HTMLElement) : undefined;
  return own?.matches(`[${mark}]`) ? [own, ...inside] : inside;
};

/** Returns the name of the pattern that an element says it is. */
export const nameOf = (element: Element): string => element.getAttribute(mark) ?? '';

const knownFor = (element: HTMLElement): KnownPattern => {
  const name = nameOf(element);
  const known = loadedPatterns.get(name);
  if (known) return known;
  throw new TypeError(
    `elastic-shell: data-wire="${name}" names no pattern that is loaded; ${suggestion(name, [...loadedPatterns.keys()])} (on ${described(element)})`,
  );
};

/** What was wired here and has been in a document since, and what has not yet. */
const placed = new Set<HTMLElement>();
const waiting = new Set<HTMLElement>();
/** Ends the following of nodes in each tree. */
const followed = new Map<Node, () => void>();

/** Unwires what has gone, at the end of the task after that: until then it may have been put back, or elsewhere. */
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

/** Has an element unwired when it has left the document. */
function letGoLater(element: HTMLElement): void {
  (element.isConnected ? placed : waiting).add(element);
  const tree = treeOf(element);
  if (!followed.has(tree)) followed.set(tree, followNodes(element, hear));
}

/** What an element said when it was last read: the options, and which revision of them that was. */
interface Said {
  options: Record<string, unknown>;
  revision: string | null;
}

const said = new WeakMap<Element, Said>();

const read = (element: HTMLElement, kinds: OptionKinds): Said => ({
  options: optionsFrom(element, kinds),
  revision: element.getAttribute(revisionAttribute),
});

/** What is wired follows what its attributes say anew. Of another revision every state is new, also one that is said again. */
function followSaid(element: HTMLElement, wired: Wired): void {
  const before = said.get(element);
  // A program has wired it.
  if (!before) return;
  const { options: kinds } = knownFor(element);
  const now = read(element, kinds);
  said.set(element, now);
  const isNew = (name: string): boolean => !Object.is(before.options[name], now.options[name]);
  const isAnew = before.revision !== now.revision;
  const changed: Record<string, unknown> = {};
  // One that is not said any more has its default again; a state stays.
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
 * Wires the elements with `data-wire` in `region` (and `region` itself) that aren't wired yet. Write options beside it, as
 * `data-wire-size="wide"`. Elements that were wired this way before follow options whose value has changed; a state is followed if its value
 * differs from the last one, or if `data-wire-revision` has changed. An element that leaves the document is unwired at the end of the task.
 *
 * @param region - An element, a document, a fragment or a shadow root.
 * @returns What was wired, in document order.
 * @throws TypeError for a pattern that isn't loaded, or for an unknown or wrong option. The other elements are wired before that.
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

/** Unwires everything in `region` (and itself) that is marked by `data-wire`. Harmless where nothing is wired. */
export function unwireWithin(region: ParentNode): void {
  for (const element of markedIn(region)) wiredOf(element)?.unwire();
}
