// The element <shell-switch>, which wires the button or checkbox inside it.
import { switching, switchMethods } from '../../core/contract/switch.js';
import { element } from '../../engine/element.js';
import { associated } from '../../form/associated.js';
import type { FormElement, OnProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Switch, type SwitchOptions, wireSwitch } from './wire.js';

/** `<shell-switch>`: its options and states are properties, its methods methods. */
export interface ShellSwitch
  extends
    FormElement,
    ShellElement<Switch>,
    OptionProperties<SwitchOptions, 'checked'>,
    Pick<Switch, (typeof switchMethods)[number]>,
    OnProperty {
  /**
   * The name under which its form sends it.
   *
   * @defaultValue ''
   */
  name: string | null | undefined;
}

declare global {
  interface HTMLElementTagNameMap {
    'shell-switch': ShellSwitch;
  }
}

element('shell-switch', wireSwitch, {
  root: 'button,input[type=checkbox]',
  options: switching.options ?? {},
  methods: switchMethods,
  form: associated({ control: 'button,input[type=checkbox]', state: 'checked' }),
});
