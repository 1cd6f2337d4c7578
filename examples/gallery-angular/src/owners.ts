// Controlled state: a component that refuses a change, accepts it later, changes the state from outside, or
// unmounts while it is open.
import { Component, output, signal } from '@angular/core';
import { injectDialog, provideShellDefaults, shellDirectives } from 'elastic-shell-angular';
import type { Change, DialogOptions } from 'elastic-shell';
import { berths, later } from 'quillhaven-gallery/data';
import { NEVER } from 'rxjs';
import { GallerySection } from './section';

@Component({
  selector: 'waiting-guest',
  imports: [shellDirectives],
  template: `
    <dialog [shellPart]="dialog.root">
      <h4>Waits for ever</h4>
      <button [shellPart]="dialog.closer()">Ask to close</button>
      <button type="button" (click)="leave.emit()">Unmount</button>
    </dialog>
  `,
})
export class WaitingGuest {
  readonly leave = output();
  readonly dialog = injectDialog(() => ({ open: true, guard: ({ value }) => value || NEVER }));
}

@Component({
  selector: 'owners-part',
  imports: [shellDirectives, GallerySection, WaitingGuest],
  templateUrl: './owners.html',
  // The default for all dialogs in here that don't set it themselves.
  providers: [provideShellDefaults({ dialog: { size: 'narrow' } })],
})
export class OwnersPart {
  readonly berths = berths;

  readonly isHeld = signal(false);
  readonly takes = signal(false);
  readonly refused = signal(0);
  hold(next: boolean): void {
    if (next || this.takes()) this.isHeld.set(next);
  }

  readonly isLater = signal(false);
  readonly waiting = injectDialog(() => ({
    open: [this.isLater, (next) => later(200, next).then((then) => this.isLater.set(then))],
  }));

  readonly isTurned = signal<boolean | undefined>(false);
  readonly reasons = signal<string[]>([]);
  hear({ reason }: Change): void {
    this.reasons.update((all) => [...all, reason]);
  }

  // The slip has no boats, so choosing it is refused, and the list stays as it was.
  readonly berth = signal<string | undefined>('quay');
  readonly isListed = signal<boolean | undefined>(false);
  moor(key: string | undefined): void {
    if (key !== 'slip') this.berth.set(key);
  }

  readonly size = signal<NonNullable<DialogOptions['size']>>('narrow');
  readonly escape = signal<'close' | 'keep'>('close');
  readonly isThere = signal(false);
}
