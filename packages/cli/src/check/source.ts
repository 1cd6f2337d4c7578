// What every reader of a kind of file answers with: markup for the rules, and where it stands in the text.
import type { Markup, PageKind } from 'elastic-shell/rules';

/** Where markup stands in a text: as a place from 0. */
export interface Places {
  of(element: Markup, attribute?: string): number;
  /** Where the name of its tag ends: there an attribute can be put in. Undefined where that is not known. */
  nameEnd(element: Markup): number | undefined;
}

/** A page, or a piece of one, that was read from a text. */
export interface ReadPage {
  roots: readonly Markup[];
  kind: PageKind;
  places: Places;
}
