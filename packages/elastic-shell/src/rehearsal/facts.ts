// The data that the script in the page and the program outside exchange.

/** A widget that was found. */
export interface Found {
  /** Its id, valid until the page loads again. */
  id: number;
  /** The name of its pattern, or `select`. */
  pattern: string;
  /** Its accessible name. */
  name: string;
  /** The kind of element or role, in words: `alert dialog`, `details`. */
  kind: string;
  /** Whether a control opens it. */
  hasOpener: boolean;
  /** The position of the button that was found to open it, if the markup doesn't show its opener. */
  button?: number;
}

/** An item of a list. */
export interface ItemFacts {
  /** Its label. */
  label: string;
  /** Whether it is disabled. */
  isDisabled: boolean;
  /** Whether it is selected. */
  isSelected: boolean;
  /** Whether it is checked. */
  isChecked: boolean;
  /** Whether it is expanded. Undefined if it can't be. */
  expanded: boolean | null;
  /** Whether it opens something itself. */
  opens: boolean;
}

/** The facts about one widget. */
export interface Facts {
  /** Whether its layer or panel is shown. */
  isOpen: boolean;
  /** Whether it makes the rest of the page inert. */
  isModal: boolean;
  /** Whether the platform shows it above an inert page. */
  isTop: boolean;
  /** Whether it is an alert dialog, or states that it must be answered. */
  mustAnswer: boolean;
  /** Where focus is. */
  focus: 'opener' | 'inside' | 'page' | 'elsewhere';
  /** The state of the opener: aria-expanded. */
  expanded: 'true' | 'false' | 'mixed' | null;
  /** Whether it has an accessible name. */
  hasName: boolean;
  /** The items that can be reached now, in order. */
  items: ItemFacts[];
  /** The position of the item that has focus, or that the field refers to as active. -1: none. */
  current: number;
  /** The state of a switch: aria-checked. */
  checked: string;
  /** The text of a field, or the value of a <select>. */
  value: string;
  /** Whether its items are one below the other. */
  isVertical: boolean;
  /** Whether its text runs from right to left. */
  isRtl: boolean;
  /** Whether the visible layer or panel contains a tab stop. */
  holdsStops: boolean;
  /** Whether it is disabled. */
  isDisabled: boolean;
  /**
   * Whether it uses arrow keys itself: a text field, and in a toolbar also a focused select, slider or number
   * field.
   */
  isTextField: boolean;
  /** Whether several items can be selected. */
  isMultiple: boolean;
  /** How much of a disclosure, tab or carousel is shown, in words that differ between states. */
  shown: string;
}

/** Signs that a page is still loading. It is ready when two in a row are equal. */
export interface Evidence {
  /** When the document began, to tell it from the next one. */
  began: number;
  /** Whether the document and its resources have loaded. */
  isLoaded: boolean;
  /** How often the document has changed since the first call. */
  changes: number;
  /** How many files the page has requested so far. */
  files: number;
  /** Its widgets, as a text to compare. */
  widgets: string;
}

/** The script in the page. */
export interface Agent {
  /**
   * Returns the signs that the page is ready.
   *
   * @returns The signs.
   */
  evidence(): Evidence;
  /**
   * Marks the control or text with this name, like `mark`.
   *
   * @param name - The name.
   * @returns False if nothing has this name.
   */
  markNamed(name: string): boolean;
  /**
   * Marks the field with this name.
   *
   * @param name - The name.
   * @returns False if no field has this name.
   */
  markField(name: string): boolean;
  /**
   * Returns the announcement of the focused element, with containers that are new.
   *
   * @returns The announcement.
   */
  focus(): string;
  /**
   * Records where focus is now, so that its containers are no longer new.
   *
   * @param isForgotten - Makes all of them new again.
   */
  begin(isForgotten: boolean): void;
  /**
   * Finds every widget on the page.
   *
   * @returns The widgets in document order.
   */
  find(): Found[];
  /**
   * Returns the facts about a widget.
   *
   * @param id - The id of the widget.
   * @returns The facts, or undefined if the widget is gone.
   */
  facts(id: number): Facts | undefined;
  /**
   * Counts the buttons whose markup doesn't show what they do.
   *
   * @returns The number of buttons.
   */
  buttonCount(): number;
  /**
   * Marks one of these buttons.
   *
   * @param place - Its position.
   * @returns False if it is not visible.
   */
  markButton(place: number): boolean;
  /**
   * Finds what such a button has opened.
   *
   * @returns The pattern and kind of a visible layer without an opener, or undefined.
   */
  opened(): { pattern: string; kind: string } | undefined;
  /**
   * Treats one of these buttons as the opener of what it opens.
   *
   * @param place - Its position.
   * @param pattern - The pattern of the layer.
   * @returns The id of the widget.
   */
  adopt(place: number, pattern: string): number;
  /**
   * Focuses just before an element, so that Tab moves to it.
   *
   * @param id - The id of the widget.
   * @param what - The part of the widget.
   * @returns False if that is impossible, or the reason why the check may be skipped.
   */
  aim(id: number, what: 'opener' | 'stop'): boolean | string;
  /**
   * Marks an element with an attribute, so that the pointer can be moved to it. The attribute is removed
   * afterwards.
   *
   * @param id - The id of the widget.
   * @param what - The part of the widget.
   * @param index - The position of an item.
   * @returns False if there is no such element.
   */
  mark(id: number, what: 'opener' | 'item' | 'root', index?: number): boolean;
  /** Removes the mark. */
  unmark(): void;
  /**
   * Waits until all animations have ended and frames have shown the result.
   *
   * @param most - The longest time to wait, in milliseconds.
   */
  settle(most: number): Promise<void>;
  /**
   * Returns the live messages since the last call.
   *
   * @returns The messages in order.
   */
  said(): string[];
  /**
   * Returns the position of the focused element in its group.
   *
   * @returns A text such as `2 of 5`, or an empty one.
   */
  position(): string;
  /**
   * Counts the tab stops in a widget.
   *
   * @param id - The id of the widget.
   * @returns The number of tab stops.
   */
  stopCount(id: number): number;
}
