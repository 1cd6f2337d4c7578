// What a browser must be able to do to be driven: one small set of commands over WebDriver BiDi (Firefox) and W3C WebDriver
// (WebKit). Both take actions in one form (https://www.w3.org/TR/webdriver2/#actions), so that keys, pointer and wheel are
// written once, in actions.ts.
import type { BrowserContextOptions } from 'playwright-core';
import type { ActionSource } from './actions.js';

/** The settings of a page that can be driven everywhere. */
export type Settings = Pick<
  BrowserContextOptions,
  'viewport' | 'reducedMotion' | 'forcedColors' | 'colorScheme' | 'javaScriptEnabled'
>;

/** What a browser is started with beside the environment of this process. */
export type Environment = Readonly<Record<string, string>>;

/** A browser that is driven, with one page. */
export interface Wire {
  /** The browser's name and version, as it says them. */
  version: string;
  /** Errors that the page wrote to the console or threw, so far. */
  errors(): string[];
  /**
   * Runs a function in the page, given as source: it takes a text of JSON and answers one, or a promise of one.
   *
   * @throws With the message of what was thrown there.
   */
  call(source: string, json: string): Promise<string>;
  act(sources: ActionSource[]): Promise<void>;
  /** Goes to an address and waits until it has loaded. */
  go(url: string): Promise<void>;
  reload(): Promise<void>;
  /** Brings keys back to the page, where they go to the browser's own bars. */
  activate(): Promise<void>;
  /** Goes through the history by so many steps. */
  travel(by: number): Promise<void>;
  /** Sets the page up: how large it is, and what its user prefers. */
  set(settings: Settings): Promise<void>;
  /** A picture of the page as a PNG. */
  picture(): Promise<Buffer>;
  close(): Promise<void>;
}

/** How long a condition may take, in milliseconds: machines that run tests are busy machines. */
export const patience = 60_000;

/** Waits so many milliseconds between two looks at something that is not ours to be told of. */
export const pause = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds));
