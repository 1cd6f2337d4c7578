// Kinds of elements that rules ask about, each a question to one element.
import { ask } from './doubt.js';
import { has, type Markup, roleOf, writtenRole } from './markup.js';

const isDisabled = (element: Markup): boolean =>
  /^(button|input|select|textarea)$/.test(element.tag) && has(element, 'disabled');

/** What HTML lets somebody operate: it takes focus by itself, unless it is disabled. */
export const isControl = (element: Markup): boolean =>
  /^(button|select|textarea|summary)$/.test(element.tag) ||
  (/^(a|area)$/.test(element.tag) && has(element, 'href')) ||
  (element.tag === 'input' && element.attribute('type')?.toLowerCase() !== 'hidden');

/** Whether an element can take focus, by a key or by a program. */
export const isFocusable = (element: Markup): boolean =>
  (!isDisabled(element) && isControl(element)) ||
  /^-?\d/.test(element.attribute('tabindex') ?? '') ||
  /^(|true|plaintext-only)$/.test(element.attribute('contenteditable') ?? 'none');

/** Whether Tab goes to it. */
export const isTabbable = (element: Markup): boolean =>
  isFocusable(element) && !(element.attribute('tabindex') ?? '').trim().startsWith('-');

/** Whether its own style takes it out of the page. A style that is bound says nothing of that, and is no reason to doubt. */
const isUndrawn = (element: Markup): boolean =>
  /(^|;)\s*display\s*:\s*none/i.test(ask(() => element.attribute('style')).value ?? '');

/** Whether neither it nor anything in it can be seen or reached. */
export const isGone = (element: Markup): boolean =>
  has(element, 'hidden') || has(element, 'inert') || element.tag === 'template' || isUndrawn(element);

/** Roles of what is operated by itself, with focus on it. */
const operated = /^(button|checkbox|combobox|link|radio|searchbox|slider|spinbutton|switch|textbox)$/;
/** Roles of items, which the list around them may keep focus for. */
const items = /^(menuitem|menuitemcheckbox|menuitemradio|option|tab|treeitem)$/;

/** Whether an element is, or says that it is, something to operate. */
export const isWidget = (element: Markup): boolean =>
  isControl(element) || operated.test(writtenRole(element)) || items.test(writtenRole(element));

/** Whether it is an item of a list that goes through its items by arrow keys. */
export const isItem = (element: Markup): boolean => items.test(writtenRole(element));

/** What keeps focus for the items in it. */
export const isComposite = (element: Markup): boolean =>
  /^(grid|listbox|menu|menubar|radiogroup|tablist|toolbar|tree|treegrid)$/.test(writtenRole(element));

/** An element of ours: `<shell-…>`, or one that says by data-wire what it is. */
export const isOurs = (element: Markup): boolean =>
  element.tag.startsWith('shell-') || has(element, 'data-wire');

/** Whether it is a heading, by its tag or its role. */
export const isHeading = (element: Markup): boolean => roleOf(element) === 'heading';
/** Whether it is a `<dialog>`. */
export const isDialog = (element: Markup): boolean => element.tag === 'dialog';
