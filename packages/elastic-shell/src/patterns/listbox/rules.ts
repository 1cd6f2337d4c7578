// Rules about items and the lists that they stand in: options, tree items, items of menus.
import { has, isRole, tagText, writtenRole } from '../../core/rules/markup.js';
import { isOwned } from '../../core/rules/named-ids.js';
import type { Rule } from '../../core/rules/rule.js';

/** The role that must contain each kind of item. */
const homes = {
  option: { isHome: isRole('listbox', 'select'), what: 'listbox' },
  treeitem: { isHome: isRole('tree'), what: 'tree' },
  menuitem: { isHome: isRole('menu', 'menubar'), what: 'menu' },
  menuitemcheckbox: { isHome: isRole('menu', 'menubar'), what: 'menu' },
  menuitemradio: { isHome: isRole('menu', 'menubar'), what: 'menu' },
};

const isKind = (role: string): role is keyof typeof homes => Object.hasOwn(homes, role);

/** Rules about lists. */
export const listRules: readonly Rule[] = [
  {
    code: 'item-outside-list',
    severity: 'error',
    clause: 'WAI-ARIA, required context role',
    summary: 'An option, tree item or menu item is outside its container.',
    on: Object.keys(homes).map((role) => `[role=${role}]`),
    find(element, page) {
      const role = writtenRole(element);
      if (!isKind(role) || page.around(element, homes[role].isHome) || isOwned(element, page))
        return undefined;
      if (element.tag === 'option' && has(element, 'value')) return undefined;
      return {
        element,
        attribute: 'role',
        sentence: `${tagText(element)} is a ${role} outside a ${homes[role].what}, so its position isn’t announced and arrow keys don’t reach it.`,
        remedy: `Put it into an element with role="${homes[role].what}".`,
      };
    },
  },
];
