// <shell-switch>: wires the button or the checkbox inside it.
import { wireSwitch } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-switch', wireSwitch, {
  root: 'button,input[type=checkbox]',
  options: [],
  states: ['checked'],
});
