import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A long text that can be expanded. The label of the button follows the state. */
@Component({
  selector: 'show-more',
  imports: [shellDirectives],
  template: `
    <div shellDisclosure #more="shellDisclosure" elastic="block"><ng-content /></div>
    <button [shellPart]="more.opener()">{{ more.open() ? 'Show less' : 'Show more' }}</button>
  `,
})
export class ShowMore {}

@Component({
  selector: 'crane-note',
  imports: [ShowMore],
  template: `
    <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
    <show-more>
      <p>Its brake was renewed in spring. Nobody stands below the hook, and the sling is wetted first.</p>
    </show-more>
  `,
})
export class CraneNote {}
