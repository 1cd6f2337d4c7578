// The accessible name and description of an element, worked out in the page (Accessible Name and Description Computation 1.2):
// what names it by attribute, else what HTML names it by, else its content where its role is named by that.
import { labelText } from '../core/text.js';
import { elementNamed, isElement } from '../engine/dom.js';
import { isDisplayed } from './dom.js';
import { heardRole } from './role.js';

/** Roles that are named by what they hold. */
const byContent =
  /^(button|cell|checkbox|columnheader|gridcell|heading|link|menuitem|menuitemcheckbox|menuitemradio|option|radio|row|rowheader|switch|tab|tooltip|treeitem)$/;

/** Roles of which the value stands for their text where they stand in somebody else's name. */
const fields = /^(combobox|listbox|searchbox|slider|spinbutton|textbox)$/;

const isField = (element: Element): element is HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement =>
  /^(input|select|textarea)$/.test(element.localName);

/** The elements that an attribute names, in the order in which it does. */
const named = (element: Element, attribute: string): Element[] =>
  (element.getAttribute(attribute) ?? '').split(/\s+/).flatMap((id) => elementNamed(element, id) ?? []);

const isHidden = (element: Element): boolean =>
  element.getAttribute('aria-hidden') === 'true' || !isDisplayed(element);

/** What a node adds to the name of what is around it. */
function textFrom(node: Node, seen: Set<Node>): string {
  if (node.nodeType === 3) return node.nodeValue ?? '';
  if (!isElement(node) || seen.has(node)) return '';
  const element: Element = node;
  if (isHidden(element) || /^(script|style|template|noscript)$/.test(element.localName)) return '';
  seen.add(element);
  const own = labelText(element.getAttribute('aria-label')) || nativeName(element, seen);
  if (own) return ` ${own} `;
  if (isField(element) && fields.test(heardRole(element))) return ` ${element.value} `;
  const text = contentOf(element, seen) || labelText(element.getAttribute('title'));
  return /^(inline|contents|none|)$/.test(getComputedStyle(element).display) ? text : ` ${text} `;
}

const contentOf = (element: Element, seen: Set<Node>): string =>
  [...(element.shadowRoot ?? element).childNodes].map((child) => textFrom(child, seen)).join('');

/** The labels of a field or a button. The browser looks through the whole page for them: it is asked only where there may be any. */
const labelsOf = (element: Element): readonly Node[] =>
  // An id that the engine has made nobody names.
  (!/^(shell-\d+)?$/.test(element.id) || element.closest('label')) &&
  'labels' in element &&
  element.labels instanceof NodeList
    ? [...element.labels]
    : [];

/** What HTML names it by: labels, captions, legends, alternative texts, the words of a button. */
function nativeName(element: Element, seen: Set<Node>): string {
  const { localName } = element;
  const from = (selector: string): string => {
    const child = [...element.children].find((each) => each.matches(selector));
    return child ? labelText(textFrom(child, seen)) : '';
  };
  if (/^(img|area)$/.test(localName)) return labelText(element.getAttribute('alt'));
  if (localName === 'fieldset') return from('legend');
  if (localName === 'figure') return from('figcaption');
  if (localName === 'table') return from('caption');
  if (localName === 'input' && /^(submit|reset|button|image)$/.test(element.getAttribute('type') ?? ''))
    return labelText(
      element.getAttribute('value') ?? element.getAttribute('alt') ?? element.getAttribute('type'),
    );
  const labels = labelsOf(element);
  if (labels.some((label) => seen.has(label))) return '';
  // The field is no part of its own label.
  seen.add(element);
  const text = labelText(labels.map((label) => textFrom(label, seen)).join(' '));
  if (text || !isField(element)) return text;
  return labelText(element.getAttribute('title') ?? element.getAttribute('placeholder'));
}

/** The accessible name of an element; '' where it has none. */
export function heardName(element: Element): string {
  const by = named(element, 'aria-labelledby')
    .map((label) => nameFrom(label))
    .join(' ');
  if (labelText(by)) return labelText(by);
  const own = labelText(element.getAttribute('aria-label')) || nativeName(element, new Set());
  if (own) return own;
  if (byContent.test(heardRole(element)) || element.localName === 'summary')
    return labelText(contentOf(element, new Set([element]))) || labelText(element.getAttribute('title'));
  return labelText(element.getAttribute('title'));
}

/** What an element says that names another: also where it is hidden itself. */
const nameFrom = (label: Element): string =>
  labelText(label.getAttribute('aria-label')) ||
  nativeName(label, new Set()) ||
  (isField(label) ? label.value : contentOf(label, new Set([label]))) ||
  label.textContent ||
  '';

/** The accessible description of an element; '' where it has none. */
export function heardDescription(element: Element): string {
  const by = named(element, 'aria-describedby')
    .map((each) => nameFrom(each))
    .join(' ');
  const text = labelText(by) || labelText(element.getAttribute('aria-description'));
  if (text) return text;
  const title = labelText(element.getAttribute('title'));
  return title === heardName(element) ? '' : title;
}
