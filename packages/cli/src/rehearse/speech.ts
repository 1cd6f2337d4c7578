// `rehearse --speech`: a screen reader on a desktop of its own, if one is installed.
import type { Page } from 'playwright-core';
import { Misuse } from '../misuse.js';
import { missingForSpeech } from '../speech/programs.js';
import { type ScreenReader, startScreenReader } from '../speech/screen-reader.js';
import type { BrowserName } from './browser.js';

/** Starts Orca. Throws `Misuse` if it cannot run here, or not with this browser. */
export async function readerFor(browser: BrowserName): Promise<ScreenReader> {
  if (browser !== 'chromium') throw new Misuse(`--speech needs Chromium: omit --browser ${browser}.`);
  if (process.platform !== 'linux')
    throw new Misuse('--speech runs the screen reader Orca, which needs Linux.');
  const missing = missingForSpeech();
  if (missing.length)
    throw new Misuse(
      `--speech runs the screen reader Orca. These programs are missing: ${missing.join(', ')}. On Debian, run: apt-get install ${missing.join(' ')}`,
    );
  return startScreenReader();
}

/**
 * In a window, Tab leads from the ends of a page into the browser's own toolbars. A link at either end keeps
 * it in the page.
 */
const edges = `for (const where of ['prepend', 'append']) {
  const link = Object.assign(document.createElement('a'), { href: '#', textContent: where === 'append' ? 'End' : 'Start' });
  link.style.cssText = 'position: absolute; opacity: 0; pointer-events: none';
  document.body[where](link);
}`;

/** Brings a page to its state, and waits until the screen reader has read it. */
export async function arriveHeard(
  reader: ScreenReader,
  page: Page,
  arrive: (page: Page) => Promise<void>,
): Promise<void> {
  // In a new window, focus is in the toolbars. The page contains nothing to click yet.
  if (page.url() === 'about:blank') await reader.after(() => reader.click(), { first: 300 });
  await reader.after(() => arrive(page), { first: 2000, quiet: 800 });
  await page.evaluate(edges);
}

/** Runs in the page: focuses the last tab stop before the marked element. */
export const focusBefore = `(() => {
  const target = document.querySelector('[data-rehearsed]');
  const stops = [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex]')];
  stops
    .filter((each) => each.tabIndex >= 0 && !each.disabled && each.checkVisibility({ visibilityProperty: true }) && !each.closest('[inert]'))
    .filter((each) => target && each.compareDocumentPosition(target) & Node.DOCUMENT_POSITION_FOLLOWING && !each.contains(target))
    .at(-1)
    ?.focus();
})()`;
