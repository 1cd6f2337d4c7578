import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

type Berth = { key: string; label: string; description: string; colour: string };

/** A combobox whose options have an icon and a description. */
@Component({
  selector: 'berth-picker',
  imports: [shellDirectives],
  template: `
    <div
      shellCombobox
      #combobox="shellCombobox"
      [items]="berths"
      match="starts-with"
      name="berth"
      [(selected)]="berth"
    >
      <label [shellPart]="combobox.label">Berth</label>
      <div [shellPart]="combobox.box"><input [shellPart]="combobox.field" /></div>
      <div [shellPart]="combobox.popup"><div [shellPart]="combobox.list"></div></div>
      <span *shellRows="let row of combobox">
        <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
          <rect width="16" height="16" rx="3" [attr.fill]="row.colour" />
        </svg>
        <span data-label>{{ row.label }}</span> <small data-description>{{ row.description }}</small>
      </span>
    </div>
  `,
})
export class BerthPicker {
  readonly berth = signal<string | undefined>(undefined);
  readonly berths: readonly Berth[] = [
    { key: 'quay', label: 'Old quay', description: 'dries at springs', colour: '#7a9e7e' },
    { key: 'mole', label: 'Mole', description: '2.1 metres at low water', colour: '#5b7f95' },
    { key: 'slip', label: 'Great slip', description: 'taken until Friday', colour: '#b08968' },
  ];
}
