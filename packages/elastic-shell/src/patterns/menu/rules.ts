// Rules about menus.
import { isControl } from '../../core/rules/kinds.js';
import { has, isRole, isTag, tagText, writtenRole } from '../../core/rules/markup.js';
import type { Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const isMenu: Test = (element) => /^menu(bar)?$/.test(writtenRole(element));
const isItem: Test = (element) => /^menuitem/.test(writtenRole(element));
const isNavigation = isRole('navigation');
const isLinkItem: Test = (element) => isItem(element) && element.tag === 'a' && has(element, 'href');
const isButton = isTag('button', 'a', 'input', 'select', 'textarea');

/** Rules about menus. */
export const menuRules: readonly Rule[] = [
  {
    code: 'menu-item-role-missing',
    severity: 'error',
    clause: 'WAI-ARIA, menu: its children are menu items',
    summary: 'A control in a menu isn’t a menu item.',
    on: ['[role=menu]', '[role=menubar]'],
    find: (menu, page) =>
      isMenu(menu)
        ? page
            .owned(menu, isButton, isMenu)
            .filter((element) => isControl(element) && !isItem(element) && !page.around(element, isItem))
            .map((element) => ({
              element,
              sentence: `${tagText(element)} is in a menu but isn’t a menu item, so arrow keys skip it.`,
              remedy:
                'Add role="menuitem", or use a popover instead of the menu: there Tab moves from control to control.',
            }))
        : undefined,
  },
  {
    code: 'menu-for-navigation',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Disclosure Navigation Menu; WAI-ARIA, menu: a list of actions',
    summary: 'Navigation has the role of a menu.',
    on: ['[role=menu]', '[role=menubar]'],
    find(menu, page) {
      if (!isMenu(menu)) return undefined;
      const items = page.owned(menu, isItem, isMenu);
      const isLinks = items.length > 0 && items.every(isLinkItem);
      if (!isLinks && !page.around(menu, isNavigation)) return undefined;
      return {
        element: menu,
        attribute: 'role',
        sentence: `${tagText(menu)} is a ${writtenRole(menu)}, which is for actions, but ${isLinks ? 'all its items are links' : 'it is in a navigation'}: Tab skips the items, and they aren’t announced as links.`,
        remedy: 'Make it a list of links. If it opens and closes, use a disclosure or a popover.',
      };
    },
  },
];
