// The dialog, described.
import { dialog } from '../core/contract/dialog.js';
import { dialogNotes } from '../core/contract/dialog-notes.js';
import { dialogOutline } from '../core/outline/layers.js';
import { dialogRules } from '../patterns/dialog/rules.js';
import { dialogRows } from '../rehearsal/rows/layers.js';
import { describePattern } from './description.js';
import { isDialog } from './kinds.js';

/** The description of the pattern `dialog`. */
export const describedDialog = describePattern(
  { ...dialog, outline: dialogOutline },
  {
    notes: dialogNotes,
    rules: dialogRules,
    isRoot: isDialog,
    needs: [['a <dialog>', isDialog]],
    checks: dialogRows,
  },
);
