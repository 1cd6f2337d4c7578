// Tests for the roots of patterns in markup, for the descriptions.
import { isDialog, isHeading } from '../core/rules/kinds.js';
import { has, writtenRole } from '../core/rules/markup.js';
import type { Test } from '../core/rules/page.js';

export { isDialog };

/** Returns a test for elements with this role in the markup. */
export const withRole =
  (role: string): Test =>
  (element) =>
    writtenRole(element) === role;

/** A list, or an element with the role `tree`. */
export const isList: Test = (element) => /^(ul|ol)$/.test(element.tag) || writtenRole(element) === 'tree';

/** An element that the platform can show in the top layer. */
export const isPopover: Test = (element) => has(element, 'popover') || isDialog(element);

/** The element around the slides of a carousel. */
export const isSlides: Test = (element) => has(element, 'data-slides');

/** A control that can be a switch. */
export const isSwitch: Test = (element) =>
  element.tag === 'button' || element.attribute('type') === 'checkbox';

/** The header of an accordion section. */
export const isSection: Test = (element) => element.tag === 'summary' || isHeading(element);

/** A panel that a control can name, or a `<details>`. */
export const isPanel: Test = (element) =>
  element.tag === 'details' || (has(element, 'id') && element.tag !== 'button');
