// The disclosure, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { disclosure } from '../core/contract/disclosure.js';
import { disclosureRules } from '../patterns/disclosure/rules.js';
import { describePattern } from './description.js';
import { isPanel } from './kinds.js';

describePattern(disclosure, {
  rules: disclosureRules,
  needs: [['a <details>, or a panel with an id', isPanel]],
  selector: '[aria-expanded], summary',
  walk: ['Tab', 'Enter', 'Space'],
  sample: { given: { open: true }, words: ['open', 'closed'] },
});
