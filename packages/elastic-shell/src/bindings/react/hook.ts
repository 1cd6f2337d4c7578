// How a pattern lives in React: a hook that holds one instance, follows its options after each commit, and renders again
// when a state that was read while rendering has changed.
//
// A state that React holds is asked by its setter, and answers with the commit that follows: the hook has itself rendered
// again in the same batch, so there is one also where the setter was ignored.
import { createContext, type RefCallback, useContext, useId, useLayoutEffect, useState } from 'react';
import type { Attributes } from '../../core/contract/contract.js';
import { isPromise } from '../../core/promise.js';
import { overDefaults } from '../../engine/defaults.js';
import { described } from '../../engine/dom.js';
import { tellError } from '../../engine/report-error.js';
import { type Bindable, type Bound, bound, type Taken } from '../bound.js';
import { handleOf, type HandleRules, type PartKind, propsOf } from '../handle.js';
import { asPort } from '../ports.js';

/** Attributes to spread onto an element `E`; those of a root have a ref. */
export type PartProps<E = HTMLElement> = Readonly<Record<string, unknown>> & {
  readonly ref?: RefCallback<E>;
};

/** What a part is in React. */
export interface Part extends PartKind {
  readonly part: PartProps<this['element']>;
}

/** The defaults of a subtree, by pattern. */
export const DefaultsContext = createContext<Readonly<Record<string, object>>>({});

/** What React calls attributes, where it has other names for them. */
const names: Record<string, string> = {
  tabindex: 'tabIndex',
  for: 'htmlFor',
  autocomplete: 'autoComplete',
  value: 'defaultValue',
  checked: 'defaultChecked',
};
const toProps = (attributes: Attributes, ref: RefCallback<HTMLElement> | undefined): PartProps => {
  // A field's value is the first that it shows.
  const props = propsOf(attributes, (name, isControl) =>
    name === 'value' && isControl ? name : (names[name] ?? name),
  );
  return { ...props, ...(ref && { ref, suppressHydrationWarning: isOpenedByPress(`${props['id']}`) }) };
};

/** Whether the platform has opened a dialog before React takes over what a server has rendered: that is no mismatch. */
const isOpenedByPress = (id: string): boolean =>
  typeof document !== 'undefined' && !!document.getElementById(id)?.matches('dialog[open]');

type Pair = readonly [unknown, (value: unknown, change?: unknown) => unknown];

const isPair = (value: unknown): value is Pair =>
  Array.isArray(value) && value.length === 2 && typeof value[1] === 'function';

const isRef = (value: unknown): value is { current: unknown } =>
  typeof value === 'object' && value !== null && Object.keys(value).join() === 'current';

/** Hands an element to a ref of the user's; returns what takes it back. */
function hand(ref: unknown, element: HTMLElement): () => void {
  if (typeof ref === 'function') {
    const cleanUp: unknown = ref(element);
    return () => void (typeof cleanUp === 'function' ? cleanUp() : ref(null));
  }
  if (!isRef(ref)) return () => {};
  ref.current = element;
  return () => (ref.current = null);
}

const none: readonly never[] = [];

/** One instance, and what React knows of it. */
class Instance implements HandleRules {
  readonly bound: Bound;
  private handle: object | undefined;
  /** What its states were when they were last rendered, where options say so. */
  private given: readonly unknown[] = none;
  /** The states that were read while rendering. An array, since most rows read none. */
  private used: readonly string[] = none;
  private waiting: readonly (() => void)[] = none;
  /** Renders the hook's component again. */
  render: () => void = () => {};
  private ref: unknown;
  private leave: (() => void) | undefined;
  private handedRoot: PartProps | undefined;
  private isChecked = false;

  constructor(
    readonly bindable: Bindable,
    id: string,
  ) {
    this.bound = bound(bindable, id, (name) => {
      this.handle = undefined;
      if (this.used.includes(name)) this.render();
    });
  }

  props(attributes: Attributes, isRoot: boolean): PartProps {
    return isRoot ? (this.handedRoot = toProps(attributes, this.root)) : toProps(attributes, undefined);
  }

  track(name: string): void {
    if (!this.used.includes(name)) this.used = [...this.used, name];
  }

  /** Its handle: another one when a state is another, so that what is memoised by it is rendered again. */
  handleFor(options: Taken): object {
    const given = Object.keys(this.bindable.outline.first).map((name) => {
      const option = options[name];
      return isPair(option) ? option[0] : option;
    });
    if (given.some((value, at) => !Object.is(value, this.given[at]))) this.handle = undefined;
    this.given = given;
    return (this.handle ??= handleOf(this.bound, this));
  }

  /**
   * Wires the root when React mounts it, and gives it to the user's own ref. It is called with null when the root goes: React 18 knows no
   * other way.
   */
  private readonly root = (element: HTMLElement | null): void => {
    this.leave?.();
    this.leave = undefined;
    if (!element) return;
    this.isChecked = true;
    const forget = hand(this.ref, element);
    const detach = this.bound.attach(element);
    this.leave = () => {
      detach();
      forget();
    };
  };

  /** Says so if the root is on the page without its ref: written after the spread, a `ref` takes its place. */
  private checkRef(): void {
    const { id } = this.handedRoot ?? {};
    const element = this.isChecked || this.bound.wired() || !id ? null : document.getElementById(`${id}`);
    // What a server has rendered is React's once it is hydrated.
    if (!element || !Object.keys(element).some((name) => name.startsWith('__react'))) return;
    this.isChecked = true;
    tellError(
      new TypeError(
        `elastic-shell: ${described(element)} is not wired, because its own ref replaces the ref of the parts; pass it to the hook instead: { ref: yourRef }`,
      ),
    );
  }

  /** Options as React gives them: pairs are states that it holds, refs are functions of what they hold. */
  read({ ref, ...options }: Taken): Taken {
    this.ref = ref;
    const isState = (name: string): boolean => Object.hasOwn(this.bindable.outline.first, name);
    const taken = Object.entries(options).map(([name, value]) => {
      if (isState(name) && isPair(value)) return [name, this.port(value)];
      return [name, isRef(value) ? () => value.current : value];
    });
    return Object.fromEntries(taken);
  }

  private port([value, set]: Pair): object {
    return asPort({
      get: () => value,
      set: (next, change) => {
        const answer = set(next, change);
        const committed = new Promise<void>((resolve) => {
          this.waiting = [...this.waiting, resolve];
        });
        this.render();
        return isPromise(answer) ? Promise.all([Promise.resolve(answer), committed]) : committed;
      },
    });
  }

  /** React has committed with these options: whoever asked hears of it. */
  commit(taken: Taken): void {
    this.bound.take(taken);
    const { waiting } = this;
    this.waiting = none;
    for (const resolve of waiting) resolve();
    this.checkRef();
  }
}

/** React 18 makes ids with colons, which mean something else in a selector. */
const selectable = (id: string): string => id.replaceAll(':', '-');

/** Holds an instance of `bindable` for as long as the component lives. Its handle is typed by the caller. */
export function useInstance(bindable: Bindable, options: object = {}): object {
  const ownId = useId();
  const defaults = useContext(DefaultsContext)[bindable.outline.name];
  const all: Taken = overDefaults(defaults, options);
  // In an object of its own: another one has the component rendered again.
  const [{ instance }, setHeld] = useState(() => {
    const made = new Instance(bindable, `${all['id'] ?? selectable(ownId)}`);
    made.bound.take(made.read(all));
    return { instance: made };
  });
  useLayoutEffect(() => {
    instance.render = () => setHeld({ instance });
    instance.commit(instance.read(all));
  });
  return instance.handleFor(all);
}
