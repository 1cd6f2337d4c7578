// What a check runs on: one widget of a page, with methods that press keys and read the result.
import type { Facts } from './facts.js';

/**
 * A widget on a page. The command line operates it with a browser's own keys and pointer, and tests in the
 * page with events.
 */
export interface Stage {
  /** The announcement after the last action. */
  heard: string;
  /**
   * Reads the facts about the widget.
   *
   * @returns The facts.
   */
  facts(): Promise<Facts>;
  /**
   * Records the current announcement.
   *
   * @returns The announcement.
   */
  listen(): Promise<string>;
  /**
   * Presses a key, and waits until it is complete.
   *
   * @param key - The key, such as `ArrowDown` or `Shift+Tab`.
   * @returns The facts.
   */
  press(key: string): Promise<Facts>;
  /**
   * Types letters, and waits.
   *
   * @param text - The letters.
   * @returns The facts.
   */
  type(text: string): Promise<Facts>;
  /**
   * Moves focus to the opener, or to the tab stop, with Tab.
   *
   * @param what - The part of the widget.
   * @returns The facts.
   */
  tabTo(what: 'opener' | 'stop'): Promise<Facts>;
  /**
   * Clicks a part with the pointer.
   *
   * @param what - The part of the widget.
   * @param index - The position of an item.
   * @returns The facts.
   */
  click(what: 'opener' | 'item' | 'root', index?: number): Promise<Facts>;
  /**
   * Moves the pointer onto the opener.
   *
   * @returns The facts.
   */
  hover(): Promise<void>;
  /**
   * Clicks an empty place of the page.
   *
   * @returns The facts.
   */
  pressOutside(): Promise<Facts>;
  /**
   * Waits for a condition.
   *
   * @param test - Returns whether it is true.
   * @returns The facts when it is true, or when the page has had enough time.
   */
  until(test: (facts: Facts) => boolean): Promise<Facts>;
  /**
   * Counts the tab stops of the widget.
   *
   * @returns The number of tab stops.
   */
  stopCount(): Promise<number>;
}
