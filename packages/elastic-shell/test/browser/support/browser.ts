// One Chromium a test file, and pages that fail the test when anything is written to the console as an error.
import { type Browser, type BrowserContextOptions, chromium, type Page } from 'playwright-core';
import { flags } from '../../../../../scripts/chromium-flags.js';
import type { Shell } from '../../pages/src/bare';

declare global {
  var shell: Shell;
}

export const desk = (path = ''): string => `${process.env['DESK_URL']}${path}`;
export const bare = (): string => `${process.env['PAGES_URL']}bare.html`;

/** Slow machines are busy machines: a condition may take this long, in milliseconds. */
const patience = 20_000;

export interface Opened {
  page: Page;
  /** What went wrong in the page so far. */
  errors: string[];
}

type Open = (url: string, options?: BrowserContextOptions) => Promise<Opened>;

/** Call once in a file: gives `open`, which loads a page afresh. Pages of the same options are used again. */
export function useBrowser(): { open: Open } {
  let browser: Browser;
  const pages = new Map<string, Opened>();
  jest.setTimeout(180_000);

  beforeAll(async () => {
    browser = await chromium.launch({
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: flags,
      // Scrollbars that take room, as on a desk.
      ignoreDefaultArgs: ['--hide-scrollbars'],
    });
  });
  afterAll(() => browser?.close());
  afterEach(() => {
    expect([...pages.values()].flatMap(({ errors }) => errors.splice(0))).toEqual([]);
  });

  const make = async (options: BrowserContextOptions): Promise<Opened> => {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
      ...options,
    });
    context.setDefaultTimeout(patience);
    // What one test did to the yard's orders is not the next one's business.
    await context.addInitScript(() => {
      if (location.protocol !== 'about:' && !sessionStorage.getItem('kept')) sessionStorage.clear();
    });
    const page = await context.newPage();
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => {
      if (message.type() === 'error') errors.push(message.text());
    });
    return { page, errors };
  };

  return {
    async open(url, options = {}) {
      const key = JSON.stringify(options);
      const opened = pages.get(key) ?? (await make(options));
      pages.set(key, opened);
      await opened.page.goto('about:blank');
      await opened.page.goto(url);
      return opened;
    },
  };
}

/** Opens the bare page with `markup` in its body. */
export async function openBare(open: Open, markup: string, options?: BrowserContextOptions): Promise<Opened> {
  const opened = await open(bare(), options);
  await opened.page.waitForFunction(() => 'shell' in globalThis);
  await opened.page.evaluate((html) => {
    document.body.innerHTML = html;
  }, markup);
  return opened;
}

/** A short name for what has focus: the author's id, else its text, else its tag. */
export const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const active = document.activeElement!;
    const id = /^shell-\d+$/.test(active.id) ? '' : active.id;
    return id || active.textContent?.trim() || active.localName;
  });

/** Presses keys one after the other; answers what had focus after each. */
export const press = async (page: Page, ...keys: string[]): Promise<string[]> => {
  const seen: string[] = [];
  for (const key of keys) {
    await page.keyboard.press(key);
    seen.push(await focused(page));
  }
  return seen;
};

export const changes = (page: Page): Promise<string[]> => page.evaluate(() => [...shell.log]);

/** A finger that goes from one point to another in steps. */
export const swipe = async (page: Page, from: [number, number], to: [number, number]): Promise<void> => {
  const session = await page.context().newCDPSession(page);
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: [number, number]) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ x: at[0], y: at[1] }] : [] });
  await send('touchStart', from);
  for (let step = 1; step <= 6; step++)
    await send('touchMove', [
      from[0] + ((to[0] - from[0]) * step) / 6,
      from[1] + ((to[1] - from[1]) * step) / 6,
    ]);
  await send('touchEnd');
  await session.detach();
};
