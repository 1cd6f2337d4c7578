// Kinds of elements that rules ask about.
import { ask } from './doubt.js';
import { has, type Markup, roleOf, writtenRole } from './markup.js';

const isDisabled = (element: Markup): boolean =>
  /^(button|input|select|textarea)$/.test(element.tag) && has(element, 'disabled');

/** Returns whether HTML makes the element interactive and focusable, unless it is disabled. */
export const isControl = (element: Markup): boolean =>
  /^(button|select|textarea|summary)$/.test(element.tag) ||
  (/^(a|area)$/.test(element.tag) && has(element, 'href')) ||
  (element.tag === 'input' && element.attribute('type')?.toLowerCase() !== 'hidden');

/** Returns whether an element is focusable. */
export const isFocusable = (element: Markup): boolean =>
  (!isDisabled(element) && isControl(element)) ||
  /^-?\d/.test(element.attribute('tabindex') ?? '') ||
  /^(|true|plaintext-only)$/.test(element.attribute('contenteditable') ?? 'none');

/** Returns whether Tab reaches it. */
export const isTabbable = (element: Markup): boolean =>
  isFocusable(element) && !(element.attribute('tabindex') ?? '').trim().startsWith('-');

/** Returns whether its inline style hides it. A bound style shows nothing and raises no doubt. */
const isUndrawn = (element: Markup): boolean =>
  /(^|;)\s*display\s*:\s*none/i.test(ask(() => element.attribute('style')).value ?? '');

/** Returns whether neither it nor its content is visible or reachable. */
export const isGone = (element: Markup): boolean =>
  has(element, 'hidden') || has(element, 'inert') || element.tag === 'template' || isUndrawn(element);

/** Roles of controls that have focus themselves. */
const operated = /^(button|checkbox|combobox|link|radio|searchbox|slider|spinbutton|switch|textbox)$/;
/** Roles of items whose container may keep focus. */
const items = /^(menuitem|menuitemcheckbox|menuitemradio|option|tab|treeitem)$/;

/** Returns whether an element is a control, by tag or role. */
export const isWidget = (element: Markup): boolean =>
  isControl(element) || operated.test(writtenRole(element)) || items.test(writtenRole(element));

/** Returns whether it is an item of a list with arrow keys. */
export const isItem = (element: Markup): boolean => items.test(writtenRole(element));

/** Returns whether it keeps focus for its items. */
export const isComposite = (element: Markup): boolean =>
  /^(grid|listbox|menu|menubar|radiogroup|tablist|toolbar|tree|treegrid)$/.test(writtenRole(element));

/** Returns whether it is an element of this library: `<shell-…>`, or with data-wire. */
export const isOurs = (element: Markup): boolean =>
  element.tag.startsWith('shell-') || has(element, 'data-wire');

/** Returns whether it is a heading, by tag or role. */
export const isHeading = (element: Markup): boolean => roleOf(element) === 'heading';
/** Returns whether it is a `<dialog>`. */
export const isDialog = (element: Markup): boolean => element.tag === 'dialog';
