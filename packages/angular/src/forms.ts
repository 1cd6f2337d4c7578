// Form values: a switch, a combobox and a listbox as controls of Angular's reactive and template-driven
// forms. The control stores the state. It gets the changes of the user, and its value is shown. A value that
// comes from the control is never reported back to it, so only a user makes it dirty. Angular handles a reset
// of the form.
import { DestroyRef, Directive, inject, signal, untracked } from '@angular/core';
import { type ControlValueAccessor, NgControl } from '@angular/forms';
import type { Change } from 'elastic-shell';
import { asPort, type Bindable, type Port } from 'elastic-shell/bindings';
import { PatternDirective } from './pattern.js';

/** The base class of directives whose state a form control may store. */
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

  /** The name of the state that is the value of the control. */
  protected abstract readonly valueState: string;

  /**
   * Converts a value of the control to the state.
   *
   * @param value - The value of the control.
   * @returns The state.
   */
  protected abstract toState(value: unknown): unknown;

  /**
   * Converts the state to a value of the control.
   *
   * @param value - The state.
   * @returns The value of the control.
   */
  protected abstract fromState(value: unknown): unknown;

  /**
   * Returns the element that the user operates. It is disabled and marked as invalid.
   *
   * @returns The element.
   */
  protected abstract formField(): HTMLElement | null;

  /**
   * Returns the owner of a state: the form control for its value.
   *
   * @param name - The name of the state.
   * @returns The owner, or undefined.
   */
  protected override ownerOf(name: string): Port | undefined {
    if (!this.#control || name !== this.valueState) return undefined;
    // Read, so that changes are followed.
    this.#value();
    return this.#port;
  }

  /**
   * Returns the guard, combined with the disabled state of the control.
   *
   * @param guard - The guard.
   * @returns The combined guard.
   */
  protected override guarded(guard: unknown): unknown {
    return (change: Change) =>
      !this.#isOff() && (typeof guard === 'function' ? (guard(change) as unknown) : true);
  }

  /**
   * Called by Angular with the value of the control.
   *
   * @param value - The value.
   */
  writeValue(value: unknown): void {
    this.#value.set(this.toState(value));
  }

  /**
   * Called by Angular, which wants to be notified of changes by the user.
   *
   * @param tell - Called with the value after each change.
   */
  registerOnChange(tell: (value: unknown) => void): void {
    this.#tell = tell;
  }

  /**
   * Called by Angular, which wants to be notified when the user leaves the control.
   *
   * @param touch - Called when focus leaves the control.
   */
  registerOnTouched(touch: () => void): void {
    this.#touch = touch;
  }

  /**
   * Called by Angular when the control is disabled or enabled.
   *
   * @param isDisabled - Whether the control is disabled.
   */
  setDisabledState(isDisabled: boolean): void {
    this.#isOff.set(isDisabled);
    const field = this.formField();
    if (field && 'disabled' in field) field.disabled = isDisabled;
    else if (isDisabled) field?.setAttribute('aria-disabled', 'true');
    else field?.removeAttribute('aria-disabled');
  }

  /**
   * Called by Angular on each change detection. Assistive technology is told that the value is invalid once
   * the control was touched.
   */
  ngDoCheck(): void {
    const control = this.#control;
    if (!control) return;
    const isWrong = !!control.invalid && !!control.touched;
    const field = this.formField();
    // Written only if it has changed. With zones, each change detection that writes would cause the next.
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
