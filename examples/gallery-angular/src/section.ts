import { Component, input } from '@angular/core';

/** One section of the gallery: `<section id="dialog" gallery="Dialog">`. */
@Component({
  selector: 'section[gallery]',
  template: '<h2 [id]="id() + \'-heading\'">{{ gallery() }}</h2><ng-content />',
  host: { '[id]': 'id()', '[attr.aria-labelledby]': 'id() + "-heading"' },
})
export class GallerySection {
  readonly id = input.required<string>();
  readonly gallery = input.required<string>();
}
