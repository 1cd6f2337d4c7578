import { Component, input, signal } from '@angular/core';
import { injectDialog, shellDirectives } from 'elastic-shell-angular';

/** A confirmation that stays open while the server responds, and if it fails. */
@Component({
  selector: 'yard-confirm',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="dialog.opener()">{{ opener() }}</button>
    <dialog [shellPart]="dialog.root" role="alertdialog">
      <header>
        <h2>{{ question() }}</h2>
      </header>
      <div><ng-content /></div>
      <footer>
        <button [shellPart]="dialog.closer('keep')">{{ keep() }}</button>
        <button [shellPart]="dialog.closer('confirm')">
          {{ dialog.busy() ? confirming() : confirm() }}
        </button>
      </footer>
    </dialog>
  `,
})
export class Confirm {
  /** The question, and the labels of the two answers. */
  readonly question = input.required<string>();
  readonly keep = input.required<string>();
  readonly confirm = input.required<string>();
  readonly confirming = input.required<string>();
  readonly opener = input.required<string>();
  /** Deletes the order. If it throws, the dialog stays open, and shows and announces the message. */
  readonly act = input.required<() => Promise<void>>();

  readonly dialog = injectDialog(() => ({
    size: 'narrow',
    guard: async ({ result }) => {
      if (result === 'confirm') await this.act()();
      return true;
    },
  }));
}

@Component({
  selector: 'strike-order',
  imports: [Confirm],
  template: `
    <div>
      <yard-confirm
        opener="Strike order…"
        question="Strike order W1041?"
        keep="Keep it"
        confirm="Strike it"
        confirming="Striking…"
        [act]="strike"
      >
        <p>“New rudder for Curlew” is taken off the list for good.</p>
      </yard-confirm>
      <output>{{ isStruck() ? 'Struck.' : '' }}</output>
    </div>
  `,
})
export class StrikeOrder {
  readonly isStruck = signal(false);

  readonly strike = async (): Promise<void> => {
    const response = await fetch('/yard/orders/W1041', { method: 'DELETE' });
    if (!response.ok) throw new Error('The office did not answer. The order still stands.');
    this.isStruck.set(true);
  };
}
