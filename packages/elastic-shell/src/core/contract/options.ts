// The kinds of values that options take, as data: for checking options, for the attributes of elements, and
// for documents.

/** The kinds of values by their description, with the matching types (`typeof`). */
export const kinds = {
  'true or false': 'boolean',
  'a number': 'number',
  'a text': 'string',
  'a function': 'function',
  'an object': 'object',
  'a list, a cell of one, or a function': 'object function',
  'a selector, an element, or a function': 'string object function',
  'an element, a point, or a function': 'object function',
  'a function, or a selector': 'function string',
  // States: an initial value of that kind, or a cell.
  'true, false or a cell': 'boolean object',
  'a number or a cell': 'number object',
  'a text or a cell': 'string object',
  'a key or a cell': 'string object',
  'keys or a cell': 'string object',
  'a key, keys or a cell': 'string object',
} as const;

/** The kind of a state: an initial value of that kind, or a cell. */
export type StateKind = Extract<keyof typeof kinds, `${string} or a cell`>;

/** The kind of one option: one of several words (or a function), or a kind of value. */
export type OptionKind = readonly string[] | keyof typeof kinds;

/** The kinds of all options of a pattern, by name. */
export type OptionKinds = Readonly<Record<string, OptionKind>>;

/** The options of every pattern. A pattern from `definePattern` has them too. */
export const commonKinds = {
  guard: 'a function',
  onChange: 'a function',
  onRefuse: 'a function',
  externalChanges: ['accept', 'revert'],
} as const;
