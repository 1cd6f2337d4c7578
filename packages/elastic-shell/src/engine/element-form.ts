// The requirements for an element to take part in forms like a native control. The implementation is in
// `form/associated.ts`.
import type { Wired } from './types.js';

/** The part of one element in its form. */
export interface ElementForm {
  readonly internals: ElementInternals;
  /** Returns the element that receives focus. */
  control(): HTMLElement | null;
  /** `root` is about to be wired. */
  wiring(root: Element): void;
  wired(wired: Wired): void;
  ended(): void;
  /** The submitted value may have changed. */
  refresh(): void;
  reset(): void;
  readonly isDisabled: boolean;
  disable(isDisabled: boolean): void;
  /**
   * Returns the name and value of the state that the platform restores after the back button or by autofill.
   */
  restored(kept: unknown): readonly [state: string, value: unknown];
}

/**
 * Creates the form part of an element, or returns undefined if the platform doesn't support form-associated
 * elements.
 */
export type MakeForm = (host: HTMLElement) => ElementForm | undefined;

type Host = HTMLElement & { readonly formPart: ElementForm | undefined };

const reflected = (attribute: string, isFlag: boolean): PropertyDescriptor => ({
  configurable: true,
  enumerable: true,
  get(this: HTMLElement) {
    return isFlag ? this.hasAttribute(attribute) : (this.getAttribute(attribute) ?? '');
  },
  set(this: HTMLElement, value: unknown) {
    if (isFlag) this.toggleAttribute(attribute, !!value);
    else if (value === null || value === undefined) this.removeAttribute(attribute);
    else this.setAttribute(attribute, String(value));
  },
});

const asked = ['form', 'labels', 'validity', 'validationMessage', 'willValidate'] as const;

/**
 * Adds the form members of a native control to a class of elements. See HTML, form-associated custom
 * elements.
 */
export function addFormMembers(prototype: HTMLElement): void {
  const add = (name: string, member: PropertyDescriptor): void =>
    void Object.defineProperty(prototype, name, { configurable: true, enumerable: true, ...member });
  add('name', reflected('name', false));
  add('disabled', reflected('disabled', true));
  for (const name of asked)
    add(name, {
      get(this: Host) {
        return this.formPart?.internals[name] ?? null;
      },
    });
  for (const name of ['checkValidity', 'reportValidity'] as const)
    add(name, {
      writable: true,
      value(this: Host) {
        return this.formPart?.internals[name]() ?? true;
      },
    });
  add('focus', {
    writable: true,
    value(this: Host, options?: FocusOptions) {
      const control = this.formPart?.control();
      if (control && control !== this) control.focus(options);
      else HTMLElement.prototype.focus.call(this, options);
    },
  });
}
