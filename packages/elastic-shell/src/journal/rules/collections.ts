// Rules about listboxes, trees, menus and comboboxes.
import { ancestors, has, inside, type Markup, nameOf, roleOf, tagText } from '../../core/rules/markup.js';
import type { Found, Rule } from '../../core/rules/rule.js';

/** What each kind of item stands in. */
const homes: Record<string, { in: RegExp; what: string }> = {
  option: { in: /^listbox$/, what: 'listbox' },
  treeitem: { in: /^tree$/, what: 'tree' },
  menuitem: { in: /^menu(bar)?$/, what: 'menu' },
  menuitemcheckbox: { in: /^menu(bar)?$/, what: 'menu' },
  menuitemradio: { in: /^menu(bar)?$/, what: 'menu' },
};

const holdsList = (element: Markup): boolean => inside(element).some((each) => roleOf(each) === 'listbox');

/** A field and its list stand in one element below the whole page. */
const hasList = (combobox: Markup): boolean =>
  ancestors(combobox).some((each) => !/^(html|body|main|form)$/.test(each.tag) && holdsList(each));

const belongsToField = (list: Markup): boolean =>
  ancestors(list).some(
    (each) =>
      !/^(html|body|main|form)$/.test(each.tag) && inside(each).some((other) => roleOf(other) === 'combobox'),
  );

/** Rules about trees, menus, listboxes and comboboxes. */
export const collectionRules: readonly Rule[] = [
  {
    code: 'list-name-missing',
    severity: 'error',
    clause: 'WCAG 4.1.2, Name, Role, Value',
    says: 'A listbox or a tree has no name.',
    *find(page): Generator<Found> {
      for (const element of page.elements) {
        const role = roleOf(element);
        if (!/^(listbox|tree)$/.test(role) || belongsToField(element)) continue;
        const named = has(element, 'aria-labelledby') || has(element, 'aria-label');
        if (!named || !nameOf(element, page))
          yield {
            element,
            sentence: `${tagText(element)} is a ${role} without a name: it is read out by its role alone.`,
            remedy: 'Add aria-label, or aria-labelledby with the id of its heading.',
          };
      }
    },
  },
  {
    code: 'item-outside-list',
    severity: 'error',
    clause: 'WAI-ARIA, required context role',
    says: 'An option, a treeitem or a menu item stands in nothing of its kind.',
    *find({ elements }) {
      for (const element of elements) {
        const role = element.attribute('role')?.trim() ?? '';
        const home = homes[role];
        if (home && !ancestors(element).some((each) => home.in.test(roleOf(each))))
          yield {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a ${role} in no ${home.what}: nothing says how many there are, and arrow keys do not reach it.`,
            remedy: `Put it into an element with role="${home.what}".`,
          };
      }
    },
  },
  {
    code: 'combobox-list-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Combobox: the popup',
    says: 'A combobox has no listbox beside it.',
    *find({ elements }) {
      for (const element of elements)
        if (roleOf(element) === 'combobox' && !hasList(element))
          yield {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a combobox, and no listbox stands in one element with it: it cannot be wired.`,
            remedy:
              'Put the field and <div popover="manual"><div role="listbox"></div></div> into one element, and wire that.',
          };
    },
  },
  {
    code: 'menu-item-role-missing',
    severity: 'error',
    clause: 'WAI-ARIA, menu: its children are menu items',
    says: 'A control in a menu is no menu item.',
    *find({ elements }) {
      for (const menu of elements) {
        if (roleOf(menu) !== 'menu') continue;
        for (const element of inside(menu))
          if (
            /^(button|a|input|select|textarea)$/.test(element.tag) &&
            !/^menuitem/.test(roleOf(element)) &&
            !ancestors(element).some((each) => /^menuitem/.test(roleOf(each)))
          )
            yield {
              element,
              sentence: `${tagText(element)} stands in a menu and is no menu item: arrow keys pass over it.`,
              remedy:
                'Give it role="menuitem", or make the menu a popover, in which Tab goes from control to control.',
            };
      }
    },
  },
];
