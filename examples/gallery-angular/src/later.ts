import { Component, input } from '@angular/core';

@Component({ selector: 'later-part', template: '<p>Came later, for {{ of() }}.</p>' })
export class LaterPart {
  readonly of = input<string>();
}
