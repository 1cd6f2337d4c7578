// The accessible name and description of an element, computed in the page (Accessible Name and Description
// Computation 1.2): from an attribute, or else from HTML, or else from the content if the role allows it.
import { labelText } from '../core/text.js';
import { elementNamed, isElement } from '../engine/dom.js';
import { isDisplayed } from './dom.js';
import { heardRole } from './role.js';

/** Roles whose name comes from their content. */
const byContent =
  /^(button|cell|checkbox|columnheader|gridcell|heading|link|menuitem|menuitemcheckbox|menuitemradio|option|radio|row|rowheader|switch|tab|tooltip|treeitem)$/;

/** Roles whose value counts as their text in the name of another element. */
const fields = /^(combobox|listbox|searchbox|slider|spinbutton|textbox)$/;

const isField = (element: Element): element is HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement =>
  /^(input|select|textarea)$/.test(element.localName);

/** Returns the elements that an attribute refers to, in its order. */
const named = (element: Element, attribute: string): Element[] =>
  (element.getAttribute(attribute) ?? '').split(/\s+/).flatMap((id) => elementNamed(element, id) ?? []);

const isHidden = (element: Element): boolean =>
  element.getAttribute('aria-hidden') === 'true' || !isDisplayed(element);

/** Returns what a node adds to the name of an ancestor. */
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

/**
 * Returns the labels of a field or button. The browser searches the whole page for them, so it is only called
 * if there may be any.
 */
const labelsOf = (element: Element): readonly Node[] =>
  // No label refers to an id that the engine has created.
  (!/^(shell-\d+)?$/.test(element.id) || element.closest('label')) &&
  'labels' in element &&
  element.labels instanceof NodeList
    ? [...element.labels]
    : [];

/** Returns the name from HTML: labels, captions, legends, alternative texts, the text of a button. */
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
  // The field isn't part of its own label.
  seen.add(element);
  const text = labelText(labels.map((label) => textFrom(label, seen)).join(' '));
  if (text || !isField(element)) return text;
  return labelText(element.getAttribute('title') ?? element.getAttribute('placeholder'));
}

/** Returns the accessible name of an element, or an empty text. */
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

/** Returns the text of an element that labels another one, also if it is hidden itself. */
const nameFrom = (label: Element): string =>
  labelText(label.getAttribute('aria-label')) ||
  nativeName(label, new Set()) ||
  (isField(label) ? label.value : contentOf(label, new Set([label]))) ||
  label.textContent ||
  '';

/** Returns the accessible description of an element, or an empty text. */
export function heardDescription(element: Element): string {
  const by = named(element, 'aria-describedby')
    .map((each) => nameFrom(each))
    .join(' ');
  const text = labelText(by) || labelText(element.getAttribute('aria-description'));
  if (text) return text;
  const title = labelText(element.getAttribute('title'));
  return title === heardName(element) ? '' : title;
}
