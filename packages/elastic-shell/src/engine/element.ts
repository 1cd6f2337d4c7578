// Makes a custom element of any wire function. It has no behaviour of its own: it finds the root in the
// author's markup, hands attributes and properties over as options, and tells changes and guards as events.
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

/** What is held of an element; made when it is first asked for. */
const runOf = (host: HTMLElement, plan: ElementPlan): ElementRun => {
  const known = runs.get(host) ?? elementRun(host, plan);
  runs.set(host, known);
  return known;
};

/** Gives the elements of `plan` a property for each option and state, and a method for each method. */
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
 * Defines `<name>` as an element that wires what it holds. Events, which bubble: `shell-change`
 * (detail: the change), `shell-refuse` (detail: the change, `by` and `error`), the cancelable `shell-guard` (detail: `change`
 * and `wait(promise)`), and one for each other option that hears something (`onPick`: `shell-pick`).
 * A name that is defined already is left as it is. Harmless where there is no DOM.
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
    // Made of O's own option kinds; the wire function checks each value.
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
      // What was set before this definition was there stands before the accessors.
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
    /** A move within the document keeps everything as it is. */
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
