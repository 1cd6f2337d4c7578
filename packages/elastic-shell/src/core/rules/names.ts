// Whether an element has an accessible name, as far as markup tells it (Accessible Name and Description Computation).
//
// Rules ask whether there is a name and never what it is. So each element is looked at once, from what is inside it outwards.
import { ask, raiseDoubt } from './doubt.js';
import { has, isTag, type Markup, wordsOf } from './markup.js';
import type { Page } from './page.js';

const isBlank = (text: string | null): boolean => !text?.trim();

/** Elements of which the text is not read. */
const unread = /^(script|style|template|noscript)$/;

/** What an element adds to the name of what is around it. */
function addsText(element: Markup, page: Page): boolean {
  if (unread.test(element.tag) || element.attribute('aria-hidden') === 'true' || has(element, 'hidden'))
    return false;
  if (!isBlank(element.attribute('aria-label')) || !isBlank(element.attribute('title'))) return true;
  if (/^(img|area)$/.test(element.tag)) return !isBlank(element.attribute('alt'));
  if (element.tag === 'input') return !isBlank(element.attribute('value'));
  // What is put into a slot is not known here.
  if (element.tag === 'slot') raiseDoubt();
  return page.fromInside(element, hasTextIn);
}

/** Whether its text, or one of its children, adds to a name. */
const hasTextIn = (element: Markup, page: Page): boolean =>
  element.children.some((child) => (typeof child === 'string' ? !isBlank(child) : addsText(child, page)));

/** Whether an element says anything by its content: text, and pictures by their alternative text. */
export const hasText = (element: Markup, page: Page): boolean => page.fromInside(element, hasTextIn);

const isField = isTag('input', 'select', 'textarea');
const isLabelable = isTag('button', 'input', 'meter', 'output', 'progress', 'select', 'textarea');

/** A label, or what may not stand in one: beyond that there is none. */
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

/** What the labels of a page name by their `for`; in doubt where one of them cannot be known. */
const labels = new WeakMap<Page, { value: ReadonlySet<Markup>; doubt: boolean }>();

function labelledOn(page: Page): ReadonlySet<Markup> {
  const known =
    labels.get(page) ??
    ask(() => {
      const found = new Set<Markup>();
      for (const element of page.elements) {
        const id = element.tag === 'label' && element.attribute('for');
        // Whether a label of this piece names what is in another is nobody's doubt here.
        const target = id ? ask(() => page.named(id, element)).value : undefined;
        if (target && hasText(element, page)) found.add(target);
      }
      return found;
    });
  labels.set(page, known);
  if (known.doubt) raiseDoubt();
  return known.value;
}

/** Whether a <label> names it, around it or by its id. */
function hasLabel(element: Markup, page: Page): boolean {
  // A field may be put into a label that stands around this piece of a page; a button hardly is.
  const look = (): Markup | undefined => page.around(element, isLabelOrBlock);
  const around = element.tag === 'button' ? ask(look).value : look();
  if (around?.tag === 'label' && hasText(around, page)) return true;
  // By its id alone can a label elsewhere name it.
  if (!has(element, 'id')) return false;
  if (labelledOn(page).has(element)) return true;
  if (page.isPart) raiseDoubt();
  return false;
}

/** Custom elements that are form controls: their label names what is inside. */
const isFormElement = isTag('shell-combobox', 'shell-listbox', 'shell-switch');

/** Whether an element has a name that was given to it by attributes, or by the label of the form control that it is part of. */
export function isLabelled(element: Markup, page: Page): boolean {
  if (!isBlank(element.attribute('aria-label'))) return true;
  const isNamedByIds = wordsOf(element, 'aria-labelledby').some((id) => {
    const label = page.named(id, element);
    return (
      label && (!isBlank(label.attribute('aria-label')) || label.tag === 'input' || hasText(label, page))
    );
  });
  if (isNamedByIds) return true;
  // A label in another piece of the page can't be known, and is no reason to doubt.
  return ask(() => {
    const control = page.around(element, isFormElement);
    return !!control && hasLabel(control, page);
  }).value;
}

/** What a button made of an <input> says by itself. */
const typedText = (element: Markup): boolean => {
  const type = element.attribute('type')?.toLowerCase() ?? '';
  return /^(submit|reset)$/.test(type) || (type === 'button' && !isBlank(element.attribute('value')));
};

/** Whether an element has an accessible name. */
export const isNamed = (element: Markup, page: Page): boolean =>
  isLabelled(element, page) ||
  !isBlank(element.attribute('title')) ||
  (isField(element)
    ? typedText(element) || !isBlank(element.attribute('alt')) || !isBlank(element.attribute('placeholder'))
    : hasText(element, page)) ||
  (element.tag === 'area' && !isBlank(element.attribute('alt'))) ||
  (isLabelable(element) && hasLabel(element, page));
