import { Component, signal } from '@angular/core';
import { injectDialog, injectMenu, shellDirectives } from 'elastic-shell-angular';
import type { MenuPick } from 'elastic-shell';

/** One menu and one dialog for all rows of a list. A button in each row opens the menu, and so does a right click on the row. */
@Component({
  selector: 'order-rows',
  imports: [shellDirectives],
  template: `
    <ul>
      @for (order of orders; track order.id) {
        <li [attr.data-order]="order.id">
          {{ order.id }}, {{ order.title }}
          <button [shellPart]="menu.opener()" [attr.aria-label]="'More for ' + order.id">⋯</button>
        </li>
      }
    </ul>
    <div [shellPart]="menu.root" aria-label="Order">
      <button [shellPart]="menu.item('edit')">Edit</button>
      <button [shellPart]="[menu.item('move'), move.branch()]">Move to</button>
      <div [shellPart]="move.root" aria-label="Move to">
        <button [shellPart]="move.item('today')">Today</button>
        <button [shellPart]="move.item('later')">Later</button>
      </div>
      <button [shellPart]="menu.item('strike')">Strike…</button>
    </div>
    <dialog [shellPart]="dialog.root" role="alertdialog">
      <h2>Strike {{ striking() }}?</h2>
      <p>It is taken off the board, with its hours and its notes.</p>
      <button [shellPart]="dialog.closer('cancel')">Keep it</button>
      <button [shellPart]="dialog.closer('strike')">Strike</button>
    </dialog>
    <output>{{ picked() }}</output>
  `,
})
export class OrderRows {
  readonly orders = [
    { id: 'W1041', title: 'new rudder' },
    { id: 'W1042', title: 'windows' },
  ];
  readonly picked = signal('');
  readonly striking = signal('');
  readonly dialog = injectDialog(() => ({
    onClosed: (result) => result === 'strike' && this.picked.set(`strike ${this.striking()}`),
  }));
  readonly menu = injectMenu(() => ({ context: '[data-order]', onPick: (pick) => this.act(pick) }));
  readonly move = injectMenu(() => ({ onPick: (pick) => this.act(pick) }));

  act({ key, about }: MenuPick): void {
    // The element that the menu is about: its button, or the row that was right-clicked.
    const order = about?.closest('[data-order]')?.getAttribute('data-order') ?? '';
    if (key !== 'strike') return this.picked.set(`${key} ${order}`);
    this.striking.set(order);
    this.dialog.show();
  }
}
