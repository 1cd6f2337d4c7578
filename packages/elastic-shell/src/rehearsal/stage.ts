// What a row is played on: one widget of a page, with somebody who presses keys and reads what came of it.
import type { Facts } from './facts.js';

/** One widget on a page. The command line plays it by a browser's own keys and pointer, tests in the page by events. */
export interface Stage {
  /** What was heard of the last thing that was done. */
  heard: string;
  /** How things stand with the widget. */
  facts(): Promise<Facts>;
  /** Notes what is heard now. */
  listen(): Promise<string>;
  /** Presses a key, waits until nothing moves, and reads how things stand. */
  press(key: string): Promise<Facts>;
  /** Types letters, waits, and reads how things stand. */
  type(text: string): Promise<Facts>;
  /** Goes to the opener, or to the tab stop, by Tab. */
  tabTo(what: 'opener' | 'stop'): Promise<Facts>;
  /** Presses a part by the pointer. */
  click(what: 'opener' | 'item' | 'root', index?: number): Promise<Facts>;
  /** Leads the pointer onto the opener. */
  hover(): Promise<void>;
  /** Presses an empty place of the page. */
  pressOutside(): Promise<Facts>;
  /** Waits until it is so, or is not in the time that a page may take. */
  until(test: (facts: Facts) => boolean): Promise<Facts>;
  /** How many tab stops the widget has. */
  stopCount(): Promise<number>;
}
