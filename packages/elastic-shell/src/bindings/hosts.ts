// Hosts: elements that the engine puts where rows and later content go, and that a framework's components fill.
//
// The engine asks for one and says when it shows another item or is gone; the framework's own component, wherever it stands
// in the tree of components, renders into each. So what is rendered keeps its context, and lives as long as its row.

/** One element to be filled. */
export interface Host<T = unknown> {
  /** Its own for as long as it lives: a key for the framework's list. */
  readonly key: number;
  readonly node: HTMLElement;
  /** What is to be shown in it: an item, or what content has come to. */
  readonly value: T;
}

/** What the engine is given for a host. */
interface Life<T> {
  node: HTMLElement;
  update(value: T): void;
  release(): void;
}

/** The hosts of one kind in one instance. */
export interface Hosts<T = unknown> {
  /** Those that there are now; the same array until one comes, goes or changes. */
  list(): readonly Host<T>[];
  /** Another one, in `document`. */
  add(document: Document, value: T): Life<T>;
  /** Somebody fills them from now on, and hears of every change; until released. */
  fill(changed: () => void): () => void;
  isFilled(): boolean;
}

let made = 0;

/** No hosts yet; `filled` hears when somebody begins to fill them, or nobody does any more. */
export function hosts<T>(filled: () => void): Hosts<T> {
  let all: readonly Host<T>[] = [];
  const listeners = new Set<() => void>();
  const become = (next: readonly Host<T>[]): void => {
    all = next;
    for (const changed of listeners) changed();
  };
  return {
    list: () => all,
    isFilled: () => listeners.size > 0,
    add(document, value) {
      const node = document.createElement('div');
      node.setAttribute('data-host', '');
      const key = ++made;
      become([...all, { key, node, value }]);
      return {
        node,
        update: (next) => become(all.map((host) => (host.key === key ? { ...host, value: next } : host))),
        release: () => become(all.filter((host) => host.key !== key)),
      };
    },
    fill(changed) {
      // A function of its own: two that are filled by one and the same are two.
      const hear = (): void => changed();
      listeners.add(hear);
      if (listeners.size === 1) filled();
      return () => {
        if (listeners.delete(hear) && !listeners.size) filled();
      };
    },
  };
}
