// The tooltip, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { tooltip } from '../core/contract/tooltip.js';
import { tooltipRules } from '../patterns/tooltip/rules.js';
import { describePattern } from './description.js';
import { isPopover } from './kinds.js';

describePattern(tooltip, {
  rules: tooltipRules,
  needs: [['an element with the attribute popover', isPopover]],
  selector: '[role=tooltip]',
  walk: ['Tab', 'Escape'],
  sample: { given: { open: true }, words: ['open', 'closed'] },
});
