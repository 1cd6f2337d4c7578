// The description of a pattern: its texts, rules and checks, for the journal, the inspector, servers, tests
// and tools. It isn't part of a production page. The registry is open and page-wide: they all know a pattern
// of your own that is described with `describePattern`.
import type { KeyActs, Notes } from '../core/contract/contract.js';
import type { OptionKinds } from '../core/contract/options.js';
import { pageWide } from '../core/page-record.js';
import type { Test } from '../core/rules/page.js';
import type { Rule } from '../core/rules/rule.js';
import type { Outline } from '../core/outline/outline.js';
import type { Check } from '../rehearsal/checks/check.js';

/** An outline of which only the names are known. */
export type AnyOutline = Outline<never, never>;

/** The instance whose keys are wanted. */
export interface KeysAsked {
  /** Its options. */
  options: object;
  /** Its current state. */
  state: object;
  /** The direction of its items. */
  orientation: 'horizontal' | 'vertical';
  /** Whether it contains a text field. */
  hasField: boolean;
}

/** The argument of `describePattern`. Everything except the pattern can be omitted. */
export interface DescriptionGiven {
  /**
   * The tag of its custom element.
   *
   * @defaultValue `shell-` and the name
   */
  tag?: string;
  /**
   * Its texts: parts, keys, states, options and guarantees.
   *
   * @defaultValue none
   */
  notes?: Partial<Omit<Notes, 'name'>>;
  /**
   * Rules that the journal and `check` run in addition to the general ones.
   *
   * @defaultValue none
   */
  rules?: readonly Rule[];
  /**
   * Returns whether an element without `data-wire` is its root, as far as the markup shows.
   *
   * @defaultValue false
   */
  isRoot?: Test;
  /**
   * The parts that its custom element needs: a text for the message, and a test. The root comes first.
   *
   * @defaultValue none
   */
  needs?: readonly (readonly [what: string, test: Test])[];
  /**
   * Whether its custom element is a form control, with the attributes `name`, `disabled` and `form`.
   *
   * @defaultValue false
   */
  isFormControl?: boolean;
  /**
   * Returns what its keys do, for the inspector.
   *
   * @defaultValue none
   */
  keys?: (asked: KeysAsked) => KeyActs | undefined;
  /**
   * The checks that `expectContract` runs.
   *
   * @defaultValue none
   */
  checks?: readonly Check[];
  /**
   * The selector of its items inside the root, for checks.
   *
   * @defaultValue none
   */
  items?: string;
  /**
   * The selector with which a test finds it on a page.
   *
   * @defaultValue none
   */
  selector?: string;
  /**
   * The keys that `walk` presses: to it, through it, and out of it.
   *
   * @defaultValue `Tab`
   */
  walk?: readonly string[];
  /**
   * The states that `contract --server` shows: a state, and texts for it and for any other.
   *
   * @defaultValue none
   */
  sample?: Sample;
}

/** A state whose server-rendered attributes are shown, and texts for it and for any other. */
export interface Sample {
  given: object;
  words: readonly [string, string];
}

/** The pattern, as its description uses it. */
export interface Describable<Out = unknown> {
  /** The name of the pattern. */
  readonly name: string;
  /** The kind of value of each option. */
  readonly options?: OptionKinds;
  /** The intent of each invoker command. */
  readonly commands: Readonly<Record<string, string>>;
  /** The attributes of its parts before wiring. */
  readonly outline?: Out;
  /** The tag of its custom element. */
  readonly tag?: string;
}

/** A described pattern. */
export interface Description<Out = unknown> extends Required<
  Omit<DescriptionGiven, 'notes' | 'items' | 'selector' | 'sample'>
> {
  /** The name of the pattern. */
  readonly name: string;
  /** The kind of value of each option. */
  readonly options: OptionKinds;
  /** The intent of each invoker command. */
  readonly commands: Readonly<Record<string, string>>;
  /** The attributes of its parts before wiring. */
  readonly outline: Out | undefined;
  /** Its texts: parts, keys, states, options and guarantees. */
  readonly notes: Notes;
  /** The selector of its items inside the root, for checks. */
  readonly items: string | undefined;
  /** The selector with which a test finds it on a page. */
  readonly selector: string | undefined;
  /** The states that `contract --server` shows. */
  readonly sample: Sample | undefined;
}

/** The described patterns by name and by tag, and a number that grows with each of them. */
const registry = pageWide('described', () => ({
  all: new Map<string, Description>(),
  byTag: new Map<string, string>(),
  version: 0,
}));

const noNotes: Omit<Notes, 'name'> = {
  group: 'control',
  summary: '',
  for: '',
  not: '',
  standard: '',
  parts: {},
  keys: [],
  presses: [],
  states: [],
  methods: [],
  commands: [],
  options: [],
  guarantees: [],
};

/**
 * Describes a pattern to the journal, `check`, the inspector, `partsOf` and `expectContract`. A later
 * description of the same name replaces it.
 *
 * @param pattern - The result of `definePattern`, or a contract.
 * @param given - Its texts, rules and checks.
 * @returns The whole description, for `partsOf`.
 * @throws TypeError if the pattern has no name.
 */
export function describePattern<Out>(
  { name, options = {}, commands, outline, tag }: Describable<Out>,
  given: DescriptionGiven = {},
): Description<Out> {
  if (!name) throw new TypeError('elastic-shell: describePattern got a pattern without a name');
  const described: Description<Out> = {
    name,
    options,
    commands,
    outline,
    tag: given.tag ?? tag ?? `shell-${name}`,
    notes: { ...noNotes, ...given.notes, name },
    rules: given.rules ?? [],
    isRoot: given.isRoot ?? (() => false),
    needs: given.needs ?? [],
    isFormControl: given.isFormControl ?? false,
    keys: given.keys ?? (() => undefined),
    checks: given.checks ?? [],
    items: given.items,
    selector: given.selector,
    walk: given.walk ?? ['Tab'],
    sample: given.sample,
  };
  registry.all.set(name, described);
  registry.byTag.set(described.tag, name);
  registry.version++;
  return described;
}

/** The parts of a description that only some tools need. */
export type Facets = Partial<Pick<Description, 'notes' | 'outline' | 'checks'>>;

/** Adds such parts to the description of a built-in pattern. */
export const addFacets = (name: string, facets: Facets): void =>
  void Object.assign(registry.all.get(name) ?? {}, facets);

/**
 * Returns all described patterns by name, in the order of description.
 *
 * @returns The descriptions.
 */
export const descriptions = (): ReadonlyMap<string, Description> => registry.all;

/** Returns a number that changes whenever a pattern is described. */
export const descriptionVersion = (): number => registry.version;

/**
 * Returns the description of a pattern.
 *
 * @param name - The name.
 * @returns The description, or undefined if the name is unknown.
 */
export const descriptionOf = (name: string): Description | undefined => registry.all.get(name);

/** Returns the name of the pattern whose custom element has this tag, or undefined. */
export const patternOfTag = (tag: string): string | undefined => registry.byTag.get(tag);
