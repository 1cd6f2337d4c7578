// A page as the rules see it: elements by id, ancestors, and descendants.
import type { Markup } from './markup.js';

/** A question about an element alone. */
export type Test = (element: Markup) => boolean;

/** A question about an element whose answer depends on its content. */
export type InnerTest = (element: Markup, page: Page) => boolean;

/** What is known about a page in addition to its markup. */
export interface PageKind {
  /**
   * Whether it is a part of a page, so that other parts may contain referenced elements.
   *
   * @defaultValue false
   */
  isPart?: boolean;
  /**
   * Whether scripts may change it before users see it.
   *
   * @defaultValue false
   */
  isScripted?: boolean;
}

/** A page. */
export interface Page extends Required<PageKind> {
  /** All elements, in document order. */
  readonly elements: readonly Markup[];
  /**
   * Returns the element that an id references: in the same tree and, for templates, also around it.
   *
   * @param id - The id.
   * @param from - The referencing element.
   * @returns The element, or undefined.
   */
  named(id: string, from: Markup): Markup | undefined;
  /**
   * Returns the first element with the same id, if this element is the second in its tree.
   *
   * @param element - The element.
   * @returns The first element, or undefined.
   */
  doubled(element: Markup): Markup | undefined;
  /**
   * Returns every id of the page, for suggestions.
   *
   * @returns The ids.
   */
  ids(): readonly string[];
  /**
   * Returns the nearest ancestor that passes a test.
   *
   * @param element - The element.
   * @param test - The test.
   * @returns The ancestor, or undefined.
   */
  around(element: Markup, test: Test): Markup | undefined;
  /**
   * Returns the first descendant that passes a test.
   *
   * @param element - The element.
   * @param test - The test.
   * @returns The descendant, or undefined.
   */
  within(element: Markup, test: Test): Markup | undefined;
  /**
   * Counts the descendants that pass a test.
   *
   * @param element - The element.
   * @param test - The test.
   * @param until - Counts only those before this element.
   * @returns The number.
   */
  count(element: Markup, test: Test, until?: Markup): number;
  /**
   * Returns all descendants that pass a test.
   *
   * @param element - The element.
   * @param test - The test.
   * @returns The descendants.
   */
  inside(element: Markup, test: Test): readonly Markup[];
  /**
   * Returns all descendants that pass a test and whose nearest ancestor that passes `owner` is this element.
   *
   * @param element - The element.
   * @param test - The test.
   * @param owner - The test for ancestors.
   * @returns The descendants.
   */
  owned(element: Markup, test: Test, owner: Test): readonly Markup[];
  /**
   * Returns all elements of the page that pass a test.
   *
   * @param test - The test.
   * @returns The elements.
   */
  all(test: Test): readonly Markup[];
  /**
   * Returns the first element of the page that passes a test, as far as it is known.
   *
   * @param test - The test.
   * @returns The element, or undefined.
   */
  first(test: Test): Markup | undefined;
  /**
   * Returns whether one element contains the other, or is it.
   *
   * @param outer - The outer element.
   * @param inner - The inner element.
   * @returns True if it does.
   */
  holds(outer: Markup, inner: Markup): boolean;
  /**
   * Returns the result of a test that depends on the content. It is computed from the last element to the
   * first, because markup may be nested deeper than a call stack.
   *
   * @param element - The element.
   * @param test - The test.
   * @returns The result.
   */
  fromInside(element: Markup, test: InnerTest): boolean;
}
