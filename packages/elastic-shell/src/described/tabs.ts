// The tabs, described.
import { tabs, tabsKeys } from '../core/contract/tabs.js';
import { tabsNotes } from '../core/contract/tabs-notes.js';
import { tabsOutline } from '../core/outline/collections.js';
import { tabsRules } from '../patterns/tabs/rules.js';
import { tabsRows } from '../rehearsal/rows/sections.js';
import { describePattern } from './description.js';
import { isNothing, withRole } from './kinds.js';

/** The description of the pattern `tabs`. */
export const describedTabs = describePattern(
  { ...tabs, outline: tabsOutline },
  {
    notes: tabsNotes,
    rules: tabsRules,
    isRoot: isNothing,
    needs: [['an element with role="tablist"', withRole('tablist')]],
    keys: ({ options, orientation }) => tabsKeys({ ...options, orientation }),
    checks: tabsRows,
  },
);
