import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A note beside its button. It may hold anything that takes focus; the page stays live. */
@Component({
  selector: 'berth-note',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="note.opener()">Berth four</button>
    <div shellPopover #note="shellPopover">
      <h2>Berth four</h2>
      <p>Lies along the old quay wall and dries to mud at springs.</p>
      <p><a href="#chart">The chart</a> shows it.</p>
    </div>
  `,
})
export class BerthNote {}
