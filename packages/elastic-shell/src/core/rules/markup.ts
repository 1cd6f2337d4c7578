// Markup as the rules see it: the same interface for a live document, a parsed page and a template.
import { raiseDoubt } from './doubt.js';
import { inputRoles, roles, tagRoles } from './aria.js';

/** An element. Unknown values count as missing and raise doubt (doubt.ts). */
export interface Markup {
  /** The tag, in lower case. */
  readonly tag: string;
  /**
   * Returns the value of an attribute.
   *
   * @param name - The name of the attribute.
   * @returns The value, or null if it is missing or unknown.
   */
  attribute(name: string): string | null;
  /**
   * Returns the names of its attributes, with or without a known value.
   *
   * @returns The names.
   */
  names(): Iterable<string>;
  /** The parent element. Undefined if there is none in the file. */
  readonly parent: Markup | undefined;
  /** The child elements and texts. */
  readonly children: readonly (Markup | string)[];
  /**
   * Whether it may be missing, repeated, or replaced by another.
   *
   * @defaultValue it exists once
   */
  readonly isOptional?: boolean;
  /**
   * Returns whether a template binds the value of an attribute, and may set a property.
   *
   * @defaultValue no attribute
   */
  isBound?(name: string): boolean;
  /**
   * Attributes that a spread part sets and that are also written on the element, so that one of the two is
   * lost.
   *
   * @defaultValue none
   */
  readonly givenTwice?: readonly string[];
  /** Its index in document order, which reading the page sets. */
  number?: number;
}

/**
 * Creates an element about which nothing is known: a component, an expression, content from code.
 *
 * @param parent - Its parent.
 * @param children - Its children.
 * @returns The element.
 */
export function unknownMarkup(
  parent: Markup | undefined,
  children: readonly (Markup | string)[] = [],
): Markup {
  return {
    get tag() {
      raiseDoubt();
      return '';
    },
    attribute() {
      raiseDoubt();
      return null;
    },
    names: () => [],
    parent,
    children,
    isOptional: true,
  };
}

/**
 * Returns whether an element has an attribute, whatever its value.
 *
 * @param element - The element.
 * @param name - The attribute.
 * @returns True if it has.
 */
export const has = (element: Markup, name: string): boolean => element.attribute(name) !== null;

/** Returns the words of an attribute. */
export const wordsOf = (element: Markup, name: string): readonly string[] =>
  (element.attribute(name) ?? '').split(/\s+/).filter(Boolean);

/**
 * Returns the role in the markup: the first known one, or an empty text.
 *
 * @param element - The element.
 * @returns The role.
 */
export function writtenRole(element: Markup): string {
  const role = element.attribute('role');
  return role === null
    ? ''
    : (role
        .toLowerCase()
        .split(/\s+/)
        .find((word) => roles.has(word)) ?? '');
}

/** Returns the implicit role of an element, by ARIA in HTML, or an empty text. */
export function implicitRoleOf(element: Markup): string {
  const { tag } = element;
  if (tag === 'a' || tag === 'area') return element.attribute('href') === null ? '' : 'link';
  if (tag === 'select') {
    const isList = element.attribute('multiple') !== null || Number(element.attribute('size')) > 1;
    return isList ? 'listbox' : 'combobox';
  }
  if (tag !== 'input') return Object.hasOwn(tagRoles, tag) ? (tagRoles[tag] ?? '') : '';
  const type = element.attribute('type')?.toLowerCase() ?? 'text';
  const role = Object.hasOwn(inputRoles, type) ? (inputRoles[type] ?? '') : 'textbox';
  return element.attribute('list') !== null && /box$/.test(role) && role !== 'checkbox' ? 'combobox' : role;
}

/** Returns the role of an element: the one in the markup, or the implicit one. */
export const roleOf = (element: Markup): string => writtenRole(element) || implicitRoleOf(element);

/** Returns a test for elements with one of these roles. */
export const isRole =
  (...names: readonly string[]) =>
  (element: Markup): boolean =>
    names.includes(roleOf(element));

/** Returns a test for elements with one of these tags. */
export const isTag =
  (...names: readonly string[]) =>
  (element: Markup): boolean =>
    names.includes(element.tag);

/**
 * Returns an element as its start tag, shortened, for messages.
 *
 * @param element - The element.
 * @returns The text.
 */
export function tagText(element: Markup): string {
  const shown = ['id', 'class', 'role', 'commandfor', 'command', 'name']
    .filter((name) => has(element, name))
    .map((name) => ` ${name}="${element.attribute(name)}"`)
    .join('');
  return `<${element.tag}${shown.length > 90 ? `${shown.slice(0, 90)}…` : shown}>`;
}
