// Rows of every contract as they are played, and what finds widgets in a page: for the command line and `elastic-shell/testing`.
export { checkedNames, checksOf } from './checks.js';
export type { Agent, Evidence, Facts, Found, ItemFacts } from './facts.js';
export { Failed, fail, LeftOut, leaveOut, type RowResult } from './outcome.js';
export { play } from './play.js';
export type { Row } from './rows/row.js';
export type { Stage } from './stage.js';
export { places, sentenceOf, stateWord, valueRoles } from '../heard/words.js';
