// The engine for patterns of one's own: a contract, `wire`, and `element` to make an element of it.
export { wire, type Engine, type Service } from './dom/engine.js';
export { modal, type ModalOptions, type ModalRules } from './dom/modal.js';
export { openLayer, type OpenLayer } from './dom/layers.js';
export { element, type ElementRules } from './elements/element.js';
export type { Attributes, Contract, Notes, RootView, View } from './core/contract/contract.js';
export type { Cause, Change, CommonOptions, Wire, Wired } from './dom/types.js';
