// The tree, described.
import { tree, treeKeys } from '../core/contract/tree.js';
import { treeNotes } from '../core/contract/tree-notes.js';
import { treeOutline } from '../core/outline/collections.js';
import { treeRows } from '../rehearsal/rows/lists.js';
import { describePattern } from './description.js';
import { isList } from './kinds.js';

/** The description of the pattern `tree`. */
export const describedTree = describePattern(
  { ...tree, outline: treeOutline },
  {
    notes: treeNotes,
    isRoot: isList,
    needs: [['a list, or an element with role="tree"', isList]],
    keys: ({ options }) => treeKeys(options),
    checks: treeRows,
  },
);
