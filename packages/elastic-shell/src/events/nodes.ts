// Nodes that come and go: one observer for each document or shadow root, however many hear of it, which goes with the last
// of them.
import { deliver } from '../core/cell.js';
import { treeOf } from '../engine/dom.js';

/** Hears what has come and gone, in the order in which it did. */
export type HearNodes = (records: MutationRecord[]) => void;

interface Line {
  /** Who hears, and how often each has joined. */
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

/** The trees around an element: its own, and of each shadow root the one that its host stands in. */
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

/** Has `hear` called for what comes and goes in the trees around `element`, until released. Joining twice is hearing once. */
export function followNodes(element: Element, hear: HearNodes): () => void {
  const releases = treesAround(element).map((tree) => join(tree, hear));
  return () => releases.splice(0).forEach((release) => release());
}

/** Has everyone hear at once of what has come and gone until now in the trees around `element`. */
export function flushNodes(element: Element): void {
  for (const tree of treesAround(element)) {
    const line = lines.get(tree);
    const records = line?.observer.takeRecords() ?? [];
    if (line && records.length) deliver(line.hearers.keys(), records);
  }
}
