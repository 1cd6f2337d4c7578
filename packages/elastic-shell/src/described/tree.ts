// The tree, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { tree, treeKeys } from '../core/contract/tree.js';
import { describePattern } from './description.js';
import { isList } from './kinds.js';

describePattern(tree, {
  isRoot: isList,
  needs: [['a list, or an element with role="tree"', isList]],
  keys: ({ options }) => treeKeys(options),
  selector: '[role=tree]',
  walk: ['Tab', 'ArrowDown', 'ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft', 'End', 'Home'],
  sample: {
    given: { selected: 'first', expanded: ['first'] },
    words: ['selected, open', 'not selected, closed'],
  },
});
