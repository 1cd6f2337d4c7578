// The parts from which a binding to a framework is built, for bindings in packages of their own: one instance
// from before there is a page (`bound`), states that the framework stores (`asPort`), hosts for what it
// renders, and every pattern.
export { type AnyOutline, type Bindable, type Bound, bound, type Loaded, type Taken } from './bound.js';
export type { RowsOf, StateNames, StateOf } from './handle.js';
export type { Updates } from '../engine/types.js';
export type { Host, Hosts } from './hosts.js';
export { asPort, isPort, type Port } from './ports.js';
export * from './patterns.js';
export type { Pattern } from '../engine/pattern.js';
export { overDefaults } from '../engine/defaults.js';
export { flagAttributes } from '../core/outline/outline.js';
export type { Attributes } from '../core/contract/contract.js';
export type { Token } from '../patterns/combobox/tokens.js';
export type { Phase } from '../layer/phase.js';
