// Help for users' own tests, in jsdom and in browsers, whatever runs them. Nothing here belongs into what is published.
//
//   import { expectContract, settled, setUpPlatform, walk } from 'elastic-shell/testing';
export { type ContractOptions, expectContract } from './contract.js';
export { setUpPlatform } from './platform.js';
export { type Settling, settled, type SettledOptions } from './settled.js';
export { walk, type WalkOptions } from './walk.js';
export type { ContractName } from './widget.js';
export type { CheckResult } from '../rehearsal/outcome.js';
