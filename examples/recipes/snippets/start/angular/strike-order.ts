import { Component, input } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';
import type { DialogOptions } from 'elastic-shell';

@Component({
  selector: 'strike-order',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="strike.opener()">Strike order…</button>
    <dialog shellDialog #strike="shellDialog" [guard]="guard" role="alertdialog">
      <h2>Strike order {{ id() }}?</h2>
      <button [shellPart]="strike.closer('cancel')">Keep it</button>
      <button [shellPart]="strike.closer('strike')">{{ strike.busy() ? 'Striking…' : 'Strike' }}</button>
    </dialog>
  `,
})
export class StrikeOrder {
  readonly id = input.required<string>();

  // Called before the dialog opens or closes. `result` is the value of the button that closes it.
  readonly guard: NonNullable<DialogOptions['guard']> = async ({ result }) => {
    if (result !== 'strike') return true;
    const response = await fetch(`/yard/orders/${this.id()}`, { method: 'DELETE' });
    if (!response.ok) throw new Error('The office did not respond. The order is unchanged.');
    return true;
  };
}
