// The checks of every contract, and the script that finds widgets in a page: for the command line and
// `elastic-shell/testing`.
export { checkedNames, checksOf } from './registry.js';
export type { Agent, Evidence, Facts, Found, ItemFacts } from './facts.js';
export { Failed, fail, Skipped, skip, type CheckResult } from './outcome.js';
export { play } from './play.js';
export type { Check } from './checks/check.js';
export type { Stage } from './stage.js';
export { places, sentenceOf, stateWord, valueRoles } from '../heard/words.js';
