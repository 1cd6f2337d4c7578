// The base of the composables for Vue: it keeps one instance, follows its options after each flush, and is
// reactive wherever a state is read. If Vue stores a state, the option is a ref: it is set, and read again
// at once. If it has not taken the value yet (a model whose parent has not answered), it is read again after
// the next tick.
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

/** The type of a part in Vue, whose templates don't check which element attributes are bound to. */
export interface Part extends PartKind {
  /** The attributes to bind. */
  readonly part: PartProps;
}

/** The defaults of a subtree, by pattern. */
export type DefaultsMap = Readonly<Record<string, object>>;

/** The key under which they are provided. `app.provide` accepts it too. */
export const defaultsKey: InjectionKey<DefaultsMap> = Symbol('elastic-shell defaults');

function toProps(attributes: Attributes, hooks: object | undefined): PartProps {
  // As an attribute, because text that was typed before hydration is a property, and stays.
  const props = propsOf(attributes, (name) => (name === 'value' ? '^value' : name));
  return { ...props, ...hooks };
}

/** Runs `act`. Its error goes to Vue's handlers or, without any, to the page, and Vue continues rendering. */
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
 * Hooks of the root's node. It is wired once it is mounted, which inside a pending `<Suspense>` is when that
 * resolves. The user's own `ref` stays free, and on a component the hooks find its element.
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
  /** A root that is kept alive and not shown. */
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

/** Options that take an element. A ref is read when the element is needed. */
const elements = new Set(['anchor', 'firstFocus', 'focusReturn', 'context']);

/**
 * Reads an option of Vue. Lists are copied, because a list that is changed in place is a different one then.
 */
function taken({ outline }: Bindable, name: string, value: unknown): unknown {
  const isState = Object.hasOwn(outline.first, name);
  if (isState && isRef(value)) return refPort(value);
  if (isState && value instanceof Set && isReactive(value)) return setPort(value);
  if (isState && typeof value === 'function') return asPort({ get: () => value(), set: () => nextTick() });
  if (isRef(value) && elements.has(name)) return () => value.value;
  const now = isRef(value) ? value.value : value;
  return Array.isArray(now) ? [...now] : now;
}

/** Options, or a function that returns them and is followed. */
export type Given<O> = O | (() => O);

/**
 * Keeps an instance of `bindable` for as long as the component lives. The caller types its handle. Throws a
 * TypeError outside setup.
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
    // Read, so that changes are followed.
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
 * Calls `changed` when items are changed in place, at any depth, as far as they are reactive. A list that is
 * not, such as that of a `shallowRef`, is not read.
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
    // A new object each time, because the list is the same one.
    return { isSame };
  };
  watch(look, ({ isSame }) => isSame && changed(), { flush: 'post' });
}

/** Reads what a state contains, as far as a change in it counts. */
const valueOf = (option: unknown): unknown => {
  const value = isPort(option) ? option.get() : option;
  return value instanceof Set ? [...value] : value;
};

/**
 * Sets defaults for a whole application.
 *
 * @param app - The application.
 * @param defaults - The options by pattern.
 */
export const installDefaults = (app: App, defaults: DefaultsMap): void =>
  void app.provide(defaultsKey, defaults);
