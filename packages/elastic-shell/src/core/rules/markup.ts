// Markup as the rules see it: the same few questions, answered by a live document, by a parsed page or by a template.
import { raiseDoubt } from './doubt.js';
import { inputRoles, roles, tagRoles } from './aria.js';

/** An element. What cannot be known is answered as if it were not there, and raises doubt (doubt.ts). */
export interface Markup {
  /** In lower case. */
  readonly tag: string;
  attribute(name: string): string | null;
  /** The names of the attributes that are written on it, with or without a value that can be known. */
  names(): Iterable<string>;
  readonly parent: Markup | undefined;
  readonly children: readonly (Markup | string)[];
  /** Whether it may be left out, be there more than once, or stand in place of another. Default: it is there, once. */
  readonly isOptional?: boolean;
  /** Whether the value of an attribute is bound by a template, which may set a property then. Default: none is. */
  isBound?(name: string): boolean;
  /** Attributes that a part of ours gives by a spread, and that are written beside it: one of the two is lost. Default: none. */
  readonly givenTwice?: readonly string[];
  /** Its number in document order: the page that reads it puts it here. */
  number?: number;
}

/** What stands where nothing can be known: a component, an expression, what a program puts there. */
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

/** Whether an element has an attribute, whatever its value. */
export const has = (element: Markup, name: string): boolean => element.attribute(name) !== null;

/** The words of an attribute. */
export const wordsOf = (element: Markup, name: string): readonly string[] =>
  (element.attribute(name) ?? '').split(/\s+/).filter(Boolean);

/** The role that is written on an element: the first that the standard knows; '' where there is none. */
export function writtenRole(element: Markup): string {
  const role = element.attribute('role');
  return role === null
    ? ''
    : (role
        .toLowerCase()
        .split(/\s+/)
        .find((word) => roles.has(word)) ?? '');
}

/** The role that an element has by itself, by ARIA in HTML; '' where it has none that counts here. */
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

/** The element's role: the one that is written, else the one it has by itself; '' where it has none that counts here. */
export const roleOf = (element: Markup): string => writtenRole(element) || implicitRoleOf(element);

/** Whether an element has one of some roles. */
export const isRole =
  (...names: readonly string[]) =>
  (element: Markup): boolean =>
    names.includes(roleOf(element));

/** Whether an element has one of some tags. */
export const isTag =
  (...names: readonly string[]) =>
  (element: Markup): boolean =>
    names.includes(element.tag);

/** The element as one would point at it: its start tag, shortened. */
export function tagText(element: Markup): string {
  const shown = ['id', 'class', 'role', 'commandfor', 'command', 'name']
    .filter((name) => has(element, name))
    .map((name) => ` ${name}="${element.attribute(name)}"`)
    .join('');
  return `<${element.tag}${shown.length > 90 ? `${shown.slice(0, 90)}…` : shown}>`;
}
