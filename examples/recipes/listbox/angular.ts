import { Component } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { shellDirectives } from 'elastic-shell-angular';

/** A listbox that is an Angular form control. */
@Component({
  selector: 'rig-list',
  imports: [shellDirectives, ReactiveFormsModule],
  template: `
    <form>
      <p id="rig-name">Rig</p>
      <div shellListbox name="rig" [items]="rigs" [formControl]="rig" aria-labelledby="rig-name"></div>
      <output>{{ value() }}</output>
    </form>
  `,
})
export class RigList {
  readonly rig = new FormControl<string | null>(null);
  readonly value = toSignal(this.rig.valueChanges);
  readonly rigs = [
    { key: 'cutter', label: 'Cutter' },
    { key: 'ketch', label: 'Ketch' },
    { key: 'sloop', label: 'Sloop' },
    { key: 'yawl', label: 'Yawl', disabled: true },
  ];
}
