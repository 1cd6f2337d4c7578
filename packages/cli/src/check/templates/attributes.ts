// Gathers the attributes of one element of a template, in the order in which they are written: a later one wins.
import { type Gatherings, unknown, type Written } from './element.js';
import { givenBy, type Handles } from './parts.js';

/** Attributes that are gathered. */
export class Gathered implements Gatherings {
  readonly attributes = new Map<string, Written>();
  isOpen = false;
  /** What parts of ours give, and what is written beside them, of the attributes that belong to one of the two. */
  readonly #given = new Set<string>();
  readonly #own = new Set<string>();

  /** Attributes that both a part and the user give. */
  get givenTwice(): readonly string[] {
    return [...this.#own].filter((name) => this.#given.has(name));
  }

  /** An attribute that the user writes. */
  write(name: string, value: string | typeof unknown, at: number): void {
    if (/^(id|ref)$/.test(name)) this.#own.add(name);
    this.set(name, value, at);
  }

  /** A part's ref, which only some bindings give. */
  giveRef(): void {
    this.#given.add('ref');
  }

  set(name: string, value: string | typeof unknown, at: number): void {
    this.attributes.set(name, { value, at });
  }

  /** Something is spread: one of the bindings' parts, or anything. */
  spread(expression: string, handles: Handles, at: number): void {
    const given = givenBy(expression, handles);
    if (given)
      for (const [name, value] of given) {
        this.#given.add(name);
        this.set(name, value, at);
      }
    else {
      this.isOpen = true;
      // What stood before may be another now.
      for (const [name, { at: before }] of this.attributes) this.set(name, unknown, before);
    }
  }
}
