import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

@Component({
  selector: 'tide-times',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="tides.opener()">Tide times</button>
    <dialog shellDialog #tides="shellDialog">
      <h2>Tide times</h2>
      <p>High water is at 06:12 and again at 18:40.</p>
      <button [shellPart]="tides.closer()">Close</button>
    </dialog>
  `,
})
export class TideTimes {}
