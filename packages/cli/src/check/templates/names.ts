// What templates have in common: which names are components, and what a literal in an expression says.
import { isAdopted } from '../adopted.js';
import { unknown } from './element.js';

/** Whether a tag names a component, or an element of somebody else's, of which nothing is known. */
export const isComponent = (tag: string): boolean =>
  !isAdopted(tag) &&
  (/^[A-Z]/.test(tag) || tag.includes('.') || /^(?!shell-).*-/.test(tag) || tag === 'slot');

/** Attributes that say true and false as words. Others are there or not. */
const isWorded = (name: string): boolean =>
  /^(aria|data)-|^(draggable|spellcheck|contenteditable)$/.test(name);

/** What true or false says of an attribute: its text; undefined where it is not there. */
export const textOfFlag = (name: string, value: boolean): string | undefined =>
  isWorded(name) ? `${value}` : value ? '' : undefined;

/** A style as an object that takes the element out of the page. */
const undrawn = /^\{\s*display:\s*(['"])none\1\s*,?\s*\}$/;

/** What an expression says of an attribute where it is a literal; undefined where it is not there then. */
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
