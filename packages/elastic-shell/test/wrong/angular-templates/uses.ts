// Wrong uses in a template of Angular, and the first line of each error.
import { Component } from '@angular/core';
import { ShellDialog } from 'elastic-shell-angular';

@Component({
  selector: 'yard-wrong',
  imports: [ShellDialog],
  template: `
    <!-- says: Can't bind to 'outsid' since it isn't a known property of 'dialog'. -->
    <dialog shellDialog [outsid]="'keep'"></dialog>
    <!-- says: Type '"shut"' is not assignable to type 'Outside | undefined'. -->
    <dialog shellDialog [outside]="'shut'"></dialog>
    <!-- says: Property 'hide' does not exist on type 'ShellDialog'. -->
    <dialog shellDialog #dialog="shellDialog">{{ dialog.hide() }}</dialog>
  `,
})
export class WrongTemplate {}
