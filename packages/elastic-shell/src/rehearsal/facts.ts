// What the script in the page and the program outside it say to each other: plain data.

/** A widget that was found. */
export interface Found {
  /** For asking about it, until the page is loaded again. */
  id: number;
  /** The name of its pattern, or `select`. */
  pattern: string;
  name: string;
  /** The kind of element or role, in words: `alert dialog`, `details`. */
  kind: string;
  hasOpener: boolean;
  /** Where it is no markup that says what opens it: the place of the button that was found to do so. */
  button?: number;
}

/** One item of a list. */
export interface ItemFacts {
  label: string;
  isDisabled: boolean;
  isSelected: boolean;
  isChecked: boolean;
  expanded: boolean | null;
  /** Whether it opens something of its own. */
  opens: boolean;
}

/** How things stand with one widget. */
export interface Facts {
  /** Whether what opens is shown. */
  isOpen: boolean;
  isModal: boolean;
  /** Whether the platform keeps it above a page that is inert. */
  isTop: boolean;
  /** Whether it is an alert dialog, or says that it must be answered. */
  mustAnswer: boolean;
  /** Where focus is. */
  focus: 'opener' | 'inside' | 'page' | 'elsewhere';
  /** What the opener says of its state: aria-expanded. */
  expanded: 'true' | 'false' | 'mixed' | null;
  hasName: boolean;
  /** Those that can be gone to now, in order. */
  items: ItemFacts[];
  /** The place of the item that has focus, or that the field says is active; -1: none. */
  current: number;
  checked: string;
  /** The text of a field, or the value of a <select>. */
  value: string;
  isVertical: boolean;
  isRtl: boolean;
  /** Whether what shows holds something that Tab goes to. */
  holdsStops: boolean;
  isDisabled: boolean;
  /** Whether keys that move are its own: a text field; in a toolbar also a select, a slider or a number field that has focus. */
  isTextField: boolean;
  isMultiple: boolean;
  /** How much of what a disclosure, a tab or a carousel shows is shown, in words that tell one state from another. */
  shown: string;
}

/** By what a page shows that it is still being made. Two that are alike, one after the other, say that it is ready. */
export interface Evidence {
  /** When the document began, which tells it from the next one. */
  began: number;
  /** Whether the document and what it names have loaded. */
  isLoaded: boolean;
  /** How often the document has changed since it was first asked. */
  changes: number;
  /** How many files the page has asked for so far. */
  files: number;
  /** Its widgets, as a text that tells them from others. */
  widgets: string;
}

/** The script in the page. */
export interface Agent {
  /** By what the page shows whether it is ready. */
  evidence(): Evidence;
  /** Marks the control or the text that one would call by this name, like `mark`; false where nothing is called so. */
  markNamed(name: string): boolean;
  /** Marks the field with this name. */
  markField(name: string): boolean;
  /** What is heard of what has focus: what it stands in, where that is new, and itself. */
  focus(): string;
  /** Says that what focus stands in by now is not new any more; `isForgotten`: all of it is new again. */
  begin(isForgotten: boolean): void;
  /** Every widget on the page, in document order. */
  find(): Found[];
  facts(id: number): Facts | undefined;
  /** How many buttons there are of which no markup says what they do. */
  buttonCount(): number;
  /** Marks one of them; false where it does not show. */
  markButton(place: number): boolean;
  /** What such a button has opened: the pattern and kind of a layer that shows and has no opener; undefined where none does. */
  opened(): { pattern: string; kind: string } | undefined;
  /** Takes one of those buttons for the opener of what it opens; answers the widget's id. */
  adopt(place: number, pattern: string): number;
  /** Puts focus just before an element, so that Tab goes to it. Returns false if it can't, or the reason why the row may be left out. */
  aim(id: number, what: 'opener' | 'stop'): boolean | string;
  /** Marks an element by an attribute, so that the pointer can be led to it; it is taken away afterwards. */
  mark(id: number, what: 'opener' | 'item' | 'root', index?: number): boolean;
  unmark(): void;
  /** Waits until nothing moves: motion is over, and frames have shown it; `most`: milliseconds. */
  settle(most: number): Promise<void>;
  /** The live messages since it was last asked, in their order. */
  said(): string[];
  /** The place of what has focus among its like: `2 of 5`; '' where it has none. */
  position(): string;
  /** How many tab stops there are in a widget. */
  stopCount(id: number): number;
}
