// The role of an element in the page.
import { implicitRoleOf, type Markup, writtenRole } from '../core/rules/markup.js';

/** Returns the start tag of an element, without its content. */
const alone = (element: Element): Markup => ({
  tag: element.localName,
  attribute: (name) => element.getAttribute(name),
  names: () => element.getAttributeNames(),
  parent: undefined,
  children: [],
});

/**
 * Returns the role of an element, from its attribute or from HTML. Empty if it has no role that is announced.
 */
export function heardRole(element: Element): string {
  const markup = alone(element);
  const role = writtenRole(markup) || implicitRoleOf(markup);
  if (!role && element.localName === 'summary' && element.parentElement?.localName === 'details')
    return 'DisclosureTriangle';
  // Without a name they aren't landmarks.
  const isNamed = element.hasAttribute('aria-label') || element.hasAttribute('aria-labelledby');
  return /^(region|form)$/.test(role) && !isNamed && !element.hasAttribute('role') ? '' : role;
}
