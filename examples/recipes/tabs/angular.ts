import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** The record of a boat in tabs. Arrow keys move between the tabs, and each tab names its panel. */
@Component({
  selector: 'boat-record',
  imports: [shellDirectives],
  template: `
    <div shellTabs #tabs="shellTabs" [(selected)]="sheet">
      <div [shellPart]="tabs.list" aria-label="Boat record">
        @for (each of sheets; track each.key) {
          <button [shellPart]="tabs.tab(each.key)">{{ each.title }}</button>
        }
      </div>
      @for (each of sheets; track each.key) {
        <div [shellPart]="tabs.panel(each.key)">
          <p>{{ each.text }}</p>
        </div>
      }
    </div>
  `,
})
export class BoatRecord {
  readonly sheet = signal<string | undefined>('overview');
  readonly sheets = [
    { key: 'overview', title: 'Overview', text: 'Curlew, a cutter of 9.4 metres, lies in berth four.' },
    { key: 'work', title: 'Work', text: 'Two orders are open: a rudder, and the windows.' },
    { key: 'papers', title: 'Papers', text: 'The survey of last spring, and the bill of sale.' },
  ];
}
