// The pure core, for building patterns, documents or servers: cells, changes, every contract with its texts,
// and the parts of contracts. It has no DOM types. Internal parts aren't exported.
export { cell, type Cell, type Listener, type ReadCell } from './cell.js';
export type { AnyState, Cause, Change, ChangeOf, Reason } from './change.js';
export type { Guard } from './guard.js';
export { labelText, nearest } from './text.js';

// The type of a contract, and the kinds of options.
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

// Every contract with its outline, and their texts.
export * from './contracts.js';
export { notes } from './contract/notes.js';

export { type Given, type Outline, partId } from './outline/outline.js';

// The shared parts of contracts that open, select or expand.
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
