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
    says: 'A tooltip describes nothing.',
    on: ['[role=tooltip]'],
    find: (element, page) =>
      writtenRole(element) !== 'tooltip' || namedIds(page, anyNaming).has(element.attribute('id') ?? '')
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is a tooltip that nothing names: nobody who does not see it hears it.`,
            remedy: 'Give it an id, and name that by aria-describedby on what it is about.',
          },
  },
  {
    code: 'tooltip-focusable',
    severity: 'error',
    clause: 'WAI-ARIA, tooltip: it does not receive focus',
    says: 'A tooltip holds something that takes focus.',
    on: ['[role=tooltip]'],
    find(element, page) {
      const inner = writtenRole(element) === 'tooltip' ? page.within(element, isFocusable) : undefined;
      return (
        inner && {
          element: inner,
          sentence: `${tagText(inner)} stands in a tooltip, where neither the keyboard nor a touch can reach it.`,
          remedy: 'Make it a popover, opened by a press.',
        }
      );
    },
  },
  {
    code: 'tooltip-opener-disabled',
    severity: 'warning',
    clause: 'WCAG 2.1.1, Keyboard; HTML, disabled controls',
    says: 'A disabled control is described by a tooltip that it can never show to the keyboard.',
    on: ['[disabled]'],
    find(element, page) {
      const tip = wordsOf(element, 'aria-describedby')
        .map((id) => page.named(id, element))
        .find((each) => each && writtenRole(each) === 'tooltip');
      return tip && has(element, 'disabled')
        ? {
            element,
            attribute: 'disabled',
            sentence: `${tagText(element)} is disabled, so it takes no focus and ${tagText(tip)} never shows by keyboard.`,
            remedy:
              'Replace disabled by aria-disabled="true": it keeps its place in the focus order and can explain itself.',
          }
        : undefined;
    },
  },
];
