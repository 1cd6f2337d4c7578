// Rules about ids, and attributes that refer to them.
import { has, roleOf, tagText, wordsOf } from '../../core/rules/markup.js';
import { anyNaming, namedIds } from '../../core/rules/named-ids.js';
import type { Page } from '../../core/rules/page.js';
import type { Found, Rule, Severity } from '../../core/rules/rule.js';
import { suggestion } from './suggestion.js';

const references = [
  'controls',
  'labelledby',
  'describedby',
  'owns',
  'details',
  'flowto',
  'errormessage',
  'activedescendant',
].map((name) => `aria-${name}`);

/** How many ids of one attribute are reported separately. */
const mostTold = 10;

/** How certain it is that the target is missing, because a script may still add it in time. */
function sureness(attribute: string, page: Page): Severity | 'none' {
  if (!page.isScripted || attribute === 'aria-labelledby') return 'error';
  return attribute === 'aria-describedby' ? 'warning' : 'none';
}

const labelable = /^(button|input|meter|output|progress|select|textarea)$/;

/** What each kind of popup is. */
const popups: Readonly<Record<string, RegExp>> = {
  menu: /^menu$/,
  listbox: /^listbox$/,
  tree: /^tree$/,
  grid: /^(grid|treegrid)$/,
  dialog: /^(alert)?dialog$/,
  true: /^menu$/,
};

/** Rules about ids and references. */
export const referenceRules: readonly Rule[] = [
  {
    code: 'id-duplicate',
    severity: 'error',
    clause: 'DOM, the id attribute',
    summary: 'Two elements have the same id.',
    on: ['[id]'],
    find(element, page) {
      const first = element.attribute('id') && page.doubled(element);
      if (!first || element.isOptional || first.isOptional) return undefined;
      return {
        element,
        attribute: 'id',
        sentence: `${tagText(element)} has the id "${element.attribute('id')}", which ${tagText(first)} already has, so only the first is found.`,
        remedy: 'Give each element its own id.',
        // If nothing refers to it, only links and style sheets may be affected.
        severity: namedIds(page, anyNaming).has(element.attribute('id') ?? '') ? 'error' : 'warning',
      };
    },
  },
  {
    code: 'aria-reference-missing',
    severity: 'error',
    clause: 'WAI-ARIA, ID reference',
    summary: 'An ARIA attribute names an id that no element has.',
    on: references.map((name) => `[${name}]`),
    find(element, page) {
      const found: Found[] = [];
      for (const attribute of references) {
        const severity = sureness(attribute, page);
        if (!has(element, attribute) || severity === 'none') continue;
        const missing = wordsOf(element, attribute).filter((id) => !page.named(id, element));
        for (const id of missing.slice(0, mostTold))
          found.push({
            element,
            attribute,
            sentence: `${tagText(element)} has ${attribute}="${id}", but no element has that id.`,
            remedy: suggestion(id, page, element),
            severity,
          });
        if (missing.length > mostTold)
          found.push({
            element,
            attribute,
            sentence: `${tagText(element)} names ${missing.length - mostTold} more ids in ${attribute} that no element has.`,
            remedy: 'Remove them.',
            severity,
          });
      }
      return found;
    },
  },
  {
    code: 'label-target-missing',
    severity: 'error',
    clause: 'HTML, the label element, for',
    summary: 'A label’s for names an id that no field has.',
    on: ['label'],
    find(element, page) {
      const id = element.attribute('for');
      const target = id === null ? undefined : page.named(id, element);
      if (id === null || (target && (labelable.test(target.tag) || target.tag.includes('-'))))
        return undefined;
      return {
        element,
        attribute: 'for',
        sentence: target
          ? `${tagText(element)} names "${id}", but ${tagText(target)} isn’t a field, so the label doesn’t name it.`
          : `${tagText(element)} names "${id}", but no element has that id, so the label names nothing.`,
        remedy: target ? 'Name the field itself, or use aria-labelledby.' : suggestion(id, page, element),
        ...(!target && page.isScripted && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'haspopup-untrue',
    severity: 'error',
    clause: 'WAI-ARIA, aria-haspopup: its value is the role of the popup',
    summary: 'aria-haspopup doesn’t match the role of the element that opens.',
    on: ['[aria-haspopup]'],
    find(element, page) {
      const says = element.attribute('aria-haspopup')?.toLowerCase() ?? '';
      const expected = Object.hasOwn(popups, says) ? popups[says] : undefined;
      const id = element.attribute('commandfor') ?? element.attribute('aria-controls') ?? '';
      const target = id ? page.named(id, element) : undefined;
      const role = target ? roleOf(target) : '';
      // Only the role of another kind of popup is reported, because a plain element may contain the popup.
      const isPopup = Object.values(popups).some((each) => each.test(role));
      if (!expected || !target || !isPopup || expected.test(role)) return undefined;
      return {
        element,
        attribute: 'aria-haspopup',
        sentence: `${tagText(element)} has aria-haspopup="${says}", but it opens ${tagText(target)}, which is a ${role}.`,
        remedy: `Write aria-haspopup="${role === 'alertdialog' ? 'dialog' : role}", or omit it: the pattern writes it.`,
      };
    },
  },
];
