// The pure core, for those who build patterns, documents or servers of their own: cells, changes, every contract with
// its words, and what contracts are made of. No DOM. What only the library itself needs is not exported.
export { cell, type Cell, type Listener, type ReadCell } from './cell.js';
export type { AnyState, Cause, Change, ChangeOf, Reason } from './change.js';
export type { Guard } from './guard.js';
export { labelText, nearest } from './text.js';

// The shape of a contract, and what options take.
export type {
  Attributes,
  Contract,
  ContractWithoutRead,
  KeyAct,
  KeyActs,
  KeyOwner,
  Notes,
  OptionNote,
  RootView,
  Semantics,
  View,
} from './contract/contract.js';
export {
  anchorKinds,
  commonKinds,
  contentKinds,
  layerKinds,
  openKinds,
  type OptionKind,
  type OptionKinds,
  rowKinds,
} from './contract/options.js';

// Every contract, and the words about all of them.
export { accordion } from './contract/accordion.js';
export { carousel } from './contract/carousel.js';
export { combobox } from './contract/combobox.js';
export { dialog } from './contract/dialog.js';
export { disclosure } from './contract/disclosure.js';
export { drawer } from './contract/drawer.js';
export { listbox } from './contract/listbox.js';
export { menu } from './contract/menu.js';
export { popover } from './contract/popover.js';
export { switching } from './contract/switch.js';
export { tabs } from './contract/tabs.js';
export { tooltip } from './contract/tooltip.js';
export { tree } from './contract/tree.js';
export { notes } from './contract/notes.js';

// Outlines: the attributes of each part before there is a page, for servers and bindings.
export { comboboxOutline, listboxOutline, switchOutline } from './outline/choices.js';
export { accordionOutline, carouselOutline, tabsOutline, treeOutline } from './outline/collections.js';
export {
  dialogOutline,
  disclosureOutline,
  drawerOutline,
  menuOutline,
  popoverOutline,
  tooltipOutline,
} from './outline/layers.js';
export { type Given, type Outline, partId } from './outline/outline.js';

// What contracts of what opens, selects or expands are made of.
export { type Openable, type OpenIntent, stepOpenable } from './contract/openable.js';
export {
  movesBy,
  rowMoves,
  selectCommands,
  type Selecting,
  type SelectIntent,
  stepSelecting,
} from './contract/selecting.js';
export { expandCommands, type ExpandIntent, stepExpansion } from './contract/expanding.js';

// Collections and placement.
export { indexOf, type Item, neighbour, tabStop } from './collection/items.js';
export { type Move, move, type MoveRules } from './collection/movement.js';
export { type Chosen, chosenOf, holds, keysOf, type Selected } from './collection/selection.js';
export { touch, touchedKeys } from './collection/touched.js';
export { matcher, type MatchMode } from './collection/match.js';
export { type TreeNode } from './collection/tree.js';
export { place, type Placement, type PlacementQuestion, type PlacementWish } from './layers/placement.js';
