// What options take, as data: read when a pattern is wired (misuse is an error at once), by the elements (which
// attribute is what), and by the documents.

/** The kind of a state: a first value of that kind, or a cell. */
export type StateKind = 'state flag' | 'state text' | 'state key' | 'state keys' | 'state chosen';

/** What one option takes: one of some words, or a value of a kind. */
export type OptionKind =
  | readonly string[]
  | StateKind
  | 'flag'
  | 'number'
  | 'text'
  | 'function'
  | 'object'
  /** A list, a cell of one, or (in a combobox) a function that is asked. */
  | 'items'
  /** A selector, an element, or a function that finds one. */
  | 'element'
  /** An element, a point, or a function that finds one. */
  | 'anchor'
  /** A function, or the selector of a template. */
  | 'source';

/** Every option of a pattern by name. */
export type OptionKinds = Readonly<Record<string, OptionKind>>;

/** The options of everything that is wired. */
export const commonKinds = { guard: 'function', onChange: 'function' } as const;

/** The options of everything that opens. */
export const openKinds = { ...commonKinds, open: 'state flag' } as const;

/** The options of what stands above the page. */
export const layerKinds = {
  ...openKinds,
  outside: ['close', 'absorb', 'keep'],
  escape: ['close', 'keep'],
  focusOut: ['close', 'keep'],
  behind: ['close', 'keep'],
  firstFocus: 'element',
  focusReturn: 'element',
  messages: 'object',
} as const;

/** The options of content that comes later. */
export const contentKinds = {
  content: 'source',
  loadOn: ['open', 'hover', 'idle'],
  keepContent: 'flag',
  messages: 'object',
} as const;

/** The options of what stands beside something. */
export const placeKinds = {
  area: 'text',
  gap: 'number',
  edgeGap: 'number',
  fallbacks: 'object',
} as const;

/** The options of what may be as wide as its anchor. */
export const fitKind = { fit: ['content', 'anchor'] } as const;

/** The options of what may have another anchor than its opener. */
export const anchorKinds = { ...placeKinds, ...fitKind, anchor: 'anchor' } as const;

/** The options of rows made from data. */
export const rowKinds = { items: 'items', render: 'function', rowHeight: ['same', 'measured'] } as const;
