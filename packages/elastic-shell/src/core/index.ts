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
  ItemsView,
  KeyAct,
  KeyActs,
  KeyOwner,
  Notes,
  OptionNote,
  RootView,
  Semantics,
  View,
  Writable,
} from './contract/contract.js';
export { commonKinds, type OptionKind, type OptionKinds } from './contract/options.js';

// Every contract with its outline, and the words about all of them.
export * from './contracts.js';
export { notes } from './contract/notes.js';

export { type Given, type Outline, partId } from './outline/outline.js';

// What contracts of what opens, selects or expands are made of.
export { type Openable, type OpenIntent, stepOpenable } from './contract/openable.js';
export {
  goBy,
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
