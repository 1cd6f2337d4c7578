// Wires on first use. If a page wires many instances of a pattern in one task, all but the first few only get
// the attributes of a closed instance. They are wired in full at the first event, read or call that concerns
// them. Until then, an instance has its place in the invoker index, the attributes of its openers, and an
// entry in the registry through which events reach it. An observer for each tree wires it if another script
// changes the attributes that show its state.
import type { Attributes, Contract, View } from '../core/contract/contract.js';
import type { Part } from './attribute-writer.js';
import { claim, refuseRoot, unclaim } from './claims.js';
import { topOf } from './dom.js';
import { tellWired } from './early-presses.js';
import { invokersOf, joinIndex } from './invoker-index.js';
import { isOneOfMany } from './many.js';
import { engines, intentOf, keepWired, type Running, type Seen, waits } from './registry.js';
import type { Cause, Wired } from './types.js';

/** An attribute that was written, and its value before and after. */
type Written = readonly [element: Element, name: string, before: string | null, after: string | null];

const put = (element: Element, name: string, value: string | null): void => {
  if (value === null) element.removeAttribute(name);
  else element.setAttribute(name, value);
};

/** Untouched instances by their root and by each of their openers. */
const untouched = new WeakMap<EventTarget, Untouched>();

/** One instance, and the attributes that it has while it is untouched. Events and the index reach it as a running pattern. */
class Untouched<W extends Wired = Wired> implements Running {
  #written: Written[] = [];
  #real: W | undefined;
  #isRestored = false;
  #isOver = false;
  /** The object that the user holds. */
  handle: W | undefined;
  /** Called once it is wired in full. */
  heard: (() => void) | undefined;

  constructor(
    readonly root: HTMLElement,
    readonly commands: Running['commands'],
    parts: Iterable<Part>,
    readonly leave: () => void,
    readonly make: () => W,
  ) {
    // The platform opens dialogs and `<details>` with this attribute, whatever the pattern writes.
    this.#write(root, { open: root.getAttribute('open') });
    for (const [element, attributes] of parts) this.#write(element, attributes);
    engines.set(root, this);
    tellWired(root);
  }

