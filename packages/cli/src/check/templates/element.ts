// An element of a template as the rules see it, in one shape for the parsers of all frameworks.
import { type Markup, raiseDoubt, unknownMarkup } from 'elastic-shell/rules';

/** The value of a bound attribute, which is unknown. */
export const unknown = Symbol('unknown');

/** An attribute: its value and its position. */
export interface Written {
  value: string | typeof unknown;
  /** From 0, in the text. */
  at: number;
}

/** The content of an element's start tag. */
export interface Gatherings {
  attributes: ReadonlyMap<string, Written>;
  /** Whether it may have any other attribute as well, because something unknown is spread. */
  isOpen: boolean;
  /** Attributes that both a part of the library and the user set. */
  givenTwice: readonly string[];
}

/** The data of a parser about one element. */
export interface ElementParts {
  tag: string;
  parent: Markup | undefined;
  gathered: Gatherings;
  /** Whether it may be omitted or repeated. */
  isOptional: boolean;
  /** The offset of its start tag, from 0. */
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

  /** Returns the position of an attribute, or of the element if a part sets the attribute. */
  placeOf(attribute: string | undefined): number {
    return (attribute === undefined ? undefined : this.#attributes.get(attribute)?.at) ?? this.start;
  }
}

/** An unknown element with known children, and its position. The caller fills `children`. */
export interface Opening {
  markup: Markup;
  children: (Markup | string)[];
}

/** A component, or any other unknown element around children. */
export function opaque(parent: Markup | undefined): Opening {
  const children: (Markup | string)[] = [];
  return { markup: unknownMarkup(parent, children), children };
}
