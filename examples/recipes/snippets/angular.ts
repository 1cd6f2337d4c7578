// What docs/frameworks/angular.md shows.
import { NgComponentOutlet } from '@angular/common';
import { Component, input, signal } from '@angular/core';
import { injectTabs, shellDirectives } from 'elastic-shell-angular';
import type { DialogOptions } from 'elastic-shell';
import { HaulOut } from '../tooltip/angular';

@Component({
  selector: 'strike-order',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="strike.opener()">Strike…</button>
    <dialog shellDialog #strike="shellDialog" [(open)]="isOpen" [guard]="keeps" role="alertdialog">
      <h2>Strike this order?</h2>
      <button [shellPart]="strike.closer('cancel')">Keep it</button>
      <button [shellPart]="strike.closer('strike')">{{ strike.busy() ? 'Striking…' : 'Strike' }}</button>
    </dialog>
  `,
})
export class StrikeOrder {
  readonly remove = input.required<() => Promise<boolean>>();
  readonly isOpen = signal<boolean | undefined>(false);
  // It can return a promise or an observable, whose first value counts.
  readonly keeps: NonNullable<DialogOptions['guard']> = ({ result }) =>
    result !== 'strike' || this.remove()();
}

type Boat = { key: string; label: string };

@Component({
  selector: 'boat-tabs',
  imports: [shellDirectives],
  template: `
    <div [shellPart]="tabs.root">
      <div [shellPart]="tabs.list" aria-label="Boat">
        @for (boat of boats(); track boat.key) {
          <button [shellPart]="tabs.tab(boat.key)">{{ boat.label }}</button>
        }
      </div>
      @for (boat of boats(); track boat.key) {
        <section [shellPart]="tabs.panel(boat.key)">{{ boat.label }}</section>
      }
    </div>
  `,
})
export class BoatTabs {
  readonly boats = input<readonly Boat[]>([]);
  readonly tab = signal<string | undefined>('work');
  readonly tabs = injectTabs(() => ({ selected: this.tab, onChange: ({ name }) => console.log(name) }));
}

@Component({
  selector: 'boat-lists',
  imports: [shellDirectives, NgComponentOutlet],
  template: `
    <div shellListbox #list="shellListbox" [items]="boats()" aria-label="Boats"></div>
    <b *shellRows="let boat of list">{{ boat.label }}</b>

    <button [shellPart]="log.opener()">Harbour log</button>
    <div shellPopover #log="shellPopover" [content]="load"><div data-content></div></div>
    <ng-container *shellContent="let content of log"
      ><ng-container *ngComponentOutlet="content"
    /></ng-container>
  `,
})
export class BoatLists {
  readonly boats = input<readonly Boat[]>([]);
  readonly load = () => HaulOut;
}
