import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** The commands of a boatyard, in a row of menus. */
@Component({
  selector: 'yard-bar',
  imports: [shellDirectives],
  template: `
    <div shellMenubar #bar="shellMenubar" aria-label="Yard">
      <button [shellPart]="[bar.item('order'), order.opener()]">Order</button>
      <button [shellPart]="[bar.item('boat'), boat.opener()]">Boat</button>
      <button [shellPart]="bar.item('help')" (click)="picked.set('help')">Help</button>
    </div>
    <div shellMenu #order="shellMenu" (shellPick)="picked.set($event.key)" aria-label="Order">
      <button [shellPart]="order.item('new')">New</button>
      <button [shellPart]="order.item('strike')">Strike</button>
    </div>
    <div shellMenu #boat="shellMenu" (shellPick)="picked.set($event.key)" aria-label="Boat">
      <button [shellPart]="boat.item('lift')">Lift</button>
      <button [shellPart]="boat.item('launch')">Launch</button>
    </div>
    <output>{{ picked() }}</output>
  `,
})
export class YardBar {
  readonly picked = signal('');
}
