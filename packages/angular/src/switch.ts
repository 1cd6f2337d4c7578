// <… [shellSwitch]>: turns something on or off immediately.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { SwitchOptions } from 'elastic-shell';
import { switchPattern } from 'elastic-shell/bindings';
import { ValueDirective } from './forms.js';
import type { SwitchHandle } from './handles.js';
import { notBound } from './pattern.js';

/** The members of `ShellSwitch` besides its inputs and outputs: states, parts and methods. */
export interface ShellSwitch extends SwitchHandle {}

const options = ['guard'];

/** Turns something on or off immediately. Put it on a `<button>` or a checkbox. */
@Directive({ selector: '[shellSwitch]', exportAs: 'shellSwitch' })
export class ShellSwitch extends ValueDirective {
  /**
   * Whether it is on. If it is bound, the component decides about each change. If not, the pattern stores it.
   */
  readonly checkedInput = input<boolean | undefined>(notBound(), { alias: 'checked' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly checkedChange = output<boolean>();
  /**
   * Called before each change. Return false to block the change, or a promise or an observable to decide
   * later.
   *
   * @defaultValue none
   */
  readonly guard: InputSignal<SwitchOptions['guard'] | undefined> = input<SwitchOptions['guard']>();

  protected override readonly valueState = 'checked';
  protected override toState = (value: unknown): boolean => !!value;
  protected override fromState = (value: unknown): unknown => value;
  protected override formField = (): HTMLElement => this.host;

  /**
   * A checkbox has a part of another name.
   *
   * @returns The part for the element.
   */
  protected override rootPart(): string {
    return this.host.localName === 'input' ? 'box' : 'root';
  }

  constructor() {
    super(switchPattern, options);
  }
}
