// The accordion, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { accordion, accordionKeys } from '../core/contract/accordion.js';
import { accordionRules } from '../patterns/accordion/rules.js';
import { describePattern } from './description.js';
import { isSection } from './kinds.js';

describePattern(accordion, {
  rules: accordionRules,
  needs: [['a button in a heading, or a <details>', isSection]],
  keys: ({ options }) => accordionKeys(options),
  selector: '[aria-expanded], summary',
  walk: ['Tab', 'Enter', 'Tab', 'Enter'],
  sample: { given: { expanded: ['first'] }, words: ['open', 'closed'] },
});
