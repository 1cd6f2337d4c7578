import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

@Component({
  selector: 'controlled-tides',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="tides.opener()">Tide times</button>
    <p>The dialog is {{ open() ? 'open' : 'closed' }}.</p>
    <dialog shellDialog #tides="shellDialog" [(open)]="open">
      <h2>Tide times</h2>
      <button type="button" (click)="open.set(false)">Close</button>
    </dialog>
  `,
})
export class ControlledTides {
  readonly open = signal<boolean | undefined>(false);
}
