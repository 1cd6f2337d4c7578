// Toolbars and menubars: by directives.
import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';
import { GallerySection } from './section';

@Component({
  selector: 'bars-part',
  imports: [shellDirectives, GallerySection],
  template: `
    <section id="toolbar" gallery="Toolbar">
      <div shellToolbar #tools="shellToolbar" aria-label="Chart" class="row">
        <button type="button" [shellPart]="tools.item('in')">Zoom in</button>
        <button type="button" [shellPart]="tools.item('out')" aria-disabled="true">Zoom out</button>
        <input [shellPart]="tools.item('depth')" aria-label="Depth" size="4" />
        <button
          type="button"
          role="checkbox"
          [shellPart]="tools.item('grid')"
          [attr.aria-checked]="grid()"
          (click)="grid.set(!grid())"
        >
          Grid
        </button>
      </div>
    </section>
    <section id="menubar" gallery="Menubar">
      <div shellMenubar #bar="shellMenubar" aria-label="Yard" class="row">
        <button [shellPart]="[bar.item('order'), order.opener()]">Order</button>
        <button [shellPart]="[bar.item('berth'), berth.opener()]">Berth</button>
        <button [shellPart]="bar.item('help')">Help</button>
      </div>
      <div shellMenu #order="shellMenu" aria-label="Order">
        <button [shellPart]="order.item('new')">New</button>
        <button [shellPart]="order.item('strike')">Strike</button>
      </div>
      <div shellMenu #berth="shellMenu" aria-label="Berth">
        <button [shellPart]="berth.item('free')">Free</button>
        <button [shellPart]="berth.item('move')">Move</button>
      </div>
    </section>
  `,
})
export class BarsPart {
  readonly grid = signal(false);
}
