// The tabs, described: their rules and their root. `facets.ts` adds their texts, parts and checks.
import { tabs, tabsKeys } from '../core/contract/tabs.js';
import { tabsRules } from '../patterns/tabs/rules.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(tabs, {
  rules: tabsRules,
  needs: [['an element with role="tablist"', withRole('tablist')]],
  keys: ({ options, orientation }) => tabsKeys({ ...options, orientation }),
  selector: '[role=tablist]',
  walk: ['Tab', 'ArrowRight', 'ArrowRight', 'Home', 'End', 'Tab'],
  sample: { given: { selected: 'first' }, words: ['selected', 'not selected'] },
});
