// For server-rendered pages: wires elements with `data-wire`, and loads each pattern when the page contains
// it.
export { authorId, keepOurs } from './morph.js';
export { wirePage } from './load.js';
export { isOurs } from '../engine/made.js';
export { unwireWithin, wireWithin } from '../engine/markup.js';
export { wiredOf } from '../engine/registry.js';
export type { Change, Wired } from '../engine/types.js';
