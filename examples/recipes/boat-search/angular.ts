import { Component, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';
import type { Item } from 'elastic-shell';

/** A combobox that loads options from a server while the user types. Only the latest result is used, and a failure offers a retry. */
@Component({
  selector: 'boat-search',
  imports: [shellDirectives],
  template: `
    <div shellCombobox #combobox="shellCombobox" [items]="search" name="boat" [(selected)]="boat">
      <label [shellPart]="combobox.label">Boat</label>
      <div [shellPart]="combobox.box"><input [shellPart]="combobox.field" /></div>
      <div [shellPart]="combobox.popup"><div [shellPart]="combobox.list"></div></div>
    </div>
    <output>{{ boat() }}</output>
  `,
})
export class BoatSearch {
  readonly boat = signal<string | undefined>(undefined);

  readonly search = async (query: string, signal: AbortSignal): Promise<readonly Item[]> => {
    const response = await fetch(`/yard/boats?q=${encodeURIComponent(query)}`, { signal });
    if (!response.ok) throw new Error('The office did not answer.');
    return response.json();
  };
}
