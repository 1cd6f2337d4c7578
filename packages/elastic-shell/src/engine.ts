// The engine for patterns of one's own: all that the built-in ones are made of. A contract says what the pattern is,
// `wire` runs it, services do what attributes alone do not, and `element` makes a custom element of it.

// Running a contract.
export { wire, type Engine, type Service } from './engine/engine.js';
export { optionsOf, setDefaults, type PatternOptions } from './engine/defaults.js';
export {
  type Bound,
  definePattern,
  type ElementPlace,
  type Methods,
  type Pattern,
  type PatternPlan,
} from './engine/pattern.js';
export type { PlainOutline } from './core/outline/plain.js';
export { elementOf, type ElementOf } from './engine/element-of.js';
export type { GuardDetail, OptionProperties, ShellElement, ShellEvents } from './engine/element-types.js';
export { isOurs, markMade } from './engine/made.js';
export { unwireWithin, wireWithin } from './engine/markup.js';
export { keepWired, wiredOf } from './engine/registry.js';
export { storeOf } from './engine/store.js';
export { lazyService } from './engine/lazy-service.js';
export type { Part, Sheet } from './engine/attribute-writer.js';
export { elementNamed, isElement, targetOf, windowOf } from './engine/dom.js';
export { invokersOf } from './engine/invoker-index.js';
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
export type {
  Attributes,
  Contract,
  ContractWithoutRead,
  KeyActs,
  Notes,
  RootView,
  View,
} from './core/contract/contract.js';

// Events and keys.
export { listenIn } from './events/document-events.js';
export { chordOf, isMirrored, meaningOf } from './events/keys.js';
export { listen, type Handlers } from './events/listen.js';
export { onResize } from './events/resize.js';

// Labels, announcements, forms.
export { idMaker, labelsOf, namedByAuthor, type IdMaker, type Labels } from './labels/labels.js';
export { announcer, type Announcer, type Counts } from './announce/announce.js';
export { takePart, type Member } from './form/form.js';

// Focus.
export { canFocus, focusOn, placeOf, tabbables, type FocusChoice, type Place } from './focus/focusable.js';
export { dialogFocus, popoverFocus, type FocusOptions, type FocusPolicy } from './focus/focus-policy.js';

// Layers, and where they stand.
export { layer } from './layer/layer.js';
export type { LayerHost, LayerOptions, LayerRules, Position } from './layer/types.js';
export { hoverGroup, type GroupRules, type OnHover } from './layer/hover.js';
export { withMessage, type MessageOptions } from './layer/message.js';
export { openLayer } from './layer/dismissal.js';
export type { OpenLayer } from './layer/open-layers.js';
export { asModal, asPopover, isShown, type TopLayer } from './layer/top-layer.js';
export { openMethods, type OpenMethods } from './layer/methods.js';
export { anchored, type AnchorOptions } from './position/anchored.js';
export type { Anchor, Point } from './position/kept.js';

// Lists and rows.
export { lettersTo, type LettersRule } from './list/letters.js';
export { list } from './list/list.js';
export type { IntendingList, List, ListRules } from './list/types.js';
export { focusCursor, stateCursor, type Cursor } from './list/cursor.js';
export { labelIn, markupItems, type ItemElement, type Items, type MarkupItems } from './list/items.js';
export { rove } from './list/roving.js';
export { dataRows, type DataRows, type RowOptions } from './list/rows/data-rows.js';
export { followItems, itemsIn, type ItemsOption } from './list/rows/source.js';
export { expandMethods, selectMethods, type ExpandMethods, type SelectMethods } from './list/methods.js';

// Content that comes later, and motion.
export { withContent, type ContentHost, type ContentOptions } from './content/content.js';
export { expandMotion, type ElasticAxis, type ExpandMotion } from './motion/expand.js';
export { prefersReducedMotion } from './motion/reduced-motion.js';
