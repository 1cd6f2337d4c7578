// For patterns of your own. The guide `docs/guides/custom-patterns.md` shows each of these names in use. Contracts and what they are made of
// are in `elastic-shell/core`, words, rules and checks in `elastic-shell/describe`.

// A pattern as one value, and its custom element.
export { type Bound, definePattern, type Pattern } from './engine/pattern.js';
export { elementOf, type ElementOf } from './engine/element-of.js';
export type { PlainOutline } from './core/outline/plain.js';
export type { Engine, Service } from './engine/service.js';

// Its options.
export type { CommonOptions, OpenOptions, OptionsOf, StateOption } from './engine/types.js';

// Events, keys, sizes and forms.
export { chordOf, meaningOf } from './events/keys.js';
export { listen } from './events/listen.js';
export { onResize } from './events/resize.js';
export { targetOf } from './engine/dom.js';
export { takePart } from './form/form.js';

// Items in markup or from data: keys, letters and one tab stop.
export { list } from './list/list.js';
export { stateCursor } from './list/cursor.js';
export { labelIn, markupItems } from './list/items.js';
export { lettersTo } from './list/letters.js';
export { dataRows, type RowOptions } from './list/rows/data-rows.js';
export { canFocus } from './focus/focusable.js';

// Layers above the page: how they show, where they stand, and where focus goes.
export { layer } from './layer/layer.js';
export type { LayerOptions } from './layer/types.js';
export { asModal, asPopover } from './layer/top-layer.js';
export { anchored, type AnchorOptions } from './position/anchored.js';
export { dialogFocus, type FocusOptions, popoverFocus } from './focus/focus-policy.js';
export { labelsOf } from './labels/labels.js';

// Content that comes later, and announcements.
export { type ContentOptions, withContent } from './content/content.js';
export { announcer } from './announce/announce.js';
