// Wrong uses in Angular, and the first line of each error.
import { signal } from '@angular/core';
import { injectDialog, injectTabs } from 'elastic-shell-angular';

export class Wrong {
  readonly count = signal(0);
  // says: Argument of type '() => { selected: WritableSignal<number>; }' is not assignable to parameter of type '() => InjectTabsOptions'.
  readonly tabs = injectTabs(() => ({ selected: this.count }));
  // says: Argument of type '() => { outside: "shut"; }' is not assignable to parameter of type '() => InjectDialogOptions'.
  readonly dialog = injectDialog(() => ({ outside: 'shut' }));
  constructor() {
    // says: Property 'hide' does not exist on type 'DialogHandle'.
    this.dialog.hide();
    // says: Argument of type 'number' is not assignable to parameter of type 'string'.
    this.tabs.panel(1);
  }
}
