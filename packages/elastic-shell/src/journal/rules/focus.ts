// Rules about focus and keys: elements that take focus and should not, and elements that should and do not.
import { ask } from '../../core/rules/doubt.js';
import { flat } from '../../core/rules/aria.js';
import { isComposite, isFocusable, isGone, isItem, isTabbable, isWidget } from '../../core/rules/kinds.js';
import { has, isTag, type Markup, tagText, writtenRole } from '../../core/rules/markup.js';
import type { Page, Test } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const isHost: Test = (element) => element.tag === 'button' || (element.tag === 'a' && has(element, 'href'));
const isLabel = isTag('label');

/** Returns the first tab stop inside an element that is not hidden there. */
const reachedIn = (element: Markup, page: Page): Markup | undefined =>
  page.inside(element, isTabbable).find((inner) => !isGone(inner) && !page.around(inner, isGone));

/**
 * Returns whether an element is around it in this file. The unknown surroundings of a fragment are ignored
 * here.
 */
const isIn = (element: Markup, test: Test, page: Page): boolean =>
  ask(() => page.around(element, test)).value !== undefined;

/** Roles of elements that a style sheet often hides until they open. */
const opens = /^(dialog|alertdialog|menu|listbox|tooltip|tabpanel|tree)$/;

const hasKeys = (element: Markup): boolean =>
  ['onkeydown', 'onkeyup', 'onkeypress'].some((name) => has(element, name));

/** Elements that are often used as buttons. */
const plain = [
  'a',
  'div',
  'span',
  'li',
  'p',
  'td',
  'tr',
  'th',
  'img',
  'i',
  'b',
  'svg',
  'section',
  'article',
  'h2',
  'h3',
  'h4',
];

/** Roles that are operated on their own. The list of a radio button or an item manages its focus. */
const alone = [
  'button',
  'checkbox',
  'combobox',
  'link',
  'searchbox',
  'slider',
  'spinbutton',
  'switch',
  'textbox',
];

