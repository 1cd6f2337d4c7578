// <shell-disclosure>: wires the <details> inside it, or the element that its button names.
import { disclosure } from '../../core/contract/disclosure.js';
import { element } from '../../engine/element.js';
import { wireDisclosure } from './wire.js';

element('shell-disclosure', wireDisclosure, {
  root: ':scope > details, :scope > [id]:not(button)',
  options: disclosure.options ?? {},
});
