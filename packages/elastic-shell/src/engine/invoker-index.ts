// What is shared by everything wired: one observer, which keeps an index of the controls that name
// something, and one listener an event type a tree, however much is wired.
import type { Engine } from './engine.js';
import { hear, types } from './invoker-events.js';
import { engineNamed, engines, namedBy, naming } from './registry.js';

type Tree = Document | ShadowRoot;

let users = 0;
let trees: Set<Tree>;
let index: Record<string, Set<Element>>;
let observer: MutationObserver;
let stop: AbortController;

/** Files a control under the id it names; answers whom that concerns. */
const file = (control: Element): Engine | undefined => {
  if (!control.attributes) return;
  const id = namedBy(control);
  if (id) (index[id] ??= new Set()).add(control);
  return engines.get(control) ?? engineNamed(control, id);
};
const fileAll = (parent: Element | Tree): (Engine | undefined)[] =>
  [parent as Element, ...(parent.querySelectorAll?.(naming) ?? [])].map(file);

const follow = (records: MutationRecord[]): void =>
  new Set(
    records.flatMap(({ target, addedNodes, oldValue, attributeName }) =>
      // The aria-controls of a control with commandfor is the engine's own, and says nothing new.
      attributeName === 'aria-controls' && (target as Element).hasAttribute('commandfor')
        ? []
        : [
            engineNamed(target, oldValue),
            ...[...(attributeName ? [target] : addedNodes)].flatMap((node) => fileAll(node as Element)),
          ],
    ),
  ).forEach((engine) => engine?.render());

/** Has the tree of `root` observed and heard until released; the last release ends it everywhere. */
export function join(root: Element): () => void {
  const tree = root.isConnected ? (root.getRootNode() as Tree) : root.ownerDocument;
  if (!users++) {
    trees = new Set();
    index = {};
    observer = new MutationObserver(follow);
    stop = new AbortController();
  }
  if (!trees.has(tree)) {
    trees.add(tree);
    observer.observe(tree, {
      childList: true,
      subtree: true,
      attributeOldValue: true,
      attributeFilter: ['commandfor', 'aria-controls', 'command'],
    });
    for (const type of types)
      tree.addEventListener(type, hear as EventListener, { capture: type !== 'click', signal: stop.signal });
    fileAll(tree);
  }
  return () => {
    if (--users) return;
    observer.disconnect();
    stop.abort();
  };
}

/** The controls that name `root`, as of now. What has left the page, or names another, is struck off. */
export const invokersOf = (root: Element): Element[] => {
  follow(observer.takeRecords());
  const controls = index[root.id];
  return [...(controls ?? [])].filter(
    (control) => (control.isConnected && namedBy(control) === root.id) || !controls?.delete(control),
  );
};
