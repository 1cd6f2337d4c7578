import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A menu of actions behind a button. The page shows the chosen action. */
@Component({
  selector: 'boat-actions',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="menu.opener()">Boat</button>
    <div shellMenu #menu="shellMenu" (shellPick)="picked.set($event.key)" aria-label="Boat">
      <button [shellPart]="menu.item('lift')">Lift</button>
      <button [shellPart]="menu.item('launch')">Launch</button>
      <button [shellPart]="menu.item('scrap')" aria-disabled="true">Break up</button>
      <hr [shellPart]="menu.separator" />
      <button [shellPart]="menu.checkbox('lights')">Lights</button>
    </div>
    <output>{{ picked() }}</output>
  `,
})
export class BoatActions {
  readonly picked = signal('');
}
