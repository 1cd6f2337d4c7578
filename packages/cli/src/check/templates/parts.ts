// The attributes of the bindings' parts: `{...tides.opener()}`, `v-bind="tides.root"`,
// `[shellPart]="tabs.tab(key)"`. A handle is a variable with the result of one of the bindings' functions.
// Its parts come from the outlines that the bindings use. Anything that depends on a key that isn't a literal
// is unknown.
import { descriptionOf } from 'elastic-shell/describe';
import { partsOf } from 'elastic-shell/server';
import { unknown } from './element.js';

type Attributes = Record<string, string | null>;

/** The parts of a pattern: attributes, or a function of a key. */
type Parts = Readonly<Record<string, Attributes | ((key?: string) => Attributes)>>;

const isPattern = (name: string): boolean => !!descriptionOf(name);

/** What a variable contains: an instance of a pattern. */
export interface Handle {
  pattern: string;
  /** The assumed id of its root. */
  id: string;
}

/** The handles that are visible at a position, by variable. */
export type Handles = ReadonlyMap<string, Handle>;

/** Returns the handle of a variable, if there is only one. */
export const handleNamed = (name: string, pattern: string): Handle => ({ pattern, id: `{${name}}` });

const calls =
  /\b(?:const|let|var|readonly|protected|private|public)?\s*([\w$]+)\s*(?::[^=\n]+)?=\s*(?:use|create|inject)([A-Z][a-z]+)\s*[(<]/g;

/** A handle, and where the script creates it. */
export interface Made {
  name: string;
  at: number;
  handle: Handle;
}

/** Returns the handles that a script creates, in order. Two with the same name are two instances. */
export function madeIn(script: string): Made[] {
  const made: Made[] = [];
  for (const { 1: name, 2: called, index } of script.matchAll(calls)) {
    const pattern = called?.toLowerCase() ?? '';
    if (!name || !isPattern(pattern)) continue;
    const before = made.filter((each) => each.name === name).length;
    made.push({ name, at: index, handle: handleNamed(before ? `${name} ${before + 1}` : name, pattern) });
  }
  return made;
}

/** Returns the handles that a script creates, by name. */
export const handlesIn = (script: string): Map<string, Handle> =>
  new Map(madeIn(script).map(({ name, handle }) => [name, handle]));

/** Returns the value of an attribute that a part sets. */
type Given = [name: string, value: string | typeof unknown];

const literal = /^(['"`])([^'"`$]*)\1$/;

/** Returns the parts of a pattern by name. One without an outline has none. */
function partsOfNamed(name: string, id: string): Parts {
  const described = descriptionOf(name);
  return described?.outline ? partsOf(described, { id }) : {};
}

/** Returns the attributes of one part. */
function attributesOf({ pattern, id }: Handle, part: string, args: string): Given[] | undefined {
  // The data-wire of its root names the pattern.
  const parts: Parts = partsOfNamed(pattern, id);
  const make = Object.hasOwn(parts, part) ? parts[part] : undefined;
  if (!make) return undefined;
  const first = (args.split(',')[0] ?? '').trim();
  const key = literal.exec(first)?.[2];
  const ask = (each?: string): Attributes => (typeof make === 'function' ? make(each) : make);
  // A value that depends on the key is unknown if the key is.
  const [one, other] = key === undefined && first ? [ask('one'), ask('other')] : [ask(key), ask(key)];
  return Object.entries(one).flatMap(([name, value]): Given[] => {
    if (value !== other[name]) return [[name, unknown]];
    return value === null ? [] : [[name, value]];
  });
}

const spread = /^(?:this\.)?([\w$]+)\.([\w$]+)(?:\(([\s\S]*)\))?$/;

/** Returns the attributes of a spread expression. Undefined if it isn't part of the bindings. */
export function givenBy(expression: string, handles: Handles): Given[] | undefined {
  const [, name = '', part = '', args = ''] = spread.exec(expression.trim()) ?? [];
  const handle = handles.get(name);
  return handle && attributesOf(handle, part, args);
}

/** Returns the attributes that a directive such as `shellDialog` adds to its element. */
export function givenByDirective(directive: string, handle: string): Given[] | undefined {
  const pattern = directive.replace(/^shell/, '').toLowerCase();
  return isPattern(pattern) ? attributesOf(handleNamed(handle, pattern), 'root', '') : undefined;
}

/** Returns the pattern whose directive is exported under a name, or undefined. */
export const patternOfDirective = (name: string): string | undefined => {
  const pattern = name.startsWith('shell') ? name.slice(5).toLowerCase() : '';
  return isPattern(pattern) ? pattern : undefined;
};
