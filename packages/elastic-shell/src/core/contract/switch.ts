// The switch: one thing that is on or off.
import type { Contract, Notes } from './contract.js';
import { guardOption, onChangeOption } from './openable.js';

export type SwitchPart = 'root';

export interface SwitchState {
  checked: boolean;
}

/** Commands, step and semantics of a switch on a button. A checkbox shows its state itself. */
export const switching: Contract<SwitchState, SwitchPart> = {
  name: 'switch',
  commands: { '': 'toggle', '--toggle': 'toggle', '--on': 'on', '--off': 'off' },
  read: ({ root }) => ({
    checked:
      root.localName === 'input'
        ? root.hasAttribute('checked')
        : root.getAttribute('aria-checked') === 'true',
  }),
  step(state, intent) {
    const checked = intent === 'toggle' ? !state.checked : intent === 'on';
    return checked === state.checked ? state : { checked };
  },
  semantics: {
    root: ({ checked }, { root }) => ({
      role: 'switch',
      'data-checked': `${checked}`,
      ...(root.localName !== 'input' && { 'aria-checked': `${checked}` }),
    }),
  },
};

export const switchNotes: Notes<SwitchPart> = {
  name: 'switch',
  says: 'Turns one thing on or off, at once.',
  standard: 'WAI-ARIA Authoring Practices, Switch; HTML, form-associated elements',
  parts: {
    root: {
      is: 'a <button>, or an <input type="checkbox">, with a name that does not change with the state',
      required: true,
      why: 'Either has focus and keys already; a checkbox also works before any script runs.',
    },
  },
  keys: [
    { on: 'root', key: 'Space', does: 'Turns it over', by: 'browser' },
    { on: 'root', key: 'Enter', does: 'On a button: turns it over', by: 'browser' },
  ],
  presses: [{ on: 'root', does: 'Turns it over' }],
  states: [
    {
      name: 'checked',
      type: 'boolean',
      first: 'as checked or aria-checked says',
      shown: 'aria-checked on a button, the property checked on a checkbox, data-checked on both',
    },
    {
      name: 'busy',
      type: 'boolean, read only',
      first: 'false',
      shown: 'aria-busy and aria-disabled; it stands as before until the guard has answered',
    },
  ],
  options: [
    {
      name: 'checked',
      values: 'true, false or a cell',
      default: 'as the markup shows',
      does: 'The first state, or a cell that is followed both ways.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'aria-checked (or checked) always equals the state, whichever way it was changed.',
    'It takes part in its form: a button with a name sends its value (or "on") while it is on, and a reset brings back how it began.',
    'While a guard waits it says so and ignores presses; refused, it stays as it was.',
  ],
};
