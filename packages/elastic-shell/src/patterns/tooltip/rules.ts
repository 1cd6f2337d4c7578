// Rules about tooltips.
import { isFocusable } from '../../core/rules/kinds.js';
import { has, tagText, wordsOf, writtenRole } from '../../core/rules/markup.js';
import { anyNaming, namedIds } from '../../core/rules/named-ids.js';
import type { Rule } from '../../core/rules/rule.js';

/** Rules about tooltips. */
export const tooltipRules: readonly Rule[] = [
  {
    code: 'tooltip-unnamed',
    severity: 'warning',
    clause: 'WAI-ARIA, tooltip: it is referred to by aria-describedby',
    summary: 'A tooltip belongs to no control.',
    on: ['[role=tooltip]'],
    find: (element, page) =>
      writtenRole(element) !== 'tooltip' || namedIds(page, anyNaming).has(element.attribute('id') ?? '')
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a tooltip that no control names, so screen readers don’t announce it.`,
            remedy: 'Give it an id, and name that with aria-describedby on its control.',
          },
  },
  {
    code: 'tooltip-focusable',
    severity: 'error',
    clause: 'WAI-ARIA, tooltip: it does not receive focus',
    summary: 'A tooltip contains a focusable element.',
    on: ['[role=tooltip]'],
    find(element, page) {
      const inner = writtenRole(element) === 'tooltip' ? page.within(element, isFocusable) : undefined;
      return (
        inner && {
          element: inner,
          sentence: `${tagText(inner)} is in a tooltip, where neither keyboard nor touch can reach it.`,
          remedy: 'Make it a popover that opens on click.',
        }
      );
    },
  },
  {
    code: 'tooltip-opener-disabled',
    severity: 'warning',
    clause: 'WCAG 2.1.1, Keyboard; HTML, disabled controls',
    summary: 'A disabled control has a tooltip that keyboard users never see.',
    on: ['[disabled]'],
    find(element, page) {
      const tip = wordsOf(element, 'aria-describedby')
        .map((id) => page.named(id, element))
        .find((each) => each && writtenRole(each) === 'tooltip');
      return tip && has(element, 'disabled')
        ? {
            element,
            attribute: 'disabled',
            sentence: `${tagText(element)} is disabled and so not focusable, so ${tagText(tip)} never appears for keyboard users.`,
            remedy: 'Replace disabled with aria-disabled="true", which keeps the control in the focus order.',
          }
        : undefined;
    },
  },
];
