// A pattern as one value: its contract, its services and its methods. From this value come its wire function,
// its custom element, the hooks of each framework, and `data-wire`. `describePattern` adds its texts, rules
// and checks for the tools.
import type { Contract } from '../core/contract/contract.js';
import { commonKinds, type OptionKinds } from '../core/contract/options.js';
import { type PlainOutline, plainOutline } from '../core/outline/plain.js';
import { optionsOf, registerPattern } from './defaults.js';
import type { ElementRules } from './element-run.js';
import { type Engine, wire } from './engine.js';
import { keepWired } from './registry.js';
import type { Service } from './service.js';
import type { Cells, CommonOptions, Wire, Wired } from './types.js';

/** The engine of a pattern with the states `S`, the options `O` and the intents `I`. */
type EngineOf<S extends object, O extends object, I extends string> = Engine<S, O & CommonOptions<S>, I>;

/** Methods by name. Each gets the engine first, then the arguments of the caller. */
export type Methods<E = never> = Readonly<Record<string, (engine: E, ...args: never[]) => unknown>>;

/** Methods as they are called: without the engine. */
export type Bound<M> = {
  readonly [N in keyof M]: M[N] extends (engine: never, ...args: infer A) => infer R
    ? (...args: A) => R
    : never;
};

/** How the custom element of a pattern finds what it wires. */
export type ElementPlace = Omit<ElementRules, 'options' | 'methods'>;

/** What `definePattern` takes: a contract, and the rest of the live half. */
export interface PatternPlan<S extends object, O extends object, I extends string, M, Out> extends Contract<
  S,
  O,
  I
> {
  /**
   * Returns the service for everything that attributes alone don't do: keys, form values, drawing. It is
   * called again if the content of the root is replaced.
   *
   * @defaultValue none
   */
  serve?: (engine: EngineOf<S, O, I>) => Service<S>;
  /**
   * Its methods, which exist on the wired pattern, on its custom element and on handles.
   *
   * @defaultValue none
   */
  methods?: M & Methods<EngineOf<S, O, I>>;
  /**
   * The tag of its custom element.
   *
   * @defaultValue `shell-` and the name
   */
  tag?: string;
  /**
   * The root inside its custom element.
   *
   * @defaultValue its first child element
   */
  element?: ElementPlace;
  /**
   * The attributes of its parts before wiring, for server rendering.
   *
   * @defaultValue the parts `root` and `opener`
   */
  outline?: Out;
}

/** A pattern: one value for functions, elements, `data-wire` and every framework. */
export interface Pattern<O extends object, W extends Wired, N extends string, Out> {
  /** The name of the pattern. */
  readonly name: string;
  /** The kind of value of each option, including those of every pattern. */
  readonly options: OptionKinds;
  /** The intent of each invoker command. */
  readonly commands: Readonly<Record<string, string>>;
  /** The names of its methods. */
  readonly methods: readonly N[];
  /** The tag of its custom element. */
  readonly tag: string;
  /** The root inside its custom element. */
  readonly element: ElementPlace;
  /** The attributes of its parts before wiring. */
  readonly outline: Out;
  /**
   * Wires an element.
   *
   * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
   * invalid value.
   */
  readonly wire: Wire<O, W>;
}

/** Names that every wired pattern uses. */
const reserved = ['root', 'busy', 'update', 'unwire'];

/**
 * Defines a pattern as one value, and registers it for `data-wire`, `wireWithin` and `setDefaults`.
 *
 * @param plan - Its contract, service, methods, element and outline.
 * @returns The pattern, for `elementOf`, `describePattern` and the hooks of each framework.
 * @throws TypeError if a method has a reserved name, such as `update`.
 * @example export const rating = definePattern({ ...contract, methods: { clear: ({ intend }) =>
 * intend('clear', { reason: 'program' }) } }); rating.wire(element, { max: 5 });
 */
export function definePattern<
  S extends object,
  O extends object,
  I extends string,
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  M extends Methods = {},
  Out = PlainOutline<S, O>,
>(
  plan: PatternPlan<S, O, I, M, Out>,
): Pattern<O & CommonOptions<S>, Wired<O & CommonOptions<S>> & Cells<S> & Bound<M>, keyof M & string, Out> {
  const { serve, methods, tag = `shell-${plan.name}`, element = { root: ':scope > *' } } = plan;
  const options = { ...commonKinds, ...plan.options };
  const contract = { ...plan, options };
  const taken = Object.keys(methods ?? {}).find((name) => reserved.includes(name));
  if (taken)
    throw new TypeError(
      `elastic-shell: ${plan.name} can't have a method "${taken}", because every wired pattern has a member of that name`,
    );
  const acts = Object.entries<(engine: EngineOf<S, O, I>, ...args: never[]) => unknown>(methods ?? {});
  const wirePattern = (root: HTMLElement, own?: O & CommonOptions<S>): Wired & Cells<S> & Bound<M> => {
    let engine: EngineOf<S, O, I> | undefined;
    const given = optionsOf<O & CommonOptions<S>>(contract, own, root);
    const wired = wire<S, O, I>(root, contract, given, (made) => {
      engine = made;
      return serve?.(made) ?? {};
    });
    const bound = acts.map(([name, act]) => [
      name,
      (...args: never[]): unknown => engine && act(engine, ...args),
    ]);
    // One method for each name in M.
    const called: Bound<M> = Object.fromEntries(bound);
    return keepWired({ ...wired, ...called });
  };
  registerPattern(plan.name, options, wirePattern);
  let outline = plan.outline;
  return {
    name: plan.name,
    options,
    commands: plan.commands,
    // The names of M, which are all of them.
    methods: acts.map(([name]) => name) as (keyof M & string)[],
    tag,
    element,
    // Created on first use, because it reads the initial states. Without an outline of its own, Out is the
    // plain one.
    get outline() {
      return (outline ??= plainOutline(contract) as Out);
    },
    wire: wirePattern,
  };
}
