// A page as the rules see it: what has this id, what stands around this, what is inside it.
import type { Markup } from './markup.js';

/** A question that an element answers by itself. */
export type Test = (element: Markup) => boolean;

/** A question to an element whose answer rests on what is inside it. */
export type InnerTest = (element: Markup, page: Page) => boolean;

/** What is known about a page beside its markup. */
export interface PageKind {
  /** Whether it is a piece of a page: other pieces may hold what it names. Default: it is whole. */
  isPart?: boolean;
  /** Whether script may still change it before anybody sees it. Default: it may not. */
  isScripted?: boolean;
}

/** A page. */
export interface Page extends Required<PageKind> {
  /** In document order. */
  readonly elements: readonly Markup[];
  /** The element that an id names for `from`: in its own tree, and for what is in a template also around that. */
  named(id: string, from: Markup): Markup | undefined;
  /** Where this element is the second in its tree with its id: the first. Of more than two, each later one says nothing new. */
  doubled(element: Markup): Markup | undefined;
  /** Every id of the page, for suggestions. */
  ids(): readonly string[];
  /** The nearest element around this one that passes. */
  around(element: Markup, test: Test): Markup | undefined;
  /** The first element inside this one that passes. */
  within(element: Markup, test: Test): Markup | undefined;
  /** How many inside this one pass; of those before `until`, where that is given. */
  count(element: Markup, test: Test, until?: Markup): number;
  /** All of those. */
  inside(element: Markup, test: Test): readonly Markup[];
  /** All that pass for which this is the nearest element around that passes `owner`. */
  owned(element: Markup, test: Test, owner: Test): readonly Markup[];
  /** All that pass on the page. */
  all(test: Test): readonly Markup[];
  /** The first that passes on the page, as far as that is known. */
  first(test: Test): Markup | undefined;
  /** Whether one stands in the other, or is it. */
  holds(outer: Markup, inner: Markup): boolean;
  /**
   * Whether an element passes a test that asks the same of what is inside it. It is worked out from the last element to the first,
   * each before what is around it: markup may be deeper than a call stack.
   */
  fromInside(element: Markup, test: InnerTest): boolean;
}
