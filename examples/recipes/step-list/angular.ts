import { Component, input, signal } from '@angular/core';
import { injectAccordion, shellDirectives } from 'elastic-shell-angular';

/** A text whose rest can be expanded. */
@Component({
  selector: 'read-more',
  imports: [shellDirectives],
  template: `
    <div shellDisclosure #more="shellDisclosure" elastic="block">
      <p>{{ text() }}</p>
    </div>
    <button [shellPart]="more.opener()">{{ more.open() ? 'Read less' : 'Read more' }}</button>
  `,
})
export class ReadMore {
  readonly text = input.required<string>();
}

type Step = { key: string; title: string; text: string; more?: string };

/** Steps in an accordion. A switch sets whether several can be open. A long text inside a step can be expanded. */
@Component({
  selector: 'step-list',
  imports: [shellDirectives, ReadMore],
  template: `
    <p>
      <button shellSwitch [(checked)]="isOne" aria-labelledby="one-step-name"></button>
      <span id="one-step-name">One at a time</span>
    </p>
    <div [shellPart]="accordion.root">
      @for (step of steps; track step.key) {
        <h3>
          <button [shellPart]="accordion.header(step.key)">{{ step.title }}</button>
        </h3>
        <div [shellPart]="accordion.panel(step.key)">
          <p>{{ step.text }}</p>
          @if (step.more) {
            <read-more [text]="step.more" />
          }
        </div>
      }
    </div>
  `,
})
export class StepList {
  readonly isOne = signal<boolean | undefined>(false);
  readonly accordion = injectAccordion(() => ({ expanded: ['clear'], exclusive: this.isOne() === true }));
  readonly steps: readonly Step[] = [
    {
      key: 'clear',
      title: 'Clear the slip',
      text: 'Take the trolley up, sweep the rails, and look for lines.',
      more: 'The lower rail has a joint that catches: walk it at low water.',
    },
    { key: 'float', title: 'Float her on', text: 'At the top of the tide, with two lines to each side.' },
    { key: 'haul', title: 'Haul', text: 'Slowly, until she sits; then stop and chock.' },
  ];
}
