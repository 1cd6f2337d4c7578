// Whether an element has an accessible name, as far as the markup shows (Accessible Name and Description
// Computation). Rules only ask whether there is a name. So each element is visited once, from the inside
// out.
import { ask, raiseDoubt } from './doubt.js';
import { has, isTag, type Markup, wordsOf } from './markup.js';
import type { Page } from './page.js';

const isBlank = (text: string | null): boolean => !text?.trim();

/** Elements whose text isn't read. */
const unread = /^(script|style|template|noscript)$/;

/** The contribution of an element to the name of its ancestor. */
function addsText(element: Markup, page: Page): boolean {
  if (unread.test(element.tag) || element.attribute('aria-hidden') === 'true' || has(element, 'hidden'))
    return false;
  if (!isBlank(element.attribute('aria-label')) || !isBlank(element.attribute('title'))) return true;
  if (/^(img|area)$/.test(element.tag)) return !isBlank(element.attribute('alt'));
  if (element.tag === 'input') return !isBlank(element.attribute('value'));
  // Slotted content isn't known here.
  if (element.tag === 'slot') raiseDoubt();
  return page.fromInside(element, hasTextIn);
}

/** Returns whether its text, or one of its children, contributes to a name. */
const hasTextIn = (element: Markup, page: Page): boolean =>
  element.children.some((child) => (typeof child === 'string' ? !isBlank(child) : addsText(child, page)));

/** Returns whether an element has content to announce: text, or images with alternative text. */
export const hasText = (element: Markup, page: Page): boolean => page.fromInside(element, hasTextIn);

const isField = isTag('input', 'select', 'textarea');
const isLabelable = isTag('button', 'input', 'meter', 'output', 'progress', 'select', 'textarea');

/** A label, or an element that can't be inside one. */
const isLabelOrBlock = isTag(
  'label',
  ...[
    'address',
    'article',
    'aside',
    'body',
    'dialog',
    'div',
    'dl',
    'fieldset',
    'footer',
    'form',
    'header',
    'html',
    'li',
  ],
  ...['main', 'nav', 'ol', 'p', 'section', 'table', 'td', 'th', 'tr', 'ul'],
);

/** Returns the elements that labels reference with `for`. It is in doubt if one of them is unknown. */
const labels = new WeakMap<Page, { value: ReadonlySet<Markup>; doubt: boolean }>();

function labelledOn(page: Page): ReadonlySet<Markup> {
  const known =
    labels.get(page) ??
    ask(() => {
      const found = new Set<Markup>();
      for (const element of page.elements) {
        const id = element.tag === 'label' && element.attribute('for');
        // A label in another part of the page raises no doubt here.
        const target = id ? ask(() => page.named(id, element)).value : undefined;
        if (target && hasText(element, page)) found.add(target);
      }
      return found;
    });
  labels.set(page, known);
  if (known.doubt) raiseDoubt();
  return known.value;
}

/** Returns whether a <label> names it, around it or by its id. */
function hasLabel(element: Markup, page: Page): boolean {
  // A field may be inserted into a label around this part of the page. A button hardly is.
  const look = (): Markup | undefined => page.around(element, isLabelOrBlock);
  const around = element.tag === 'button' ? ask(look).value : look();
  if (around?.tag === 'label' && hasText(around, page)) return true;
  // A label elsewhere can only name it by its id.
  if (!has(element, 'id')) return false;
  if (labelledOn(page).has(element)) return true;
  if (page.isPart) raiseDoubt();
  return false;
}

/** Custom elements that are form controls: their label names the control inside. */
const isFormElement = isTag('shell-combobox', 'shell-listbox', 'shell-switch');

/** Returns whether an element has a name from attributes, or from the label of its form control. */
export function isLabelled(element: Markup, page: Page): boolean {
  if (!isBlank(element.attribute('aria-label'))) return true;
  const isNamedByIds = wordsOf(element, 'aria-labelledby').some((id) => {
    const label = page.named(id, element);
    return (
      label && (!isBlank(label.attribute('aria-label')) || label.tag === 'input' || hasText(label, page))
    );
  });
  if (isNamedByIds) return true;
  // A label in another part of the page is unknown, and raises no doubt.
  return ask(() => {
    const control = page.around(element, isFormElement);
    return !!control && hasLabel(control, page);
  }).value;
}

/** Returns the default text of a button made of an <input>. */
const typedText = (element: Markup): boolean => {
  const type = element.attribute('type')?.toLowerCase() ?? '';
  return /^(submit|reset)$/.test(type) || (type === 'button' && !isBlank(element.attribute('value')));
};

/** Returns whether an element has an accessible name. */
export const isNamed = (element: Markup, page: Page): boolean =>
  isLabelled(element, page) ||
  !isBlank(element.attribute('title')) ||
  (isField(element)
    ? typedText(element) || !isBlank(element.attribute('alt')) || !isBlank(element.attribute('placeholder'))
    : hasText(element, page)) ||
  (element.tag === 'area' && !isBlank(element.attribute('alt'))) ||
  (isLabelable(element) && hasLabel(element, page));
