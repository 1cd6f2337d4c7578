// The menu, described: its rules and its root. Its words, parts and checks are added by `facets.ts`.
import { menu, menuKeys } from '../core/contract/menu.js';
import { menuRules } from '../patterns/menu/rules.js';
import { describePattern } from './description.js';
import { withRole } from './kinds.js';

describePattern(menu, {
  rules: menuRules,
  isRoot: withRole('menu'),
  needs: [['an element with role="menu"', withRole('menu')]],
  keys: () => menuKeys,
});
