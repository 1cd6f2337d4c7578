// The disclosure, described: its rules and its root. Its words, parts and checks are added by `facets.ts`.
import { disclosure } from '../core/contract/disclosure.js';
import { disclosureRules } from '../patterns/disclosure/rules.js';
import { describePattern } from './description.js';
import { isNothing, isPanel } from './kinds.js';

/** The description of the pattern `disclosure`. */
export const describedDisclosure = describePattern(disclosure, {
  rules: disclosureRules,
  isRoot: isNothing,
  needs: [['a <details>, or a panel with an id', isPanel]],
});
