// The engine for patterns of one's own: a contract, `wire`, and `element` to make an element of it.
export { wire, type Engine, type Service } from './engine/engine.js';
export { layer, type LayerOptions, type LayerRules, type Position } from './layer/layer.js';
export { asModal, asPopover, type TopLayer } from './layer/top-layer.js';
export { anchored, type AnchorOptions } from './position/anchored.js';
export { openLayer, type OpenLayer } from './layer/open-layers.js';
export { element, type ElementRules } from './engine/element.js';
export type { Attributes, Contract, Notes, RootView, View } from './core/contract/contract.js';
export type { Cause, Change, CommonOptions, Wire, Wired } from './engine/types.js';
