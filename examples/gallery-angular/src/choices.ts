// Listboxes, comboboxes and switches: by directives, bound in both ways.
import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';
import type { SwitchOptions } from 'elastic-shell';
import { berths, gear, later, rigs, rivets, trades } from 'quillhaven-gallery/data';
import { from } from 'rxjs';
import { YardLamp } from './lamp';
import { GallerySection } from './section';

@Component({
  selector: 'choices-part',
  imports: [shellDirectives, GallerySection, YardLamp],
  templateUrl: './choices.html',
})
export class ChoicesPart {
  readonly rigs = rigs;
  readonly gear = gear;
  readonly berths = berths;
  readonly trades = trades;
  readonly rivets = rivets;

  readonly chosenGear = signal<ReadonlySet<string> | undefined>(new Set(['anchor']));
  readonly kind = signal<string | undefined>('cutter');
  readonly chosenTrades = signal<ReadonlySet<string> | undefined>(new Set(['rigger']));
  readonly isOn = signal<boolean | undefined>(true);
  readonly asking: NonNullable<SwitchOptions['guard']> = () => from(later(400, true));

  joined(keys: ReadonlySet<string> | undefined): string {
    return [...(keys ?? [])].join();
  }
}
