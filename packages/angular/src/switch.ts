// <… [shellSwitch]>: turns one thing on or off, at once.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { SwitchOptions } from 'elastic-shell';
import { switchPattern } from 'elastic-shell/bindings';
import { ValueDirective } from './forms.js';
import type { SwitchHandle } from './handles.js';
import { notBound } from './pattern.js';

/** What `ShellSwitch` has besides its inputs and outputs: states, parts and methods. */
export interface ShellSwitch extends SwitchHandle {}

const options = ['guard'];

/** Turns one thing on or off, at once. Stands on a `<button>` or a checkbox. */
@Directive({ selector: '[shellSwitch]', exportAs: 'shellSwitch' })
export class ShellSwitch extends ValueDirective {
  /** Whether it is on. Bound, it is asked; left out, the state is the pattern's own. */
  readonly checkedInput = input<boolean | undefined>(notBound(), { alias: 'checked' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly checkedChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<SwitchOptions['guard'] | undefined> = input<SwitchOptions['guard']>();

  protected override readonly valueState = 'checked';
  protected override toState = (value: unknown): boolean => !!value;
  protected override fromState = (value: unknown): unknown => value;
  protected override formField = (): HTMLElement => this.host;

  /** A checkbox is a part of another name. */
  protected override rootPart(): string {
    return this.host.localName === 'input' ? 'box' : 'root';
  }

  constructor() {
    super(switchPattern, options);
  }
}
