// The whole library: every pattern, cells, and defaults.
export * from './patterns/index.js';
export { cell, type Cell, type Listener, type ReadCell } from './core/cell.js';
export type { Reason } from './core/change.js';
export type { Item } from './core/collection/items.js';
export type { RowLife } from './list/rows/row.js';
export type { Chosen, Selected } from './core/collection/selection.js';
export type { TreeNode } from './core/collection/tree.js';
export type { Content, ContentOptions, ContentSource } from './content/content.js';
export { setDefaults, type PatternOptions } from './engine/defaults.js';
export { isOurs } from './engine/made.js';
export { authorId, keepOurs } from './page/morph.js';
export { unwireWithin, wireWithin } from './engine/markup.js';
export { wiredOf } from './engine/registry.js';
export type {
  Cause,
  Cells,
  Change,
  ChangeOf,
  CommonOptions,
  KeysOption,
  OpenOptions,
  Refusal,
  StateOption,
  Wire,
  Wired,
} from './engine/types.js';
