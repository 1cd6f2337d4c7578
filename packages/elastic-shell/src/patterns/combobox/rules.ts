// Rules about comboboxes.
import { has, isRole, type Markup, tagText, wordsOf, writtenRole } from '../../core/rules/markup.js';
import { namedIds, type Naming } from '../../core/rules/named-ids.js';
import type { Page } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const isList = isRole('listbox');
const isCombobox = isRole('combobox');

/** Whether a field and its list stand in one element below the whole page, or the field names what opens. */
function hasList(combobox: Markup, page: Page): boolean {
  const names = [...wordsOf(combobox, 'aria-controls'), ...wordsOf(combobox, 'aria-owns')];
  if (names.some((id) => page.named(id, combobox))) return true;
  for (let at = combobox.parent; at && !/^(html|body|main|form)$/.test(at.tag); at = at.parent)
    if (page.within(at, isList)) return true;
  return has(combobox, 'list') || !!page.within(combobox, isList);
}

const opening: Naming = { test: isCombobox, attributes: ['aria-controls'] };

/** Rules about comboboxes. */
export const comboboxRules: readonly Rule[] = [
  {
    code: 'combobox-list-missing',
    severity: 'error',
    clause: 'WAI-ARIA, combobox: aria-controls; Authoring Practices, Combobox: the popup',
    summary: 'A combobox has no listbox.',
    on: ['[role=combobox]'],
    find(element, page) {
      const opensElse = /^(tree|grid|dialog)$/.test(element.attribute('aria-haspopup') ?? '');
      if (
        element.tag === 'select' ||
        writtenRole(element) !== 'combobox' ||
        opensElse ||
        hasList(element, page)
      )
        return undefined;
      return {
        element,
        attribute: 'role',
        sentence: `${tagText(element)} is a combobox, but neither names a listbox nor shares a container with one.`,
        remedy:
          'Put the field and <div popover="manual"><div role="listbox"></div></div> into one element, and wire that element.',
        ...(page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'combobox-list-shared',
    severity: 'warning',
    clause: 'WAI-ARIA, combobox: its popup shows its own value',
    summary: 'Two comboboxes share one list.',
    on: ['[role=combobox]'],
    find(element, page) {
      const id = wordsOf(element, 'aria-controls').find((each) => {
        const first = namedIds(page, opening).get(each);
        return first && first !== element;
      });
      const first = id === undefined ? undefined : namedIds(page, opening).get(id);
      return (
        first && {
          element,
          attribute: 'aria-controls',
          sentence: `${tagText(element)} opens the list "${id}", but ${tagText(first)} opens it too: its selection can only be right for one of them.`,
          remedy: 'Give each its own list.',
        }
      );
    },
  },
];
