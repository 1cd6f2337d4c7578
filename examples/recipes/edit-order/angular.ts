import { Component, type ElementRef, signal, viewChild } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { injectDialog, shellDirectives } from 'elastic-shell-angular';

/** A form in a dialog, which asks before it discards changes. */
@Component({
  selector: 'edit-order',
  imports: [shellDirectives, FormsModule],
  template: `
    <div>
      <button type="button" (click)="open.set(true)">Edit order</button>
      <output>{{ saved().title }}</output>
      <dialog [shellPart]="modal.root">
        <header>
          <h2>Edit order W1041</h2>
          <button [shellPart]="modal.closer()" aria-label="Close">×</button>
        </header>
        <div>
          <form #form>
            <label>Title <input name="title" [(ngModel)]="title" required /></label>
            <label>Notes <textarea name="notes" [(ngModel)]="notes"></textarea></label>
          </form>
        </div>
        <footer>
          <button [shellPart]="modal.closer('cancel')">Cancel</button>
          <button [shellPart]="modal.closer('save')">{{ modal.busy() ? 'Saving…' : 'Save' }}</button>
        </footer>
      </dialog>
      <dialog [shellPart]="discard.root" role="alertdialog">
        <header><h2>Throw the changes away?</h2></header>
        <div><p>What you typed is not saved yet.</p></div>
        <footer>
          <button [shellPart]="discard.closer('back')">Go on editing</button>
          <button [shellPart]="discard.closer('discard')">Throw away</button>
        </footer>
      </dialog>
    </div>
  `,
})
export class EditOrder {
  readonly saved = signal({ title: 'New rudder', notes: '' });
  readonly title = signal('New rudder');
  readonly notes = signal('');
  readonly open = signal(false);
  readonly form = viewChild.required<ElementRef<HTMLFormElement>>('form');

  readonly discard = injectDialog(() => ({ size: 'narrow' }));
  readonly modal = injectDialog(() => ({
    size: 'wide',
    open: this.open,
    guard: ({ value: opens, result }) => opens === true || this.mayClose(result ?? null),
  }));

  async mayClose(result: string | null): Promise<boolean> {
    const draft = { title: this.title(), notes: this.notes() };
    if (result === 'save') {
      if (!this.form().nativeElement.reportValidity()) return false;
      const response = await fetch('/yard/orders/W1041', { method: 'PUT', body: JSON.stringify(draft) });
      if (!response.ok) throw new Error('The office did not take it. Nothing is lost: try again.');
      this.saved.set(draft);
      return true;
    }
    const { title, notes } = this.saved();
    const isChanged = draft.title !== title || draft.notes !== notes;
    if (isChanged && (await this.discard.ask()) !== 'discard') return false;
    this.title.set(title);
    this.notes.set(notes);
    return true;
  }
}
