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

/** Whether something closes it: a command, a form of its own, or a script that listens to its buttons. */
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
    summary: 'A dialog has neither a heading nor a name.',
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
        sentence: `${tagText(element)} has no name, so screen readers announce it only as "dialog".`,
        remedy: isPlain
          ? 'Add aria-label or aria-labelledby.'
          : 'Begin it with a heading, or add aria-label.',
        ...(isPlain && page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'dialog-description-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Alert Dialog, aria-describedby',
    summary: 'An alert dialog has no paragraph that describes it.',
    on: ['[role=alertdialog]'],
    find: (element, page) =>
      !isDialog(element) ||
      roleOf(element) !== 'alertdialog' ||
      has(element, 'aria-describedby') ||
      page.within(element, isParagraph)
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} has no paragraph that asks its question.`,
            remedy: 'Put the question in a <p>, or name its element with aria-describedby.',
          },
  },
  {
    code: 'dialog-way-out-missing',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Dialog (Modal), a visible close button',
    summary: 'A dialog has no control that closes it.',
    on: ['dialog'],
    find: (element, page) =>
      hasWayOut(element, page)
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} contains no control that closes it, so touch users may be unable to leave it.`,
            remedy: 'Add a button with commandfor and command="close", or a form with method="dialog".',
          },
  },
  {
    code: 'dialog-open-in-markup',
    severity: 'warning',
    clause: 'HTML, the dialog element, the open attribute',
    summary: 'A modal dialog has the attribute open in the markup.',
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
        sentence: `${tagText(element)} is open in the markup, so until scripts run it isn’t modal and the page behind it is usable.`,
        remedy:
          'Remove open, and open the dialog with a button or from your code. If a server renders it open, add data-wire-open="true".',
      };
    },
  },
  {
    code: 'dialog-role-elsewhere',
    severity: 'warning',
    clause: 'HTML, the dialog element',
    summary: 'An element other than <dialog> has the role of a dialog.',
    on: ['[role=dialog]', '[role=alertdialog]'],
    find: (element) =>
      isDialog(element) || has(element, 'popover') || !/^(alert)?dialog$/.test(writtenRole(element))
        ? undefined
        : {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} has the role of a dialog but not its behaviour: no top layer, no backdrop, and the page stays usable.`,
            remedy: 'Make it a <dialog>.',
          },
  },
  {
    code: 'dialog-tabindex',
    severity: 'error',
    clause: 'HTML, the dialog element: tabindex must not be specified',
    summary: 'A dialog has a tabindex.',
    on: ['dialog'],
    find: (element) =>
      has(element, 'tabindex')
        ? {
            element,
            attribute: 'tabindex',
            sentence: `${tagText(element)} has a tabindex, so clicking empty space inside it takes focus from its controls.`,
            remedy: 'Remove the tabindex.',
          }
        : undefined,
  },
];
