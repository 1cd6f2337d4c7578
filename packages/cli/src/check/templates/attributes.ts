// Collects the attributes of one element of a template in their order: a later one overrides an earlier one.
import { type Gatherings, unknown, type Written } from './element.js';
import { givenBy, type Handles } from './parts.js';

/** The collected attributes. */
export class Gathered implements Gatherings {
  readonly attributes = new Map<string, Written>();
  isOpen = false;
  /** The attributes that the library's parts set, and those that are written beside them. */
  readonly #given = new Set<string>();
  readonly #own = new Set<string>();

  /** Attributes that both a part and the user set. */
  get givenTwice(): readonly string[] {
    return [...this.#own].filter((name) => this.#given.has(name));
  }

  /** An attribute that the user writes. */
  write(name: string, value: string | typeof unknown, at: number): void {
    if (/^(id|ref)$/.test(name)) this.#own.add(name);
    this.set(name, value, at);
  }

  /** A part's ref, which only some bindings have. */
  giveRef(): void {
    this.#given.add('ref');
  }

  set(name: string, value: string | typeof unknown, at: number): void {
    this.attributes.set(name, { value, at });
  }

  /** A spread: a part of the library's bindings, or anything. */
  spread(expression: string, handles: Handles, at: number): void {
    const given = givenBy(expression, handles);
    if (given)
      for (const [name, value] of given) {
        this.#given.add(name);
        this.set(name, value, at);
      }
    else {
      this.isOpen = true;
      // Earlier attributes may have another value now.
      for (const [name, { at: before }] of this.attributes) this.set(name, unknown, before);
    }
  }
}
