// Elements and attributes of the application that count as the library's: they are read as if they had
// data-wire.
import type { Markup } from 'elastic-shell/rules';

/** The configured elements and attributes: the pattern by tag, and by attribute. */
export interface Adopted {
  elements: ReadonlyMap<string, string>;
  hooks: ReadonlyMap<string, string>;
}

let now: Adopted = { elements: new Map(), hooks: new Map() };

/** Sets the configured elements and attributes for everything that is read from now on. */
export const adopt = (adopted: Adopted): void => {
  now = {
    elements: new Map([...adopted.elements].map(([tag, pattern]) => [tag.toLowerCase(), pattern])),
    hooks: new Map([...adopted.hooks].map(([name, pattern]) => [name.toLowerCase(), pattern])),
  };
};

/** Returns whether a component or custom element of the application counts as the library's. */
export const isAdopted = (tag: string): boolean => now.elements.has(tag.toLowerCase());

/** Returns the pattern of such an element. Undefined for any other element. */
export function adoptedAs(tag: string, names: Iterable<string>): string | undefined {
  const own = now.elements.get(tag);
  if (own || !now.hooks.size) return own;
  for (const name of names) {
    const pattern = now.hooks.get(name);
    if (pattern) return pattern;
  }
  return undefined;
}

/** Adds data-wire to the markup of such elements. */
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
