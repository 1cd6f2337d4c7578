// The dialog, described: its rules and its root. Its words, parts and checks are added by `facets.ts`.
import { dialog } from '../core/contract/dialog.js';
import { dialogRules } from '../patterns/dialog/rules.js';
import { describePattern } from './description.js';
import { isDialog } from './kinds.js';

describePattern(dialog, {
  rules: dialogRules,
  isRoot: isDialog,
  needs: [['a <dialog>', isDialog]],
});
