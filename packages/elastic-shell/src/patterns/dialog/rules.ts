// Rules about dialogs and alert dialogs.
import { isDialog, isHeading } from '../../core/rules/kinds.js';
import { has, isTag, type Markup, roleOf, tagText, writtenRole } from '../../core/rules/markup.js';
import { hasText, isLabelled } from '../../core/rules/names.js';
import { namedIds, type Naming } from '../../core/rules/named-ids.js';
import type { Page, Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const isButton = isTag('button', 'input', 'a');
const isParagraph: Test = (element) => element.tag === 'p' && !has(element, 'role');
const isDialogForm: Test = (element) =>
  (element.tag === 'form' && element.attribute('method')?.toLowerCase() === 'dialog') ||
  element.attribute('formmethod')?.toLowerCase() === 'dialog';
const closing: Naming = {
  test: (element) => /close|toggle/.test(element.attribute('command') ?? ''),
  attributes: ['commandfor'],
};
const opening: Naming = {
  test: (element) => /^(show-modal|--open|--toggle)$/.test(element.attribute('command') ?? ''),
  attributes: ['commandfor'],
};

/** Whether something closes it: a command, a form of its own, or a script that hears its buttons. */
const hasWayOut = (dialog: Markup, page: Page): boolean =>
  !!page.within(dialog, isDialogForm) ||
  namedIds(page, closing).has(dialog.attribute('id') ?? '') ||
  (page.isScripted && !!page.within(dialog, isButton));

/** Rules about dialogs. */
export const dialogRules: readonly Rule[] = [
  {
    code: 'dialog-name-missing',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Dialog (Modal), aria-labelledby or aria-label',
    says: 'A dialog has neither a heading nor a name.',
    on: ['dialog', '[role=dialog]', '[role=alertdialog]'],
    find(element, page) {
      if (isLabelled(element, page) || has(element, 'title')) return undefined;
      // Wired, a <dialog> is named by its first heading; a role alone is not.
      const isPlain = !isDialog(element);
      if (!isPlain && page.inside(element, isHeading).some((heading) => hasText(heading, page)))
        return undefined;
      if (isPlain && !/dialog$/.test(writtenRole(element))) return undefined;
      return {
        element,
        sentence: `${tagText(element)} has no name: it is announced as "dialog" and nothing else.`,
        remedy: isPlain
          ? 'Give it aria-label, or aria-labelledby.'
          : 'Begin it with a heading, or give it aria-label.',
        ...(isPlain && page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'dialog-description-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Alert Dialog, aria-describedby',
    says: 'An alert dialog has no paragraph to be read out.',
    on: ['[role=alertdialog]'],
    find: (element, page) =>
      !isDialog(element) ||
      roleOf(element) !== 'alertdialog' ||
      has(element, 'aria-describedby') ||
      page.within(element, isParagraph)
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} has nothing that says what is being asked.`,
            remedy: 'Put the question in a <p>, or name its element by aria-describedby.',
          },
  },
  {
    code: 'dialog-way-out-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Dialog (Modal), a visible close button',
    says: 'A dialog has no control that closes it.',
    on: ['dialog'],
    find: (element, page) =>
      hasWayOut(element, page)
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} holds no control that closes it: by touch there may be no way out.`,
            remedy: 'Add a button with commandfor and command="close", or a form with method="dialog".',
          },
  },
  {
    code: 'dialog-open-in-markup',
    severity: 'warning',
    clause: 'HTML, the dialog element, the open attribute',
    says: 'A dialog that is to be modal is written with the open attribute.',
    on: ['dialog'],
    find(element, page) {
      // Sent open for pages without script; with it, it becomes modal.
      const isSentOpen = has(element, 'data-wire-open');
      if (!has(element, 'open') || has(element, 'data-phase') || isSentOpen) return undefined;
      const isModal =
        element.attribute('aria-modal') === 'true' ||
        writtenRole(element) === 'alertdialog' ||
        namedIds(page, opening).has(element.attribute('id') ?? '');
      if (!isModal) return undefined;
      return {
        element,
        attribute: 'open',
        sentence: `${tagText(element)} is written open: until script runs it is not modal, and the page behind it is live.`,
        remedy:
          'Leave open out, and open it by a button or from the program. If a server sends it open, write data-wire-open="true" beside it.',
      };
    },
  },
  {
    code: 'dialog-role-elsewhere',
    severity: 'warning',
    clause: 'HTML, the dialog element',
    says: 'A dialog role stands on an element that is no dialog.',
    on: ['[role=dialog]', '[role=alertdialog]'],
    find: (element) =>
      isDialog(element) || has(element, 'popover') || !/^(alert)?dialog$/.test(writtenRole(element))
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} has the role and by itself none of the behaviour: no top layer, no backdrop, and the page stays live.`,
            remedy: 'Make it a <dialog>.',
          },
  },
  {
    code: 'dialog-tabindex',
    severity: 'error',
    clause: 'HTML, the dialog element: tabindex must not be specified',
    says: 'A dialog has a tabindex.',
    on: ['dialog'],
    find: (element) =>
      has(element, 'tabindex')
        ? {
            element,
            attribute: 'tabindex',
            sentence: `${tagText(element)} has a tabindex: a press on empty room in it takes the focus away from its controls.`,
            remedy: 'Take the tabindex away.',
          }
        : undefined,
  },
];
