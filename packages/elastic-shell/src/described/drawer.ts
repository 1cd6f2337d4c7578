// The drawer, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { drawer } from '../core/contract/drawer.js';
import { describePattern } from './description.js';
import { isDialog } from './kinds.js';

describePattern(drawer, {
  isRoot: isDialog,
  needs: [['a <dialog>', isDialog]],
  selector: 'dialog',
  sample: { given: { open: true }, words: ['open', 'closed'] },
});
