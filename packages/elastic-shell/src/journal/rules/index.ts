// Every rule, for the page's journal, the command line and the tests.
import { ariaRules } from './aria.js';
import { clearDoubt, isDoubtful } from '../../core/rules/doubt.js';
import type { Markup } from '../../core/rules/markup.js';
import type { Page, PageKind } from '../../core/rules/page.js';
import { pageOf } from '../../core/rules/read-page.js';
import type { Finding, Rule } from '../../core/rules/rule.js';
import { descriptions, descriptionVersion } from '../../described/description.js';
import { contentRules } from './content.js';
import { elementRules } from './elements.js';
import { focusRules } from './focus.js';
import { invokerRules } from './invokers.js';
import { nameRules } from './names.js';
import { referenceRules } from './references.js';

export { patternNames } from './ours.js';
export { raiseDoubt } from '../../core/rules/doubt.js';
export { type Markup, tagText, unknownMarkup } from '../../core/rules/markup.js';
export type { Page, PageKind } from '../../core/rules/page.js';
export { pageOf } from '../../core/rules/read-page.js';
export type { Finding, Found, Rule, Severity } from '../../core/rules/rule.js';

const general: readonly Rule[] = [
  ...invokerRules,
  ...referenceRules,
  ...nameRules,
  ...focusRules,
  ...ariaRules,
  ...contentRules,
];

/**
 * Returns every rule, in the order in which they run: the general ones, then those of each described pattern.
 *
 * @returns The rules.
 */
export const allRules = (): Rule[] => [
  ...general,
  ...elementRules,
  ...[...descriptions().values()].flatMap((described) => described.rules),
];

/** The rules by what they apply to: `dialog`, `[id]`, `[role=tab]`, `*`. */
let byLook = new Map<string, Rule[]>();
/** The version of the descriptions from which `byLook` was built. */
let known = -1;

/** Returns the rules by what they apply to, including those of patterns that were described meanwhile. */
function index(): Map<string, Rule[]> {
  if (known === descriptionVersion()) return byLook;
  known = descriptionVersion();
  lists.clear();
  byLook = new Map();
  for (const rule of allRules())
    for (const look of rule.on) {
      const list = byLook.get(look) ?? [];
      byLook.set(look, list);
      list.push(rule);
    }
  return byLook;
}

/** How many lists are kept. */
const mostLists = 10_000;
const lists = new Map<string, readonly Rule[]>();

/** Returns the rules that apply to an element, each once, in their order. Similar elements share a list. */
function rulesFor(element: Markup): readonly Rule[] {
  const looksOf = index();
  const looks = ['*', element.tag];
  for (const name of element.names()) {
    looks.push(`[${name}]`);
    if (name !== 'role') continue;
    for (const role of (element.attribute('role') ?? '').toLowerCase().split(/\s+/))
      looks.push(`[role=${role}]`);
  }
  const key = looks.join('');
  const found = lists.get(key) ?? [...new Set(looks.flatMap((look) => looksOf.get(look) ?? []))];
  if (lists.size < mostLists) lists.set(key, found);
  return found;
}

const nothing: readonly Finding[] = [];

/**
 * Returns the finding of one rule about one element. Undefined if the rule needs something that is unknown.
 */
function look(rule: Rule, element: Markup, page: Page): readonly Finding[] {
  clearDoubt();
  const found = rule.find(element, page);
  if (!found || isDoubtful()) return nothing;
  const { code, severity, clause } = rule;
  return [found].flat().map((each) => ({ severity, ...each, code, clause }));
}

/**
 * Runs every rule.
 *
 * @param roots - The roots of the page.
 * @param kind - Whether they are a whole page or a fragment.
 * @returns The findings in document order.
 */
export function examine(roots: Iterable<Markup>, kind?: PageKind): Finding[] {
  const page = pageOf(roots, kind);
  const findings: Finding[] = [];
  for (const element of page.elements)
    for (const rule of rulesFor(element)) for (const each of look(rule, element, page)) findings.push(each);
  const placeOf = ({ element }: Finding): number => element.number ?? 0;
  return findings.sort((one, other) => placeOf(one) - placeOf(other));
}
