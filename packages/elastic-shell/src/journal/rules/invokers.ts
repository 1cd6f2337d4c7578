// Rules about invokers: buttons that refer to another element and request something from it.
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

/** An id that no element has. */
function missing(element: Markup, attribute: string, page: Page): Found | undefined {
  const id = element.attribute(attribute);
  if (id === null || page.named(id, element)) return undefined;
  return {
    element,
    attribute,
    sentence: `${tagText(element)} names "${id}", but no element has that id, so clicking it does nothing.`,
    remedy: suggestion(id, page, element),
  };
}

/** Returns the target of an invoker, if it is on the page. */
const targetOf = (element: Markup, page: Page): Markup | undefined =>
  page.named(element.attribute('commandfor') ?? element.attribute('popovertarget') ?? '', element);

/** Returns whether an element accepts a command of the platform. */
const takes = (target: Markup, command: string): boolean =>
  !native.includes(command) ||
  (dialogCommands.includes(command) ? target.tag === 'dialog' : has(target, 'popover'));

/** Rules about invokers. */
export const invokerRules: readonly Rule[] = [
  {
    code: 'invoker-target-missing',
    severity: 'error',
    clause: 'HTML, the button element, commandfor; the popovertarget attribute',
    summary: 'A button’s commandfor or popovertarget names an id that no element has.',
    on: ['[commandfor]', '[popovertarget]'],
    find: (element, page) => missing(element, 'commandfor', page) ?? missing(element, 'popovertarget', page),
  },
  {
    code: 'invoker-target-kind',
    severity: 'error',
    clause: 'HTML, the command attribute: the commands and the elements that support them',
    summary: 'A button sends a command that its target doesn’t support.',
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
        sentence: `${tagText(element)} sends "${command}" to ${tagText(target)}, which isn’t a ${isForDialog ? '<dialog>' : 'popover'}, so clicking it does nothing.`,
        remedy: isForDialog ? 'Make it a <dialog>.' : 'Add the attribute popover to it.',
      };
    },
  },
  {
    code: 'invoker-command-missing',
    severity: 'warning',
    clause: 'HTML, the button element, command',
    summary: 'A button has commandfor but no command.',
    on: ['[commandfor]'],
    find: (element) =>
      has(element, 'command') || writtenRole(element) === 'menuitem'
        ? undefined
        : {
            element,
            attribute: 'commandfor',
            sentence: `${tagText(element)} has commandfor but no command.`,
            remedy: 'Add command="show-modal", "close", "--open", "--close" or "--toggle".',
          },
  },
  {
    code: 'invoker-target-unnamed',
    severity: 'error',
    clause: 'HTML, the button element, command: it is sent to the element that commandfor names',
    summary: 'A button has command but no commandfor.',
    on: ['[command]'],
    find: (element) =>
      element.tag !== 'button' || has(element, 'commandfor')
        ? undefined
        : {
            element,
            attribute: 'command',
            sentence: `${tagText(element)} has a command but no commandfor, so clicking it does nothing.`,
            remedy: 'Name the target with commandfor.',
          },
  },
  {
    code: 'invoker-command-unknown',
    severity: 'error',
    clause: 'HTML, the button element, command',
    summary: 'A command is neither built in nor a custom one, which begins with two hyphens.',
    on: ['[commandfor]'],
    find(element) {
      const command = element.attribute('command');
      if (!command || command.startsWith('--') || native.includes(command.toLowerCase())) return undefined;
      const near = nearest(command, [...native, '--open', '--close', '--toggle']);
      return {
        element,
        attribute: 'command',
        sentence: `${tagText(element)} has the unknown command "${command}".`,
        remedy: near ? `Did you mean "${near}"?` : 'Begin a custom command with two hyphens.',
      };
    },
  },
  {
    code: 'invoker-command-unheard',
    severity: 'error',
    clause: 'The commands of each pattern, in its contract; HTML, custom commands',
    summary: 'A button sends a custom command that its target’s pattern doesn’t support.',
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
      // A script of the application may handle a command of its own.
      if (!isSure && !near) return undefined;
      return {
        element,
        attribute: 'command',
        sentence: `${tagText(element)} sends "${command}", which a ${pattern} doesn’t support.`,
        remedy: near ? `Did you mean "${near}"?` : `It supports ${known.join(', ')}.`,
        ...(!isSure && { severity: 'warning' }),
      };
    },
  },
  {
    code: 'invoker-not-button',
    severity: 'error',
    clause: 'HTML, commandfor and popovertarget are attributes of buttons',
    summary: 'An element other than a button has commandfor or popovertarget.',
    on: ['[commandfor]', '[popovertarget]'],
    find(element) {
      const attribute = has(element, 'commandfor') ? 'commandfor' : 'popovertarget';
      const isInput = attribute === 'popovertarget' && element.tag === 'input';
      // Menu items and custom buttons work where the library is loaded.
      if (element.tag === 'button' || isInput || writtenRole(element)) return undefined;
      return {
        element,
        attribute,
        sentence: `${tagText(element)} isn’t a button, so ${attribute} has no effect on it.`,
        remedy: 'Make it a <button type="button">.',
      };
    },
  },
  {
    code: 'invoker-type-missing',
    severity: 'error',
    clause: 'HTML, the button element, type: without one a button in a form submits it, or does nothing',
    summary: 'A button with a target is in a form and has no type.',
    on: ['[commandfor]', '[popovertarget]'],
    find: (element, page) =>
      element.tag !== 'button' ||
      has(element, 'type') ||
      !(has(element, 'form') || page.around(element, isForm))
        ? undefined
        : {
            element,
            sentence: `${tagText(element)} is in a form and has no type${has(element, 'commandfor') ? ', so its command doesn’t run' : ', so a click also submits the form'}.`,
            remedy: 'Add type="button".',
          },
  },
];
