// Rules about popovers.
import { isDialog } from '../../core/rules/kinds.js';
import { has, isRole, type Markup, tagText, writtenRole } from '../../core/rules/markup.js';
import { anyNaming, namedIds } from '../../core/rules/named-ids.js';
import type { Page, Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const hasList = isRole('listbox');
const isHint: Test = (element) => /^shell-(popover|tooltip|menu|combobox)$/.test(element.tag);

/** The dialog around an element, if another element is outside it. */
function dialogApart(element: Markup, target: Markup, page: Page): Markup | undefined {
  const around = page.around(element, isDialog);
  return around && around !== target && !page.holds(around, target) ? around : undefined;
}

/** Rules about popovers. */
export const popoverRules: readonly Rule[] = [
  {
    code: 'popover-value-unknown',
    severity: 'error',
    clause: 'HTML, the popover attribute',
    summary: 'The attribute popover has an invalid value.',
    on: ['[popover]'],
    find: (element) =>
      /^(|auto|manual|hint)$/i.test(element.attribute('popover') ?? '')
        ? undefined
        : {
            element,
            attribute: 'popover',
            sentence: `${tagText(element)} has popover="${element.attribute('popover')}", which counts as "manual": neither Escape nor a click outside closes it.`,
            remedy: 'Write popover alone, or popover="auto", "manual" or "hint".',
          },
  },
  {
    code: 'popover-opener-missing',
    severity: 'warning',
    clause: 'HTML, the popover attribute; commandfor and popovertarget',
    summary: 'No control on the page opens the popover.',
    on: ['[popover]'],
    find(element, page) {
      const isOpened =
        // A script may open it.
        page.isScripted ||
        namedIds(page, anyNaming).has(element.attribute('id') ?? '') ||
        /^(menu|tooltip)$/.test(writtenRole(element)) ||
        page.around(element, isHint) ||
        page.within(element, hasList);
      if (isOpened) return undefined;
      return {
        element,
        attribute: 'popover',
        sentence: `${tagText(element)} is a popover without an opener: only code can open it, and it has no anchor.`,
        remedy: 'Give it an id, and name that with commandfor and command="--toggle" on a button.',
      };
    },
  },
  {
    code: 'popover-outside-dialog',
    severity: 'warning',
    clause: 'HTML, inert subtrees: a modal dialog makes everything outside it inert',
    summary: 'A control in a dialog opens a popover outside the dialog.',
    on: ['[commandfor]', '[popovertarget]'],
    find(element, page) {
      const id = element.attribute('commandfor') ?? element.attribute('popovertarget') ?? '';
      const target = page.named(id, element);
      const around = target && has(target, 'popover') && dialogApart(element, target, page);
      return target && around
        ? {
            element,
            sentence: `${tagText(element)} is in ${tagText(around)} but opens ${tagText(target)} outside it: while the dialog is modal, the popover is inert.`,
            remedy: `Move ${tagText(target)} into ${tagText(around)}.`,
          }
        : undefined;
    },
  },
  {
    code: 'popover-role-missing',
    severity: 'warning',
    clause: 'WAI-ARIA, naming prohibited on role generic',
    summary: 'A popover has a name but no role.',
    on: ['[popover]'],
    find: (element) =>
      (!has(element, 'aria-label') && !has(element, 'aria-labelledby')) ||
      has(element, 'role') ||
      !/^(div|span|p)$/.test(element.tag)
        ? undefined
        : {
            element,
            attribute: 'popover',
            sentence: `${tagText(element)} has a name, which a plain <${element.tag}> doesn’t support.`,
            remedy: 'Add role="group", or make it a <section>.',
          },
  },
];
