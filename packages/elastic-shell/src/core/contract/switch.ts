// The switch: a setting that is on or off.
import type { Contract } from './contract.js';
import { switchOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const switchMethods = ['check', 'uncheck', 'toggle'] as const;

/** Its parts, as in its notes. */
export type SwitchPart = 'root';
/** Its intents. */
export type SwitchIntent = 'toggle' | 'on' | 'off';

/** The state of a switch. */
export interface SwitchState {
  /** Whether it is on. */
  checked: boolean;
}

/** The commands, step and semantics of a switch on a button. A checkbox shows its state itself. */
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
