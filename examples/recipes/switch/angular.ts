import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A switch that takes effect at once. */
@Component({
  selector: 'yard-lights',
  imports: [shellDirectives],
  template: `
    <p>
      <button shellSwitch [(checked)]="isOn" aria-labelledby="yard-lights-name"></button>
      <span id="yard-lights-name">Yard lights</span>
      <output>{{ isOn() ? 'on' : 'off' }}</output>
    </p>
  `,
})
export class YardLights {
  readonly isOn = signal<boolean | undefined>(false);
}
