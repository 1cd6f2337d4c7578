// <shell-disclosure>: wires the <details> inside it, or the element that its button names.
import { wireDisclosure } from '../patterns/disclosure.js';
import { element } from './element.js';

element('shell-disclosure', wireDisclosure, {
  root: ':scope > details, :scope > [id]:not(button)',
  options: ['content', 'loadOn', 'elastic'],
  flags: ['keepContent'],
  states: ['open'],
});
