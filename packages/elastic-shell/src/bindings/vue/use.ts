// How a pattern lives in Vue: a composable that holds one instance, follows its options after each flush, and is reactive
// wherever a state is read.
//
// A state that Vue holds is a ref: it is set, and read again at once; where it has not taken the value (a model whose parent
// has yet to answer), it is read again after the next tick.
import {
  type App,
  type ComponentInternalInstance,
  ErrorCodes,
  getCurrentInstance,
  handleError,
  inject,
  type InjectionKey,
  isReactive,
  isRef,
  nextTick,
  onActivated,
  onDeactivated,
  type Ref,
  shallowRef,
  triggerRef,
  useId,
  type VNode,
  watch,
} from 'vue';
import type { Attributes } from '../../core/contract/contract.js';
import { overDefaults } from '../../engine/defaults.js';
import { tellError } from '../../engine/report-error.js';
import { type Bindable, type Bound, bound, type Taken } from '../bound.js';
import { handleOf, type PartKind, propsOf } from '../handle.js';
import { readAll } from '../in-place.js';
import { asPort, isPort, type Port, setPort } from '../ports.js';

/** Attributes and the hooks that wire the root, for `v-bind`. */
export type PartProps = Readonly<Record<string, unknown>>;

/** What a part is in Vue, whose templates don't check which element attributes are bound to. */
export interface Part extends PartKind {
  readonly part: PartProps;
}

/** The defaults of a subtree, by pattern. */
export type DefaultsMap = Readonly<Record<string, object>>;

/** Where they are provided; `app.provide` takes it as well. */
export const defaultsKey: InjectionKey<DefaultsMap> = Symbol('elastic-shell defaults');

function toProps(attributes: Attributes, hooks: object | undefined): PartProps {
  // As an attribute: what somebody has typed before hydration is a property, and stays.
  const props = propsOf(attributes, (name) => (name === 'value' ? '^value' : name));
  return { ...props, ...hooks };
}

/** Runs `act`. Its error goes to Vue's handlers; without any, to the page, and Vue goes on rendering. */
function attempt(owner: ComponentInternalInstance | null, act: () => void): void {
  try {
    act();
  } catch (error) {
    try {
      handleError(error, owner, ErrorCodes.VNODE_HOOK);
    } catch (unhandled) {
      tellError(unhandled);
    }
  }
}

/**
 * Hooks of the root's node: it is wired once it is mounted, which inside a pending `<Suspense>` is when that resolves. A
 * `ref` of the user's own stays free, and on a component they find its element.
 */
function rootHooks(instance: Bound): object {
  const owner = getCurrentInstance();
  let root: unknown;
  let release: (() => void) | undefined;
  const leave = (): void => {
    root = undefined;
    release?.();
    release = undefined;
  };
  const follow = ({ el }: Pick<VNode, 'el'>): void => {
    if (el === root) return;
    leave();
    root = el;
    if (el instanceof HTMLElement) attempt(owner, () => (release = instance.attach(el)));
  };
  /** The root on the page that is kept alive and not shown. */
  let kept: unknown;
  // Otherwise, as its root has left the page, it would close what it shares with the page that is shown now.
  onDeactivated(() => {
    kept = root;
    leave();
  });
  onActivated(() => {
    if (kept) follow({ el: kept });
    kept = undefined;
  });
  return {
    onVnodeMounted: follow,
    onVnodeUpdated: follow,
    onVnodeBeforeUnmount({ el }: VNode): void {
      if (el === root) leave();
    },
  };
}

const refPort = (ref: Ref<unknown>): Port =>
  asPort({
    get: () => ref.value,
    set(value) {
      ref.value = value;
      return Object.is(ref.value, value) ? undefined : nextTick();
    },
  });

/** Options that take an element: a ref of one is read when it is wanted. */
const elements = new Set(['anchor', 'firstFocus', 'focusReturn', 'context']);

/** An option as Vue gives it. Lists are taken as they are now: one that is changed in place is another then. */
function taken({ outline }: Bindable, name: string, value: unknown): unknown {
  const isState = Object.hasOwn(outline.first, name);
  if (isState && isRef(value)) return refPort(value);
  if (isState && value instanceof Set && isReactive(value)) return setPort(value);
  if (isState && typeof value === 'function') return asPort({ get: () => value(), set: () => nextTick() });
  if (isRef(value) && elements.has(name)) return () => value.value;
  const now = isRef(value) ? value.value : value;
  return Array.isArray(now) ? [...now] : now;
}

/** Options, or a function of them that is followed. */
export type Given<O> = O | (() => O);

/**
 * Holds an instance of `bindable` for as long as the component lives. Its handle is typed by the caller. Throws a TypeError outside of
 * setup.
 */
export function useInstance(bindable: Bindable, given: Given<object> = {}): object {
  const owner = getCurrentInstance();
  if (!owner)
    throw new TypeError(
      `elastic-shell: a ${bindable.outline.name} was created outside a component; call its function in setup() or in <script setup>, before the first await`,
    );
  const defaults = inject(defaultsKey, {})[bindable.outline.name];
  const read = (): Taken => {
    const all = overDefaults(defaults, typeof given === 'function' ? given() : given);
    return Object.fromEntries(
      Object.entries(all).map(([name, value]) => [name, taken(bindable, name, value)]),
    );
  };
  const first = read();
  const changes = new Map<string, Ref<number>>();
  const changeOf = (name: string): Ref<number> => {
    const known = changes.get(name) ?? shallowRef(0);
    changes.set(name, known);
    return known;
  };
  const instance = bound(bindable, `${first['id'] ?? useId()}`, (name) => triggerRef(changeOf(name)));
  instance.take(first);
  const follow = (): Taken => {
    const now = read();
    // Looked into, so that a change of them is heard.
    for (const name of Object.keys(bindable.outline.first)) valueOf(now[name]);
    return now;
  };
  watch(follow, (next) => attempt(owner, () => instance.take(next)), { flush: 'post' });
  followInside(given, () => attempt(owner, () => instance.renewItems()));
  const root = rootHooks(instance);
  return handleOf(instance, {
    props: (attributes, isRoot) => toProps(attributes, isRoot ? root : undefined),
    track: (name) => void changeOf(name).value,
  });
}

/**
 * Calls `changed` when items are changed in place, however deep, as far as they are reactive: a list that is not, such as that of a
 * `shallowRef`, is not looked into.
 */
function followInside(given: Given<object>, changed: () => void): void {
  const listNow = (): unknown => {
    const { items }: Taken = typeof given === 'function' ? given() : given;
    return isRef(items) ? items.value : items;
  };
  let known: unknown;
  const look = (): { isSame: boolean } => {
    const list = listNow();
    if (isReactive(list)) readAll(list);
    const isSame = list === known;
    known = list;
    // Another object each time, since the list is the same one.
    return { isSame };
  };
  watch(look, ({ isSame }) => isSame && changed(), { flush: 'post' });
}

/** What a state holds, looked into as far as a change in it counts. */
const valueOf = (option: unknown): unknown => {
  const value = isPort(option) ? option.get() : option;
  return value instanceof Set ? [...value] : value;
};

/** Sets defaults for a whole application. */
export const installDefaults = (app: App, defaults: DefaultsMap): void =>
  void app.provide(defaultsKey, defaults);
