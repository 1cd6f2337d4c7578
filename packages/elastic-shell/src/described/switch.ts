// The switch, described.
import { switching } from '../core/contract/switch.js';
import { switchNotes } from '../core/contract/switch-notes.js';
import { switchOutline } from '../core/outline/choices.js';
import { switchRows } from '../rehearsal/rows/sections.js';
import { describePattern } from './description.js';
import { isNothing, isSwitch } from './kinds.js';

/** The description of the pattern `switch`. */
export const describedSwitch = describePattern(
  { ...switching, outline: switchOutline },
  {
    notes: switchNotes,
    isRoot: isNothing,
    needs: [['a <button> or a checkbox', isSwitch]],
    checks: switchRows,
  },
);
