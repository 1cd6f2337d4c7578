// Rules about disclosures and details.
import { has, isRole, isTag, type Markup, tagText } from '../../core/rules/markup.js';
import type { Page } from '../../core/rules/page.js';
import type { Rule } from '../../core/rules/rule.js';

const controlled = (element: Markup): string | null =>
  element.attribute('commandfor') ?? element.attribute('aria-controls');

const isCombobox = isRole('combobox');
const isOpenDetails = (element: Markup): boolean => element.tag === 'details' && has(element, 'open');
const isRoot = isTag('html');

const openOnes = new WeakMap<Page, Map<string, Markup>>();

/** Of the <details> of one name that are open, the first, by the name. */
function firstOpen(page: Page): Map<string, Markup> {
  const open = page.all(isOpenDetails);
  const known = openOnes.get(page) ?? new Map<string, Markup>();
  if (!openOnes.has(page))
    for (const details of open) {
      const name = details.attribute('name');
      if (name && !known.has(name)) known.set(name, details);
    }
  openOnes.set(page, known);
  return known;
}

/** Rules about disclosures. */
export const disclosureRules: readonly Rule[] = [
  {
    code: 'disclosure-opener-not-button',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Disclosure, role button',
    summary: 'An element that isn’t a control has aria-expanded.',
    on: ['[aria-expanded]'],
    find: (element) =>
      !/^(div|span|p|b|i|em|strong|img|svg|a|label)$/.test(element.tag) ||
      has(element, 'role') ||
      (element.tag === 'a' && has(element, 'href'))
        ? undefined
        : {
            element,
            attribute: 'aria-expanded',
            sentence: `${tagText(element)} isn’t a button, so aria-expanded isn’t announced.`,
            remedy: 'Put aria-expanded on the button that opens and closes: a <button type="button">.',
          },
  },
  {
    code: 'disclosure-state-untrue',
    severity: 'error',
    clause: 'WAI-ARIA, aria-expanded',
    summary: 'aria-expanded doesn’t match what is visible.',
    on: ['[aria-expanded]'],
    find(element, page) {
      const says = element.attribute('aria-expanded');
      const panel = page.named(controlled(element) ?? '', element);
      const isElse =
        !panel ||
        !/^(true|false)$/.test(says ?? '') ||
        /^(dialog|details)$/.test(panel.tag) ||
        has(panel, 'popover') ||
        page.within(panel, isCombobox);
      if (isElse) return undefined;
      const isHidden = has(panel, 'hidden');
      const isUntrue = says === 'true' ? isHidden : !isHidden && element.attribute('command') === '--toggle';
      if (!isUntrue) return undefined;
      return {
        element,
        attribute: 'aria-expanded',
        sentence: `${tagText(element)} has aria-expanded="${says}", but ${tagText(panel)} is ${isHidden ? 'hidden' : 'visible'}.`,
        remedy: 'Omit aria-expanded, which is written from the state, or change the panel to match it.',
      };
    },
  },
  {
    code: 'summary-missing',
    severity: 'error',
    clause: 'HTML, the details element: its first child is a summary',
    summary: 'A <details> doesn’t begin with a <summary>.',
    on: ['details'],
    find(element) {
      const first = element.children.find((child) => typeof child !== 'string');
      if (first?.tag === 'summary') return undefined;
      return {
        element,
        sentence: `${tagText(element)} doesn’t begin with a <summary>, so the browser shows the text "Details".`,
        remedy: 'Make a <summary> its first child.',
      };
    },
  },
  {
    code: 'details-many-open',
    severity: 'error',
    clause: 'HTML, the details element, name: of several with the same name, at most one is open',
    summary: 'Several <details> with the same name are open in the markup.',
    on: ['details'],
    find(element, page) {
      const name = element.attribute('name');
      const first = name && has(element, 'open') ? firstOpen(page).get(name) : undefined;
      if (
        !first ||
        first === element ||
        element.isOptional ||
        page.around(element, isRoot) !== page.around(first, isRoot)
      )
        return undefined;
      return {
        element,
        attribute: 'open',
        sentence: `${tagText(element)} is open in the markup, but so is an earlier one with the same name: only that one stays open.`,
        remedy: 'Remove open from all but one.',
      };
    },
  },
];