/** Rules about focus and keys. */
export const focusRules: readonly Rule[] = [
  {
    code: 'interactive-nested',
    severity: 'error',
    clause: 'HTML, content model of button and a: no interactive content',
    summary: 'A control is inside another control.',
    on: ['a', 'button', 'input', 'select', 'textarea', '[role]', '[tabindex]'],
    find(element, page) {
      if (!isWidget(element) && !has(element, 'tabindex')) return undefined;
      if (!isWidget(element) && !isTabbable(element)) return undefined;
      // A summary contains phrasing content. A link inside it is followed, and opens nothing.
      const around = page.around(element, isHost);
      return (
        around && {
          element,
          sentence: `${tagText(element)} is inside ${tagText(around)}, so a click activates both.`,
          remedy: 'Put them side by side.',
        }
      );
    },
  },
  {
    code: 'flat-role-focusable',
    severity: 'error',
    clause: 'WAI-ARIA, children presentational: the content of such a role is exposed as text',
    summary: 'A focusable element is inside a role whose children are presentational.',
    on: [...flat].map((role) => `[role=${role}]`),
    find(element, page) {
      if (isHost(element) || !flat.has(writtenRole(element))) return undefined;
      const inner = reachedIn(element, page);
      return (
        inner && {
          element: inner,
          sentence: `${tagText(inner)} is focusable, but is inside ${tagText(element)}, whose content is announced only as text.`,
          remedy: `Move it next to the ${writtenRole(element)}.`,
        }
      );
    },
  },
  {
    code: 'aria-hidden-focusable',
    severity: 'error',
    clause: 'WAI-ARIA, aria-hidden: not on focusable elements or their ancestors',
    summary: 'A focusable element is hidden from assistive technology.',
    on: ['[aria-hidden]'],
    find(element, page) {
      if (element.attribute('aria-hidden') !== 'true' || isGone(element)) return undefined;
      if (isIn(element, isGone, page)) return undefined;
      // Arrow keys focus an item that Tab skips.
      if (isTabbable(element) || (isItem(element) && isFocusable(element)))
        return {
          element,
          attribute: 'aria-hidden',
          sentence: `${tagText(element)} is focusable but hidden from assistive technology, so screen readers announce nothing there.`,
          remedy: 'Remove aria-hidden, or hide the element from everyone with hidden or inert.',
        };
      const inner = opens.test(writtenRole(element)) ? undefined : reachedIn(element, page);
      return (
        inner && {
          element,
          attribute: 'aria-hidden',
          severity: 'warning',
          sentence: `${tagText(element)} is hidden from assistive technology, but ${tagText(inner)} inside it is focusable, unless a style sheet hides it.`,
          remedy: 'Use hidden or inert instead of aria-hidden: they also prevent focus.',
        }
      );
    },
  },
  {
    code: 'tabindex-positive',
    severity: 'warning',
    clause: 'HTML, tabindex: values above 0 change the order of focus; WCAG 2.4.3, Focus Order',
    summary: 'A tabindex is greater than 0.',
    on: ['[tabindex]'],
    find: (element) =>
      Number(element.attribute('tabindex')) > 0
        ? {
            element,
            attribute: 'tabindex',
            sentence: `${tagText(element)} has tabindex="${element.attribute('tabindex')}", so it receives focus before all elements without one.`,
            remedy: 'Use tabindex="0", and place the element where it belongs in the order.',
          }
        : undefined,
  },
  {
    code: 'role-unreachable',
    severity: 'error',
    clause: 'WAI-ARIA, managing focus: interactive elements are focusable',
    summary: 'An element with the role of a control isn’t focusable.',
    on: alone.map((role) => `[role=${role}]`),
    find(element, page) {
      if (!alone.includes(writtenRole(element)) || isFocusable(element)) return undefined;
      const isExcused =
        isGone(element) ||
        has(element, 'disabled') ||
        element.attribute('aria-disabled') === 'true' ||
        isIn(element, isGone, page) ||
        // A list around it may keep focus for it, or a field inside it may have focus.
        isIn(element, isComposite, page) ||
        !!page.within(element, isFocusable);
      if (isExcused) return undefined;
      return {
        element,
        attribute: 'role',
        sentence: `${tagText(element)} is a ${writtenRole(element)} that isn’t focusable, so the keyboard can’t reach it.`,
        remedy:
          writtenRole(element) === 'button'
            ? 'Make it a <button type="button">.'
            : 'Use the HTML element for it, or add tabindex="0".',
        ...(page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'press-unreachable',
    severity: 'warning',
    clause: 'WCAG 2.1.1, Keyboard',
    summary: 'An element that isn’t a control handles clicks.',
    on: ['[onclick]'],
    find(element, page) {
      const isExcused =
        !plain.includes(element.tag) ||
        has(element, 'role') ||
        isFocusable(element) ||
        hasKeys(element) ||
        element.attribute('aria-hidden') === 'true' ||
        isGone(element) ||
        // A click on a control inside it may be what it handles. A click on a control around it belongs to
        // that one.
        !!page.within(element, isWidget) ||
        isIn(element, isWidget, page) ||
        isIn(element, isLabel, page);
      if (isExcused) return undefined;
      return {
        element,
        attribute: 'onclick',
        sentence: `${tagText(element)} handles clicks, but the keyboard can’t reach it.`,
        remedy: 'Make it a <button type="button">.',
      };
    },
  },
  {
    code: 'presentation-focusable',
    severity: 'error',
    clause: 'WAI-ARIA, presentational roles conflict resolution; ARIA in HTML, allowed roles',
    summary: 'A focusable element has a presentational role.',
    on: ['[role=presentation]', '[role=none]'],
    find: (element) =>
      /^(presentation|none)$/.test(writtenRole(element)) && isTabbable(element)
        ? {
            element,
            attribute: 'role',
            sentence: `${tagText(element)} is focusable but has role="${element.attribute('role')}", which browsers then ignore.`,
            remedy: 'Remove the role, or use an element that isn’t focusable.',
          }
        : undefined,
  },
];
