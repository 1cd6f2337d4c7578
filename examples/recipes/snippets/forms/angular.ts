// What docs/guides/forms.md shows.
import { Component } from '@angular/core';
import { FormControl, ReactiveFormsModule, Validators } from '@angular/forms';
import { shellDirectives } from 'elastic-shell-angular';

@Component({
  selector: 'rig-form',
  imports: [ReactiveFormsModule, shellDirectives],
  template: `
    <div shellListbox #list="shellListbox" [formControl]="rig" aria-label="Rig">
      <div [shellPart]="list.option('gaff')">Gaff</div>
      <div [shellPart]="list.option('lug')">Lug</div>
    </div>
  `,
})
export class RigForm {
  readonly rig = new FormControl<string | null>('gaff', Validators.required);
}
