// The invoker index: which controls name what, and in which trees (documents, shadow roots, detached fragments) that
// matters. Each tree that holds something wired is observed and heard once, however much is wired in it, and let go with
// the last of it.
//
// A control is filed under the id it names (`commandfor`, else `aria-controls`) when it is first seen, and struck off when
// it leaves or names another. A root that is moved to another tree takes its membership along.
import { endListening } from '../events/listen.js';
import { isWritten } from './attribute-watch.js';
import { elementNamed, isElement, matches, topOf } from './dom.js';
import { invokerEvents, onInvokerEvent } from './invoker-events.js';
import { engineNamed, engineOf, namedBy, naming, type Running } from './registry.js';

/** Anything that can be the top of nodes: a document, a shadow root, or a detached element or fragment. */
type Tree = Node & ParentNode;

/** What is held of a tree while something in it is wired. */
interface Home {
  users: number;
  observer: MutationObserver;
  stop: AbortController;
  /** The root of the document. `document.open()` replaces it and removes all listeners. */
  top: Element | null | undefined;
}

const topIn = (tree: Tree): Element | null | undefined =>
  tree.nodeType === 9 ? tree.firstElementChild : undefined;

const trees = new Map<Tree, Home>();
/** The tree of each wired root, as it was last seen. */
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

/** Files a control under the id it names. */
const file = (control: Element): void => {
  const id = namedBy(control);
  if (filed.get(control) !== id) strike(control);
  if (!id) return;
  filed.set(control, id);
  const controls = byId.get(id);
  if (controls) controls.add(control);
  else byId.set(id, new Set([control]));
};

/** Files a control; answers whom that concerns. */
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

/** Controls have left `tree`, unless they were only moved within it: whom they named has fewer openers. */
const strikeAll = (removed: Tree, tree: Tree): (Running | undefined)[] =>
  controlsIn(removed).map((control) => {
    const id = filed.get(control) ?? namedBy(control);
    // Moved within it, or to another that is known, it is filed there.
    const now = topOf(control);
    if (now === tree) return undefined;
    if (!trees.has(now)) strike(control);
    return engineNamed(tree, id);
  });

const isSearchable = (node: Node): node is Tree => 'querySelectorAll' in node;

/** Whom a change of attributes concerns. */
const renamed = (control: Element, { oldValue }: MutationRecord): (Running | undefined)[] => {
  if (!namedBy(control)) strike(control);
  return [engineNamed(control, oldValue), ...(matches(control, naming) ? [fileFor(control)] : [])];
};

/** An aria-controls says nothing new where the engine has written it: beside commandfor, or on an item that has a panel. */
const isNews = ({ attributeName, target }: MutationRecord): boolean =>
  attributeName !== 'aria-controls' ||
  !isElement(target) ||
  !(target.hasAttribute('commandfor') || (!filed.has(target) && isWritten(target, 'aria-controls')));

/** Whom a change of the page concerns: those whose controls came, went or say something else. */
const concerned = (record: MutationRecord, tree: Tree): (Running | undefined)[] => {
  const { target, addedNodes, removedNodes, type } = record;
  if (type === 'attributes') return isElement(target) ? renamed(target, record) : [];
  return [
    ...[...removedNodes].filter(isSearchable).flatMap((node) => strikeAll(node, tree)),
    ...[...addedNodes].filter(isSearchable).flatMap(fileAll),
  ];
};

/** The wired elements around the places where nodes came or went: what they hold of their inside may be gone. */
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

/** Wired roots that now stand in another tree are heard there. One that stands nowhere stays where it was. */
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
  // With nothing left to look anything up, nothing is kept.
  if (!trees.size) byId.clear();
  else for (const control of controlsIn(tree)) strike(control);
};

/** Has the tree of `root` observed and heard until released; the last release ends it there. */
export function joinIndex(root: Element): () => void {
  const top = topOf(root);
  // A detached root is also waited for in its document, where it may be put later.
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

/** The controls that name `root`, as of now: where two have its id they name the first, as the platform has it. */
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

/** How much the index holds: for tests that nothing stays behind. */
export const indexSize = (): { trees: number; roots: number; ids: number } => ({
  trees: trees.size,
  roots: homes.size,
  ids: byId.size,
});
