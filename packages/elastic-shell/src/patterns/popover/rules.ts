// Rules about popovers and tooltips.
import { ancestors, has, inside, roleOf, tagText } from '../../core/rules/markup.js';
import type { Rule } from '../../core/rules/rule.js';

const naming = ['commandfor', 'popovertarget', 'aria-controls', 'aria-describedby', 'aria-labelledby'];

/** Rules about popovers and tooltips. */
export const popoverRules: readonly Rule[] = [
  {
    code: 'tooltip-focusable',
    severity: 'error',
    clause: 'WAI-ARIA, tooltip: it does not receive focus',
    says: 'A tooltip holds something that takes focus.',
    *find({ elements }) {
      for (const element of elements) {
        if (element.attribute('role') !== 'tooltip') continue;
        const inner = inside(element).find(
          (each) =>
            /^(button|input|select|textarea)$/.test(each.tag) || (each.tag === 'a' && has(each, 'href')),
        );
        if (inner)
          yield {
            element: inner,
            sentence: `${tagText(inner)} stands in a tooltip, where neither the keyboard nor a touch can reach it.`,
            remedy: 'Make it a popover, opened by a press.',
          };
      }
    },
  },
  {
    code: 'popover-opener-missing',
    severity: 'warning',
    clause: 'HTML, the popover attribute; commandfor and popovertarget',
    says: 'Nothing on the page opens a popover.',
    *find({ elements }) {
      const named = new Set(
        elements.flatMap((element) => naming.flatMap((name) => element.attribute(name)?.split(/\s+/) ?? [])),
      );
      for (const element of elements)
        if (
          has(element, 'popover') &&
          !named.has(element.attribute('id') ?? '') &&
          !/^(menu|tooltip)$/.test(roleOf(element)) &&
          !inside(element).some((each) => roleOf(each) === 'listbox')
        )
          yield {
            element,
            attribute: 'popover',
            sentence: `${tagText(element)} is a popover that no control names: only a program can open it, and it has nothing to stand beside.`,
            remedy: 'Give it an id, and name that by commandfor with command="--toggle" on a button.',
          };
    },
  },
  {
    code: 'popover-outside-dialog',
    severity: 'warning',
    clause: 'HTML, inert subtrees: a modal dialog makes everything outside it inert',
    says: 'A control in a dialog opens a popover that stands outside it.',
    *find({ elements, ids }) {
      for (const element of elements) {
        const id = element.attribute('commandfor') ?? element.attribute('popovertarget');
        const [target] = ids.get(id ?? '') ?? [];
        if (!target || !has(target, 'popover')) continue;
        const around = ancestors(element).find((each) => each.tag === 'dialog');
        if (around && around !== target && !ancestors(target).includes(around))
          yield {
            element,
            sentence: `${tagText(element)} stands in ${tagText(around)} and opens ${tagText(target)}, which stands outside: while that dialog is modal, nothing in the popover can be reached.`,
            remedy: `Move ${tagText(target)} into ${tagText(around)}.`,
          };
      }
    },
  },
  {
    code: 'tooltip-opener-disabled',
    severity: 'warning',
    clause: 'WCAG 2.1.1, Keyboard; HTML, disabled controls',
    says: 'A disabled control is described by a tooltip that it can never show to the keyboard.',
    *find({ elements, ids }) {
      for (const element of elements) {
        if (!has(element, 'disabled')) continue;
        const tip = (element.attribute('aria-describedby') ?? '')
          .split(/\s+/)
          .flatMap((id) => ids.get(id) ?? [])
          .find((each) => each.attribute('role') === 'tooltip');
        if (tip)
          yield {
            element,
            attribute: 'disabled',
            sentence: `${tagText(element)} is disabled, so it takes no focus and ${tagText(tip)} never shows by keyboard.`,
            remedy:
              'Replace disabled by aria-disabled="true": it keeps its place in the focus order and can explain itself.',
          };
      }
    },
  },
  {
    code: 'popover-role-missing',
    severity: 'warning',
    clause: 'WAI-ARIA, naming prohibited on role generic',
    says: 'A popover has a name and no role to carry it.',
    *find({ elements }) {
      for (const element of elements) {
        const isNamed = has(element, 'aria-label') || has(element, 'aria-labelledby');
        if (
          !has(element, 'popover') ||
          !isNamed ||
          has(element, 'role') ||
          !/^(div|span|p)$/.test(element.tag)
        )
          continue;
        yield {
          element,
          attribute: 'popover',
          sentence: `${tagText(element)} has a name, and as a plain <${element.tag}> may have none.`,
          remedy: 'Add role="group", or make it a <section>.',
        };
      }
    },
  },
];
