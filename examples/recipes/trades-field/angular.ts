import { Component } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { shellDirectives } from 'elastic-shell-angular';

/** A multiple selection with groups. Selected options are tokens before the field, which can be removed. */
@Component({
  selector: 'trades-field',
  imports: [shellDirectives, ReactiveFormsModule],
  template: `
    <div
      shellCombobox
      #combobox="shellCombobox"
      [multiple]="true"
      [limit]="3"
      name="trades"
      [items]="trades"
      [formControl]="chosen"
    >
      <label [shellPart]="combobox.label">Trades</label>
      <div [shellPart]="combobox.box"><input [shellPart]="combobox.field" /></div>
      <div [shellPart]="combobox.popup"><div [shellPart]="combobox.list"></div></div>
    </div>
    <output>{{ (value() ?? []).join(', ') }}</output>
  `,
})
export class TradesField {
  readonly chosen = new FormControl<string[] | null>(null);
  readonly value = toSignal(this.chosen.valueChanges);
  readonly trades = [
    { key: 'shipwright', label: 'Shipwright', group: 'Wood' },
    { key: 'joiner', label: 'Joiner', group: 'Wood' },
    { key: 'rigger', label: 'Rigger', group: 'Rope and canvas' },
    { key: 'sailmaker', label: 'Sailmaker', group: 'Rope and canvas' },
  ];
}
