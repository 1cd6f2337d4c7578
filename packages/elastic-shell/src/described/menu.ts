// The menu, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { menu, menuKeys } from '../core/contract/menu.js';
import { menuRules } from '../patterns/menu/rules.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(menu, {
  rules: menuRules,
  isRoot: withRole('menu'),
  needs: [['an element with role="menu"', withRole('menu')]],
  keys: () => menuKeys,
  selector: '[role=menu]',
  walk: ['Tab', 'Enter', 'ArrowDown', 'ArrowDown', 'End', 'Home', 'Escape'],
  sample: { given: { open: true, checked: ['first'] }, words: ['open, checked', 'closed, not checked'] },
});
