// Elements and attributes of somebody's own that count as ours: they are read as if they said so by data-wire.
import type { Markup } from 'elastic-shell/rules';

/** What counts as ours: the pattern by the tag, and by the attribute. */
export interface Adopted {
  elements: ReadonlyMap<string, string>;
  hooks: ReadonlyMap<string, string>;
}

let now: Adopted = { elements: new Map(), hooks: new Map() };

/** Says what counts as ours, for all that is read from now on. */
export const adopt = (adopted: Adopted): void => {
  now = {
    elements: new Map([...adopted.elements].map(([tag, pattern]) => [tag.toLowerCase(), pattern])),
    hooks: new Map([...adopted.hooks].map(([name, pattern]) => [name.toLowerCase(), pattern])),
  };
};

/** Whether a component or an element of somebody's own counts as ours. */
export const isAdopted = (tag: string): boolean => now.elements.has(tag.toLowerCase());

/** The pattern that an element counts as; undefined for one that is not ours. */
export function adoptedAs(tag: string, names: Iterable<string>): string | undefined {
  const own = now.elements.get(tag);
  if (own || !now.hooks.size) return own;
  for (const name of names) {
    const pattern = now.hooks.get(name);
    if (pattern) return pattern;
  }
  return undefined;
}

/** The markup of elements that count as ours says so. */
export function withAdopted(roots: readonly Markup[]): readonly Markup[] {
  if (!now.elements.size && !now.hooks.size) return roots;
  const waiting = [...roots];
  for (const element of waiting) {
    for (const child of element.children) if (typeof child !== 'string') waiting.push(child);
    const pattern = adoptedAs(element.tag, element.names());
    if (pattern) say(element, pattern);
  }
  return roots;
}

function say(element: Markup, pattern: string): void {
  const attribute = element.attribute.bind(element);
  const names = element.names.bind(element);
  element.attribute = (name) => (name === 'data-wire' ? (attribute(name) ?? pattern) : attribute(name));
  element.names = () => [...names(), 'data-wire'];
}
