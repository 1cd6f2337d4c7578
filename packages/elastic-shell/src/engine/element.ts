// Turns any wire function into a custom element. It has no behaviour of its own: it finds the root in the
// markup, passes attributes and properties on as options, and fires events for changes and guards.
import { attributesOf } from './attributes.js';
import {
  attributeChanged,
  call,
  cellIn,
  connect,
  disconnect,
  type ElementPlan,
  elementRun,
  type ElementRules,
  type ElementRun,
  eventOf,
  read,
  upgrade,
  write,
} from './element-run.js';
import { addFormMembers, type ElementForm } from './element-form.js';
import type { Wire, Wired } from './types.js';

export type { ElementRules } from './element-run.js';

const runs = new WeakMap<HTMLElement, ElementRun>();

/** Returns the state of an element, which is created on first use. */
const runOf = (host: HTMLElement, plan: ElementPlan): ElementRun => {
  const known = runs.get(host) ?? elementRun(host, plan);
  runs.set(host, known);
  return known;
};

/** Adds a property for each option and state, and a method for each method, to the elements of `plan`. */
function addMembers(prototype: HTMLElement, plan: ElementPlan, properties: Map<string, string>): void {
  const add = (name: string, member: PropertyDescriptor): void =>
    void Object.defineProperty(prototype, name, { configurable: true, enumerable: true, ...member });
  for (const [property, option] of properties)
    add(property, {
      get(this: HTMLElement) {
        return read(runOf(this, plan), option);
      },
      set(this: HTMLElement, value: unknown) {
        write(runOf(this, plan), option, value ?? undefined);
      },
    });
  for (const name of ['busy', ...(plan.reads ?? [])])
    add(name, {
      get(this: HTMLElement) {
        return cellIn(runOf(this, plan), name)?.get() ?? (name === 'busy' ? false : undefined);
      },
    });
  for (const method of plan.methods ?? [])
    add(method, {
      writable: true,
      value(this: HTMLElement, ...args: unknown[]) {
        return call(runOf(this, plan), method, args);
      },
    });
}

/**
 * Defines `<name>` as an element that wires its content. It fires bubbling events: `shell-change` (detail:
 * the change), `shell-refuse` (detail: the change, `by` and `error`), the cancelable `shell-guard` (detail:
 * `change` and `wait(promise)`), and one for each other callback option (`onPick`: `shell-pick`). Does
 * nothing if the name is already defined, or without a DOM.
 */
export function element<O extends object, W extends Wired>(
  name: string,
  wire: Wire<O, W>,
  rules: ElementRules,
): void {
  if (typeof customElements === 'undefined' || customElements.get(name)) return;
  const plan: ElementPlan = {
    ...rules,
    attributes: attributesOf(rules.options),
    // Created from the option kinds of O. The wire function checks each value.
    wire: (root, options) => wire(root, options as unknown as O),
  };
  const properties = new Map(
    Object.keys(rules.options)
      .filter((option) => !eventOf(option))
      .map((option) => [rules.renamed?.[option] ?? option, option]),
  );

  class Shell extends HTMLElement {
    static readonly observedAttributes = [...plan.attributes.keys()];
    static readonly formAssociated = !!plan.form;

    constructor() {
      super();
      // A property that was set before the definition would hide the accessors.
      for (const [property, option] of properties) {
        if (!Object.hasOwn(this, property)) continue;
        const value: unknown = Reflect.get(this, property);
        Reflect.deleteProperty(this, property);
        upgrade(runOf(this, plan), option, value);
      }
    }
    get formPart(): ElementForm | undefined {
      return runOf(this, plan).form;
    }
    formResetCallback(): void {
      this.formPart?.reset();
    }
    formDisabledCallback(isDisabled: boolean): void {
      this.formPart?.disable(isDisabled);
    }
    formStateRestoreCallback(kept: unknown): void {
      const [state, value] = this.formPart?.restored(kept) ?? [];
      if (state && value !== undefined) write(runOf(this, plan), state, value);
    }
    get wired(): Wired | undefined {
      return runOf(this, plan).wired;
    }
    connectedCallback(): void {
      connect(runOf(this, plan));
    }
    /** A move within the document changes nothing. */
    connectedMoveCallback(): void {}
    disconnectedCallback(): void {
      disconnect(runOf(this, plan));
    }
    attributeChangedCallback(attribute: string, _before: string | null, text: string | null): void {
      attributeChanged(runOf(this, plan), attribute, text);
    }
  }

  addMembers(Shell.prototype, plan, properties);
  if (plan.form) addFormMembers(Shell.prototype);
  customElements.define(name, Shell);
}
