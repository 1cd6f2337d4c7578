// The switch, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { switching } from '../core/contract/switch.js';
import { describePattern } from './description.js';
import { isSwitch } from './kinds.js';

describePattern(switching, {
  isFormControl: true,
  needs: [['a <button> or a checkbox', isSwitch]],
  selector: '[role=switch]',
  walk: ['Tab', 'Space', 'Space'],
  sample: { given: { checked: true }, words: ['on', 'off'] },
});
