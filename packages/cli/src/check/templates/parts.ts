// What the bindings' spreads give: `{...tides.opener()}`, `v-bind="tides.root"`, `[shellPart]="tabs.tab(key)"`.
//
// A handle is a variable that one of the bindings' functions was called for. What its parts are is asked of the same outlines that
// the bindings ask; what depends on a key that is no literal cannot be known.
import { partsOf, type PatternName } from 'elastic-shell/server';
import { patternNames } from '../adopted.js';
import { unknown } from './element.js';

type Attributes = Record<string, string | null>;

/** The parts of a pattern: attributes, or a function of a key. */
type Parts = Readonly<Record<string, Attributes | ((key?: string) => Attributes)>>;

const isPattern = (name: string): name is PatternName => patternNames.includes(name);

/** The parts of the instance that a handle stands for; its root says by data-wire what it is. */
const partsOfHandle = (handle: string, pattern: PatternName): Parts =>
  partsOf(pattern, { id: `{${handle}}` });

/** The handles of a file: the pattern of each, by the name of its variable. */
export type Handles = ReadonlyMap<string, string>;

const calls =
  /\b(?:const|let|var|readonly|protected|private|public)?\s*([\w$]+)\s*(?::[^=\n]+)?=\s*(?:use|create|inject)([A-Z][a-z]+)\s*[(<]/g;

/** The handles that a script makes. */
export function handlesIn(script: string): Map<string, string> {
  const found = new Map<string, string>();
  for (const [, name, pattern] of script.matchAll(calls))
    if (name && pattern && isPattern(pattern.toLowerCase())) found.set(name, pattern.toLowerCase());
  return found;
}

/** The value of an attribute that a part gives. */
type Given = [name: string, value: string | typeof unknown];

const literal = /^(['"`])([^'"`$]*)\1$/;

/** The attributes of one part. */
function attributesOf(handle: string, pattern: string, part: string, args: string): Given[] | undefined {
  const parts = isPattern(pattern) ? partsOfHandle(handle, pattern) : {};
  const make = Object.hasOwn(parts, part) ? parts[part] : undefined;
  if (!make) return undefined;
  const first = (args.split(',')[0] ?? '').trim();
  const key = literal.exec(first)?.[2];
  const ask = (each?: string): Attributes => (typeof make === 'function' ? make(each) : make);
  // What differs from key to key cannot be known where the key cannot.
  const [one, other] = key === undefined && first ? [ask('one'), ask('other')] : [ask(key), ask(key)];
  return Object.entries(one).flatMap(([name, value]): Given[] => {
    if (value !== other[name]) return [[name, unknown]];
    return value === null ? [] : [[name, value]];
  });
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
  return isPattern(pattern) ? attributesOf(handle, pattern, 'root', '') : undefined;
}

/** The pattern whose directive is exported under a name; undefined for another name. */
export const patternOfDirective = (name: string): string | undefined => {
  const pattern = name.startsWith('shell') ? name.slice(5).toLowerCase() : '';
  return isPattern(pattern) ? pattern : undefined;
};
