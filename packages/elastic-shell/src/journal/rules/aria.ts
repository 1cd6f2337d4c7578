// Rules about roles, states and properties: names and values that the standard defines, and required states.
import { ariaAttributes, type AriaKind, requiredStates, roles, statesOf } from '../../core/rules/aria.js';
import { isOurs } from '../../core/rules/kinds.js';
import { has, implicitRoleOf, type Markup, roleOf, tagText, writtenRole } from '../../core/rules/markup.js';
import type { Page, Test } from '../../core/rules/page.js';
import type { Found, Rule } from '../../core/rules/rule.js';
import { nearest } from '../../core/text.js';

const names = Object.keys(ariaAttributes);
const kindOf = (name: string): AriaKind | undefined =>
  Object.hasOwn(ariaAttributes, name) ? ariaAttributes[name] : undefined;

/** Returns what a value should be, if it is something else. An empty value counts as missing. */
function wanted(kind: AriaKind, text: string, name: string): string | undefined {
  const value = text.trim().toLowerCase();
  if (!value || value === 'undefined' || kind === 'text' || kind === 'id' || kind === 'ids') return undefined;
  if (kind === 'integer')
    return /^[+-]?\d+$/.test(value) && (name !== 'level' || Number(value) > 0) ? undefined : 'a whole number';
  if (kind === 'number') return Number.isFinite(Number(value)) ? undefined : 'a number';
  const isOne =
    'words' in kind ? value.split(/\s+/).every((word) => kind.words.includes(word)) : kind.includes(value);
  return isOne ? undefined : `one of ${('words' in kind ? kind.words : kind).join(', ')}`;
}

/** Roles whose states the engine writes, if a script wires them. */
const wiredRoles = /^(combobox|menuitemcheckbox|menuitemradio|switch)$/;

/** Returns whether the element has a required state by default. */
function saysByItself(element: Markup, state: string): boolean {
  const own = implicitRoleOf(element);
  if (state === 'checked') return /^(checkbox|radio)$/.test(own);
  if (state === 'level') return own === 'heading';
  if (state === 'expanded') return element.tag === 'select' || has(element, 'list');
  return /^(slider|meter|progressbar|scrollbar|spinbutton)$/.test(own);
}

/** Returns which role a state needs, in words. */
const lists: Test = (element) => /^(listbox|tablist|tree)$/.test(writtenRole(element));
const isSelected: Test = (element) => element.attribute('aria-selected') === 'true';

/** Returns how serious a missing state is, because a script may add it in time. */
function sureness(element: Markup, role: string, page: Page): 'error' | 'warning' | 'none' {
  const isWired = wiredRoles.test(role) && (isOurs(element) || !!page.around(element, isOurs));
  if (isWired || (page.isScripted && wiredRoles.test(role))) return 'none';
  return page.isScripted || role === 'heading' ? 'warning' : 'error';
}

