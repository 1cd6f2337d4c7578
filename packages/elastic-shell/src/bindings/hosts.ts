// Hosts: elements that the engine puts where rows and later content go, and that a framework's components fill.
//
// The engine asks for one and says when it shows another item or is gone; the framework's own component, wherever it stands
// in the tree of components, renders into each. So what is rendered keeps its context, and lives as long as its row.
import { originalOf } from './in-place.js';

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

/** The item itself, of the same type as its copy. */
const shown = <T>(value: T): T => originalOf(value) as T;

const none: readonly never[] = [];

/** A class, and arrays, since most instances never have a host and there may be thousands of them. */
class HostList<T> implements Hosts<T> {
  private all: readonly Host<T>[] = none;
  private listeners: readonly (() => void)[] = none;

  constructor(private readonly filled: () => void) {}

  list(): readonly Host<T>[] {
    return this.all;
  }

  isFilled(): boolean {
    return this.listeners.length > 0;
  }

  private become(next: readonly Host<T>[]): void {
    this.all = next;
    for (const changed of this.listeners) changed();
  }

  add(document: Document, value: T): Life<T> {
    const node = document.createElement('div');
    node.setAttribute('data-host', '');
    const key = ++made;
    this.become([...this.all, { key, node, value: shown(value) }]);
    return {
      node,
      update: (next) =>
        this.become(this.all.map((host) => (host.key === key ? { ...host, value: shown(next) } : host))),
      release: () => this.become(this.all.filter((host) => host.key !== key)),
    };
  }

  fill(changed: () => void): () => void {
    // A function of its own: two that are filled by one and the same are two.
    const hear = (): void => changed();
    this.listeners = [...this.listeners, hear];
    if (this.listeners.length === 1) this.filled();
    return () => {
      if (!this.listeners.includes(hear)) return;
      this.listeners = this.listeners.filter((each) => each !== hear);
      if (!this.listeners.length) this.filled();
    };
  }
}

/** No hosts yet; `filled` hears when somebody begins to fill them, or nobody does any more. */
export const hosts = <T>(filled: () => void): Hosts<T> => new HostList(filled);
