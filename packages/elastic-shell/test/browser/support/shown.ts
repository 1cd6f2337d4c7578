// A dialog and a popover, and whether the top layer shows them.
import type { Page } from 'playwright-core';

/** Returns whether the top layer shows `#id`. */
export const isOpen = (page: Page, id: string): Promise<boolean> =>
  page.evaluate((name) => document.getElementById(name)!.matches(':modal,:popover-open'), id);

/** Waits until the top layer doesn't show `#id`. */
export const closed = (page: Page, id: string): Promise<unknown> =>
  page.waitForFunction((name) => !document.getElementById(name)!.matches(':modal,:popover-open'), id);

/** A dialog `#d` with its opener `#o` and a button `#in`. */
export const dialog =
  '<button id="o" commandfor="d" command="--open">Open</button><dialog id="d" style="inline-size: 18rem"><h2>Berths</h2><button id="in">In</button></dialog>';

/** The same as a popover. */
export const popover =
  '<button id="o" commandfor="d" command="--toggle">Open</button><div id="d" popover style="inline-size: 10rem"><button id="in">In</button></div>';
