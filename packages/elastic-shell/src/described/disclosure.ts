// The disclosure, described.
import { disclosure } from '../core/contract/disclosure.js';
import { disclosureNotes } from '../core/contract/disclosure-notes.js';
import { disclosureOutline } from '../core/outline/layers.js';
import { disclosureRules } from '../patterns/disclosure/rules.js';
import { disclosureRows } from '../rehearsal/rows/sections.js';
import { describePattern } from './description.js';
import { isNothing, isPanel } from './kinds.js';

/** The description of the pattern `disclosure`. */
export const describedDisclosure = describePattern(
  { ...disclosure, outline: disclosureOutline },
  {
    notes: disclosureNotes,
    rules: disclosureRules,
    isRoot: isNothing,
    needs: [['a <details>, or a panel with an id', isPanel]],
    checks: disclosureRows,
  },
);
