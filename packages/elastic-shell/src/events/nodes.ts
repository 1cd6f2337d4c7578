// Added and removed nodes: one observer for each document or shadow root, however many callers there are,
// which is disconnected with the last of them.
import { deliver } from '../core/cell.js';
import { treeOf } from '../engine/dom.js';

/** Called with added and removed nodes, in their order. */
export type HearNodes = (records: MutationRecord[]) => void;

interface Line {
  /** The callers, and how often each has joined. */
  hearers: Map<HearNodes, number>;
  observer: MutationObserver;
}

const lines = new Map<Node, Line>();

const start = (tree: Node): Line => {
  const hearers = new Map<HearNodes, number>();
  const observer = new MutationObserver((records) => deliver(hearers.keys(), records));
  observer.observe(tree, { childList: true, subtree: true });
  const line = { hearers, observer };
  lines.set(tree, line);
  return line;
};

const join = (tree: Node, hear: HearNodes): (() => void) => {
  const line = lines.get(tree) ?? start(tree);
  const { hearers, observer } = line;
  hearers.set(hear, (hearers.get(hear) ?? 0) + 1);
  return () => {
    const left = (hearers.get(hear) ?? 0) - 1;
    if (left > 0) hearers.set(hear, left);
    else hearers.delete(hear);
    if (hearers.size || lines.get(tree) !== line) return;
    observer.disconnect();
    lines.delete(tree);
  };
};

/** Returns the trees around an element: its own, and for each shadow root the tree of its host. */
const treesAround = (element: Element): Node[] => {
  const found: Node[] = [];
  let tree: Node = treeOf(element);
  for (;;) {
    found.push(tree);
    if (!('host' in tree)) return found;
    // Only a shadow root has a host.
    tree = treeOf((tree as ShadowRoot).host);
  }
};

/**
 * Calls `hear` with nodes that are added or removed in the trees around `element`, until released. Joining
 * twice has no further effect.
 */
export function followNodes(element: Element, hear: HearNodes): () => void {
  const releases = treesAround(element).map((tree) => join(tree, hear));
  return () => releases.splice(0).forEach((release) => release());
}

/** Calls everyone at once with the nodes added or removed so far in the trees around `element`. */
export function flushNodes(element: Element): void {
  for (const tree of treesAround(element)) {
    const line = lines.get(tree);
    const records = line?.observer.takeRecords() ?? [];
    if (line && records.length) deliver(line.hearers.keys(), records);
  }
}
