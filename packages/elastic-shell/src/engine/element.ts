// Makes a custom element of any wire function. It has no behaviour of its own: it finds the root in the
// author's markup, hands attributes over as options, and tells changes and guards as events.
import type { OptionKinds } from '../core/contract/options.js';
import { attributesOf, flags, isState, optionsFrom, valueOf } from './attributes.js';
import { isCell } from './dom.js';
import type { Change, Refusal, Wire, Wired } from './types.js';

/** How an element finds what it wires, and what its attributes mean. */
export interface ElementRules {
  /** The selector of the root inside the element; `:scope` for the element itself. */
  root: string;
  /** What the options take: those that a text can say are attributes, in kebab-case; states are properties too. */
  options: OptionKinds;
  /** Selectors of what has to be in it before it is wired. Default: none. */
  needs?: readonly string[];
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

/** Asks whoever hears of `shell-guard`: cancelled refuses, a promise makes it wait. */
const askListeners = (host: HTMLElement, change: Change): unknown => {
  const waits: Promise<unknown>[] = [];
  const detail: GuardDetail = { change, wait: (promise) => void waits.push(promise) };
  const allowed = host.dispatchEvent(
    new CustomEvent('shell-guard', { bubbles: true, cancelable: true, detail }),
  );
  if (!allowed || !waits.length) return allowed;
  return Promise.all(waits).then((answers) => !answers.includes(false));
};

const tell = (host: HTMLElement, event: string, detail: unknown): void =>
  void host.dispatchEvent(new CustomEvent(event, { bubbles: true, detail }));

/** The options by which `host` tells as events what it hears. A pattern of somebody's own may know nothing of refusals. */
const heardBy = (host: HTMLElement, { onRefuse }: OptionKinds) => ({
  guard: (change: Change) => askListeners(host, change),
  onChange: (detail: Change) => tell(host, 'shell-change', detail),
  ...(onRefuse && { onRefuse: (detail: Refusal) => tell(host, 'shell-refuse', detail) }),
});

/** Gives the class a property for each state: the cell's own value, and before there is one the attribute's. */
const defineStates = (prototype: ShellElement, attributes: ReturnType<typeof attributesOf>): void => {
  for (const [attribute, [name, kind]] of attributes) {
    if (!isState(kind)) continue;
    const isFlag = flags.includes(kind);
    Object.defineProperty(prototype, name, {
      configurable: true,
      get(this: ShellElement): unknown {
        const cell = cellIn(this.wired, name);
        if (cell) return cell.get();
        return isFlag ? this.hasAttribute(attribute) : undefined;
      },
      set(this: ShellElement, value: unknown) {
        const cell = cellIn(this.wired, name);
        if (cell) cell.set(isFlag ? !!value : value);
        else if (isFlag) this.toggleAttribute(attribute, !!value);
      },
    });
  }
};

const cellIn = (wired: Wired | undefined, name: string) => {
  const cell: unknown = wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;
  return isCell(cell) ? cell : undefined;
};

/**
 * Defines `<name>` as an element that wires what it holds. Events, which bubble: `shell-change`
 * (detail: the change), `shell-refuse` (detail: the change, `by` and `error`) and the cancelable `shell-guard` (detail: `change`
 * and `wait(promise)`).
 * A name that is defined already is left as it is. Harmless where there is no DOM.
 */
export function element<O extends object, W extends Wired>(
  name: string,
  wire: Wire<O, W>,
  rules: ElementRules,
): void {
  if (typeof customElements === 'undefined' || customElements.get(name)) return;
  const attributes = attributesOf(rules.options);

  class Shell extends HTMLElement implements ShellElement {
    static readonly observedAttributes = [...attributes.keys()];
    wired: W | undefined;
    #inside: MutationObserver | undefined;

    connectedCallback(): void {
      this.#wire();
      // Parsed and streamed markup connects before its children are there, and what is inside may be replaced later.
      this.#inside ??= new MutationObserver(() => this.#look());
      this.#inside.observe(this, { childList: true, subtree: true });
    }

    /** A move within the document keeps everything as it is. */
    connectedMoveCallback(): void {}

    disconnectedCallback(): void {
      queueMicrotask(() => {
        if (this.isConnected) return;
        this.#inside?.disconnect();
        this.#unwire();
      });
    }

    attributeChangedCallback(attribute: string, _before: string | null, text: string | null): void {
      const [option, kind] = attributes.get(attribute) ?? [];
      if (!this.wired || !option) return;
      if (kind === 'true, false or a cell')
        return void cellIn(this.wired, option)?.set(text !== null && text !== 'false');
      this.wired.update({ [option]: text === null || !kind ? undefined : valueOf(kind, text) });
    }

    #root(): HTMLElement | null {
      if (rules.root !== ':scope') return this.querySelector<HTMLElement>(rules.root);
      // The element itself is there before what it holds.
      return this.childNodes.length ? this : null;
    }

    /** Something inside has come or gone: another root is wired, in the state of the one that it replaces. */
    #look(): void {
      const { wired } = this;
      if (!wired || wired.root === this || this.contains(wired.root)) return this.#wire();
      const states: Record<string, unknown> = {};
      for (const [name, kind] of Object.entries(rules.options))
        if (isState(kind)) states[name] = cellIn(wired, name)?.get();
      this.#unwire();
      this.#wire(states);
    }

    #wire(states: Record<string, unknown> = {}): void {
      const root = this.#root();
      if (!root || this.wired || rules.needs?.some((part) => !this.querySelector(part))) return;
      const options = {
        ...optionsFrom(this, rules.options),
        ...states,
        ...heardBy(this, rules.options),
      };
      // Made of O's own option kinds; the wire function checks each value.
      this.wired = wire(root, options as unknown as O);
    }

    #unwire(): void {
      this.wired?.unwire();
      this.wired = undefined;
    }
  }

  defineStates(Shell.prototype, attributes);
  customElements.define(name, Shell);
}
