// The invoker index: which controls name what. One observer for everything that is wired keeps it current, and one
// listener an event type a tree hears for all of it, however much is wired.
//
// A control is filed under the id it names (`commandfor`, else `aria-controls`) when it is first seen. It is struck off when
// it is looked up and has left the page or names another, so that nothing has to be told when controls go.
import { isElement, treeOf } from './dom.js';
import { invokerEvents, onInvokerEvent } from './invoker-events.js';
import { engineNamed, engineOf, namedBy, naming, type Running } from './registry.js';

type Tree = Document | ShadowRoot;

/** What is shared while anything is wired. */
interface Index {
  trees: Set<Tree>;
  byId: Map<string, Set<Element>>;
  observer: MutationObserver;
  stop: AbortController;
}

let users = 0;
let index: Index | undefined;

/** Files a control under the id it names; answers whom that concerns. */
const file = (control: Element, { byId }: Index): Running | undefined => {
  const id = namedBy(control);
  if (id) {
    const controls = byId.get(id) ?? new Set();
    byId.set(id, controls.add(control));
  }
  return engineOf(control) ?? engineNamed(control, id);
};

const fileAll = (within: ParentNode, now: Index): (Running | undefined)[] => [
  ...(isElement(within) ? [file(within, now)] : []),
  ...[...within.querySelectorAll(naming)].map((control) => file(control, now)),
];

/** Whom a change of the page concerns. */
const concerned = (
  { target, addedNodes, oldValue, attributeName }: MutationRecord,
  now: Index,
): (Running | undefined)[] => {
  if (!attributeName || !isElement(target))
    return [...addedNodes].flatMap((node) => (isElement(node) ? fileAll(node, now) : []));
  // The aria-controls of a control with commandfor is the engine's own, and says nothing new.
  if (attributeName === 'aria-controls' && target.hasAttribute('commandfor')) return [];
  return [engineNamed(target, oldValue), ...fileAll(target, now)];
};

const follow = (records: readonly MutationRecord[]): void => {
  const now = index;
  if (now) new Set(records.flatMap((record) => concerned(record, now))).forEach((engine) => engine?.render());
};

const start = (): Index => ({
  trees: new Set(),
  byId: new Map(),
  observer: new MutationObserver(follow),
  stop: new AbortController(),
});

const hearTree = (tree: Tree, now: Index): void => {
  now.trees.add(tree);
  now.observer.observe(tree, {
    childList: true,
    subtree: true,
    attributeOldValue: true,
    attributeFilter: ['commandfor', 'aria-controls', 'command'],
  });
  for (const type of invokerEvents)
    tree.addEventListener(type, onInvokerEvent, { capture: type !== 'click', signal: now.stop.signal });
  fileAll(tree, now);
};

/** Has the tree of `root` observed and heard until released; the last release ends it everywhere. */
export function joinIndex(root: Element): () => void {
  users++;
  const now = (index ??= start());
  const tree = root.isConnected ? treeOf(root) : root.ownerDocument;
  if (!now.trees.has(tree)) hearTree(tree, now);
  return () => {
    if (--users) return;
    now.observer.disconnect();
    now.stop.abort();
    index = undefined;
  };
}

/** The controls that name `root`, as of now. What has left the page, or names another, is struck off. */
export function invokersOf(root: Element): HTMLElement[] {
  if (!index) return [];
  follow(index.observer.takeRecords());
  const controls = index.byId.get(root.id) ?? new Set();
  for (const control of controls)
    if (!control.isConnected || namedBy(control) !== root.id) controls.delete(control);
  return [...controls].filter(isElement);
}
