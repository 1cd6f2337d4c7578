// <shell-disclosure>: wires the <details> inside it, or the element that its button names.
import { wireDisclosure } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-disclosure', wireDisclosure, {
  root: ':scope > details, :scope > [id]:not(button)',
  options: ['content', 'loadOn', 'elastic'],
  flags: ['keepContent'],
  states: ['open'],
});
