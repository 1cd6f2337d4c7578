import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A button that shows and hides text. Find-in-page finds the hidden text and shows it. */
@Component({
  selector: 'ladder-place',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="place.opener()">Where the ladder is</button>
    <div shellDisclosure #place="shellDisclosure" elastic="block">
      <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
    </div>
  `,
})
export class LadderPlace {}
