import { Component, input, model, signal, ViewEncapsulation } from '@angular/core';
import { injectPopover, shellDirectives } from 'elastic-shell-angular';
import type { Item } from 'elastic-shell';

/** A field with a picker in a popover. The picker loads when the popover opens. */
@Component({
  selector: 'pennant-field',
  imports: [shellDirectives],
  encapsulation: ViewEncapsulation.None,
  styles: `
    /* Three to a row, as the arrow keys find them. */
    .pennants {
      inline-size: 18rem;
    }
    .pennants [role='option'] {
      flex: 1 0 5rem;
      padding: 0.4rem 0.6rem;
    }
  `,
  template: `
    <button [shellPart]="popover.opener()">{{ label() }}: {{ picked() ?? 'none' }}</button>
    <div [shellPart]="popover.root" [attr.aria-label]="label()"><div data-content></div></div>
    <div
      *shellContent="let pennants of popover"
      shellListbox
      [items]="pennants"
      layout="grid"
      [selected]="picked()"
      (selectedChange)="pick($event)"
      aria-label="Pennants"
      class="pennants"
    ></div>
  `,
})
export class PennantField {
  readonly label = input.required<string>();
  readonly picked = model<string | undefined>(undefined);

  readonly popover = injectPopover(() => ({
    loadOn: 'hover',
    // If loading fails, the popover shows the error and a retry button. Closing it cancels loading.
    async content(signal): Promise<readonly Item[]> {
      const response = await fetch('/yard/pennants', { signal });
      if (!response.ok) throw new Error('The pennants could not be loaded.');
      return response.json();
    },
  }));

  pick(key: string | undefined): void {
    this.picked.set(key);
    this.popover.close();
  }
}

/** Two fields that share one state. */
@Component({
  selector: 'pennant-fields',
  imports: [PennantField],
  template: `
    <div>
      <pennant-field label="Pennant at the mast" [(picked)]="pennant" />
      <pennant-field label="Pennant on the board" [(picked)]="pennant" />
    </div>
  `,
})
export class PennantFields {
  readonly pennant = signal<string | undefined>(undefined);
}
