// The parts of a pattern for a server, as attributes: the same outlines that bindings hand out, with what `wireWithin` looks for
// on the root. No DOM: it runs wherever HTML is made.
import type { Item } from '../core/collection/items.js';
import { accordion } from '../core/contract/accordion.js';
import { carousel } from '../core/contract/carousel.js';
import { combobox } from '../core/contract/combobox.js';
import type { Attributes } from '../core/contract/contract.js';
import { dialog } from '../core/contract/dialog.js';
import { disclosure } from '../core/contract/disclosure.js';
import { drawer } from '../core/contract/drawer.js';
import { listbox } from '../core/contract/listbox.js';
import { menu } from '../core/contract/menu.js';
import type { OptionKinds } from '../core/contract/options.js';
import { popover } from '../core/contract/popover.js';
import { switching } from '../core/contract/switch.js';
import { tabs } from '../core/contract/tabs.js';
import { tooltip } from '../core/contract/tooltip.js';
import { tree } from '../core/contract/tree.js';
import { comboboxOutline, listboxOutline, switchOutline } from '../core/outline/choices.js';
import { accordionOutline, carouselOutline, tabsOutline, treeOutline } from '../core/outline/collections.js';
import {
  dialogOutline,
  disclosureOutline,
  drawerOutline,
  menuOutline,
  popoverOutline,
  tooltipOutline,
} from '../core/outline/layers.js';
import type { Given, Outline } from '../core/outline/outline.js';
import { asState, attributesOf, wirePrefix } from '../engine/attributes.js';

const outlines = {
  accordion: accordionOutline,
  carousel: carouselOutline,
  combobox: comboboxOutline,
  dialog: dialogOutline,
  disclosure: disclosureOutline,
  drawer: drawerOutline,
  listbox: listboxOutline,
  menu: menuOutline,
  popover: popoverOutline,
  switch: switchOutline,
  tabs: tabsOutline,
  tooltip: tooltipOutline,
  tree: treeOutline,
};

const contracts = {
  accordion,
  carousel,
  combobox,
  dialog,
  disclosure,
  drawer,
  listbox,
  menu,
  popover,
  switch: switching,
  tabs,
  tooltip,
  tree,
};

type Outlines = typeof outlines;

/** The name of a pattern. */
export type PatternName = keyof Outlines;

type GivenOf<N extends PatternName> = Parameters<Outlines[N]['single']['root']>[0];

/** A state as a server says it: sets of keys in any list, or in a text with spaces between. */
type Said<T> = T extends ReadonlySet<string> ? Iterable<string> : T;

/** What a server says of one instance: its id, its items where it knows them, its states and its options. */
export type ServerGiven<N extends PatternName> =
  GivenOf<N> extends Given<infer S, infer O>
    ? { id: string; items?: readonly Item[] } & { [K in keyof S]?: Said<S[K]> | undefined } & {
        [K in Exclude<keyof O, keyof S>]?: O[K] | undefined;
      }
    : never;

type EachPart<F> = F extends (given: never, ...args: infer A) => Attributes
  ? (...args: A) => Attributes
  : never;

/** The parts of one instance: attributes, or functions of a key or of what a control asks for. */
export type ServerParts<N extends PatternName> = {
  readonly [K in keyof Outlines[N]['single']]: Attributes;
} & {
  readonly [K in keyof Outlines[N]['each']]: EachPart<Outlines[N]['each'][K]>;
};

/** What is said on the root for `wireWithin`: the name of the pattern, and all options that a text can say. */
function wireAttributes(
  name: string,
  kinds: OptionKinds,
  given: Readonly<Record<string, unknown>>,
): Attributes {
  const said: Attributes = { 'data-wire': name };
  for (const [attribute, [option]] of attributesOf(kinds)) {
    const value = given[option];
    if (!attribute.startsWith(wirePrefix) || value === undefined || value === null) continue;
    said[attribute] = value instanceof Set || Array.isArray(value) ? [...value].join(' ') : `${value}`;
  }
  return said;
}

/**
 * The parts of one instance of `pattern` as attributes, for whatever writes HTML; `html` makes text of them. `given` has the `id` of
 * the root, from which all other ids follow, the states and the options. On the root stands what `wireWithin` looks for. Throws a
 * TypeError for a pattern that there is not, and without an id.
 */
export function partsOf<N extends PatternName>(pattern: N, given: ServerGiven<N>): ServerParts<N> {
  if (!Object.hasOwn(outlines, pattern))
    throw new TypeError(
      `elastic-shell: partsOf knows no pattern "${pattern}"; there are ${Object.keys(outlines).join(', ')}`,
    );
  const { id, items, ...rest }: { id: string; items?: readonly Item[] } & Record<string, unknown> = given;
  if (!id) throw new TypeError(`elastic-shell: partsOf needs the id of the root of ${pattern}`);
  // Of the pattern's own states and options, which only its own outline looks into.
  const outline = outlines[pattern] as unknown as Outline;
  const state: Record<string, unknown> = { ...outline.first };
  for (const [name, first] of Object.entries(outline.first))
    if (rest[name] !== undefined) state[name] = asState(first, rest[name]);
  const asked: Given = { id, state, options: rest, ...(items && { items }) };
  const { options = {} } = contracts[pattern];
  const { roots = ['root'] } = outline;
  const parts: Record<string, unknown> = {};
  for (const [name, make] of Object.entries(outline.single))
    parts[name] = {
      ...make(asked),
      ...(roots.includes(name) && wireAttributes(pattern, options, rest)),
    };
  for (const [name, make] of Object.entries(outline.each))
    parts[name] = (...args: [string]) => make(asked, ...args);
  // One for each name of the outline.
  return parts as ServerParts<N>;
}
