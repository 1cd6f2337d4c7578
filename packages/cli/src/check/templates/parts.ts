// What the bindings' spreads give: `{...tides.opener()}`, `v-bind="tides.root"`, `[shellPart]="tabs.tab(key)"`.
//
// A handle is a variable that one of the bindings' functions was called for. What its parts are is asked of the same outlines that
// the bindings ask; what depends on a key that is no literal cannot be known.
import {
  accordionOutline,
  carouselOutline,
  comboboxOutline,
  dialogOutline,
  disclosureOutline,
  drawerOutline,
  listboxOutline,
  menuOutline,
  popoverOutline,
  switchOutline,
  tabsOutline,
  tooltipOutline,
  treeOutline,
} from 'elastic-shell/core';
import { unknown } from './element.js';

type Attributes = Record<string, string | null>;

/** A part, asked without types: of one instance, and for some also of a key. */
type Part = (given: { id: string; state: object; options: object }, key?: string) => Attributes;

interface AnyOutline {
  first: object;
  roots?: readonly string[];
  single: Record<string, Part>;
  each: Record<string, Part>;
}

const outlines: Readonly<Record<string, unknown>> = {
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

/** The outline of a pattern. */
const outlineOf = (pattern: string): AnyOutline | undefined =>
  // Each part is called with what its own type asks for: an id, its first state, no options.
  Object.hasOwn(outlines, pattern) ? (outlines[pattern] as AnyOutline) : undefined;

/** The handles of a file: the pattern of each, by the name of its variable. */
export type Handles = ReadonlyMap<string, string>;

const calls =
  /\b(?:const|let|var|readonly|protected|private|public)?\s*([\w$]+)\s*(?::[^=\n]+)?=\s*(?:use|create|inject)([A-Z][a-z]+)\s*[(<]/g;

/** The handles that a script makes. */
export function handlesIn(script: string): Map<string, string> {
  const found = new Map<string, string>();
  for (const [, name, pattern] of script.matchAll(calls))
    if (name && pattern && outlineOf(pattern.toLowerCase())) found.set(name, pattern.toLowerCase());
  return found;
}

/** The value of an attribute that a part gives. */
type Given = [name: string, value: string | typeof unknown];

const literal = /^(['"`])([^'"`$]*)\1$/;

/** The attributes of one part. */
function attributesOf(handle: string, pattern: string, part: string, args: string): Given[] | undefined {
  const outline = outlineOf(pattern);
  const make = outline && (outline.single[part] ?? outline.each[part]);
  if (!make) return undefined;
  const [first = ''] = args.split(',');
  const key = literal.exec(first.trim())?.[2];
  const ask = (each?: string): Attributes =>
    make({ id: `{${handle}}`, state: outline.first, options: {} }, each);
  const isKeyed = part in outline.each && first.trim() !== '';
  const [one, other] = key === undefined && isKeyed ? [ask('one'), ask('other')] : [ask(key), ask(key)];
  const given = Object.entries(one).flatMap(([name, value]): Given[] => {
    if (value !== other[name]) return [[name, unknown]];
    return value === null ? [] : [[name, value]];
  });
  if ((outline.roots ?? ['root']).includes(part)) given.push(['data-wire', pattern]);
  return given;
}

const spread = /^(?:this\.)?([\w$]+)\.([\w$]+)(?:\(([\s\S]*)\))?$/;

/** What a spread expression gives; undefined for one that is none of the bindings'. */
export function givenBy(expression: string, handles: Handles): Given[] | undefined {
  const [, handle = '', part = '', args = ''] = spread.exec(expression.trim()) ?? [];
  const pattern = handles.get(handle);
  return pattern ? attributesOf(handle, pattern, part, args) : undefined;
}

/** What a directive like `shellDialog` gives to the element that it stands on. */
export function givenByDirective(directive: string, handle: string): Given[] | undefined {
  const pattern = directive.replace(/^shell/, '').toLowerCase();
  const outline = outlineOf(pattern);
  return outline ? attributesOf(handle, pattern, outline.roots?.[0] ?? 'root', '') : undefined;
}

/** The pattern whose directive is exported under a name; undefined for another name. */
export const patternOfDirective = (name: string): string | undefined => {
  const pattern = name.startsWith('shell') ? name.slice(5).toLowerCase() : '';
  return outlineOf(pattern) && pattern;
};
