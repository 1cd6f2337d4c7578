// The commands that a browser must support to be driven, over WebDriver BiDi (Firefox) and W3C WebDriver
// (WebKit). Both accept actions in the same form (https://www.w3.org/TR/webdriver2/#actions), so keys,
// pointer and wheel are written once, in actions.ts.
import type { BrowserContextOptions } from 'playwright-core';
import type { ActionSource } from './actions.js';

/** The settings of a page that every browser supports. */
export type Settings = Pick<
  BrowserContextOptions,
  'viewport' | 'reducedMotion' | 'forcedColors' | 'colorScheme' | 'javaScriptEnabled'
>;

/** Environment variables for the browser, in addition to those of this process. */
export type Environment = Readonly<Record<string, string>>;

/** A driven browser with one page. */
export interface Wire {
  /** The browser's name and version. */
  version: string;
  /** Returns the errors that the page has thrown or written to the console. */
  errors(): string[];
  /**
   * Runs a function in the page, given as source text. It gets a JSON text and returns one, or a promise of
   * one.
   *
   * @throws Error with the message of what was thrown there.
   */
  call(source: string, json: string): Promise<string>;
  act(sources: ActionSource[]): Promise<void>;
  /** Opens an address and waits until it has loaded. */
  go(url: string): Promise<void>;
  reload(): Promise<void>;
  /** Moves focus from the browser's toolbars back to the page. */
  activate(): Promise<void>;
  /** Moves through the history by a number of steps. */
  travel(by: number): Promise<void>;
  /** Sets the size of the page and the preferences of its user. */
  set(settings: Settings): Promise<void>;
  /** Returns a screenshot of the page as PNG. */
  picture(): Promise<Buffer>;
  close(): Promise<void>;
}

/** The time for a condition, in milliseconds, because machines that run tests are busy. */
export const patience = 60_000;

/** The time between two checks of something that sends no event, in milliseconds. */
export const pause = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds));
