// Hosts: elements that the engine inserts for rows and lazy content, and that components of a framework fill.
// The engine requests a host, and reports when it shows another item or is removed. The component of the
// framework renders into each host, wherever it is in the component tree. So the rendered content keeps its
// context, and lives as long as its row.
import { originalOf } from './in-place.js';

/** An element that is filled by a framework. */
export interface Host<T = unknown> {
  /** Its number, which is unique and can be used as a key in a list. */
  readonly key: number;
  /** The element to render into. */
  readonly node: HTMLElement;
  /** What it should show: an item, or content that has loaded. */
  readonly value: T;
}

/** What the engine gets for a host. */
interface Life<T> {
  node: HTMLElement;
  update(value: T): void;
  release(): void;
}

/** The hosts of one kind in one instance. */
export interface Hosts<T = unknown> {
  /**
   * Returns the current hosts. It is the same array until one is added, removed or changed.
   *
   * @returns The hosts.
   */
  list(): readonly Host<T>[];
  /**
   * Adds a host.
   *
   * @param document - The document of its element.
   * @param value - What it should show.
   * @returns What the engine gets for it.
   */
  add(document: Document, value: T): Life<T>;
  /**
   * Starts to fill the hosts, until released.
   *
   * @param changed - Called after every change.
   * @returns A function that stops it.
   */
  fill(changed: () => void): () => void;
  /**
   * Returns whether a component fills the hosts.
   *
   * @returns Whether one does.
   */
  isFilled(): boolean;
}

let made = 0;

/** The item itself, of the same type as its copy. */
const shown = <T>(value: T): T => originalOf(value) as T;

const none: readonly never[] = [];

/** A class with arrays, because most instances never have a host and there may be thousands of them. */
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
    // A new function each time, so that two components that pass the same one count as two.
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

/**
 * Creates an empty list of hosts. `filled` is called when the first component starts to fill them, and when
 * the last one stops.
 */
export const hosts = <T>(filled: () => void): Hosts<T> => new HostList(filled);
