// The invoker index: which controls name which ids, in each tree (document, shadow root, detached fragment)
// with wired elements. Each such tree has one observer and one listener, however many elements are wired in
// it, until the last of them is unwired. A control is filed under the id that it names (`commandfor`, or
// `aria-controls`) when it is first seen, and removed when it leaves or names another. A root that moves to
// another tree is indexed there.
import { endListening } from '../events/listen.js';
import { isWritten } from './attribute-watch.js';
import { elementNamed, isElement, matches, topOf } from './dom.js';
import { invokerEvents, onInvokerEvent } from './invoker-events.js';
import { engineNamed, engineOf, namedBy, naming, type Running } from './registry.js';

/** The top of a tree: a document, a shadow root, or a detached element or fragment. */
type Tree = Node & ParentNode;

/** The index of a tree, while it contains wired elements. */
interface Home {
  users: number;
  observer: MutationObserver;
  stop: AbortController;
  /** The root element of the document. `document.open()` replaces it and removes all listeners. */
  top: Element | null | undefined;
}

const topIn = (tree: Tree): Element | null | undefined =>
  tree.nodeType === 9 ? tree.firstElementChild : undefined;

const trees = new Map<Tree, Home>();
/** The last known tree of each wired root. */
const homes = new Map<Element, Tree>();
const byId = new Map<string, Set<Element>>();
/** The id that a control is filed under. */
const filed = new WeakMap<Element, string>();

const strike = (control: Element): void => {
  const id = filed.get(control);
  const controls = id === undefined ? undefined : byId.get(id);
  filed.delete(control);
  if (id !== undefined && controls?.delete(control) && !controls.size) byId.delete(id);
};

/** Files a control under the id that it names. */
const file = (control: Element): void => {
  const id = namedBy(control);
  if (filed.get(control) !== id) strike(control);
  if (!id) return;
  filed.set(control, id);
  const controls = byId.get(id);
  if (controls) controls.add(control);
  else byId.set(id, new Set([control]));
};

/** Files a control, and returns the wired elements that are concerned. */
const fileFor = (control: Element): Running | undefined => {
  file(control);
  return engineOf(control) ?? engineNamed(control, namedBy(control));
};

const controlsIn = (within: Tree): Element[] => [
  ...(isElement(within) && matches(within, naming) ? [within] : []),
  ...within.querySelectorAll(naming),
];

const fileAll = (within: Tree): (Running | undefined)[] => [
  ...(isElement(within) ? [engineOf(within)] : []),
  ...controlsIn(within).map(fileFor),
];

/**
 * Removes controls that have left `tree`, unless they only moved within it. The elements that they named lose
 * an opener.
 */
const strikeAll = (removed: Tree, tree: Tree): (Running | undefined)[] =>
  controlsIn(removed).map((control) => {
    const id = filed.get(control) ?? namedBy(control);
    // If it moved within the tree, or to another known tree, it is filed there.
    const now = topOf(control);
    if (now === tree) return undefined;
    if (!trees.has(now)) strike(control);
    return engineNamed(tree, id);
  });

const isSearchable = (node: Node): node is Tree => 'querySelectorAll' in node;

/** Returns the wired elements that a change of attributes concerns. */
const renamed = (control: Element, { oldValue }: MutationRecord): (Running | undefined)[] => {
  if (!namedBy(control)) strike(control);
  return [engineNamed(control, oldValue), ...(matches(control, naming) ? [fileFor(control)] : [])];
};

/** An aria-controls that the engine wrote, beside commandfor or on an item with a panel, adds nothing. */
const isNews = ({ attributeName, target }: MutationRecord): boolean =>
  attributeName !== 'aria-controls' ||
  !isElement(target) ||
  !(target.hasAttribute('commandfor') || (!filed.has(target) && isWritten(target, 'aria-controls')));

/**
 * Returns the wired elements that a change of the page concerns: those whose controls were added, removed or
 * changed.
 */
