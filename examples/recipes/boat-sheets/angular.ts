import { Component, signal } from '@angular/core';
import { injectTabs, shellDirectives } from 'elastic-shell-angular';

type Sheet = { key: string; title: string; text?: string; isClosable?: boolean };

/** Closable tabs. The address contains the selected tab, and the last panel loads when it is selected. */
@Component({
  selector: 'boat-sheets',
  imports: [shellDirectives],
  template: `
    <div [shellPart]="tabs.root">
      <div [shellPart]="tabs.list" aria-label="Sheets of Curlew">
        @for (sheet of sheets(); track sheet.key) {
          <button [shellPart]="tabs.tab(sheet.key)" [attr.data-closable]="sheet.isClosable ? '' : null">
            {{ sheet.title }}
            @if (sheet.isClosable) {
              <span [shellPart]="tabs.closer">×</span>
            }
          </button>
        }
      </div>
      @for (sheet of sheets(); track sheet.key) {
        <div [shellPart]="tabs.panel(sheet.key)">
          @if (sheet.text) {
            <p>{{ sheet.text }}</p>
          }
        </div>
      }
      <p *shellContent="let papers of tabs">{{ papers }}</p>
    </div>
  `,
})
export class BoatSheets {
  readonly sheets = signal<readonly Sheet[]>([
    { key: 'overview', title: 'Overview', text: 'A cutter of 9.4 metres, in berth four.' },
    { key: 'work', title: 'Work', text: 'Two orders are open.', isClosable: true },
    { key: 'papers', title: 'Papers' },
  ]);
  readonly tabs = injectTabs(() => ({
    address: true,
    onChange: ({ name, value }) => {
      if (name === 'closed') this.sheets.update((now) => now.filter(({ key }) => !value.has(key)));
    },
    async content(signal, key) {
      if (key !== 'papers') return undefined;
      const response = await fetch('/yard/papers', { signal });
      if (!response.ok) throw new Error('The papers could not be fetched.');
      return response.text();
    },
  }));
}
