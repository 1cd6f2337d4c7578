// The role of an element in the page.
import { implicitRoleOf, type Markup, writtenRole } from '../core/rules/markup.js';

/** One element as markup, without what is around or in it. */
const alone = (element: Element): Markup => ({
  tag: element.localName,
  attribute: (name) => element.getAttribute(name),
  names: () => element.getAttributeNames(),
  parent: undefined,
  children: [],
});

/** The role of an element: the one that is written, else the one that HTML gives it; '' where it has none that is told. */
export function heardRole(element: Element): string {
  const markup = alone(element);
  const role = writtenRole(markup) || implicitRoleOf(markup);
  if (!role && element.localName === 'summary' && element.parentElement?.localName === 'details')
    return 'DisclosureTriangle';
  // Without a name they are no landmarks.
  const isNamed = element.hasAttribute('aria-label') || element.hasAttribute('aria-labelledby');
  return /^(region|form)$/.test(role) && !isNamed && !element.hasAttribute('role') ? '' : role;
}
