// Gathers the attributes of one element of a template, in the order in which they are written: a later one wins.
import { unknown, type Written } from './element.js';
import { givenBy, type Handles } from './parts.js';

/** Attributes that are gathered. */
export class Gathered {
  readonly attributes = new Map<string, Written>();
  isOpen = false;

  set(name: string, value: string | typeof unknown, at: number): void {
    this.attributes.set(name, { value, at });
  }

  /** Something is spread: one of the bindings' parts, or anything. */
  spread(expression: string, handles: Handles, at: number): void {
    const given = givenBy(expression, handles);
    if (given) for (const [name, value] of given) this.set(name, value, at);
    else {
      this.isOpen = true;
      // What stood before may be another now.
      for (const [name, { at: before }] of this.attributes) this.set(name, unknown, before);
    }
  }
}
