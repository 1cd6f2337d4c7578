// <shell-disclosure>: wires the <details> inside it, or the element that its button names.
import { disclosure, disclosureMethods } from '../../core/contract/disclosure.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Disclosure, type DisclosureOptions, wireDisclosure } from './wire.js';

/** `<shell-disclosure>`: its options and states are properties, its methods methods. */
export interface ShellDisclosure
  extends
    ShellElement<Disclosure>,
    OptionProperties<DisclosureOptions, 'open'>,
    Pick<Disclosure, (typeof disclosureMethods)[number]>,
    OpenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-disclosure': ShellDisclosure;
  }
}

element('shell-disclosure', wireDisclosure, {
  root: ':scope > details, :scope > [id]:not(button)',
  options: disclosure.options ?? {},
  methods: disclosureMethods,
});
