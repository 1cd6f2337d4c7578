// Elements in Angular: attributes and properties are followed, events are handled, and the owner reverts a refused change.
import 'elastic-shell/elements/disclosure';
import 'elastic-shell/elements/tabs';
import { Component, CUSTOM_ELEMENTS_SCHEMA, signal } from '@angular/core';
import type { Change, Refusal } from 'elastic-shell';
import { boatParts } from 'quillhaven-gallery/data';
import { GallerySection } from './section';

@Component({
  selector: 'elements-part',
  imports: [GallerySection],
  schemas: [CUSTOM_ELEMENTS_SCHEMA],
  template: `
    <section id="elements" gallery="Elements in a component">
      <shell-tabs [attr.data-wire-selected]="tab()" (shell-change)="select($event)">
        <div role="tablist" aria-label="Parts of the boat">
          @for (part of boatParts; track part.key) {
            <button type="button" role="tab" [attr.data-key]="part.key">{{ part.title }}</button>
          }
        </div>
        @for (part of boatParts; track part.key) {
          <div role="tabpanel" [attr.data-key]="part.key" class="section">
            <p>{{ part.text }}</p>
          </div>
        }
      </shell-tabs>
      <p class="row">
        <button type="button" (click)="tab.set('engine')">Show the engine</button>
        <output>{{ tab() }}</output>
      </p>
      <shell-disclosure
        [open]="open()"
        [guard]="closes"
        (shell-change)="open.set($any($event).detail.value)"
        (shell-refuse)="refused($event)"
      >
        <button type="button" (click)="open.set(!open())">
          {{ open() ? 'Close the locker' : 'Open the locker' }}
        </button>
        <div id="locker" hidden>Nothing in it.</div>
      </shell-disclosure>
    </section>
  `,
})
export class ElementsPart {
  readonly boatParts = boatParts;
  readonly tab = signal<string | undefined>('rig');
  readonly open = signal(false);
  readonly closes = ({ value }: Change) => !value;

  select(event: Event): void {
    const { name, value } = (event as CustomEvent<Change>).detail;
    if (name === 'selected') this.tab.set(value as string | undefined);
  }
  refused(event: Event): void {
    this.open.set((event as CustomEvent<Refusal>).detail.previous as boolean);
  }
}
