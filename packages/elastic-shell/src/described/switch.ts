// The switch, described: its rules and its root. Its words, parts and checks are added by `facets.ts`.
import { switching } from '../core/contract/switch.js';
import { describePattern } from './description.js';
import { isNothing, isSwitch } from './kinds.js';

/** The description of the pattern `switch`. */
export const describedSwitch = describePattern(switching, {
  isRoot: isNothing,
  needs: [['a <button> or a checkbox', isSwitch]],
});
