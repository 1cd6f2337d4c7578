// What options take, as data: for checks when a pattern is wired, for elements (which attribute is what), and for documents.

/**
 * The kinds of values, by the words that say what is wanted: the types of value (`typeof`) that fit.
 */
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
  // States: a first value of that kind, or a cell.
  'true, false or a cell': 'boolean object',
  'a number or a cell': 'number object',
  'a text or a cell': 'string object',
  'a key or a cell': 'string object',
  'keys or a cell': 'string object',
  'a key, keys or a cell': 'string object',
} as const;

/** The kind of a state: a first value of that kind, or a cell. */
export type StateKind = Extract<keyof typeof kinds, `${string} or a cell`>;

/** What one option takes: one of some words (or a function in place of them), or a value of a kind. */
export type OptionKind = readonly string[] | keyof typeof kinds;

/** Every option of a pattern by name. */
export type OptionKinds = Readonly<Record<string, OptionKind>>;

/** The options of every pattern: a pattern from `definePattern` has them besides its own. */
export const commonKinds = {
  guard: 'a function',
  onChange: 'a function',
  onRefuse: 'a function',
  externalChanges: ['accept', 'revert'],
} as const;
