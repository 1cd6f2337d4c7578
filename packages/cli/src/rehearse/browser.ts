// Installed browsers: Chromium by playwright-core, which is an optional peer; Firefox and WebKit by
// WebDriver.
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Browser, BrowserContext, BrowserType, Page } from 'playwright-core';
import { openFirefox } from '../drive/firefox.js';
import { openWebKit } from '../drive/webkit.js';
import { Misuse } from '../misuse.js';
import type { Environment } from '../speech/desktop.js';
import { asPage, DrivenPage } from './driven.js';
import { within } from './limits.js';
import { watchRequests } from './ready.js';

/** The supported browsers. */
export const browserNames = ['chromium', 'firefox', 'webkit'] as const;

/** The name of a browser. */
export type BrowserName = (typeof browserNames)[number];

/** Where systems install the programs, by name. */
const places = {
  chromium: [
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
    '/usr/bin/google-chrome-stable',
    '/usr/bin/microsoft-edge',
    '/Applications/Google Chrome.app/Contents/MacOS/Google Chrome',
    '/Applications/Chromium.app/Contents/MacOS/Chromium',
    'C:\\Program Files\\Google\\Chrome\\Application\\chrome.exe',
    'C:\\Program Files (x86)\\Microsoft\\Edge\\Application\\msedge.exe',
  ],
  firefox: [
    '/usr/bin/firefox-esr',
    '/usr/bin/firefox',
    '/Applications/Firefox.app/Contents/MacOS/firefox',
    'C:\\Program Files\\Mozilla Firefox\\firefox.exe',
  ],
  webkit: [
    '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.1/MiniBrowser',
    '/usr/lib/aarch64-linux-gnu/webkit2gtk-4.1/MiniBrowser',
  ],
  webkitDriver: ['/usr/bin/WebKitWebDriver'],
  display: ['/usr/bin/Xvfb'],
} as const;

/** What to do if a browser is not found. */
const advice: Readonly<Record<BrowserName, string>> = {
  chromium: 'found no Chromium, Chrome or Edge. Install one, or name its program with --executable.',
  firefox: 'found no Firefox. Install it (Debian: firefox-esr), or name its program with --executable.',
  webkit:
    'found no WebKit with WebDriver. It runs on Linux: install webkit2gtk-driver and xvfb, or omit --browser.',
};

/** playwright-core from the project, or else next to this program. */
async function playwright(): Promise<Record<BrowserName, BrowserType>> {
  const names = ['playwright-core', 'playwright'];
  for (const name of names)
    for (const from of [pathToFileURL(join(process.cwd(), 'here.js')).href, import.meta.url])
      try {
        const path = createRequire(from).resolve(name);
        const module: { default: Record<BrowserName, BrowserType> } = await import(pathToFileURL(path).href);
        return module.default;
      } catch {
        // The next place.
      }
  throw new Misuse(
    'rehearse needs playwright-core to drive Chromium. Run: npm install --save-dev playwright-core',
  );
}

/**
 * Returns the program of a browser. `path` is the one that was named. Throws `Misuse` if it does not exist.
 */
function program(name: BrowserName, path: string | undefined, more: readonly string[] = []): string {
  const named = path ?? (name === 'chromium' ? process.env['ELASTIC_SHELL_BROWSER'] : undefined);
  if (named !== undefined) {
    if (!existsSync(named)) throw new Misuse(`${named}: no such program.`);
    return named;
  }
  const found = [...places[name], ...more].find((each) => existsSync(each));
  if (!found) throw new Misuse(advice[name]);
  return found;
}

/** The settings of pages. */
export interface Look {
  browser: BrowserName;
  executable?: string | undefined;
  /** The width in pixels. */
  width: number;
  isReduced: boolean;
  /** The environment of a desktop on which the browser shows a window. Default: it shows none. */
  desktop?: Environment | undefined;
}

/** A browser. */
export interface Opened {
  /** Opens another page, which shares nothing with the others. */
  newPage(): Promise<Page>;
  /** Closes the browser with all its pages. */
  close(): Promise<void>;
}

const height = 800;
/** How long a browser may take to close before it is abandoned, in milliseconds. */
const closing = 10_000;

/** Chromium by playwright-core. */
async function openChromium({ desktop, width, isReduced, executable }: Look): Promise<Opened> {
  const type = (await playwright()).chromium;
  const size = desktop ? ['--force-renderer-accessibility', `--window-size=${width},900`] : [];
  const browser: Browser = await type.launch({
    executablePath: program('chromium', executable, [type.executablePath()]),
    args: ['--no-sandbox', '--disable-gpu', ...size],
    ...(desktop && { headless: false, env: { ...process.env, ...desktop } }),
  });
  return {
    async newPage() {
      const context: BrowserContext = await browser.newContext({
        viewport: desktop ? null : { width, height },
        reducedMotion: isReduced ? 'reduce' : 'no-preference',
      });
      const page = await context.newPage();
      watchRequests(page);
      return page;
    },
    close: () => within(closing, 'the browser', browser.close()).catch(() => undefined),
  };
}

/** Firefox or WebKit by WebDriver: a browser for each page. */
function openDriven({ browser, width, isReduced, executable }: Look): Opened {
  const file = program(browser, executable);
  const [driver] = places.webkitDriver.filter((each) => existsSync(each));
  const [display] = places.display.filter((each) => existsSync(each));
  if (browser === 'webkit' && !(driver && display)) throw new Misuse(advice.webkit);
  const pages: DrivenPage[] = [];
  return {
    async newPage() {
      const wire =
        browser === 'firefox'
          ? await openFirefox(file)
          : await openWebKit({ driver: driver ?? '', display: display ?? '', browser: file });
      await wire.set({
        viewport: { width, height },
        reducedMotion: isReduced ? 'reduce' : 'no-preference',
      });
      const page = new DrivenPage(wire);
      pages.push(page);
      return asPage(page);
    },
    async close() {
      await Promise.all(
        pages.map((page) => within(closing, 'the browser', page.close()).catch(() => undefined)),
      );
    },
  };
}

/** Opens a browser. Throws `Misuse` if there is none. */
export async function openBrowser(look: Look): Promise<Opened> {
  try {
    return await (look.browser === 'chromium' ? openChromium(look) : openDriven(look));
  } catch (error) {
    if (error instanceof Misuse) throw error;
    throw new Misuse(
      `the browser doesn't start: ${error instanceof Error ? (error.message.split('\n')[0] ?? '') : String(error)}`,
    );
  }
}
