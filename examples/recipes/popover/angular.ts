import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A popover beside its button. It can contain links and fields, and the page stays usable. */
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
