// An element of a template as the rules see it: what its framework's parser says of it, in one shape for all frameworks.
import { type Markup, raiseDoubt, unknownMarkup } from 'elastic-shell/rules';

/** The value of an attribute that is bound: it cannot be known. */
export const unknown = Symbol('unknown');

/** An attribute: its value, and where it is written. */
export interface Written {
  value: string | typeof unknown;
  /** From 0, in the text. */
  at: number;
}

/** What stands in the start tag of an element. */
export interface Gatherings {
  attributes: ReadonlyMap<string, Written>;
  /** Whether it may have any other attribute as well: something unknown is spread on it. */
  isOpen: boolean;
  /** Attributes that both a part of ours and the user give. */
  givenTwice: readonly string[];
}

/** What a parser says of one element. */
export interface ElementParts {
  tag: string;
  parent: Markup | undefined;
  gathered: Gatherings;
  /** Whether it may be left out, or be there more than once. */
  isOptional: boolean;
  /** Where its start tag begins, from 0. */
  start: number;
}

/** An element of a template. */
export class TemplateElement implements Markup {
  readonly tag: string;
  readonly parent: Markup | undefined;
  readonly isOptional: boolean;
  readonly start: number;
  readonly givenTwice: readonly string[];
  readonly children: (Markup | string)[] = [];
  number = -1;
  readonly #attributes: ReadonlyMap<string, Written>;
  readonly #isOpen: boolean;

  constructor({ tag, parent, gathered, isOptional, start }: ElementParts) {
    this.givenTwice = gathered.givenTwice;
    this.tag = tag;
    this.parent = parent;
    this.isOptional = isOptional || parent?.isOptional === true;
    this.start = start;
    this.#attributes = gathered.attributes;
    this.#isOpen = gathered.isOpen;
  }

  attribute(name: string): string | null {
    const written = this.#attributes.get(name);
    if (written ? written.value === unknown : this.#isOpen) raiseDoubt();
    return typeof written?.value === 'string' ? written.value : null;
  }

  names(): Iterable<string> {
    return this.#attributes.keys();
  }

  isBound(name: string): boolean {
    return this.#attributes.get(name)?.value === unknown;
  }

  /** Where an attribute is written; where it is not, as what a part gives, the element. */
  placeOf(attribute: string | undefined): number {
    return (attribute === undefined ? undefined : this.#attributes.get(attribute)?.at) ?? this.start;
  }
}

/** Something of which only its children are known, and where it stands; `children` is filled by whoever reads on. */
export interface Opening {
  markup: Markup;
  children: (Markup | string)[];
}

/** A component, or anything else around children that cannot be known. */
export function opaque(parent: Markup | undefined): Opening {
  const children: (Markup | string)[] = [];
  return { markup: unknownMarkup(parent, children), children };
}
