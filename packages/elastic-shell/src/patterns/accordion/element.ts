// <shell-accordion>: wires the sections inside it.
import { accordion } from '../../core/contract/accordion.js';
import { element } from '../../engine/element.js';
import { wireAccordion } from './wire.js';

element('shell-accordion', wireAccordion, { root: ':scope', options: accordion.options ?? {} });
