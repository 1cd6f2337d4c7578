// The listbox, described.
import { listbox, listboxKeys } from '../core/contract/listbox.js';
import { listboxNotes } from '../core/contract/listbox-notes.js';
import { listboxOutline } from '../core/outline/choices.js';
import { listRules } from '../patterns/listbox/rules.js';
import { listboxRows } from '../rehearsal/rows/lists.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

/** The description of the pattern `listbox`. */
export const describedListbox = describePattern(
  { ...listbox, outline: listboxOutline },
  {
    notes: listboxNotes,
    rules: listRules,
    isRoot: withRole('listbox'),
    needs: [['an element with role="listbox"', withRole('listbox')]],
    keys: ({ options, orientation }) => listboxKeys({ ...options, orientation }),
    checks: listboxRows,
  },
);
