// The menubar, described: its root. The rules of the menu apply to it too. `facets.ts` adds its texts, parts
// and checks.
import { menubar, menubarKeys } from '../core/contract/menubar.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(menubar, {
  isRoot: withRole('menubar'),
  needs: [['an element with role="menubar"', withRole('menubar')]],
  keys: ({ options, orientation }) => menubarKeys({ ...options, orientation }),
  selector: '[role=menubar]',
  walk: ['Tab', 'ArrowRight', 'ArrowDown', 'ArrowRight', 'Escape', 'Tab'],
  sample: { given: { current: 'first' }, words: ['with the tab stop', 'without it'] },
});
