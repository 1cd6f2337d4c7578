// `elastic-shell contract --server`: prints the attributes of each part as HTML, for servers in other
// languages. They come from the outlines that bindings and `elastic-shell/server` use.
import { descriptionOf } from 'elastic-shell/describe';
import { type Attributes, html, partsOf, type PatternName } from 'elastic-shell/server';

/** The attributes of one part, and in which state it has them. */
export interface ServerPart {
  part: string;
  /** The state in which it has them. Empty if they are the same in every state. */
  when: string;
  attributes: string;
}

/** Parts whose argument is something other than the key of an item. */
const asked: Readonly<Record<string, readonly string[]>> = {
  opener: [],
  closer: ['yes'],
  action: ['select', 'first'],
  group: ['Name'],
  described: [],
  named: [],
};

/**
 * Returns the attributes of each part of `pattern`, whose root has the id `id` and whose items have the keys
 * `first` and `other`.
 */
export function serverParts(pattern: PatternName, id = 'id'): ServerPart[] {
  const { given, words } = descriptionOf(pattern)?.sample ?? { given: {}, words: ['', ''] };
  const states: readonly object[] = [given, {}];
  // Every part is attributes, or a function that returns them. This is checked below.
  const sides = states.map((state) => partsOf(pattern, { id, ...state } as never) as object);
  const said = (at: number, name: string): string => {
    const part: unknown = Reflect.get(sides[at]!, name);
    if (typeof part !== 'function') return html(part as Attributes);
    const isSubmenu = pattern === 'menu' && name === 'branch';
    const args = isSubmenu ? [] : (asked[name] ?? [at ? 'other' : 'first']);
    return html(part(...args) as Attributes);
  };
  return Object.keys(sides[0]!).flatMap((part): ServerPart[] => {
    const [one, other] = [said(0, part), said(1, part)] as [string, string];
    if (one === other) return [{ part, when: '', attributes: one }];
    return [
      { part, when: words[0], attributes: one },
      { part, when: words[1], attributes: other },
    ];
  });
}
