// Rules about disclosures and details.
import { has, inside, type Markup, roleOf, tagText } from '../../core/rules/markup.js';
import type { Rule } from '../../core/rules/rule.js';

const controlled = (element: Markup): string | null =>
  element.attribute('commandfor') ?? element.attribute('aria-controls');

/** Rules about disclosures. */
export const disclosureRules: readonly Rule[] = [
  {
    code: 'disclosure-panel-unnamed',
    severity: 'warning',
    clause: 'WAI-ARIA Authoring Practices, Disclosure, aria-controls',
    says: 'A button has aria-expanded and does not say what it expands.',
    *find({ elements }) {
      for (const element of elements)
        if (
          has(element, 'aria-expanded') &&
          roleOf(element) === 'button' &&
          controlled(element) === null &&
          !has(element, 'aria-haspopup')
        )
          yield {
            element,
            attribute: 'aria-expanded',
            sentence: `${tagText(element)} has aria-expanded and names no panel.`,
            remedy: 'Give the panel an id, and name it by commandfor with command="--toggle".',
          };
    },
  },
  {
    code: 'disclosure-opener-not-button',
    severity: 'error',
    clause: 'WAI-ARIA Authoring Practices, Disclosure, role button',
    says: 'Something that is no control has aria-expanded or names a panel.',
    *find({ elements }) {
      for (const element of elements) {
        const acts = has(element, 'aria-expanded') || has(element, 'commandfor');
        if (
          !acts ||
          element.attribute('role') ||
          /^(button|a|summary|input|select|textarea|li)$/.test(element.tag)
        )
          continue;
        yield {
          element,
          sentence: `${tagText(element)} is no button: it has no focus, no keys and no role.`,
          remedy: 'Make it a <button type="button">.',
        };
      }
    },
  },
  {
    code: 'disclosure-state-untrue',
    severity: 'error',
    clause: 'WAI-ARIA, aria-expanded',
    says: 'aria-expanded says other than what is shown.',
    *find({ elements, ids }) {
      for (const element of elements) {
        const says = element.attribute('aria-expanded');
        const [panel] = ids.get(controlled(element) ?? '') ?? [];
        if (
          !panel ||
          !/^(true|false)$/.test(says ?? '') ||
          /^(dialog|details)$/.test(panel.tag) ||
          has(panel, 'popover') ||
          inside(panel).some((each) => roleOf(each) === 'combobox')
        )
          continue;
        const hidden = has(panel, 'hidden');
        const lies = says === 'true' ? hidden : !hidden && element.attribute('command') === '--toggle';
        if (lies)
          yield {
            element,
            attribute: 'aria-expanded',
            sentence: `${tagText(element)} says aria-expanded="${says}", and ${tagText(panel)} is ${hidden ? 'hidden' : 'shown'}.`,
            remedy: 'Leave aria-expanded out: it is written from the state. Or make the panel agree with it.',
          };
      }
    },
  },
  {
    code: 'summary-missing',
    severity: 'warning',
    clause: 'HTML, the details element',
    says: 'A details does not begin with a summary.',
    *find({ elements }) {
      for (const element of elements) {
        if (element.tag !== 'details') continue;
        const first = element.children.find((child) => typeof child !== 'string');
        if (first?.tag !== 'summary')
          yield {
            element,
            sentence: `${tagText(element)} does not begin with a summary: the browser writes "Details" for it.`,
            remedy: 'Make a <summary> its first child.',
          };
      }
    },
  },
];
