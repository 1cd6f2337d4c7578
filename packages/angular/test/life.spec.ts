// The life of patterns in Angular: gone while open or waiting, reordered, fed by signals, owned, bound to forms. It is run by the test
// runner of Angular's own builder, in a project that has the packed library (packages/elastic-shell/test/long/consumers.test.ts).
import { ChangeDetectionStrategy, Component, signal, type Type } from '@angular/core';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { FormsModule } from '@angular/forms';
import type { Change, DialogOptions, SwitchOptions } from 'elastic-shell';
import { injectTabs, shellDirectives } from 'elastic-shell-angular';
import { NEVER, of, throwError } from 'rxjs';

/** What is under way in the engine and in Angular is over. */
const settled = async (fixture: ComponentFixture<unknown>): Promise<void> => {
  await fixture.whenStable();
  // What the one has begun the other may go on with.
  for (let turn = 0; turn < 10; turn++) await new Promise((resolve) => setTimeout(resolve));
  await fixture.whenStable();
};
const show = async <T>(component: Type<T>): Promise<ComponentFixture<T>> => {
  const fixture = TestBed.createComponent(component);
  document.body.replaceChildren(fixture.nativeElement);
  await settled(fixture);
  return fixture;
};
const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

@Component({
  selector: 'gone-dialog',
  imports: [shellDirectives],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (isThere()) {
    <dialog
      shellDialog
      #d="shellDialog"
      [(open)]="open"
      [guard]="guard"
      (shellChange)="heard.push($event.name)"
    >
      <h2>Tides</h2>
      <button [shellPart]="d.closer()">Close</button>
    </dialog>
  }`,
})
class GoneDialog {
  readonly isThere = signal(true);
  readonly open = signal<boolean | undefined>(true);
  readonly heard: string[] = [];
  readonly guard: NonNullable<DialogOptions['guard']> = ({ value }) => value || NEVER;
}

it('a directive that goes while it is open and waits tells nobody, and is as its owner says when it is back', async () => {
  const fixture = await show(GoneDialog);
  const { isThere, open, heard } = fixture.componentInstance;
  expect(find('dialog').hasAttribute('open')).toBe(true);
  find('dialog button').click();
  await settled(fixture);
  expect(find('dialog').getAttribute('aria-busy')).toBe('true');
  isThere.set(false);
  await settled(fixture);
  expect([document.querySelector('dialog'), open(), heard]).toEqual([null, true, []]);
  isThere.set(true);
  await settled(fixture);
  expect(find('dialog').hasAttribute('open')).toBe(true);
});

@Component({
  selector: 'moved-tabs',
  imports: [shellDirectives],
  template: `<div [shellPart]="tabs.root">
    <div [shellPart]="tabs.list" aria-label="Boat">
      @for (key of keys(); track key) {
        <button [shellPart]="tabs.tab(key)">{{ key }}</button>
      }
    </div>
    @for (key of keys(); track key) {
      <p [shellPart]="tabs.panel(key)">{{ key }}</p>
    }
  </div>`,
})
class MovedTabs {
  readonly keys = signal(['a', 'b', 'c']);
  readonly selected = signal<string | undefined>('b');
  readonly tabs = injectTabs(() => ({ selected: this.selected }));
}

it('tabs that are reordered, added and taken away keep one tab stop, and the neighbour is selected', async () => {
  const fixture = await show(MovedTabs);
  const { keys, selected } = fixture.componentInstance;
  const said = (): string =>
    [...document.querySelectorAll<HTMLElement>('[role=tab]')]
      .map((tab) => `${tab.textContent} ${tab.ariaSelected} ${tab.tabIndex}`)
      .join(', ');
  keys.set(['c', 'b', 'a', 'd']);
  await settled(fixture);
  expect(said()).toBe('c false -1, b true 0, a false -1, d false -1');
  keys.set(['c', 'a']);
  await settled(fixture);
  expect([selected(), said()]).toEqual(['a', 'c false -1, a true 0']);
});

@Component({
  selector: 'fed-rows',
  imports: [shellDirectives],
  template: `<div
      shellListbox
      #l="shellListbox"
      [items]="items()"
      [multiple]="true"
      [(selected)]="chosen"
      aria-label="Boats"
    ></div>
    <b *shellRows="let item of l">{{ item.label }}{{ count() }}</b>`,
})
class FedRows {
  readonly items = signal([
    { key: 'a', label: 'A' },
    { key: 'b', label: 'B' },
  ]);
  readonly chosen = signal<ReadonlySet<string> | undefined>(new Set(['a']));
  readonly count = signal(0);
}

it('rows follow the signals around them, and items that are others', async () => {
  const fixture = await show(FedRows);
  const { items, chosen, count } = fixture.componentInstance;
  expect(find('[role=listbox]').textContent).toBe('A0B0');
  count.set(1);
  await settled(fixture);
  expect(find('[role=listbox]').textContent).toBe('A1B1');
  items.set([
    { key: 'b', label: 'B' },
    { key: 'c', label: 'C' },
  ]);
  await settled(fixture);
  expect(find('[role=listbox]').textContent).toBe('B1C1');
  chosen.set(new Set(['c']));
  await settled(fixture);
  expect(find('[aria-selected=true]').textContent).toBe('C1');
});

@Component({
  selector: 'owned-switch',
  imports: [shellDirectives],
  template: `<button
    shellSwitch
    aria-label="Lights"
    [guard]="guard()"
    [checked]="isOn()"
    (checkedChange)="wish($event)"
    (shellRefuse)="refused.push($event.by)"
  ></button>`,
})
class OwnedSwitch {
  readonly isOn = signal(false);
  readonly guard = signal<NonNullable<SwitchOptions['guard']>>((_: Change) => of(true));
  readonly refused: string[] = [];
  takes = false;
  wish(value: boolean): void {
    if (this.takes) this.isOn.set(value);
  }
}

it('a wish that its owner does not take is refused, and so is one whose observable says no', async () => {
  const fixture = await show(OwnedSwitch);
  const owner = fixture.componentInstance;
  const lights = find('button');
  lights.click();
  await settled(fixture);
  // It may take it in a later render: nothing is told yet.
  expect([lights.ariaChecked, owner.refused]).toEqual(['false', []]);
  // This ends with the test's own time if it is never refused.
  while (!owner.refused.length) await new Promise((resolve) => setTimeout(resolve, 10));
  expect([lights.ariaChecked, owner.refused]).toEqual(['false', ['owner']]);
  owner.takes = true;
  lights.click();
  await settled(fixture);
  expect([lights.ariaChecked, owner.isOn()]).toEqual(['true', true]);
  owner.guard.set(() => of(false));
  await settled(fixture);
  lights.click();
  await settled(fixture);
  expect([lights.ariaChecked, owner.refused]).toEqual(['true', ['owner', 'guard']]);
  const stop = (event: Event): void => event.preventDefault();
  addEventListener('error', stop);
  owner.guard.set(() => throwError(() => new Error('the office is closed')));
  await settled(fixture);
  lights.click();
  await settled(fixture);
  removeEventListener('error', stop);
  expect([lights.ariaChecked, owner.refused.length]).toEqual(['true', 3]);
});

@Component({
  selector: 'bound-field',
  imports: [shellDirectives, FormsModule],
  template: `<form>
    <div
      shellCombobox
      #c="shellCombobox"
      [items]="items"
      name="berth"
      [ngModel]="berth()"
      (ngModelChange)="berth.set($event)"
    >
      <label [shellPart]="c.label">Berth</label>
      <div [shellPart]="c.box"><input [shellPart]="c.field" /></div>
      <div [shellPart]="c.popup"><div [shellPart]="c.list"></div></div>
    </div>
  </form>`,
})
class BoundField {
  readonly items = [{ key: 'quay', label: 'Quay' }];
  readonly berth = signal<string | null>('quay');
}

it('a field shows what its model is given', async () => {
  const fixture = await show(BoundField);
  await settled(fixture);
  const field = document.querySelector('input')!;
  expect(field.value).toBe('Quay');
  fixture.componentInstance.berth.set(null);
  await settled(fixture);
  await settled(fixture);
  expect(field.value).toBe('');
});
