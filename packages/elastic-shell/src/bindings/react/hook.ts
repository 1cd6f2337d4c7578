// The base of the hooks for React: it keeps one instance, follows its options after each commit, and renders
// again when a state has changed that was read during rendering. If React stores a state, its setter is
// asked, and the next commit is the answer. The hook renders itself again in the same batch, so there is a
// commit even if the setter ignored the value.
import { createContext, type RefCallback, useContext, useId, useLayoutEffect, useState } from 'react';
import type { Attributes } from '../../core/contract/contract.js';
import { isPromise } from '../../core/promise.js';
import { overDefaults } from '../../engine/defaults.js';
import { described } from '../../engine/dom.js';
import { tellError } from '../../engine/report-error.js';
import { type Bindable, type Bound, bound, type Taken } from '../bound.js';
import { handleOf, type HandleRules, type PartKind, propsOf } from '../handle.js';
import { asPort } from '../ports.js';

/** Attributes to spread onto an element `E`. Those of a root contain a ref. */
export type PartProps<E = HTMLElement> = Readonly<Record<string, unknown>> & {
  readonly ref?: RefCallback<E>;
};

/** The type of a part in React. */
export interface Part extends PartKind {
  /** The attributes to spread. */
  readonly part: PartProps<this['element']>;
}

/** The defaults of a subtree, by pattern. */
export const DefaultsContext = createContext<Readonly<Record<string, object>>>({});

/** React's names of attributes, where they differ. */
const names: Record<string, string> = {
  tabindex: 'tabIndex',
  for: 'htmlFor',
  autocomplete: 'autoComplete',
  value: 'defaultValue',
  checked: 'defaultChecked',
};
const toProps = (attributes: Attributes, ref: RefCallback<HTMLElement> | undefined): PartProps => {
  // The value of a field is the initial one.
  const props = propsOf(attributes, (name, isControl) =>
    name === 'value' && isControl ? name : (names[name] ?? name),
  );
  return { ...props, ...(ref && { ref, suppressHydrationWarning: isOpenedByPress(`${props['id']}`) }) };
};

/** Whether the platform has opened a dialog before React hydrates it, which isn't a mismatch. */
const isOpenedByPress = (id: string): boolean =>
  typeof document !== 'undefined' && !!document.getElementById(id)?.matches('dialog[open]');

type Pair = readonly [unknown, (value: unknown, change?: unknown) => unknown];

const isPair = (value: unknown): value is Pair =>
  Array.isArray(value) && value.length === 2 && typeof value[1] === 'function';

const isRef = (value: unknown): value is { current: unknown } =>
  typeof value === 'object' && value !== null && Object.keys(value).join() === 'current';

/** Passes an element to a ref of the user. Returns a function that clears it. */
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

/** One instance, and React's data about it. */
class Instance implements HandleRules {
  readonly bound: Bound;
  private handle: object | undefined;
  /** The states at the last rendering, if the options set them. */
  private given: readonly unknown[] = none;
  /** The states that were read during rendering. An array, because most rows read none. */
  private used: readonly string[] = none;
  private waiting: readonly (() => void)[] = none;
  /** Renders the component of the hook again. */
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

  /** Its handle. A new one is created when a state changes, so that memoised components render again. */
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
   * Wires the root when React mounts it, and passes it to the user's own ref. React 18 has no other signal
   * for the removal of the root than a call with null.
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

  /** Reports a root on the page without its ref: a `ref` after the spread replaces it. */
  private checkRef(): void {
    const { id } = this.handedRoot ?? {};
    const element = this.isChecked || this.bound.wired() || !id ? null : document.getElementById(`${id}`);
    // Markup from a server belongs to React once it is hydrated.
    if (!element || !Object.keys(element).some((name) => name.startsWith('__react'))) return;
    this.isChecked = true;
    tellError(
      new TypeError(
        `elastic-shell: ${described(element)} is not wired, because its own ref replaces the ref of the parts; pass it to the hook instead: { ref: yourRef }`,
      ),
    );
  }

  /** The options of React: pairs are states that it stores, refs are functions of their values. */
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

  /** React has committed with these options, so the callers that wait get an answer. */
  commit(taken: Taken): void {
    this.bound.take(taken);
    const { waiting } = this;
    this.waiting = none;
    for (const resolve of waiting) resolve();
    this.checkRef();
  }
}

/** React 18 creates ids with colons, which have another meaning in a selector. */
const selectable = (id: string): string => id.replaceAll(':', '-');

/** Keeps an instance of `bindable` for as long as the component lives. The caller types its handle. */
export function useInstance(bindable: Bindable, options: object = {}): object {
  const ownId = useId();
  const defaults = useContext(DefaultsContext)[bindable.outline.name];
  const all: Taken = overDefaults(defaults, options);
  // A new object makes React render the component again.
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
