// `elastic-shell/describe`: describes patterns of your own to the journal, `check`, the inspector, `partsOf`
// and `expectContract`.
import './facets.js';

export {
  type Describable,
  describePattern,
  type Description,
  type DescriptionGiven,
  descriptionOf,
  descriptions,
  type KeysAsked,
} from './description.js';

// For rules and for the tests of an element.
export { has, type Markup, tagText, writtenRole } from '../core/rules/markup.js';
export type { Page, Test } from '../core/rules/page.js';
export type { Found, Rule, Severity } from '../core/rules/rule.js';
export type { PlainOutline } from '../core/outline/plain.js';
export type { Notes } from '../core/contract/contract.js';

// For checks.
export type { Facts, ItemFacts } from '../rehearsal/facts.js';
export { fail, skip } from '../rehearsal/outcome.js';
export type { Check } from '../rehearsal/checks/check.js';
export type { Stage } from '../rehearsal/stage.js';
