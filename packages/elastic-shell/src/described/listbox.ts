// The listbox, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { listbox, listboxKeys } from '../core/contract/listbox.js';
import { listRules } from '../patterns/listbox/rules.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(listbox, {
  isFormControl: true,
  rules: listRules,
  isRoot: withRole('listbox'),
  needs: [['an element with role="listbox"', withRole('listbox')]],
  keys: ({ options, orientation }) => listboxKeys({ ...options, orientation }),
  selector: '[role=listbox]',
  walk: ['Tab', 'ArrowDown', 'ArrowDown', 'End', 'Home', 'Space'],
  sample: { given: { selected: 'first' }, words: ['selected', 'not selected'] },
});
