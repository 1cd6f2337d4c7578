// The pure core: cells, changes, guards, collections, the layer tree, and every contract with its notes. No DOM.
export { cell, deliver, type Cell, type Listener, type ReadCell } from './cell.js';
export { changesBetween, type Cause, type Change, type Reason } from './change.js';
export { ask, type Guard } from './guard.js';
export { failureText, hasWords, labelText, nearest } from './text.js';
export {
  dismissedBy,
  type Dismissal,
  type Escape,
  type Layer,
  type LayerCause,
  type Outside,
} from './layers/stack.js';
export type { Attributes, Contract, KeyOwner, Notes, RootView, View } from './contract/contract.js';
export { type Openable, stepOpenable } from './contract/openable.js';
export { dialog, dialogNotes, namingOf, outsideOf } from './contract/dialog.js';
export { drawer, drawerNotes } from './contract/drawer.js';
export { tooltip, tooltipNotes } from './contract/tooltip.js';
export { popover, popoverNotes } from './contract/popover.js';
export { disclosure, disclosureNotes } from './contract/disclosure.js';
export {
  parseArea,
  place,
  type Fallback,
  type Placement,
  type PlacementQuestion,
  type PlacementWish,
  type Rect,
  type Size,
} from './layers/placement.js';
export { indexOf, neighbour, tabStop, type Item } from './collection/items.js';
export { isMove, move, type Move, type MoveRules } from './collection/movement.js';
export {
  type Chosen,
  chosenOf,
  holds,
  keysOf,
  sameKeys,
  selectAll,
  selectOnly,
  selectRange,
  selectToggle,
  type Selection,
  type SelectionMode,
} from './collection/selection.js';
export { expand, heed, isHeldOpen, type ExpansionRules } from './collection/expansion.js';
export { isTurning, slideFrom, type RotationView } from './rotation.js';
export { accordion, accordionKeys, accordionNotes } from './contract/accordion.js';
export { carousel, carouselNotes } from './contract/carousel.js';
export { switching, switchNotes } from './contract/switch.js';
export { menu, menuKeys, menuNotes, type MenuState } from './contract/menu.js';
export { isInSafeTriangle } from './layers/safe-triangle.js';
export { tabs, tabsKeys, tabsNotes } from './contract/tabs.js';
export { matcher, type MatchMode, type Range } from './collection/match.js';
export { isLetter, pause, typeAhead, type TypeAhead, typedNothing } from './collection/type-ahead.js';
export { heights, type Heights, rowsShown, scrollFor, type Shown } from './collection/window.js';
export {
  filtered,
  isBranch,
  type Placed,
  pruned,
  type Tree,
  type TreeNode,
  treeOf,
  turnRow,
  visibleRows,
  wayTo,
  withChildren,
  withoutChildren,
} from './collection/tree.js';
export { type Check, checkOf, turnCheck } from './collection/checks.js';
export { listbox, listboxKeys, listboxNotes } from './contract/listbox.js';
export { tree, treeKeys, type TreeState } from './contract/tree.js';
export { treeNotes } from './contract/tree-notes.js';
export { type Selecting, stepSelecting, stopOf } from './contract/selecting.js';
export { combobox, comboboxKeys, type ComboboxState } from './contract/combobox.js';
export { comboboxNotes } from './contract/combobox-notes.js';
