// The tooltip, described.
import { tooltip } from '../core/contract/tooltip.js';
import { tooltipNotes } from '../core/contract/tooltip-notes.js';
import { tooltipOutline } from '../core/outline/layers.js';
import { tooltipRules } from '../patterns/tooltip/rules.js';
import { tooltipRows } from '../rehearsal/rows/layers.js';
import { describePattern } from './description.js';
import { isNothing, isPopover } from './kinds.js';

/** The description of the pattern `tooltip`. */
export const describedTooltip = describePattern(
  { ...tooltip, outline: tooltipOutline },
  {
    notes: tooltipNotes,
    rules: tooltipRules,
    isRoot: isNothing,
    needs: [['an element with the attribute popover', isPopover]],
    checks: tooltipRows,
  },
);
