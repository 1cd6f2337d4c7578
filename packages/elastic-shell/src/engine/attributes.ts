// Options as attributes say them: which options a text can say, under which name, and what the text means.
import type { OptionKind, OptionKinds } from '../core/contract/options.js';

/** Only a program can give these. */
const programOnly: readonly OptionKind[] = [
  'a function',
  'an object',
  'a list, a cell of one, or a function',
  'an element, a point, or a function',
];

/** True or false, as an option or as a state. */
export const flags: readonly OptionKind[] = ['true or false', 'true, false or a cell'];

/** True for an option that is a state. */
export const isState = (kind: OptionKind): boolean => typeof kind === 'string' && kind.endsWith('a cell');

const kebab = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** The options that an attribute can say, by the name of the attribute. */
export const attributesOf = (options: OptionKinds): Map<string, [name: string, kind: OptionKind]> =>
  new Map(
    Object.entries(options)
      .filter(([, kind]) => !programOnly.includes(kind))
      .map(([name, kind]) => [kebab(name), [name, kind]]),
  );

/** An attribute as the value of an option: what is true or false is false by the word "false" alone. */
export const valueOf = (kind: OptionKind, text: string): unknown => {
  if (flags.includes(kind)) return text !== 'false';
  return typeof kind === 'string' && kind.startsWith('a number') ? Number(text) : text;
};

/** The options that the attributes of `element` say, each under its name after `prefix`. */
export function optionsFrom(element: Element, options: OptionKinds, prefix = ''): Record<string, unknown> {
  const found: Record<string, unknown> = {};
  for (const [attribute, [name, kind]] of attributesOf(options)) {
    const text = element.getAttribute(prefix + attribute);
    if (text !== null) found[name] = valueOf(kind, text);
  }
  return found;
}
