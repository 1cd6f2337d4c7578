// The combobox, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { combobox, comboboxKeys } from '../core/contract/combobox.js';
import { comboboxRules } from '../patterns/combobox/rules.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(combobox, {
  isFormControl: true,
  rules: comboboxRules,
  isRoot: withRole('combobox'),
  needs: [
    ['an element with role="combobox"', withRole('combobox')],
    ['an element with role="listbox"', withRole('listbox')],
  ],
  keys: ({ state, hasField }) => comboboxKeys('open' in state && !!state.open, hasField),
  selector: '[role=combobox]',
  walk: ['Tab', 'ArrowDown', 'ArrowDown', 'ArrowDown', 'Enter', 'ArrowDown', 'Escape'],
  sample: { given: { open: true, selected: 'first' }, words: ['open, selected', 'closed, not selected'] },
});
