// The details of one wired root: its states, its options and where each came from, its parts and what is
// missing.
import type { Notes } from '../core/contract/contract.js';
import '../described/facets.js';
import { descriptionOf } from '../described/description.js';
import { saidBy } from '../engine/attributes.js';
import { givenTo } from '../engine/defaults.js';
import { invokersOf } from '../engine/invoker-index.js';
import type { Seen } from '../engine/registry.js';
import { valueText } from './values.js';

/** The current value of a state. */
export interface StateRow {
  name: string;
  value: string;
  /** Whether it has another owner. */
  isOwned: boolean;
}

/** An option: its value, and where that came from. */
export interface OptionRow {
  name: string;
  value: string;
  from: 'option' | 'default of the page' | 'attribute' | 'default';
}

/** A part: how many elements have it, and why it matters if none has. */
export interface PartRow {
  name: string;
  is: string;
  count: number;
  isMissing: boolean;
  why: string;
}

/** Returns the notes of a pattern. Undefined for a pattern that is not part of this library. */
export const notesOf = (pattern: string): Notes | undefined => descriptionOf(pattern)?.notes;

/** Returns the states of a root. */
export const statesOf = ({ state, owned, waiting }: Seen): StateRow[] => [
  ...Object.entries(state).map(([name, value]) => ({
    name,
    value: valueText(value),
    isOwned: owned.has(name),
  })),
  { name: 'busy', value: valueText(!!waiting), isOwned: false },
];

/** Returns the value of an option in the attributes, under any of its names. */
function attributeOf(root: Element, name: string, { contract }: Seen): unknown {
  const kind = contract.options?.[name];
  if (!kind) return undefined;
  const host = root.closest(`shell-${contract.name}`);
  if (host) return saidBy(host, name, kind);
  return root.hasAttribute('data-wire') ? saidBy(root, name, kind, ['data-wire-']) : undefined;
}

/** Returns the options of a root: first those that are set, then the others with their defaults. */
export function optionsOfRoot(root: Element, run: Seen): OptionRow[] {
  const own: object = givenTo.get(root) ?? {};
  const given = new Map<string, unknown>(Object.entries(run.options));
  const words = new Map((notesOf(run.contract.name)?.options ?? []).map((note) => [note.name, note]));
  const names = new Set([...given.keys(), ...words.keys(), ...Object.keys(run.contract.options ?? {})]);
  const rows = [...names].map((name): OptionRow => {
    const value = given.get(name);
    if (value === undefined) return { name, value: words.get(name)?.default ?? 'nothing', from: 'default' };
    const said = attributeOf(root, name, run);
    const from = !Object.hasOwn(own, name)
      ? 'default of the page'
      : said !== undefined
        ? 'attribute'
        : 'option';
    return { name, value: valueText(value), from };
  });
  return rows.sort((one, other) => Number(one.from === 'default') - Number(other.from === 'default'));
}

/** Selectors for the parts of patterns, by their roles or elements. */
const selectors: Readonly<Record<string, string>> = {
  title: 'h1,h2,h3,h4,h5,h6',
  description: 'p',
  list: '[role=tablist],[role=listbox]',
  panel: '[role=tabpanel],[role=region],details > :not(summary),[data-wired] [hidden]',
  slide: '[aria-roledescription=slide]',
  group: '[role=group]',
  marker: '[data-marker]',
  separator: '[role=separator],hr',
  field: '[role=combobox]',
  popup: '[popover]',
  tokens: '[data-tokens],[aria-label] > [data-token]',
  value: '[data-value]',
  status: '[role=status]',
};

/** Returns how many elements are a part. */
function countOf(part: string, root: Element, run: Seen): number {
  if (part === 'root') return 1;
  if (part === 'opener') return invokersOf(root).length;
  if (part === 'item') return run.view.items.length || root.querySelectorAll('[role=option]').length;
  if (part === 'panel' && run.contract.name === 'accordion') return run.view.items.length;
  const selector = selectors[part];
  return selector === undefined ? 0 : root.querySelectorAll(selector).length;
}

/** Returns the parts of a root. */
export function partsOfRoot(root: Element, run: Seen): PartRow[] {
  return Object.entries(notesOf(run.contract.name)?.parts ?? {}).map(([name, { is, required, why }]) => {
    const count = countOf(name, root, run);
    return { name, is, count, isMissing: required && !count, why };
  });
}
