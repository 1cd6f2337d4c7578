import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A dialog and the button that opens it. */
@Component({
  selector: 'tide-times',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="tides.opener()">Tide times</button>
    <dialog shellDialog #tides="shellDialog">
      <header>
        <h2>Tide times</h2>
        <button [shellPart]="tides.closer()" aria-label="Close">×</button>
      </header>
      <div><p>High water is at 06:12 and again at 18:40.</p></div>
      <footer><button [shellPart]="tides.closer('read')">Understood</button></footer>
    </dialog>
  `,
})
export class TideTimes {}
