// The menu, described.
import { menu, menuKeys } from '../core/contract/menu.js';
import { menuNotes } from '../core/contract/menu-notes.js';
import { menuOutline } from '../core/outline/layers.js';
import { menuRules } from '../patterns/menu/rules.js';
import { menuRows } from '../rehearsal/rows/lists.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

/** The description of the pattern `menu`. */
export const describedMenu = describePattern(
  { ...menu, outline: menuOutline },
  {
    notes: menuNotes,
    rules: menuRules,
    isRoot: withRole('menu'),
    needs: [['an element with role="menu"', withRole('menu')]],
    keys: () => menuKeys,
    checks: menuRows,
  },
);
