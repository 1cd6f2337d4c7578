// The engine for patterns of one's own: a contract, `wire`, and `element` to make an element of it.
export { wire, type Engine, type Service } from './dom/engine.js';
export { layer, type LayerOptions, type LayerRules, type Standing } from './dom/layer.js';
export { asModal, asPopover, type Showing } from './dom/showing.js';
export { beside, type BesideOptions } from './dom/beside.js';
export { openLayer, type OpenLayer } from './dom/layers.js';
export { element, type ElementRules } from './elements/element.js';
export type { Attributes, Contract, Notes, RootView, View } from './core/contract/contract.js';
export type { Cause, Change, CommonOptions, Wire, Wired } from './dom/types.js';
