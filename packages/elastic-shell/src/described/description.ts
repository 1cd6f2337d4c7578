// The described half of a pattern: its words, rules and checks. The tools, the journal, the inspector, servers and tests read it.
// None of it is part of a production page.
//
// The registry is open and page-wide: a pattern of your own, described with `describePattern`, is known to all of these as the
// built-in ones are.
import type { KeyActs, Notes } from '../core/contract/contract.js';
import type { OptionKinds } from '../core/contract/options.js';
import { pageWide } from '../core/page-record.js';
import type { Test } from '../core/rules/page.js';
import type { Rule } from '../core/rules/rule.js';
import type { Outline } from '../core/outline/outline.js';
import type { Check } from '../rehearsal/checks/check.js';

/** An outline of which only the names are known. */
export type AnyOutline = Outline<never, never>;

/** One instance whose keys are asked for. */
export interface KeysAsked {
  /** The options that it runs with. */
  options: object;
  state: object;
  orientation: 'horizontal' | 'vertical';
  /** Whether it contains a text field. */
  hasField: boolean;
}

/** What `describePattern` takes: everything but the pattern itself can be omitted. */
export interface DescriptionGiven {
  /**
   * The tag of its custom element.
   *
   * @defaultValue `shell-` and the name
   */
  tag?: string;
  /**
   * The words about it: parts, keys, states, options and guarantees.
   *
   * @defaultValue none
   */
  notes?: Partial<Omit<Notes, 'name'>>;
  /**
   * Rules that the journal and `check` run besides the general ones.
   *
   * @defaultValue none
   */
  rules?: readonly Rule[];
  /**
   * Whether an element without `data-wire` is its root, as far as the markup shows.
   *
   * @defaultValue no element is
   */
  isRoot?: Test;
  /**
   * What its custom element must contain: words for the message, and the test. The root comes first.
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
   * What its keys do, for the inspector.
   *
   * @defaultValue none
   */
  keys?: (asked: KeysAsked) => KeyActs | undefined;
  /**
   * The checks that `expectContract` plays.
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
   * The selector by which a test finds it on a page.
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
   * What `contract --server` shows: a state, and words for that state and for any other.
   *
   * @defaultValue none
   */
  sample?: Sample;
}

/** A state of which the server's attributes are shown, and words for that state and for any other. */
export interface Sample {
  given: object;
  words: readonly [string, string];
}

/** A pattern as its description knows it. */
export interface Describable<Out = unknown> {
  readonly name: string;
  readonly options?: OptionKinds;
  readonly commands: Readonly<Record<string, string>>;
  readonly outline?: Out;
  readonly tag?: string;
}

/** A described pattern. */
export interface Description<Out = unknown> extends Required<
  Omit<DescriptionGiven, 'notes' | 'items' | 'selector' | 'sample'>
> {
  readonly name: string;
  readonly options: OptionKinds;
  readonly commands: Readonly<Record<string, string>>;
  readonly outline: Out | undefined;
  readonly notes: Notes;
  readonly items: string | undefined;
  readonly selector: string | undefined;
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
 * Describes a pattern to the journal, `check`, the inspector, `partsOf` and `expectContract`. The last description of a name
 * counts.
 *
 * @param pattern - What `definePattern` returned, or a contract.
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

/** What only some tools need of a description. */
export type Facets = Partial<Pick<Description, 'notes' | 'outline' | 'checks'>>;

/** Adds to the description of a built-in pattern what only some tools load. */
export const addFacets = (name: string, facets: Facets): void =>
  void Object.assign(registry.all.get(name) ?? {}, facets);

/** Returns every described pattern by name, in the order of description. */
export const descriptions = (): ReadonlyMap<string, Description> => registry.all;

/** Returns a number that changes whenever a pattern is described. */
export const descriptionVersion = (): number => registry.version;

/** Returns the description of a pattern, or undefined if the name is unknown. */
export const descriptionOf = (name: string): Description | undefined => registry.all.get(name);

/** Returns the name of the pattern whose custom element has this tag, or undefined. */
export const patternOfTag = (tag: string): string | undefined => registry.byTag.get(tag);
