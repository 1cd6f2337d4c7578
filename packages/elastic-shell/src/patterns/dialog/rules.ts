// Rules about dialogs and alert dialogs.
import { has, inside, type Markup, nameOf, roleOf, tagText, textOf } from '../../core/rules/markup.js';
import type { Rule } from '../../core/rules/rule.js';

const isDialog = (element: Markup): boolean => element.tag === 'dialog';
const isHeading = (element: Markup): boolean => /^h[1-6]$/.test(element.tag) && textOf(element).trim() !== '';

const wayOut = (dialog: Markup, elements: readonly Markup[]): boolean => {
  const id = dialog.attribute('id');
  const closes = elements.some(
    (control) =>
      id !== null &&
      control.attribute('commandfor') === id &&
      /close|toggle/.test(control.attribute('command') ?? ''),
  );
  return (
    closes ||
    inside(dialog).some((form) => form.tag === 'form' && form.attribute('method')?.toLowerCase() === 'dialog')
  );
};

/** Rules about dialogs. */
export const dialogRules: readonly Rule[] = [
  {
    code: 'dialog-name-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Dialog (Modal), aria-labelledby or aria-label',
    says: 'A dialog has neither a heading nor a name.',
    *find(page) {
      for (const element of page.elements) {
        if (!isDialog(element)) continue;
        const named = has(element, 'aria-label') || has(element, 'aria-labelledby');
        if (named ? nameOf({ ...element, children: [] }, page) : inside(element).some(isHeading)) continue;
        yield {
          element,
          sentence: `${tagText(element)} has no name: it is announced as "dialog" and nothing else.`,
          remedy: 'Begin it with a heading, or give it aria-label.',
        };
      }
    },
  },
  {
    code: 'dialog-description-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Alert Dialog, aria-describedby',
    says: 'An alert dialog has no paragraph to be read out.',
    *find({ elements }) {
      for (const element of elements) {
        if (!isDialog(element) || roleOf(element) !== 'alertdialog' || has(element, 'aria-describedby'))
          continue;
        if (inside(element).some((part) => part.tag === 'p' && !has(part, 'role'))) continue;
        yield {
          element,
          sentence: `${tagText(element)} has nothing that says what is being asked.`,
          remedy: 'Put the question in a <p>, or name its element by aria-describedby.',
        };
      }
    },
  },
  {
    code: 'dialog-way-out-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Dialog (Modal), a visible close button',
    says: 'A dialog has no control that closes it.',
    *find({ elements }) {
      for (const element of elements)
        if (isDialog(element) && !wayOut(element, elements))
          yield {
            element,
            sentence: `${tagText(element)} holds no control that closes it: by touch there may be no way out.`,
            remedy: 'Add a button with commandfor and command="close", or a form with method="dialog".',
          };
    },
  },
  {
    code: 'dialog-open-in-markup',
    severity: 'warning',
    clause: 'HTML, the dialog element, the open attribute',
    says: 'A dialog is written with the open attribute.',
    *find({ elements }) {
      for (const element of elements)
        if (isDialog(element) && has(element, 'open') && !has(element, 'data-phase'))
          yield {
            element,
            attribute: 'open',
            sentence: `${tagText(element)} is written open: until script runs it is not modal, and the page behind it is live.`,
            remedy: 'Leave open out, and open it by a button or from the program.',
          };
    },
  },
  {
    code: 'dialog-role-elsewhere',
    severity: 'warning',
    clause: 'HTML, the dialog element',
    says: 'A dialog role stands on an element that is no dialog.',
    *find({ elements }) {
      for (const element of elements)
        if (
          !isDialog(element) &&
          !has(element, 'popover') &&
          /^(alert)?dialog$/.test(element.attribute('role') ?? '')
        )
          yield {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} has the role and none of the behaviour: no top layer, no backdrop, the page stays live.`,
            remedy: 'Make it a <dialog>.',
          };
    },
  },
  {
    code: 'dialog-tabindex',
    severity: 'error',
    clause: 'HTML, the dialog element: tabindex must not be specified',
    says: 'A dialog has a tabindex.',
    *find({ elements }) {
      for (const element of elements)
        if (isDialog(element) && has(element, 'tabindex'))
          yield {
            element,
            attribute: 'tabindex',
            sentence: `${tagText(element)} has a tabindex: a press on empty room in it takes the focus away from its controls.`,
            remedy: 'Take the tabindex away.',
          };
    },
  },
];
