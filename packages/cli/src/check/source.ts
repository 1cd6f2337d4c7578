// The result of every reader: markup for the rules, and its positions in the text.
import type { Markup, PageKind } from 'elastic-shell/rules';

/** Positions of markup in a text, as offsets from 0. */
export interface Places {
  of(element: Markup, attribute?: string): number;
  /** Returns the end of the tag's name, where an attribute can be added. Undefined if it is unknown. */
  nameEnd(element: Markup): number | undefined;
}

/** A page, or a fragment of one, that was read from a text. */
export interface ReadPage {
  roots: readonly Markup[];
  kind: PageKind;
  places: Places;
}
