// The drawer, described.
import { drawer } from '../core/contract/drawer.js';
import { drawerNotes } from '../core/contract/drawer-notes.js';
import { drawerOutline } from '../core/outline/layers.js';
import { describePattern } from './description.js';
import { isDialog } from './kinds.js';

/** The description of the pattern `drawer`. */
export const describedDrawer = describePattern(
  { ...drawer, outline: drawerOutline },
  {
    notes: drawerNotes,
    isRoot: isDialog,
    needs: [['a <dialog>', isDialog]],
  },
);
