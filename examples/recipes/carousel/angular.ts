import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** Slides side by side. Slides out of view are inert. Swiping scrolls, and the buttons follow. */
@Component({
  selector: 'survey-plates',
  imports: [shellDirectives],
  template: `
    <section shellCarousel #carousel="shellCarousel" aria-label="Survey plates">
      <p>
        <button [shellPart]="carousel.previousButton">Previous plate</button>
        <button [shellPart]="carousel.nextButton">Next plate</button>
      </p>
      <div [shellPart]="carousel.slides">
        @for (plate of plates; track plate.key) {
          <div [shellPart]="carousel.slide(plate.key)">
            <p>{{ plate.text }}</p>
          </div>
        }
      </div>
    </section>
  `,
})
export class SurveyPlates {
  readonly plates = [
    { key: 'bow', text: 'The bow: sound, but for the stem band.' },
    { key: 'keel', text: 'The keel: two bolts weep.' },
    { key: 'stern', text: 'The stern: the rudder is new.' },
  ];
}
