// The popover, described.
import { popover } from '../core/contract/popover.js';
import { popoverNotes } from '../core/contract/popover-notes.js';
import { popoverOutline } from '../core/outline/layers.js';
import { popoverRules } from '../patterns/popover/rules.js';
import { popoverRows } from '../rehearsal/rows/layers.js';
import { describePattern } from './description.js';
import { isPopover } from './kinds.js';

/** The description of the pattern `popover`. */
export const describedPopover = describePattern(
  { ...popover, outline: popoverOutline },
  {
    notes: popoverNotes,
    rules: popoverRules,
    isRoot: isPopover,
    needs: [['an element with the attribute popover', isPopover]],
    checks: popoverRows,
  },
);
