// The base of all directives: an instance on their own element, with inputs as options. A state is an input
// and an output, so it can be bound in both directions: `[(open)]="isOpen"`. It is no `model()`, which would
// apply a requested change before the component has answered. The output emits the request, and the value of
// the input after the next render counts. If the input is not bound, the pattern stores the state.
import {
  booleanAttribute,
  Directive,
  HostAttributeToken,
  inject,
  Injector,
  input,
  isSignal,
  numberAttribute,
  output,
  type OutputEmitterRef,
  Renderer2,
  untracked,
  afterRenderEffect,
} from '@angular/core';
import type { Change, Refusal } from 'elastic-shell';
import { asPort, type Attributes, type Bindable, type Port } from 'elastic-shell/bindings';
import { becomeHandle } from './handle.js';
import { type Given, type Instance, instanceOf, rendered } from './instance.js';
import { ownElement, type ShellPartOf, writePart } from './part.js';

/** The value of a state's input that is not bound. */
const unbound: unknown = Symbol('unbound');

/** Returns the first value of a state's input: it is not bound. Typed as the state. */
export const notBound = <T>(): T => unbound as T;

/** Converts an attribute or input to a boolean. Undefined if it is omitted. */
export const flag = (value: unknown): boolean | undefined =>
  value === undefined || value === null ? undefined : booleanAttribute(value);

/** Converts an attribute or input to a number. Undefined if it is omitted. */
export const count = (value: unknown): number | undefined =>
  value === undefined || value === null ? undefined : numberAttribute(value);

/**
 * States that are shown on the host as `data-<state>`. The others follow from them, or belong to the engine.
 */
const isShown = (name: string): boolean => name !== 'current' && name !== 'text';

const textOf = (value: unknown): string | null => {
  if (value === undefined || value === null || value === false) return null;
  return value === true ? '' : value instanceof Set ? [...value].join(' ') : String(value);
};

/** A member that only the class of a pattern has: an input, an output, a state or a part. */
const member = <T>(directive: object, name: string): T | undefined => Reflect.get(directive, name);

/** The base class of every directive. */
@Directive()
export abstract class PatternDirective {
  /** Emits every change of a state when the page shows it, whatever its cause. */
  readonly shellChange = output<Change>();
  /** Emits every change that the guard or the owner of a state has refused. */
  readonly shellRefuse = output<Refusal>();

  /**
   * What happens when other code changes an attribute that shows a state: the state follows, or the attribute
   * is restored.
   *
   * @defaultValue `accept`; `revert` for layers
   */
  readonly externalChanges = input<'accept' | 'revert'>();

  /** The element of the directive. */
  protected readonly host = ownElement();
  /** The injector of the directive. */
  protected readonly injector = inject(Injector);
  readonly #bindable: Bindable;
  readonly #instance: Instance;
  readonly #ports = new Map<string, Port>();

  constructor(pattern: Bindable<unknown>, options: readonly string[]) {
    // Only the names in its outline are read here. Its options are checked when it is wired.
    const bindable = pattern as Bindable;
    this.#bindable = bindable;
    const id = inject(new HostAttributeToken('id'), { optional: true });
    this.#instance = instanceOf(bindable, () => this.#options(options), id);
    becomeHandle(this, this.#instance);
    const part = member<ShellPartOf>(this, this.rootPart());
    writePart(
      () => part,
      () => this.host,
    );
    this.#showStates();
  }

  /**
   * Returns the part of its own element.
   *
   * @returns The name of the part.
   */
  protected rootPart(): string {
    return 'root';
  }

  /**
   * Returns the owner of a state besides its input, such as a form control.
   *
   * @param name - The name of the state.
   * @returns The owner, or undefined.
   */
  protected ownerOf(_name: string): Port | undefined {
    return undefined;
  }

  /**
   * Returns the guard, combined with anything else that may refuse a change.
   *
   * @param guard - The guard.
   * @returns The combined guard.
   */
  protected guarded(guard: unknown): unknown {
    return guard;
  }

  #options(names: readonly string[]): Given {
    const given: Record<string, unknown> = {};
    for (const name of ['externalChanges', ...names]) {
      const own = member<unknown>(this, name);
      if (isSignal(own)) given[name] = own();
    }
    for (const name of Object.keys(this.#bindable.outline.first)) given[name] = this.#state(name);
    given['guard'] = this.guarded(given['guard']);
    given['onChange'] = (change: Change) => this.#hear(change);
    given['onRefuse'] = (refusal: Refusal) => this.shellRefuse.emit(refusal);
    const pick = member<OutputEmitterRef<unknown>>(this, 'shellPick');
    if (pick) given['onPick'] = (picked: unknown) => pick.emit(picked);
    return given;
  }

  /** Returns a state as the option that owns it. Undefined if there is no owner. */
  #state(name: string): Port | undefined {
    const owner = this.ownerOf(name);
    if (owner) return owner;
    const source = member<unknown>(this, `${name}Input`);
    // Read, so that changes are followed.
    if (!isSignal(source) || source() === unbound) return undefined;
    const known = this.#ports.get(name);
    if (known) return known;
    const port = asPort({
      get: () => untracked(source),
      set: (value) => {
        this.#wish(name, value);
        return Object.is(untracked(source), value) ? undefined : rendered(this.injector);
      },
    });
    this.#ports.set(name, port);
    return port;
  }

  #wish(name: string, value: unknown): void {
    const wishes = member<OutputEmitterRef<unknown>>(this, `${name}Change`);
    wishes?.emit(value);
  }

  #hear(change: Change): void {
    // A bound component has been asked already.
    if (!this.#ports.has(change.name)) this.#wish(change.name, change.value);
    this.shellChange.emit(change);
  }

  /** The states on the host, for other code to read. The engine writes its own attributes. */
  #showStates(): void {
    const renderer = inject(Renderer2);
    const { first } = this.#bindable.outline as { first: object };
    const attributes: Attributes = {};
    afterRenderEffect(() => {
      for (const name of Object.keys(first).filter(isShown)) {
        const state = member<unknown>(this, name);
        const text = isSignal(state) ? textOf(state()) : null;
        if (attributes[name] === text || this.#bindable.outline.name === 'switch') continue;
        attributes[name] = text;
        if (text === null) renderer.removeAttribute(this.host, `data-${name}`);
        else renderer.setAttribute(this.host, `data-${name}`, text);
      }
    });
  }
}
