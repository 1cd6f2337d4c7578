// The switch: one thing that is on or off.
import type { Contract } from './contract.js';
import { switchOptionKinds } from './option-kinds.js';

/** What a program calls on it, by name. */
export const switchMethods = ['check', 'uncheck', 'toggle'] as const;

/** Its parts, as its notes name them. */
export type SwitchPart = 'root';
/** What can be asked of it. */
export type SwitchIntent = 'toggle' | 'on' | 'off';

/** The state of a switch. */
export interface SwitchState {
  /** Whether it is on. */
  checked: boolean;
}

/** Commands, step and semantics of a switch on a button. A checkbox shows its state itself. */
export const switching: Contract<SwitchState, object, SwitchIntent> = {
  name: 'switch',
  options: switchOptionKinds,
  commands: { '': 'toggle', '--toggle': 'toggle', '--check': 'on', '--uncheck': 'off' },
  read: ({ root }) => ({
    checked:
      root.localName === 'input'
        ? root.hasAttribute('checked')
        : root.getAttribute('aria-checked') === 'true',
  }),
  attributeStates: { 'aria-checked': 'checked' },
  step(state, intent) {
    const checked = intent === 'toggle' ? !state.checked : intent === 'on';
    return checked === state.checked ? state : { checked };
  },
  semantics: {
    root: ({ checked }, { root }) => ({
      role: 'switch',
      'data-wired': 'switch',
      'data-checked': `${checked}`,
      ...(root.localName !== 'input' && { 'aria-checked': `${checked}` }),
    }),
  },
};
