// <shell-switch>: wires the button or the checkbox inside it.
import { wireSwitch } from '../patterns/switch.js';
import { element } from './element.js';

element('shell-switch', wireSwitch, {
  root: 'button,input[type=checkbox]',
  options: [],
  states: ['checked'],
});
