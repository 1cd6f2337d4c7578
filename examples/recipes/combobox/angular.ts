import { Component } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { shellDirectives } from 'elastic-shell-angular';

/** A combobox that is an Angular form control. */
@Component({
  selector: 'berth-field',
  imports: [shellDirectives, ReactiveFormsModule],
  template: `
    <form>
      <div shellCombobox #combobox="shellCombobox" name="berth" [items]="berths" [formControl]="berth">
        <label [shellPart]="combobox.label">Berth</label>
        <div [shellPart]="combobox.box">
          <input [shellPart]="combobox.field" />
          <button [shellPart]="combobox.toggler" aria-label="Show berths">
            <span data-marker aria-hidden="true"></span>
          </button>
        </div>
        <div [shellPart]="combobox.popup"><div [shellPart]="combobox.list"></div></div>
      </div>
      <output>{{ value() }}</output>
    </form>
  `,
})
export class BerthField {
  readonly berth = new FormControl<string | null>(null);
  readonly value = toSignal(this.berth.valueChanges);
  readonly berths = [
    { key: 'quay', label: 'Quay' },
    { key: 'slip', label: 'Slip' },
    { key: 'mole', label: 'Mole' },
    { key: 'mooring', label: 'Mooring' },
  ];
}
