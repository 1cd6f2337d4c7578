// Values of forms: a switch, a combobox and a listbox as controls of Angular's reactive and template-driven forms.
//
// The control holds the state: it is told of what a user does, and what it says is what happens. What it said itself is never
// told back, so nothing gets dirty but by a user; a reset is Angular's own, and that of the platform is left to it.
import { DestroyRef, Directive, inject, signal, untracked } from '@angular/core';
import { type ControlValueAccessor, NgControl } from '@angular/forms';
import type { Change } from 'elastic-shell';
import { asPort, type Bindable, type Port } from 'elastic-shell/bindings';
import { PatternDirective } from './pattern.js';

/** The base of directives whose state a form control may hold. */
@Directive()
export abstract class ValueDirective extends PatternDirective implements ControlValueAccessor {
  readonly #control = inject(NgControl, { self: true, optional: true });
  readonly #value = signal<unknown>(undefined);
  /** Whether the control has disabled it. */
  readonly #isOff = signal(false);
  #tell: (value: unknown) => void = () => {};
  #touch: () => void = () => {};
  readonly #port: Port;

  constructor(pattern: Bindable<unknown>, options: readonly string[]) {
    super(pattern, options);
    this.#port = asPort({
      get: () => untracked(this.#value),
      set: (value) => {
        this.#value.set(value);
        this.#tell(this.fromState(value));
      },
    });
    if (!this.#control) return;
    this.#control.valueAccessor = this;
    this.#listen();
  }

  /** The state that is the value of the control. */
  protected abstract readonly valueState: string;

  /** A value of the control as the state holds it. */
  protected abstract toState(value: unknown): unknown;

  /** The state as a value of the control. */
  protected abstract fromState(value: unknown): unknown;

  /** What a user acts on: it is disabled, and is said to be invalid. */
  protected abstract formField(): HTMLElement | null;

  protected override ownerOf(name: string): Port | undefined {
    if (!this.#control || name !== this.valueState) return undefined;
    // Read, so that another value is heard of.
    this.#value();
    return this.#port;
  }

  protected override guarded(guard: unknown): unknown {
    return (change: Change) =>
      !this.#isOff() && (typeof guard === 'function' ? (guard(change) as unknown) : true);
  }

  /** Called by Angular: the control holds this. */
  writeValue(value: unknown): void {
    this.#value.set(this.toState(value));
  }

  /** Called by Angular: it wants to hear of what a user does. */
  registerOnChange(tell: (value: unknown) => void): void {
    this.#tell = tell;
  }

  /** Called by Angular: it wants to hear when a user leaves it. */
  registerOnTouched(touch: () => void): void {
    this.#touch = touch;
  }

  /** Called by Angular: the control is disabled, or is not any more. */
  setDisabledState(isDisabled: boolean): void {
    this.#isOff.set(isDisabled);
    const field = this.formField();
    if (field && 'disabled' in field) field.disabled = isDisabled;
    else if (isDisabled) field?.setAttribute('aria-disabled', 'true');
    else field?.removeAttribute('aria-disabled');
  }

  /** Called by Angular with each look for changes: assistive technology hears that it is invalid once it was touched. */
  ngDoCheck(): void {
    const control = this.#control;
    if (!control) return;
    const isWrong = !!control.invalid && !!control.touched;
    const field = this.formField();
    // Written only where it is another: with zones each look that writes would bring about the next.
    if (!field || isWrong === (field.getAttribute('aria-invalid') === 'true')) return;
    if (isWrong) field.setAttribute('aria-invalid', 'true');
    else field.removeAttribute('aria-invalid');
  }

  #listen(): void {
    const { host } = this;
    const left = ({ relatedTarget }: FocusEvent): void => {
      if (!(relatedTarget instanceof Node) || !host.contains(relatedTarget)) this.#touch();
    };
    host.addEventListener('focusout', left);
    inject(DestroyRef).onDestroy(() => {
      host.removeEventListener('focusout', left);
    });
  }
}
