import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** The tools of a chart. Arrow keys move between them, and Tab leaves the toolbar. */
@Component({
  selector: 'chart-tools',
  imports: [shellDirectives],
  template: `
    <div shellToolbar #tools="shellToolbar" aria-label="Chart">
      <button type="button" [shellPart]="tools.item('in')" (click)="scale.set(scale() / 2)">Zoom in</button>
      <button type="button" [shellPart]="tools.item('out')" (click)="scale.set(scale() * 2)">Zoom out</button>
      <button
        type="button"
        [shellPart]="tools.item('depths')"
        [attr.aria-pressed]="depths()"
        (click)="depths.set(!depths())"
      >
        Depths
      </button>
      <select [shellPart]="tools.item('unit')" aria-label="Unit">
        <option>Metres</option>
        <option>Feet</option>
      </select>
    </div>
    <output>1 : {{ scale() }}</output>
  `,
})
export class ChartTools {
  readonly scale = signal(4000);
  readonly depths = signal(false);
}
