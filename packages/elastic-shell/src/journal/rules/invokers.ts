// Rules about invokers: buttons that name another element and what it shall do.
import { has, isTag, type Markup, tagText, writtenRole } from '../../core/rules/markup.js';
import type { Page } from '../../core/rules/page.js';
import type { Found, Rule } from '../../core/rules/rule.js';
import { nearest } from '../../core/text.js';
import { commandsOf, isDescribed, patternOf } from './ours.js';
import { suggestion } from './suggestion.js';

const dialogCommands = ['show-modal', 'close', 'request-close'];
const popoverCommands = ['toggle-popover', 'show-popover', 'hide-popover'];
const native = [...dialogCommands, ...popoverCommands];
const isForm = isTag('form');

/** A name that no element answers to. */
function missing(element: Markup, attribute: string, page: Page): Found | undefined {
  const id = element.attribute(attribute);
  if (id === null || page.named(id, element)) return undefined;
  return {
    element,
    attribute,
    sentence: `${tagText(element)} names "${id}", and no element has that id: pressing it does nothing.`,
    remedy: suggestion(id, page, element),
  };
}

/** What an invoker names, where it is on the page. */
const targetOf = (element: Markup, page: Page): Markup | undefined =>
  page.named(element.attribute('commandfor') ?? element.attribute('popovertarget') ?? '', element);

/** Whether an element takes a command of the platform's. */
const takes = (target: Markup, command: string): boolean =>
  !native.includes(command) ||
  (dialogCommands.includes(command) ? target.tag === 'dialog' : has(target, 'popover'));

/** Rules about invokers. */
export const invokerRules: readonly Rule[] = [
  {
    code: 'invoker-target-missing',
    severity: 'error',
    clause: 'HTML, the button element, commandfor; the popovertarget attribute',
    says: 'A button names by commandfor or popovertarget an id that no element has.',
    on: ['[commandfor]', '[popovertarget]'],
    find: (element, page) => missing(element, 'commandfor', page) ?? missing(element, 'popovertarget', page),
  },
  {
    code: 'invoker-target-kind',
    severity: 'error',
    clause: 'HTML, the command attribute: what each command does, and to which elements',
    says: 'A button asks of an element what only a dialog or a popover can do.',
    on: ['[commandfor]', '[popovertarget]'],
    find(element, page) {
      const target = targetOf(element, page);
      const command = has(element, 'commandfor')
        ? (element.attribute('command') ?? '').toLowerCase()
        : 'toggle-popover';
      if (!target || takes(target, command)) return undefined;
      const isForDialog = dialogCommands.includes(command);
      return {
        element,
        attribute: has(element, 'commandfor') ? 'command' : 'popovertarget',
        sentence: `${tagText(element)} asks ${tagText(target)} for "${command}", and that is no ${isForDialog ? '<dialog>' : 'popover'}: pressing it does nothing.`,
        remedy: isForDialog ? 'Make it a <dialog>.' : 'Give it the attribute popover.',
      };
    },
  },
  {
    code: 'invoker-command-missing',
    severity: 'warning',
    clause: 'HTML, the button element, command',
    says: 'A button has commandfor and no command.',
    on: ['[commandfor]'],
    find: (element) =>
      has(element, 'command') || writtenRole(element) === 'menuitem'
        ? undefined
        : {
            element,
            attribute: 'commandfor',
            sentence: `${tagText(element)} names a target and says no command.`,
            remedy: 'Add command="show-modal", "close", "--open", "--close" or "--toggle".',
          },
  },
  {
    code: 'invoker-target-unnamed',
    severity: 'error',
    clause: 'HTML, the button element, command: it is asked of the element that commandfor names',
    says: 'A button has a command and names nothing that it is for.',
    on: ['[command]'],
    find: (element) =>
      element.tag !== 'button' || has(element, 'commandfor')
        ? undefined
        : {
            element,
            attribute: 'command',
            sentence: `${tagText(element)} has a command and no commandfor: pressing it does nothing.`,
            remedy: 'Name the element by commandfor.',
          },
  },
  {
    code: 'invoker-command-unknown',
    severity: 'error',
    clause: 'HTML, the button element, command',
    says: 'A command is neither a built-in one nor a custom one that begins with two hyphens.',
    on: ['[commandfor]'],
    find(element) {
      const command = element.attribute('command');
      if (!command || command.startsWith('--') || native.includes(command.toLowerCase())) return undefined;
      const near = nearest(command, [...native, '--open', '--close', '--toggle']);
      return {
        element,
        attribute: 'command',
        sentence: `${tagText(element)} has the command "${command}", which the platform does not know.`,
        remedy: near ? `Did you mean "${near}"?` : 'Begin a custom command with two hyphens.',
      };
    },
  },
  {
    code: 'invoker-command-unheard',
    severity: 'error',
    clause: 'The commands of each pattern, in its contract; HTML, custom commands',
    says: 'A custom command is asked of an element whose pattern does not know it.',
    on: ['[commandfor]'],
    find(element, page) {
      const target = targetOf(element, page);
      const command = element.attribute('command') ?? '';
      const pattern = target && command.startsWith('--') && patternOf(target, page);
      const known = pattern ? commandsOf(pattern) : [];
      if (!target || !pattern || known.includes(command)) return undefined;
      const near = known.find(
        (each) => nearest(command, [each]) && Math.abs(each.length - command.length) < 3,
      );
      const isSure = isDescribed(target) || !!page.around(target, isDescribed);
      // Somebody's own script may hear a command of its own.
      if (!isSure && !near) return undefined;
      return {
        element,
        attribute: 'command',
        sentence: `${tagText(element)} asks for "${command}", which a ${pattern} does not know.`,
        remedy: near ? `Did you mean "${near}"?` : `It knows ${known.join(', ')}.`,
        ...(!isSure && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'invoker-not-button',
    severity: 'error',
    clause: 'HTML, commandfor and popovertarget are attributes of buttons',
    says: 'Something that is no button names a target.',
    on: ['[commandfor]', '[popovertarget]'],
    find(element) {
      const attribute = has(element, 'commandfor') ? 'commandfor' : 'popovertarget';
      const isInput = attribute === 'popovertarget' && element.tag === 'input';
      // An item of a menu, and a button made by hand, are heard where the library is loaded.
      if (element.tag === 'button' || isInput || writtenRole(element)) return undefined;
      return {
        element,
        attribute,
        sentence: `${tagText(element)} is no button: ${attribute} does nothing on it.`,
        remedy: 'Make it a <button type="button">.',
      };
    },
  },
  {
    code: 'invoker-type-missing',
    severity: 'error',
    clause: 'HTML, the button element, type: without one a button in a form submits it, or does nothing',
    says: 'A button in a form names a target and has no type.',
    on: ['[commandfor]', '[popovertarget]'],
    find: (element, page) =>
      element.tag !== 'button' ||
      has(element, 'type') ||
      !(has(element, 'form') || page.around(element, isForm))
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} stands in a form and has no type: ${has(element, 'commandfor') ? 'there its command is not run' : 'a press sends the form as well'}.`,
            remedy: 'Add type="button".',
          },
  },
];
