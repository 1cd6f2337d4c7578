// For pages that a server renders: what is marked by `data-wire` is wired, and each pattern loaded when a page has it.
export { authorId, keepOurs } from './morph.js';
export { wirePage } from './load.js';
export { isOurs } from '../engine/made.js';
export { unwireWithin, wireWithin } from '../engine/markup.js';
export { wiredOf } from '../engine/registry.js';
export type { Change, Wired } from '../engine/types.js';
