import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A button with a few words about it: a description, never its only name. */
@Component({
  selector: 'haul-out',
  imports: [shellDirectives],
  template: `
    <button type="button" [shellPart]="hint.described()">Haul out</button>
    <div shellTooltip #hint="shellTooltip">Lifts the boat onto the slip</div>
  `,
})
export class HaulOut {}