const concerned = (record: MutationRecord, tree: Tree): (Running | undefined)[] => {
  const { target, addedNodes, removedNodes, type } = record;
  if (type === 'attributes') return isElement(target) ? renamed(target, record) : [];
  return [
    ...[...removedNodes].filter(isSearchable).flatMap((node) => strikeAll(node, tree)),
    ...[...addedNodes].filter(isSearchable).flatMap(fileAll),
  ];
};

/** Returns the wired elements around added or removed nodes, whose parts may have been removed. */
const around = (records: readonly MutationRecord[]): Set<Running> => {
  const found = new Set<Running>();
  const seen = new Set<Node>();
  for (const { target, type } of records)
    for (
      let at: Node | null = type === 'childList' ? target : null;
      at && !seen.has(at);
      at = at.parentNode
    ) {
      seen.add(at);
      const engine = engineOf(at);
      if (engine) found.add(engine);
    }
  return found;
};

/** Moves wired roots that are in another tree now. A root that is in no tree stays where it was. */
const rehome = (): void => {
  for (const [root, home] of homes) {
    const now = topOf(root);
    if (now === home || (!root.isConnected && !trees.has(now))) continue;
    homes.set(root, now);
    join(now);
    leave(home);
    engineOf(root)?.render();
  }
};

const follow = (all: readonly MutationRecord[], tree: Tree): void => {
  const records = all.filter(isNews);
  if (!records.length) return;
  if (records.some(({ type }) => type === 'childList')) rehome();
  const now = new Set(records.flatMap((record) => concerned(record, tree)));
  for (const engine of around(records)) engine.inside();
  now.forEach((engine) => engine?.render());
};

const join = (tree: Tree): void => {
  const known = trees.get(tree);
  if (known) {
    known.users++;
    if (known.top === topIn(tree)) return;
    known.observer.disconnect();
    endListening(known.stop);
  }
  const observer = new MutationObserver((records) => follow(records, tree));
  const stop = new AbortController();
  trees.set(tree, { users: known?.users ?? 1, observer, stop, top: topIn(tree) });
  observer.observe(tree, {
    childList: true,
    subtree: true,
    attributeOldValue: true,
    attributeFilter: ['commandfor', 'aria-controls', 'command'],
  });
  for (const type of invokerEvents)
    tree.addEventListener(type, onInvokerEvent, { capture: type !== 'click', signal: stop.signal });
  controlsIn(tree).forEach(file);
};

const leave = (tree: Tree): void => {
  const home = trees.get(tree);
  if (!home || --home.users) return;
  trees.delete(tree);
  home.observer.disconnect();
  endListening(home.stop);
  // Without wired elements, the index is empty.
  if (!trees.size) byId.clear();
  else for (const control of controlsIn(tree)) strike(control);
};

/** Observes the tree of `root` and listens on it until released. The last release stops both. */
export function joinIndex(root: Element): () => void {
  const top = topOf(root);
  // A detached root is also awaited in its document, where it may be inserted later.
  const document = root.isConnected ? undefined : root.ownerDocument;
  homes.set(root, top);
  join(top);
  if (document) join(document);
  return () => {
    leave(homes.get(root) ?? top);
    homes.delete(root);
    if (document) leave(document);
  };
}

/**
 * Returns the controls that name `root` now. If two elements have its id, the controls belong to the first,
 * as on the platform.
 */
export function invokersOf(root: Element): HTMLElement[] {
  const home = homes.get(root);
  const observer = home && trees.get(home)?.observer;
  if (home && observer) follow(observer.takeRecords(), home);
  const id = root.getAttribute('id') ?? '';
  const controls = byId.get(id);
  if (!controls || elementNamed(root, id) !== root) return [];
  const now = topOf(root);
  return [...controls].filter(
    (control): control is HTMLElement => namedBy(control) === id && topOf(control) === now,
  );
}

/** Returns the size of the index, for tests that check for leaks. */
export const indexSize = (): { trees: number; roots: number; ids: number } => ({
  trees: trees.size,
  roots: homes.size,
  ids: byId.size,
});
