// Every rule, from one source: the page's journal, the command line and the tests all run these.
import { ariaRules } from './aria.js';
import { clearDoubt, isDoubtful } from '../../core/rules/doubt.js';
import type { Markup } from '../../core/rules/markup.js';
import type { Page, PageKind } from '../../core/rules/page.js';
import { pageOf } from '../../core/rules/read-page.js';
import type { Finding, Rule } from '../../core/rules/rule.js';
import { accordionRules } from '../../patterns/accordion/rules.js';
import { carouselRules } from '../../patterns/carousel/rules.js';
import { comboboxRules } from '../../patterns/combobox/rules.js';
import { dialogRules } from '../../patterns/dialog/rules.js';
import { disclosureRules } from '../../patterns/disclosure/rules.js';
import { listRules } from '../../patterns/listbox/rules.js';
import { menuRules } from '../../patterns/menu/rules.js';
import { popoverRules } from '../../patterns/popover/rules.js';
import { tabsRules } from '../../patterns/tabs/rules.js';
import { tooltipRules } from '../../patterns/tooltip/rules.js';
import { elementRules } from './elements.js';
import { focusRules } from './focus.js';
import { invokerRules } from './invokers.js';
import { nameRules } from './names.js';
import { referenceRules } from './references.js';

export { raiseDoubt } from '../../core/rules/doubt.js';
export { type Markup, tagText, unknownMarkup } from '../../core/rules/markup.js';
export type { Page, PageKind } from '../../core/rules/page.js';
export { pageOf } from '../../core/rules/read-page.js';
export type { Finding, Found, Rule, Severity } from '../../core/rules/rule.js';

/** Every rule, in the order in which they are run. */
export const rules: readonly Rule[] = [
  ...invokerRules,
  ...referenceRules,
  ...nameRules,
  ...focusRules,
  ...ariaRules,
  ...elementRules,
  ...dialogRules,
  ...popoverRules,
  ...tooltipRules,
  ...disclosureRules,
  ...accordionRules,
  ...tabsRules,
  ...carouselRules,
  ...listRules,
  ...menuRules,
  ...comboboxRules,
];

/** The rules by what they look at: `dialog`, `[id]`, `[role=tab]`, `*`. */
const byLook = new Map<string, Rule[]>();
for (const rule of rules)
  for (const look of rule.on) {
    const list = byLook.get(look) ?? [];
    byLook.set(look, list);
    list.push(rule);
  }

/** How many lists are kept. */
const mostLists = 10_000;
const lists = new Map<string, readonly Rule[]>();

/** The rules that look at an element, each once, in their order. Alike elements share a list. */
function rulesFor(element: Markup): readonly Rule[] {
  const looks = ['*', element.tag];
  for (const name of element.names()) {
    looks.push(`[${name}]`);
    if (name !== 'role') continue;
    for (const role of (element.attribute('role') ?? '').toLowerCase().split(/\s+/))
      looks.push(`[role=${role}]`);
  }
  const key = looks.join('');
  const known = lists.get(key) ?? [...new Set(looks.flatMap((look) => byLook.get(look) ?? []))];
  if (lists.size < mostLists) lists.set(key, known);
  return known;
}

const nothing: readonly Finding[] = [];

/** What one rule finds at one element; nothing where it had to look at something that cannot be known. */
function look(rule: Rule, element: Markup, page: Page): readonly Finding[] {
  clearDoubt();
  const found = rule.find(element, page);
  if (!found || isDoubtful()) return nothing;
  const { code, severity, clause } = rule;
  return [found].flat().map((each) => ({ severity, ...each, code, clause }));
}

/** Runs every rule on the page under `roots`; findings stand in document order. */
export function examine(roots: Iterable<Markup>, kind?: PageKind): Finding[] {
  const page = pageOf(roots, kind);
  const findings: Finding[] = [];
  for (const element of page.elements)
    for (const rule of rulesFor(element)) findings.push(...look(rule, element, page));
  const placeOf = ({ element }: Finding): number => element.number ?? 0;
  return findings.sort((one, other) => placeOf(one) - placeOf(other));
}
