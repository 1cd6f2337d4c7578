// What the bindings' spreads give: `{...tides.opener()}`, `v-bind="tides.root"`, `[shellPart]="tabs.tab(key)"`.
//
// A handle is a variable that one of the bindings' functions was called for. What its parts are is asked of the same outlines that
// the bindings ask; what depends on a key that is no literal cannot be known.
import { descriptionOf } from 'elastic-shell/describe';
import { partsOf } from 'elastic-shell/server';
import { unknown } from './element.js';

type Attributes = Record<string, string | null>;

/** The parts of a pattern: attributes, or a function of a key. */
type Parts = Readonly<Record<string, Attributes | ((key?: string) => Attributes)>>;

const isPattern = (name: string): boolean => !!descriptionOf(name);

/** What a variable stands for: an instance of a pattern. */
export interface Handle {
  pattern: string;
  /** What the id of its root is taken for. */
  id: string;
}

/** The handles that can be read in one place, by the names of their variables. */
export type Handles = ReadonlyMap<string, Handle>;

/** The handle of a variable of which there is one. */
export const handleNamed = (name: string, pattern: string): Handle => ({ pattern, id: `{${name}}` });

const calls =
  /\b(?:const|let|var|readonly|protected|private|public)?\s*([\w$]+)\s*(?::[^=\n]+)?=\s*(?:use|create|inject)([A-Z][a-z]+)\s*[(<]/g;

/** A handle, and where in the script it is made. */
export interface Made {
  name: string;
  at: number;
  handle: Handle;
}

/** The handles that a script makes, in order. Two of one name are two instances. */
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

/** The handles that a script makes, by their names. */
export const handlesIn = (script: string): Map<string, Handle> =>
  new Map(madeIn(script).map(({ name, handle }) => [name, handle]));

/** The value of an attribute that a part gives. */
type Given = [name: string, value: string | typeof unknown];

const literal = /^(['"`])([^'"`$]*)\1$/;

/** The parts of a pattern by its name. One without an outline has none. */
function partsOfNamed(name: string, id: string): Parts {
  const described = descriptionOf(name);
  return described?.outline ? partsOf(described, { id }) : {};
}

/** The attributes of one part. */
function attributesOf({ pattern, id }: Handle, part: string, args: string): Given[] | undefined {
  // Its root says by data-wire what it is.
  const parts: Parts = partsOfNamed(pattern, id);
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
  const [, name = '', part = '', args = ''] = spread.exec(expression.trim()) ?? [];
  const handle = handles.get(name);
  return handle && attributesOf(handle, part, args);
}

/** What a directive like `shellDialog` gives to the element that it stands on. */
export function givenByDirective(directive: string, handle: string): Given[] | undefined {
  const pattern = directive.replace(/^shell/, '').toLowerCase();
  return isPattern(pattern) ? attributesOf(handleNamed(handle, pattern), 'root', '') : undefined;
}

/** The pattern whose directive is exported under a name; undefined for another name. */
export const patternOfDirective = (name: string): string | undefined => {
  const pattern = name.startsWith('shell') ? name.slice(5).toLowerCase() : '';
  return isPattern(pattern) ? pattern : undefined;
};
