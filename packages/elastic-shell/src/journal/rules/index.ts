// Every rule, from one source: the page's journal, the command line and the tests all run these.
import { collectionRules } from './collections.js';
import { dialogRules } from '../../patterns/dialog/rules.js';
import { disclosureRules } from '../../patterns/disclosure/rules.js';
import { general } from './general.js';
import { type Markup, pageOf } from '../../core/rules/markup.js';
import { popoverRules } from '../../patterns/popover/rules.js';
import { sectionRules } from './sections.js';
import type { Finding, Rule } from '../../core/rules/rule.js';

export { type Markup, type Page, pageOf, tagText } from '../../core/rules/markup.js';
export type { Finding, Found, Rule, Severity } from '../../core/rules/rule.js';

/** Every rule, in the order in which they are run. */
export const rules: readonly Rule[] = [
  ...general,
  ...dialogRules,
  ...popoverRules,
  ...disclosureRules,
  ...sectionRules,
  ...collectionRules,
];

/** Runs every rule on the page under `roots`; findings stand in document order. */
export function examine(roots: Iterable<Markup>): Finding[] {
  const page = pageOf(roots);
  const order = new Map(page.elements.map((element, at) => [element, at]));
  const placeOf = ({ element }: Finding): number => order.get(element) ?? 0;
  return rules
    .flatMap((rule) => {
      const { code, severity, clause } = rule;
      return [...rule.find(page)].map((found) => ({ ...found, code, severity, clause }));
    })
    .sort((one, other) => placeOf(one) - placeOf(other));
}
