// Rules about accordions.
import { isHeading } from '../../core/rules/kinds.js';
import { has, roleOf, tagText } from '../../core/rules/markup.js';
import type { Rule } from '../../core/rules/rule.js';

/** Rules about accordions. */
export const accordionRules: readonly Rule[] = [
  {
    code: 'accordion-header-no-heading',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Accordion: each header button is in a heading',
    summary: 'A button that shows a region isn’t in a heading.',
    on: ['button'],
    find(element, page) {
      if (!has(element, 'aria-expanded')) return undefined;
      const panel = page.named(element.attribute('aria-controls') ?? '', element);
      if (!panel || roleOf(panel) !== 'region' || !has(panel, 'role') || page.around(element, isHeading))
        return undefined;
      return {
        element,
        sentence: `${tagText(element)} shows the region ${tagText(panel)} but isn’t in a heading, so the section is missing from the outline of the page.`,
        remedy: 'Put it into an <h2>, an <h3> or whichever level fits.',
      };
    },
  },
];
