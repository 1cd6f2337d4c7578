// What options take, as data: read when a pattern is wired (misuse is an error at once), by the elements (which
// attribute is what), and by the documents.

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

// Each is written out: a bundler leaves out what is not used only where nothing is spread.

/** The options of everything that is wired. */
export const commonKinds = {
  guard: 'a function',
  onChange: 'a function',
  onRefuse: 'a function',
  externalChanges: ['accept', 'revert'],
} as const;

/** The options of everything that opens. */
export const openKinds = {
  guard: 'a function',
  onChange: 'a function',
  onRefuse: 'a function',
  externalChanges: ['accept', 'revert'],
  open: 'true, false or a cell',
} as const;

/** The options of what stands above the page. */
export const layerKinds = {
  guard: 'a function',
  onChange: 'a function',
  onRefuse: 'a function',
  externalChanges: ['accept', 'revert'],
  open: 'true, false or a cell',
  outside: ['close', 'absorb', 'keep'],
  escape: ['close', 'keep'],
  focusOut: ['close', 'keep'],
  behind: ['close', 'keep'],
  firstFocus: 'a selector, an element, or a function',
  focusReturn: 'a selector, an element, or a function',
  messages: 'an object',
} as const;

/** The options of content that comes later. */
export const contentKinds = {
  content: 'a function, or a selector',
  loadOn: ['open', 'hover', 'idle'],
  keepContent: 'true or false',
  messages: 'an object',
} as const;

/** The options of what stands beside something. */
export const placeKinds = {
  area: 'a text',
  gap: 'a number',
  edgeGap: 'a number',
  fallbacks: 'an object',
} as const;

/** The options of what may be as wide as its anchor. */
export const fitKind = { fit: ['content', 'anchor'] } as const;

/** The options of what may have another anchor than its opener. */
export const anchorKinds = {
  ...placeKinds,
  ...fitKind,
  anchor: 'an element, a point, or a function',
} as const;

/** The options of rows made from data. */
export const rowKinds = {
  items: 'a list, a cell of one, or a function',
  render: 'a function',
  rowHeight: ['same', 'measured'],
} as const;
