// Elements that take part in forms with `ElementInternals`: also in a shadow root, with a label, in a
// disabled fieldset, and after the back button. See HTML, form-associated custom elements.
import { attributeWriter } from '../engine/attribute-writer.js';
import { isCell, isElement } from '../engine/dom.js';
import type { ElementForm, MakeForm } from '../engine/element-form.js';
import type { Wired } from '../engine/types.js';
import { idMaker, namedByAuthor } from '../labels/labels.js';
import { formHosts, type Member } from './form.js';

/** How an element takes part. */
export interface FormRules {
  /** The selector of its focusable control. */
  control: string;
  /** The submitted state: keys, or whether it is on. */
  state: 'selected' | 'checked';
}

/** Reads a restored value, or returns undefined if the platform fills in the field itself. */
const readKept = (kept: unknown): unknown => {
  try {
    return typeof kept === 'string' ? JSON.parse(kept) : undefined;
  } catch {
    return undefined;
  }
};

class Associated implements ElementForm {
  #member: Member | undefined;
  #cell: { get(): unknown } | undefined;
  #stop: (() => void) | undefined;
  readonly #ids = idMaker();
  readonly #isNamed = namedByAuthor();
  readonly #writer = attributeWriter((rewrites) =>
    this.#writer.again(rewrites.map(({ element }) => element)),
  );
  readonly #sheet = this.#writer.sheet();
  isDisabled = false;

  constructor(
    readonly host: HTMLElement,
    readonly internals: ElementInternals,
    readonly rules: FormRules,
  ) {
    host.addEventListener('invalid', (event) => {
      if (event.target !== host) return;
      // The platform's own message needs a focusable element.
      event.preventDefault();
      this.#member?.refuse?.();
    });
    // Clicking its label is like clicking the element.
    host.addEventListener('click', (event) => {
      if (event.target !== host || this.isDisabled) return;
      this.control()?.focus();
      if (rules.state === 'checked') this.control()?.click();
    });
  }

  control(): HTMLElement | null {
    return this.host.querySelector<HTMLElement>(this.rules.control);
  }

  wiring(root: Element): void {
    formHosts.set(root, {
      isSent: () => this.host.hasAttribute('name'),
      join: (member) => {
        this.#member = member;
        return () => (this.#member = undefined);
      },
    });
  }

  wired(wired: Wired): void {
    const cell: unknown = Reflect.get(wired, this.rules.state);
    const end = isCell(cell) ? cell.subscribe(() => this.refresh()) : undefined;
    this.#cell = isCell(cell) ? cell : undefined;
    // Typed text counts too, after the pattern was notified.
    const later = (): void => queueMicrotask(() => this.refresh());
    const types = ['input', 'change', 'focusout'];
    for (const type of types) this.host.addEventListener(type, later);
    this.#stop = () => {
      end?.();
      for (const type of types) this.host.removeEventListener(type, later);
      this.#sheet.show([]);
    };
    this.refresh();
  }

  ended(): void {
    this.#stop?.();
    this.#stop = undefined;
  }

  #values(): readonly string[] {
    if (this.rules.state === 'selected') return [this.#member?.value() ?? []].flat();
    const own = this.control();
    const value = own && 'value' in own && typeof own.value === 'string' ? own.value : '';
    return this.#cell?.get() === true ? [value || 'on'] : [];
  }

  refresh(): void {
    if (!this.#stop) return;
    const { host, internals } = this;
    const values = this.#values();
    const name = host.getAttribute('name');
    const data = new FormData();
    for (const value of values) data.append(name ?? '', value);
    internals.setFormValue(name && values.length ? data : null, JSON.stringify(values));
    const missing = this.#member?.missing?.();
    if (missing) internals.setValidity({ valueMissing: true }, missing, this.control() ?? host);
    else internals.setValidity({});
    this.#show();
  }

  /** Its label names its control, which is disabled with it. */
  #show(): void {
    const own = this.control();
    if (!own) return this.#sheet.show([]);
    const hasLabel = 'labels' in own && own.labels instanceof NodeList && own.labels.length > 0;
    const labels = hasLabel || this.#isNamed(own) ? [] : [...this.internals.labels].filter(isElement);
    const disabled = 'disabled' in own ? { disabled: '' } : { 'aria-disabled': 'true' };
    this.#sheet.show([
      [
        own,
        {
          ...(labels.length && { 'aria-labelledby': labels.map((label) => this.#ids.of(label)).join(' ') }),
          ...(this.isDisabled && disabled),
        },
      ],
      ...labels.map((label) => [label, this.#ids.attributes(label)] as const),
    ]);
  }

  reset(): void {
    // The fields inside are reset after it.
    setTimeout(() => this.#member?.reset());
  }

  disable(isDisabled: boolean): void {
    this.isDisabled = isDisabled;
    if (this.#stop) this.#show();
  }

  restored(kept: unknown): readonly [state: string, value: unknown] {
    const values = readKept(kept);
    const { state } = this.rules;
    if (!Array.isArray(values)) return [state, undefined];
    if (state === 'checked') return [state, values.length > 0];
    return [state, Reflect.get(this.host, 'multiple') ? values : values[0]];
  }
}

/** Creates the form part of elements with these rules. */
export const associated =
  (rules: FormRules): MakeForm =>
  (host) => {
    const internals = host.attachInternals?.();
    return internals && 'setFormValue' in internals ? new Associated(host, internals, rules) : undefined;
  };
