// For whoever makes HTML: the attributes of every part, and the early script as text. No DOM, and nothing of the engine.
export { html } from './html.js';
export { earlyScript, earlyScriptHash } from './early-script.js';
export {
  type GivenFor,
  partsOf,
  type PartsFor,
  type PatternName,
  type ServerGiven,
  type ServerParts,
} from './parts.js';
export type { Attributes } from '../core/contract/contract.js';
