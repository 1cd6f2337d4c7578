import { Component, ElementRef, inject, input } from '@angular/core';
import { injectSwitch } from 'elastic-shell-angular';

/** A component that is its own root: `<button yardLamp label="Mast lamp"></button>`. */
@Component({ selector: 'button[yardLamp]', template: '', host: { '[attr.aria-label]': 'label()' } })
export class YardLamp {
  readonly label = input.required<string>();
  readonly lamp = injectSwitch(() => ({}), inject<ElementRef<HTMLElement>>(ElementRef), 'mast-lamp');
}
