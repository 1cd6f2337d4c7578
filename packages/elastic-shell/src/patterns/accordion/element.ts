// The element <shell-accordion>, which wires the sections inside it.
import { accordion, accordionMethods } from '../../core/contract/accordion.js';
import { element } from '../../engine/element.js';
import type { ExpandedProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Accordion, type AccordionOptions, wireAccordion } from './wire.js';

/** The element `<shell-accordion>`. Its options and states are properties, and its methods are methods. */
export interface ShellAccordion
  extends
    ShellElement<Accordion>,
    OptionProperties<AccordionOptions, 'expanded'>,
    Pick<Accordion, (typeof accordionMethods)[number]>,
    ExpandedProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-accordion': ShellAccordion;
  }
}

element('shell-accordion', wireAccordion, {
  root: ':scope',
  options: accordion.options ?? {},
  methods: accordionMethods,
});
