// What templates share: which names are components, and the values of literals.
import { isAdopted } from '../adopted.js';
import { unknown } from './element.js';

/** Returns whether a tag is a component or a foreign custom element, about which nothing is known. */
export const isComponent = (tag: string): boolean =>
  !isAdopted(tag) &&
  (/^[A-Z]/.test(tag) || tag.includes('.') || /^(?!shell-).*-/.test(tag) || tag === 'slot');

/** Attributes with the values true and false as words. Other boolean attributes are present or missing. */
const isWorded = (name: string): boolean =>
  /^(aria|data)-|^(draggable|spellcheck|contenteditable)$/.test(name);

/** Returns the text of a boolean attribute. Undefined if it is missing. */
export const textOfFlag = (name: string, value: boolean): string | undefined =>
  isWorded(name) ? `${value}` : value ? '' : undefined;

/** Returns whether a style object hides the element. */
const undrawn = /^\{\s*display:\s*(['"])none\1\s*,?\s*\}$/;

/**
 * Returns the value of an attribute from a literal expression. Undefined if the attribute is missing then.
 */
export function textOfLiteral(expression: string, name: string): string | typeof unknown | undefined {
  const text = expression.trim();
  if (name === 'style' && undrawn.test(text)) return 'display: none';
  if (/^(null|undefined)$/.test(text)) return undefined;
  if (/^(true|false)$/.test(text)) return textOfFlag(name, text === 'true');
  if (/^-?\d+(\.\d+)?$/.test(text)) return text;
  const [, quoted] =
    /^'([^'\\]*)'$|^"([^"\\]*)"$|^`([^`\\$]*)`$/.exec(text)?.filter((each) => each !== undefined) ?? [];
  return quoted ?? unknown;
}