/** Rules about roles, states and properties. */
export const ariaRules: readonly Rule[] = [
  {
    code: 'role-unknown',
    severity: 'error',
    clause: 'WAI-ARIA, definition of roles',
    summary: 'An element has an unknown role.',
    on: ['[role]'],
    find(element) {
      const role = element.attribute('role')?.trim() ?? '';
      if (!role || writtenRole(element)) return undefined;
      const near = nearest(role, roles);
      return {
        element,
        attribute: 'role',
        sentence: `${tagText(element)} has an unknown role, which browsers ignore.`,
        remedy: near ? `Did you mean "${near}"?` : 'Remove it, or use a role from WAI-ARIA.',
      };
    },
  },
  {
    code: 'aria-attribute-unknown',
    severity: 'error',
    clause: 'WAI-ARIA, definition of states and properties',
    summary: 'An attribute begins with aria- but isn’t a known state or property.',
    on: ['*'],
    find(element) {
      const found: Found[] = [];
      for (const name of element.names()) {
        if (!name.startsWith('aria-') || kindOf(name.slice(5))) continue;
        const near = nearest(name.slice(5), names);
        found.push({
          element,
          attribute: name,
          sentence: `${tagText(element)} has the unknown attribute ${name}, which has no effect.`,
          remedy: near ? `Did you mean "aria-${near}"?` : 'Remove it, or use an attribute from WAI-ARIA.',
        });
      }
      return found;
    },
  },
  {
    code: 'aria-value-unknown',
    severity: 'error',
    clause: 'WAI-ARIA, value types of states and properties',
    summary: 'A state or property has an invalid value.',
    on: names.map((name) => `[aria-${name}]`),
    find(element) {
      const found: Found[] = [];
      for (const attribute of element.names()) {
        const kind = attribute.startsWith('aria-') ? kindOf(attribute.slice(5)) : undefined;
        const value = kind && element.attribute(attribute);
        const wish = kind && value ? wanted(kind, value, attribute.slice(5)) : undefined;
        if (wish)
          found.push({
            element,
            attribute,
            sentence: `${tagText(element)} has ${attribute}="${value}", which must be ${wish}.`,
            remedy: 'Use a valid value, or remove the attribute.',
          });
      }
      return found;
    },
  },
  {
    code: 'aria-state-missing',
    severity: 'error',
    clause: 'WAI-ARIA, required states and properties of roles',
    summary: 'A required state is missing.',
    on: Object.keys(requiredStates).map((role) => `[role=${role}]`),
    find(element, page) {
      const role = writtenRole(element);
      const states = Object.hasOwn(requiredStates, role) ? (requiredStates[role] ?? []) : [];
      const missing = states.find((state) => !has(element, `aria-${state}`) && !saysByItself(element, state));
      const severity = missing ? sureness(element, role, page) : 'none';
      if (!missing || severity === 'none') return undefined;
      return {
        element,
        attribute: 'role',
        sentence: `${tagText(element)} is a ${role} without aria-${missing}, so its state isn’t announced.`,
        remedy: `Add aria-${missing}, and keep it up to date.`,
        severity,
      };
    },
  },
  {
    code: 'aria-state-unsupported',
    severity: 'error',
    clause: 'WAI-ARIA, supported states and properties of roles',
    summary: 'A state is on a role that doesn’t support it.',
    on: Object.keys(statesOf).map((name) => `[aria-${name}]`),
    find(element, page) {
      const role = roleOf(element);
      // The rows of a tree made of lists get their role from a script.
      if (role === 'listitem' && page.isScripted) return undefined;
      const state = Object.keys(statesOf).find(
        (name) => has(element, `aria-${name}`) && !statesOf[name]?.has(role),
      );
      // Another rule covers an element without a role that refers to a panel. A summary and a select have the
      // state by default.
      if (!state || !role || element.tag === 'summary') return undefined;
      return {
        element,
        attribute: `aria-${state}`,
        sentence: `${tagText(element)} has aria-${state}, which a ${role} doesn’t support, so it isn’t announced.`,
        remedy:
          state === 'expanded'
            ? 'Move it to the button that opens and closes.'
            : 'Move it to an element whose role supports it, or give this element such a role.',
      };
    },
  },
  {
    code: 'selection-many',
    severity: 'error',
    clause: 'WAI-ARIA, aria-multiselectable: without it, at most one item is selected',
    summary: 'Several items are selected in a list that allows one.',
    on: ['[role=listbox]', '[role=tablist]', '[role=tree]'],
    find(element, page) {
      if (element.attribute('aria-multiselectable') === 'true') return undefined;
      const second = page.owned(element, isSelected, lists)[1];
      return (
        second && {
          element: second,
          attribute: 'aria-selected',
          sentence: `${tagText(second)} is selected, but so is another item of ${tagText(element)}, which allows only one.`,
          remedy: 'Select one item, or add aria-multiselectable="true" to the list.',
        }
      );
    },
  },
];
