// What all directives are: an instance on their own element, whose options are their inputs.
//
// A state is an input and an output, so that it is bound in both ways: `[(open)]="isOpen"`. It is no `model()`: that would take a
// wish for granted before whoever is bound to it has answered. A wish is told by the output, and what the input says after the
// next render is what happens; an input that nobody has bound leaves the state to the pattern.
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

/** What an input of a state holds that nobody has bound. */
const unbound: unknown = Symbol('unbound');

/** The first value of the input of a state: nobody has bound it. Typed as the state. */
export const notBound = <T>(): T => unbound as T;

/** An attribute or an input that is true or false; nothing for one that is left out. */
export const flag = (value: unknown): boolean | undefined =>
  value === undefined || value === null ? undefined : booleanAttribute(value);

/** An attribute or an input that is a number; nothing for one that is left out. */
export const count = (value: unknown): number | undefined =>
  value === undefined || value === null ? undefined : numberAttribute(value);

/** States that are shown on the host as `data-<state>`; the others follow from them, or are the engine's own. */
const isShown = (name: string): boolean => name !== 'current' && name !== 'text';

const textOf = (value: unknown): string | null => {
  if (value === undefined || value === null || value === false) return null;
  return value === true ? '' : value instanceof Set ? [...value].join(' ') : String(value);
};

/** A member that only the class of a pattern has: an input, an output, a state or a part. */
const member = <T>(directive: object, name: string): T | undefined => Reflect.get(directive, name);

/** The base of every directive. */
@Directive()
export abstract class PatternDirective {
  /** Hears every change of a state once the page shows it, however it came about. */
  readonly shellChange = output<Change>();
  /** Hears every change that the guard or the owner of a state has refused. */
  readonly shellRefuse = output<Refusal>();

  /**
   * What happens when other code changes an attribute that shows a state: the state follows, or the attribute is written again.
   *
   * @defaultValue `accept`; `revert` for what opens above the page
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
    // Of its outline nothing but the names is looked at here; its options are checked when it is wired.
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

  /** The part that its element is. */
  protected rootPart(): string {
    return 'root';
  }

  /** Who holds a state besides its input; nothing for nobody. Forms do. */
  protected ownerOf(_name: string): Port | undefined {
    return undefined;
  }

  /** The guard with what else may refuse a change. */
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

  /** A state as the option that owns it; undefined where nobody does. */
  #state(name: string): Port | undefined {
    const owner = this.ownerOf(name);
    if (owner) return owner;
    const source = member<unknown>(this, `${name}Input`);
    // Read, so that another value is heard of.
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
    // Who is bound has been asked already.
    if (!this.#ports.has(change.name)) this.#wish(change.name, change.value);
    this.shellChange.emit(change);
  }

  /** The states on the host, for whoever looks from outside. The engine's own attributes are its own. */
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
