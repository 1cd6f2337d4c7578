// Helpers for users' own tests, in jsdom and in browsers, with any test runner. Do not import them into
// production code.  import { expectContract, settled, setUpPlatform, walk } from 'elastic-shell/testing';
export { type ContractOptions, expectContract } from './contract.js';
export { setUpPlatform } from './platform.js';
export { type Settling, settled, type SettledOptions } from './settled.js';
export { walk, type WalkOptions } from './walk.js';
export type { ContractName } from './widget.js';
export type { CheckResult } from '../rehearsal/outcome.js';