  /** Wires the pattern in full and returns its engine. */
  #engine(): Running {
    this.wake();
    return engines.get(this.root) ?? this;
  }

  get run(): Seen {
    return this.#engine().run;
  }

  intend(intent: string, cause: Cause): void {
    this.#engine().intend(intent, cause);
  }

  reread(): void {
    this.#engine().reread();
  }

  render(): void {
    this.#engine().render();
  }

  inside(): void {}

  #write(element: Element, attributes: Attributes = {}): void {
    for (const [name, after] of Object.entries(attributes)) {
      const before = element.getAttribute(name);
      this.#written.push([element, name, before, after]);
      if (before !== after) put(element, name, after);
    }
    untouched.set(element, this);
  }

  /** Writes another value for an attribute of the root, unless it is wired or the attribute has been changed since. */
  rewrite(name: string, value: string): void {
    if (this.#isRestored) return;
    this.#written = this.#written.map((each) => {
      const [element, written, before, after] = each;
      if (element !== this.root || written !== name || element.getAttribute(name) !== after) return each;
      put(element, name, value);
      return [element, name, before, value];
    });
  }

  #restore(): void {
    if (this.#isRestored) return;
    this.#isRestored = true;
    for (const [element, name, before, after] of this.#written) {
      if (before !== after && element.getAttribute(name) === after) put(element, name, before);
      untouched.delete(element);
    }
    engines.delete(this.root);
    unclaim(this.root);
    this.leave();
  }

  /** Returns the pattern wired in full. */
  wake(): W {
    if (this.#real) return this.#real;
    this.#restore();
    this.#real = this.make();
    if (this.#isOver) this.#real.unwire();
    if (this.handle) {
      waits.delete(this.handle);
      keepWired(this.handle);
    }
    this.heard?.();
    return this.#real;
  }

  unwire(): void {
    if (this.#real) this.#real.unwire();
    else this.#restore();
    this.#isOver = true;
  }

  /** Wires it in full if another script has changed an attribute, with that change still to be noticed. */
  follow(): void {
    if (this.#isRestored) return;
    const changed = this.#written.filter(([element, name, , after]) => element.getAttribute(name) !== after);
    const now = changed.map(([element, name]) => [element, name, element.getAttribute(name)] as const);
    if (!changed.length) return;
    for (const [element, name, , after] of changed) put(element, name, after);
    this.wake();
    for (const [element, name, value] of now) put(element, name, value);
  }
}

/** Wires the instance whose root or opener `node` is, if one waits there. */
export const wakeAt = (node: EventTarget): void => void untouched.get(node)?.wake();

/** The observers of trees with untouched instances, and the number of those. */
const watches = new Map<Node, { users: number; observer: MutationObserver }>();

/** Observes a tree from the end of this task on. Returns a function that ends this for one instance. */
function observe(tree: Node): () => void {
  const follow = (records: readonly MutationRecord[]): void => {
    for (const { target } of records) untouched.get(target)?.follow();
  };
  const watch = watches.get(tree) ?? { users: 0, observer: new MutationObserver(follow) };
  watches.set(tree, watch);
  const begin = (): void => {
    if (watch.users)
      watch.observer.observe(tree, { subtree: true, attributeFilter: ['hidden', 'open', 'aria-expanded'] });
  };
  if (!watch.users++) queueMicrotask(begin);
  return () => {
    if (--watch.users) return;
    watch.observer.disconnect();
    watches.delete(tree);
  };
}

/** Makes handles: every member but `root` and `unwire` wires the pattern in full when it is used. */
const onUse: ProxyHandler<Untouched> = {
  get: (one, name) =>
    name === 'root' ? one.root : name === 'unwire' ? () => one.unwire() : Reflect.get(one.wake(), name),
  has: (one, name) => Reflect.has(one.wake(), name),
  ownKeys: (one) => Reflect.ownKeys(one.wake()),
  getOwnPropertyDescriptor: (one, name) => Reflect.getOwnPropertyDescriptor(one.wake(), name),
};

/** Returns the attributes of the root and its openers. */
function partsOf<S extends object, O, I extends string>(
  root: HTMLElement,
  { commands, read, semantics }: Contract<S, O, I>,
  options: O,
): [root: Part, ...openers: Part[]] {
  const view: View<O> = { root, options, items: [] };
  const state = read(view);
  const openers = invokersOf(root).map((control): Part => {
    const intent = intentOf(commands, control.getAttribute('command'));
    return [control, semantics.opener?.(state, view, intent)];
  });
  return [[root, semantics.root?.(state, view)], ...openers];
}

/** Pattern-specific handling of waiting instances. */
export interface WaitRules {
  /** Returns the initial attributes of the root, in place of those that it will have. */
  first?(root: Element, attributes: Attributes): Attributes;
  /** Called when it starts to wait. */
  begin?(one: Pick<Untouched, 'root' | 'rewrite'>): void;
  /**
   * Listens for a first use other than a command, a call or an attribute. Returns a function that ends this.
   */
  hear?(root: Element): () => void;
}

/**
 * Wires `root` with `make`: now, or at the first use if this task has already wired many. Throws a TypeError
 * if `root` is already wired.
 */
export function whenTouched<S extends object, O, I extends string, W extends Wired>(
  root: HTMLElement,
  contract: Contract<S, O, I>,
  options: O,
  make: () => W,
  { first, begin, hear }: WaitRules = {},
): W {
  if (!isOneOfMany()) return make();
  refuseRoot(contract.name, root);
  claim(root);
  const releases = [joinIndex(root), observe(topOf(root)), ...(hear ? [hear(root)] : [])];
  const leave = (): void => releases.forEach((release) => release());
  const [[, own = {}], ...openers] = partsOf(root, contract, options);
  const parts: Part[] = [[root, first?.(root, own) ?? own], ...openers];
  const one = new Untouched(root, contract.commands, parts, leave, make);
  begin?.(one);
  // The proxy has all members of W.
  one.handle = new Proxy<Untouched>(one, onUse) as unknown as W;
  waits.set(one.handle, (heard) => (one.heard = heard));
  return keepWired(one.handle);
}
