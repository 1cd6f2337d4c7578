// <shell-switch>: wires the button or the checkbox inside it.
import { switching } from '../../core/contract/switch.js';
import { element } from '../../engine/element.js';
import { wireSwitch } from './wire.js';

element('shell-switch', wireSwitch, {
  root: 'button,input[type=checkbox]',
  options: switching.options ?? {},
});
