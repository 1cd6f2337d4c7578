// The dialog, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { dialog } from '../core/contract/dialog.js';
import { dialogRules } from '../patterns/dialog/rules.js';
import { describePattern } from './description.js';
import { isDialog } from './kinds.js';

describePattern(dialog, {
  rules: dialogRules,
  isRoot: isDialog,
  needs: [['a <dialog>', isDialog]],
  selector: 'dialog',
  walk: ['Tab', 'Enter', 'Tab', 'Tab', 'Tab', 'Shift+Tab', 'Escape'],
  sample: { given: { open: true }, words: ['open', 'closed'] },
});
