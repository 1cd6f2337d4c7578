// Rules about any page: invokers, ids, references, names.
import { nearest } from '../../core/text.js';
import { ancestors, has, type Markup, nameOf, tagText, roleOf } from '../../core/rules/markup.js';
import type { Found, Rule } from '../../core/rules/rule.js';

const native = ['show-modal', 'close', 'request-close', 'toggle-popover', 'show-popover', 'hide-popover'];
const references = [
  'controls',
  'labelledby',
  'describedby',
  'owns',
  'details',
  'flowto',
  'errormessage',
  'activedescendant',
];

const suggestion = (id: string, ids: Iterable<string>): string => {
  const near = nearest(id, ids);
  return near ? `Did you mean "${near}"?` : `Give the element the id "${id}", or name another.`;
};

const isControl = (element: Markup): boolean =>
  /^(button|select|textarea|summary)$/.test(element.tag) ||
  (element.tag === 'a' && has(element, 'href')) ||
  (element.tag === 'input' && element.attribute('type')?.toLowerCase() !== 'hidden') ||
  /^(button|link|switch|checkbox|radio|tab|menuitem|option|combobox|slider|textbox)$/.test(
    element.attribute('role') ?? '',
  );

/** Rules about every page: ids, names, invokers. */
export const general: readonly Rule[] = [
  {
    code: 'invoker-target-missing',
    severity: 'error',
    clause: 'HTML, the button element, commandfor',
    says: 'A button names by commandfor an id that no element has.',
    *find({ elements, ids }) {
      for (const element of elements) {
        const id = element.attribute('commandfor');
        if (id !== null && !ids.has(id))
          yield {
            element,
            attribute: 'commandfor',
            sentence: `${tagText(element)} names "${id}", and no element has that id: pressing it does nothing.`,
            remedy: suggestion(id, ids.keys()),
          };
      }
    },
  },
  {
    code: 'invoker-command-missing',
    severity: 'warning',
    clause: 'HTML, the button element, command',
    says: 'A button has commandfor and no command.',
    *find({ elements }) {
      for (const element of elements)
        if (has(element, 'commandfor') && !has(element, 'command') && roleOf(element) !== 'menuitem')
          yield {
            element,
            attribute: 'commandfor',
            sentence: `${tagText(element)} names a target and says no command.`,
            remedy: 'Add command="show-modal", "close", "--open", "--close" or "--toggle".',
          };
    },
  },
  {
    code: 'invoker-command-unknown',
    severity: 'error',
    clause: 'HTML, the button element, command',
    says: 'A command is neither a built-in one nor a custom one that begins with two hyphens.',
    *find({ elements }) {
      for (const element of elements) {
        const command = element.attribute('command');
        if (!has(element, 'commandfor') || command === null) continue;
        if (command.startsWith('--') || native.includes(command.toLowerCase())) continue;
        const near = nearest(command, [...native, '--open', '--close', '--toggle']);
        yield {
          element,
          attribute: 'command',
          sentence: `${tagText(element)} has the command "${command}", which the platform does not know.`,
          remedy: near ? `Did you mean "${near}"?` : 'Begin a custom command with two hyphens.',
        };
      }
    },
  },
  {
    code: 'id-duplicate',
    severity: 'error',
    clause: 'DOM, the id attribute',
    says: 'Two elements have one id.',
    *find({ ids }) {
      for (const [id, [first, ...others]] of ids)
        for (const element of first ? others : [])
          yield {
            element,
            attribute: 'id',
            sentence: `${tagText(element)} has the id "${id}", which ${first && tagText(first)} has already: only the first is ever found.`,
            remedy: 'Give each element an id of its own.',
          };
    },
  },
  {
    code: 'aria-reference-missing',
    severity: 'error',
    clause: 'WAI-ARIA, ID reference',
    says: 'An ARIA attribute names an id that no element has.',
    *find({ elements, ids }) {
      for (const element of elements)
        for (const name of references) {
          const attribute = `aria-${name}`;
          for (const id of (element.attribute(attribute) ?? '').split(/\s+/).filter(Boolean))
            if (!ids.has(id))
              yield {
                element,
                attribute,
                sentence: `${tagText(element)} has ${attribute}="${id}", and no element has that id.`,
                remedy: suggestion(id, ids.keys()),
              };
        }
    },
  },
  {
    code: 'control-name-missing',
    severity: 'error',
    clause: 'WCAG 4.1.2, Name, Role, Value',
    says: 'A control has no accessible name.',
    *find(page) {
      for (const element of page.elements)
        if (isControl(element) && !nameOf(element, page))
          yield {
            element,
            sentence: `${tagText(element)} has no name: it is read out by its role alone.`,
            remedy: 'Give it text, a label, or aria-label.',
          };
    },
  },
  {
    code: 'interactive-nested',
    severity: 'error',
    clause: 'HTML, content model of button and a: no interactive content in them',
    says: 'A control stands inside another control.',
    *find({ elements }): Generator<Found> {
      for (const element of elements) {
        if (!isControl(element) || element.tag === 'summary') continue;
        const around = ancestors(element).find(
          // A summary takes phrasing content: a link in it is followed, and opens nothing.
          (parent) => /^(button|a)$/.test(parent.tag) && isControl(parent),
        );
        if (around)
          yield {
            element,
            sentence: `${tagText(element)} stands inside ${tagText(around)}: a press on one is a press on both.`,
            remedy: 'Put them side by side.',
          };
      }
    },
  },
];
