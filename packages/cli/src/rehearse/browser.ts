// A browser that is installed, driven by playwright-core, which is an optional peer: whoever rehearses installs it.
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Browser, BrowserContext, BrowserType, Page } from 'playwright-core';
import { Misuse } from '../misuse.js';
import type { Environment } from '../speech/desktop.js';

/** The browsers that can be named. */
export const browserNames = ['chromium', 'firefox', 'webkit'] as const;

/** One of them. */
export type BrowserName = (typeof browserNames)[number];

/** Where systems keep browsers of the Chromium family. */
const places = [
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
  '/usr/bin/google-chrome-stable',
  '/usr/bin/microsoft-edge',
  '/Applications/Google Chrome.app/Contents/MacOS/Google Chrome',
  '/Applications/Chromium.app/Contents/MacOS/Chromium',
  'C:\\Program Files\\Google\\Chrome\\Application\\chrome.exe',
  'C:\\Program Files (x86)\\Microsoft\\Edge\\Application\\msedge.exe',
];

/** playwright-core as the project here has it, else as it stands beside this program. */
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
    'rehearse drives a browser by playwright-core, which is not installed here. Run: npm install --save-dev playwright-core',
  );
}

/** Where the executable of a browser is; `path`: the one that was named. */
function executable(name: BrowserName, type: BrowserType, path: string | undefined): string {
  const named = path ?? process.env['ELASTIC_SHELL_BROWSER'];
  if (named !== undefined) {
    if (!existsSync(named)) throw new Misuse(`${named}: there is no such program.`);
    return named;
  }
  const found = [...(name === 'chromium' ? places : []), type.executablePath()].find((each) =>
    existsSync(each),
  );
  if (found) return found;
  throw new Misuse(
    name === 'chromium'
      ? 'no Chromium, Chrome or Edge was found. Install one, or name it by --executable.'
      : `no ${name} that playwright can drive was found. Install it by "npx playwright-core install ${name}", or leave --browser out.`,
  );
}

/** How pages look in it. */
export interface Look {
  browser: BrowserName;
  executable?: string | undefined;
  /** The width in pixels. */
  width: number;
  isReduced: boolean;
  /** The environment of a desktop on which it shows a window. Default: it shows none. */
  desktop?: Environment | undefined;
}

/** A page of a browser of its own; `close` ends both. */
export interface Opened {
  page: Page;
  close(): Promise<void>;
}

/** Opens a browser. Throws `Misuse` where there is none. */
export async function openBrowser(look: Look): Promise<Opened> {
  const type = (await playwright())[look.browser];
  const isChromium = look.browser === 'chromium';
  let browser: Browser;
  let context: BrowserContext;
  try {
    const { desktop } = look;
    const size = desktop ? ['--force-renderer-accessibility', `--window-size=${look.width},900`] : [];
    browser = await type.launch({
      executablePath: executable(look.browser, type, look.executable),
      args: isChromium ? ['--no-sandbox', '--disable-gpu', ...size] : [],
      ...(desktop && { headless: false, env: { ...process.env, ...desktop } }),
    });
    context = await browser.newContext({
      viewport: desktop ? null : { width: look.width, height: 800 },
      reducedMotion: look.isReduced ? 'reduce' : 'no-preference',
    });
  } catch (error) {
    if (error instanceof Misuse) throw error;
    throw new Misuse(
      `the browser does not start: ${error instanceof Error ? (error.message.split('\n')[0] ?? '') : String(error)}`,
    );
  }
  return { page: await context.newPage(), close: () => browser.close() };
}
