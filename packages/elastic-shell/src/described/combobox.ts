// The combobox, described.
import { combobox, comboboxKeys } from '../core/contract/combobox.js';
import { comboboxNotes } from '../core/contract/combobox-notes.js';
import { comboboxOutline } from '../core/outline/choices.js';
import { comboboxRules } from '../patterns/combobox/rules.js';
import { comboboxRows } from '../rehearsal/rows/fields.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

/** The description of the pattern `combobox`. */
export const describedCombobox = describePattern(
  { ...combobox, outline: comboboxOutline },
  {
    notes: comboboxNotes,
    rules: comboboxRules,
    isRoot: withRole('combobox'),
    needs: [
      ['an element with role="combobox"', withRole('combobox')],
      ['an element with role="listbox"', withRole('listbox')],
    ],
    keys: ({ state, hasField }) => comboboxKeys('open' in state && !!state.open, hasField),
    checks: comboboxRows,
  },
);
