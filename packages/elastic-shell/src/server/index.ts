// For servers: the attributes of every part, and the early script as text. It needs neither a DOM nor the
// engine.
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
