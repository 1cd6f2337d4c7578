import { NgTemplateOutlet } from '@angular/common';
import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

type Place = { key: string; label: string; places?: readonly Place[] };

/** Nested lists as a tree view. Arrow keys move, expand and collapse. */
@Component({
  selector: 'yard-places',
  imports: [shellDirectives, NgTemplateOutlet],
  template: `
    <ng-template #rows let-places>
      @for (place of places; track place.key) {
        <li [shellPart]="place.places ? tree.branch(place.key) : tree.leaf(place.key)">
          {{ place.label }}
          @if (place.places) {
            <ul [shellPart]="tree.group">
              <ng-container *ngTemplateOutlet="rows; context: { $implicit: place.places }" />
            </ul>
          }
        </li>
      }
    </ng-template>
    <ul shellTree #tree="shellTree" aria-label="Yard">
      <ng-container *ngTemplateOutlet="rows; context: { $implicit: yard }" />
    </ul>
  `,
})
export class YardPlaces {
  readonly yard: readonly Place[] = [
    {
      key: 'sheds',
      label: 'Sheds',
      places: [
        { key: 'loft', label: 'Sail loft' },
        { key: 'smithy', label: 'Smithy' },
      ],
    },
    {
      key: 'slips',
      label: 'Slips',
      places: [
        { key: 'great', label: 'Great slip' },
        { key: 'little', label: 'Little slip' },
      ],
    },
    { key: 'quay', label: 'Quay' },
  ];
}
