// The accordion, described.
import { accordion, accordionKeys } from '../core/contract/accordion.js';
import { accordionNotes } from '../core/contract/accordion-notes.js';
import { accordionOutline } from '../core/outline/collections.js';
import { accordionRules } from '../patterns/accordion/rules.js';
import { accordionRows } from '../rehearsal/rows/sections.js';
import { describePattern } from './description.js';
import { isNothing, isSection } from './kinds.js';

/** The description of the pattern `accordion`. */
export const describedAccordion = describePattern(
  { ...accordion, outline: accordionOutline },
  {
    notes: accordionNotes,
    rules: accordionRules,
    isRoot: isNothing,
    needs: [['a button in a heading, or a <details>', isSection]],
    keys: ({ options }) => accordionKeys(options),
    checks: accordionRows,
  },
);
