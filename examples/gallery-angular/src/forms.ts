// Switch, listbox and combobox as controls of Angular's forms: reactive, and driven by the template.
import { Component } from '@angular/core';
import { FormControl, FormGroup, FormsModule, ReactiveFormsModule, Validators } from '@angular/forms';
import { shellDirectives } from 'elastic-shell-angular';
import { berths, gear } from 'quillhaven-gallery/data';
import { GallerySection } from './section';

@Component({
  selector: 'forms-part',
  imports: [shellDirectives, GallerySection, FormsModule, ReactiveFormsModule],
  templateUrl: './forms.html',
})
export class FormsPart {
  readonly berths = berths;
  readonly gear = gear;
  readonly mooring = new FormGroup({
    lights: new FormControl(true, { nonNullable: true }),
    berth: new FormControl<string | null>('quay', Validators.required),
    gear: new FormControl<string[]>(['anchor'], { nonNullable: true }),
  });
  readonly order = { urgent: false };

  about(name: 'lights' | 'berth' | 'gear'): string {
    const { value, dirty, touched, valid } = this.mooring.controls[name];
    return [
      JSON.stringify(value),
      dirty ? 'dirty' : 'pristine',
      touched ? 'touched' : 'untouched',
      valid ? 'valid' : 'invalid',
    ].join(' ');
  }
}
