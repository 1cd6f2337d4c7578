// The popover, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { popover } from '../core/contract/popover.js';
import { popoverRules } from '../patterns/popover/rules.js';
import { describePattern } from './description.js';
import { isPopover } from './kinds.js';

describePattern(popover, {
  rules: popoverRules,
  isRoot: isPopover,
  needs: [['an element with the attribute popover', isPopover]],
  selector: '[popover]',
  walk: ['Tab', 'Enter', 'Tab', 'Escape'],
  sample: { given: { open: true }, words: ['open', 'closed'] },
});
