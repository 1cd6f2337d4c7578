import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** Headings with collapsible sections. Several can be open. */
@Component({
  selector: 'haul-out-steps',
  imports: [shellDirectives],
  template: `
    <div shellAccordion #accordion="shellAccordion" [(expanded)]="open">
      @for (step of steps; track step.key) {
        <h3>
          <button [shellPart]="accordion.header(step.key)">{{ step.title }}</button>
        </h3>
        <div [shellPart]="accordion.panel(step.key)">
          <p>{{ step.text }}</p>
        </div>
      }
    </div>
  `,
})
export class HaulOutSteps {
  readonly open = signal<ReadonlySet<string> | undefined>(new Set(['before']));
  readonly steps = [
    {
      key: 'before',
      title: 'Before the haul',
      text: 'Clear the slip, check the cradle, and take the tide from the board.',
    },
    {
      key: 'during',
      title: 'On the slip',
      text: 'One on the winch, one on each line; nobody stands below the bow.',
    },
    {
      key: 'after',
      title: 'Once she is ashore',
      text: 'Chock her, wash her down, and write the hour in the log.',
    },
  ];
}
