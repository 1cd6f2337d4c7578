// A page that a screen reader reads: a browser with a window on the reader's desktop, and real keys that pass through the reader.
import { chromium, type Page } from 'playwright-core';
import { flags } from '../../../../../scripts/chromium-flags.js';
import {
  type Heard,
  type Listening,
  type ScreenReader,
  startScreenReader,
} from '../../../../cli/src/speech/screen-reader';
import { firefox, webkit } from '../../drive/index';
import { pageOf } from '../../drive/page';

/** A browser that is read aloud. */
export type Browser = 'chromium' | 'firefox' | 'webkit';

/** How each browser's window is called, and how it is started. */
const browsers = {
  async chromium(environment: Record<string, string>) {
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      headless: false,
      env: { ...process.env, ...environment },
      args: [...flags.filter((flag) => flag !== '--headless'), '--force-renderer-accessibility'],
    });
    const context = await browser.newContext({ viewport: null, reducedMotion: 'reduce' });
    const page = await context.newPage();
    return { page, version: `Chromium ${browser.version()}`, close: () => browser.close() };
  },
  async firefox(environment: Record<string, string>) {
    const wire = await firefox(environment);
    await wire.set({ reducedMotion: 'reduce' });
    return { page: pageOf(wire), version: wire.version, close: () => wire.close() };
  },
  async webkit(environment: Record<string, string>) {
    const wire = await webkit(environment);
    return { page: pageOf(wire), version: wire.version, close: () => wire.close() };
  },
};
const windows = { chromium: 'chromium', firefox: 'firefox', webkit: 'MiniBrowser' };

/** A page, and what is heard of it. */
export interface Listener {
  page: Page;
  /** The versions of the reader and of the browser. */
  versions: string;
  /** Loads a page, and returns what was said then. */
  open(url: string): Promise<Heard>;
  /** Focuses the tab stop before an element, so that Tab leads to it. */
  goBefore(selector: string): Promise<Heard>;
  press: ScreenReader['press'];
  after: ScreenReader['after'];
  close(): Promise<void>;
}

/** In the page: focuses the last tab stop before the element, or the page itself. */
const focusBefore = (selector: string): void => {
  const target = document.querySelector(selector);
  if (!target) throw new Error(`${selector}: nothing matches it.`);
  const stops = [
    ...document.querySelectorAll<HTMLElement>(
      'a[href], button, input, select, textarea, summary, [tabindex]',
    ),
  ].filter(
    (each) =>
      each.tabIndex >= 0 &&
      !each.matches(':disabled') &&
      each.checkVisibility({ visibilityProperty: true }) &&
      !each.closest('[inert]'),
  );
  const before = stops.filter(
    (each) =>
      each.compareDocumentPosition(target) & Node.DOCUMENT_POSITION_FOLLOWING && !each.contains(target),
  );
  // A page that begins with the element gets a stop before it.
  const start = document.createElement('button');
  start.textContent = 'Start';
  if (!before.length) document.body.prepend(start);
  (before.at(-1) ?? start).focus();
};

/** Starts a screen reader and a browser. */
export async function listenTo(name: Browser): Promise<Listener> {
  const reader = await startScreenReader();
  try {
    const { page, version, close } = await browsers[name]({ ...reader.environment });
    await reader.bringToFront(windows[name]);
    return {
      page,
      versions: `${reader.version}, ${version}`,
      after: reader.after,
      press: (key, listening?: Listening) =>
        reader.press(key, listening).then(async (heard) => {
          await page
            .evaluate(() => new Promise((done) => requestAnimationFrame(done)))
            .catch(() => undefined);
          return heard;
        }),
      async open(url) {
        await page.goto('about:blank');
        // Keys go to the page, not to the browser's own bars.
        await reader.after(() => reader.click(), { first: 300 });
        const heard = await reader.after(() => page.goto(url), { first: 3000, quiet: 1200 });
        return heard;
      },
      goBefore: (selector) =>
        reader.after(() => page.evaluate(focusBefore, selector), { first: 800, quiet: 600 }),
      async close() {
        await close();
        await reader.close();
      },
    };
  } catch (error) {
    await reader.close();
    throw error;
  }
}
