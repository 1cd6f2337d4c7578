// Makes a custom element of any wire function. It has no behaviour of its own: it finds the root in the
// author's markup, hands attributes over as options, and tells changes and guards as events.
import type { Cell } from '../core/cell.js';
import type { Change, CommonOptions, Wire, Wired } from './types.js';

export interface ElementRules {
  /** The selector of the root inside the element; `:scope` for the element itself. */
  root: string;
  /** Selectors of what has to be in it before it is wired. Default: none. */
  needs?: readonly string[];
  /** Options that may be given as attributes, in camelCase; an attribute is their name in kebab-case. */
  options: readonly string[];
  /** Options that are true or false: false by the attribute value "false", true by any other. Default: none. */
  flags?: readonly string[];
  /** Options that are states: properties of the element, true or false by their attribute. */
  states: readonly string[];
  /** Options that are states of another kind: first values by attribute, properties with the cell's own value. Default: none. */
  values?: readonly string[];
}

/** What `shell-guard` carries: the change, and a way to make it wait. */
export interface GuardDetail {
  change: Change;
  /** The change waits for `promise`; false or a rejection refuses it. */
  wait(promise: Promise<unknown>): void;
}

/** An element made by `element`: the Wired, once there is one, and its states as properties. */
export interface ShellElement extends HTMLElement {
  readonly wired: Wired | undefined;
}

const kebab = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/**
 * Defines `<name>` as an element that wires what it holds. Events, which bubble: `shell-change`
 * (detail: the change) and the cancelable `shell-guard` (detail: `change` and `wait(promise)`).
 * A name that is defined already is left as it is. Harmless where there is no DOM.
 */
export function element<O extends CommonOptions, W extends Wired>(
  name: string,
  wire: Wire<O, W>,
  rules: ElementRules,
): void {
  if (typeof customElements === 'undefined' || customElements.get(name)) return;

  const { flags = [], values = [] } = rules;
  class Shell extends HTMLElement implements ShellElement {
    static readonly observedAttributes = [...rules.options, ...values, ...flags, ...rules.states].map(kebab);
    wired: W | undefined;
    #waiting: MutationObserver | undefined;

    connectedCallback(): void {
      this.#wire();
      if (this.wired || this.#waiting) return;
      // Parsed and streamed markup connects before its children are there.
      this.#waiting = new MutationObserver(() => this.#wire());
      this.#waiting.observe(this, { childList: true, subtree: true });
    }

    /** A move within the document keeps everything as it is. */
    connectedMoveCallback(): void {}

    disconnectedCallback(): void {
      queueMicrotask(() => {
        if (!this.isConnected) this.#unwire();
      });
    }

    attributeChangedCallback(attribute: string, _before: string | null, value: string | null): void {
      const state = rules.states.find((each) => kebab(each) === attribute);
      if (!this.wired) return;
      if (state) return this.#cell(state)?.set(value !== null);
      this.#unwire();
      this.#wire();
    }

    #cell(state: string): Cell<unknown> | undefined {
      return (this.wired as Record<string, Cell<unknown>> | undefined)?.[state];
    }

    #wire(): void {
      const root = rules.root === ':scope' ? this : this.querySelector<HTMLElement>(rules.root);
      // The element itself is there before what it holds.
      if (!root || (root === this && !this.childNodes.length) || this.wired) return;
      if (rules.needs?.some((part) => !this.querySelector(part))) return;
      this.#waiting?.disconnect();
      this.#waiting = undefined;
      const options: Record<string, unknown> = {};
      for (const option of [...rules.options, ...values])
        if (this.hasAttribute(kebab(option))) options[option] = this.getAttribute(kebab(option));
      for (const flag of flags)
        if (this.hasAttribute(kebab(flag))) options[flag] = this.getAttribute(kebab(flag)) !== 'false';
      for (const state of rules.states) if (this.hasAttribute(kebab(state))) options[state] = true;
      this.wired = wire(root, {
        ...options,
        guard: (change: Change) => this.#ask(change),
        onChange: (change: Change) =>
          void this.dispatchEvent(new CustomEvent('shell-change', { bubbles: true, detail: change })),
      } as CommonOptions as O);
    }

    #ask(change: Change): unknown {
      const waits: Promise<unknown>[] = [];
      const detail: GuardDetail = { change, wait: (promise) => void waits.push(promise) };
      const allowed = this.dispatchEvent(
        new CustomEvent('shell-guard', { bubbles: true, cancelable: true, detail }),
      );
      if (!allowed || !waits.length) return allowed;
      return Promise.all(waits).then((answers) => !answers.includes(false));
    }

    #unwire(): void {
      this.#waiting?.disconnect();
      this.#waiting = undefined;
      this.wired?.unwire();
      this.wired = undefined;
    }
  }

  for (const state of rules.states)
    Object.defineProperty(Shell.prototype, state, {
      configurable: true,
      get(this: Shell) {
        const cell = (this.wired as Record<string, Cell<unknown>> | undefined)?.[state];
        return cell ? cell.get() : this.hasAttribute(kebab(state));
      },
      set(this: Shell, value: unknown) {
        const cell = (this.wired as Record<string, Cell<unknown>> | undefined)?.[state];
        if (cell) cell.set(!!value);
        else this.toggleAttribute(kebab(state), !!value);
      },
    });
  for (const value of values)
    Object.defineProperty(Shell.prototype, value, {
      configurable: true,
      get(this: Shell) {
        return (this.wired as Record<string, Cell<unknown>> | undefined)?.[value]?.get();
      },
      set(this: Shell, next: unknown) {
        (this.wired as Record<string, Cell<unknown>> | undefined)?.[value]?.set(next);
      },
    });
  customElements.define(name, Shell);
}
