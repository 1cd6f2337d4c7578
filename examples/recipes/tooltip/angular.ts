import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A tooltip that describes a button. */
@Component({
  selector: 'haul-out',
  imports: [shellDirectives],
  template: `
    <button type="button" [shellPart]="hint.described()">Haul out</button>
    <div shellTooltip #hint="shellTooltip">Lifts the boat onto the slip</div>
  `,
})
export class HaulOut {}
