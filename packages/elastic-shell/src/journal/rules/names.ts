// Rules about the names of controls.
import { ask } from '../../core/rules/doubt.js';
import { isGone, isWidget } from '../../core/rules/kinds.js';
import { has, isRole, type Markup, tagText, writtenRole } from '../../core/rules/markup.js';
import { isLabelled, isNamed } from '../../core/rules/names.js';
import { namedIds, type Naming } from '../../core/rules/named-ids.js';
import type { Page } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

/** Returns whether it is neither operated nor announced, so that it needs no name. */
const isSilent = (element: Markup): boolean => element.attribute('aria-hidden') === 'true' || isGone(element);

const isCombobox = isRole('combobox');
const controlling: Naming = { test: isCombobox, attributes: ['aria-controls', 'aria-owns'] };

/** Returns whether a list and a combobox share an ancestor below the page, so that the combobox labels it. */
function belongsToField(list: Markup, page: Page): boolean {
  for (let at = list.parent; at && !/^(html|body|main|form)$/.test(at.tag); at = at.parent)
    if (page.within(at, isCombobox)) return true;
  return namedIds(page, controlling).has(list.attribute('id') ?? '');
}

/** Rules about names. */
export const nameRules: readonly Rule[] = [
  {
    code: 'control-name-missing',
    severity: 'error',
    clause: 'WCAG 4.1.2, Name, Role, Value',
    summary: 'A control has no accessible name.',
    on: ['a', 'area', 'button', 'select', 'textarea', 'summary', 'input', '[role]'],
    find: (element, page) =>
      !isWidget(element) ||
      isSilent(element) ||
      ask(() => page.around(element, isSilent)).value ||
      isNamed(element, page)
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} has no name, so screen readers announce only its role.`,
            remedy: 'Add text, a label or aria-label.',
          },
  },
  {
    code: 'name-prohibited',
    severity: 'warning',
    clause: 'WAI-ARIA, generic and paragraph: authors must not name them',
    summary: 'An element without a role has a name, which isn’t announced.',
    on: ['[aria-label]', '[aria-labelledby]'],
    find: (element, page) =>
      // A script may give it a role.
      page.isScripted ||
      !/^(div|span|p|i|b|em|strong|small|code|pre)$/.test(element.tag) ||
      has(element, 'role') ||
      has(element, 'popover') ||
      has(element, 'data-wire') ||
      has(element, 'contenteditable')
        ? undefined
        : {
            element,
            attribute: has(element, 'aria-label') ? 'aria-label' : 'aria-labelledby',
            sentence: `${tagText(element)} has a name but no role, so most screen readers don’t announce the name.`,
            remedy: 'Add a role, such as group, or make it a <section>.',
          },
  },
  {
    code: 'list-name-missing',
    severity: 'error',
    clause: 'WCAG 4.1.2, Name, Role, Value',
    summary: 'A listbox, tree, radio group or tree grid has no name.',
    on: ['[role=listbox]', '[role=tree]', '[role=radiogroup]', '[role=treegrid]'],
    find(element, page) {
      if (isLabelled(element, page) || has(element, 'title') || belongsToField(element, page))
        return undefined;
      return {
        element,
        sentence: `${tagText(element)} is a ${writtenRole(element)} without a name, so screen readers announce only its role.`,
        remedy: 'Add aria-label, or aria-labelledby with the id of its heading.',
        ...(page.isScripted && { severity: 'warning' }),
      };
    },
  },
];
