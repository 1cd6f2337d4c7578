// One browser a worker (environment.js), and pages that fail the test when anything is written to the console as an error. Which browser
// it is, Jest's project says (jest.config.js): Chromium by playwright-core, Firefox and WebKit by test/drive.
import type { Browser, BrowserContext, BrowserContextOptions, Page } from 'playwright-core';
import { path } from '../../../../cli/src/drive/actions';
import { handOf, pageOf } from '../../drive/page';
import { patience, type Wire } from '../../../../cli/src/drive/wire';
import type { Shell } from '../../pages/src/bare';

declare global {
  var shell: Shell;
  /** The browser that this project drives, where it is not Chromium. */
  var BROWSER: 'firefox' | 'webkit' | undefined;
  /** The browser of this worker, started when it is first asked for (environment.js). */
  function browserNamed(name: 'chromium'): Promise<Browser>;
  function browserNamed(name: 'firefox' | 'webkit'): Promise<Wire>;
}

/** The browser of this run. */
export const browserName: 'chromium' | 'firefox' | 'webkit' = globalThis.BROWSER ?? 'chromium';
/** `it` in the browsers that are named, left out in others. Say why beside it. */
export const itIn = (...names: (typeof browserName)[]): jest.It =>
  names.includes(browserName) ? it : it.skip;

export const desk = (path = 'desk.html'): string => `${process.env['DESK_URL']}${path}`;
export const bare = (): string => `${process.env['PAGES_URL']}bare.html`;

export interface Opened {
  page: Page;
  /** What went wrong in the page so far. */
  errors: string[];
}

/** Opens a page afresh. */
export type Open = (url: string, options?: BrowserContextOptions) => Promise<Opened>;

/** What opens pages in one kind of browser. */
interface Opener {
  start(): Promise<void>;
  /** A page with these options. */
  make(options: BrowserContextOptions): Promise<Opened>;
  /** The browser's name and version. */
  version(): string;
  /** Waits for what the browser has still to tell of. */
  settle?(): Promise<unknown>;
  stop(): Promise<void>;
}

/** Chromium: a context for each set of options, used again. */
function inChromium(): Opener {
  let browser: Browser;
  const contexts: BrowserContext[] = [];
  const pages = new Map<string, Opened>();
  const make = async (options: BrowserContextOptions): Promise<Opened> => {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
      ...options,
    });
    contexts.push(context);
    context.setDefaultTimeout(patience);
    // What one test did to the yard's orders is not the next one's business.
    await context.addInitScript(() => {
      if (location.protocol !== 'about:' && origin !== 'null' && !sessionStorage.getItem('kept'))
        sessionStorage.clear();
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
    async start() {
      browser = await browserNamed('chromium');
    },
    async make(options) {
      const key = JSON.stringify(options);
      const opened = pages.get(key) ?? (await make(options));
      pages.set(key, opened);
      return opened;
    },
    version: () => `Chromium ${browser.version()}`,
    async stop() {
      await Promise.all(contexts.map((context) => context.close()));
    },
  };
}

/** Firefox or WebKit: one page, set up anew for each set of options. */
function overWire(name: 'firefox' | 'webkit'): Opener {
  let wire: Wire;
  let opened: Opened;
  return {
    async start() {
      wire = await browserNamed(name);
      opened = {
        page: pageOf(wire),
        get errors() {
          return wire.errors();
        },
      };
    },
    async make(options) {
      await wire.set({ reducedMotion: 'reduce', ...options });
      // What one test did to the yard's orders is not the next one's business.
      await opened.page.evaluate(() => location.protocol !== 'about:' && sessionStorage.clear());
      return opened;
    },
    version: () => wire.version,
    settle: () => opened.page.evaluate(() => new Promise(requestAnimationFrame)),
    stop: () => Promise.resolve(),
  };
}

/** Call once in a file: gives `open`, which loads a page afresh. */
export function useBrowser(): { open: Open; version(): string } {
  const opener = browserName === 'chromium' ? inChromium() : overWire(browserName);
  const used = new Set<Opened>();
  beforeAll(() => opener.start());
  afterAll(() => opener.stop());
  afterEach(async () => {
    await opener.settle?.();
    expect([...used].flatMap(({ errors }) => errors.splice(0))).toEqual([]);
  });
  return {
    version: () => opener.version(),
    async open(url, options = {}) {
      const opened = await opener.make(options);
      used.add(opened);
      if (url === bare() && (await isReset(opened.page))) return opened;
      // Another part of the same page would not be loaded afresh.
      if (url.includes('#')) await opened.page.goto('about:blank');
      await opened.page.goto(url);
      return opened;
    },
  };
}

/** Whether the page is the bare one already, and could be brought back to how it was when it had loaded. */
const isReset = (page: Page): Promise<boolean> =>
  page.evaluate(() => 'shell' in globalThis && 'reset' in shell && shell.reset());

/** Opens the bare page with `markup` in its body; a page that was used before is brought back to how it had loaded. */
export const openBare = (open: Open, markup: string, options?: BrowserContextOptions): Promise<Opened> =>
  fill(open, bare(), markup, options);

/** The same on a page that was loaded for it: for what lives as long as the page, such as the journal. */
export const openFresh = (open: Open, markup: string, options?: BrowserContextOptions): Promise<Opened> =>
  fill(open, `${bare()}?fresh`, markup, options);

async function fill(
  open: Open,
  url: string,
  markup: string,
  options?: BrowserContextOptions,
): Promise<Opened> {
  const opened = await open(url, options);
  await opened.page.waitForFunction(() => 'shell' in globalThis);
  await opened.page.evaluate((html) => {
    document.body.innerHTML = html;
  }, markup);
  return opened;
}

/** A short name for what has focus: the author's id, else its text, else its tag. */
export const focused = async (page: Page): Promise<string> => {
  await arrived(page);
  return page.evaluate(() => {
    const active = document.activeElement!;
    const id = /^shell-\d+$/.test(active.id) ? '' : active.id;
    return id || active.textContent?.trim() || active.localName;
  });
};

/** Waits until focus has gone on from a modal dialog to a control in it: it rests there for screen readers. */
export const arrived = (page: Page): Promise<unknown> =>
  page.waitForFunction(() => {
    let active = document.activeElement;
    while (active?.shadowRoot?.activeElement) active = active.shadowRoot.activeElement;
    return !active?.matches(':modal');
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

/** Waits for the module that moves panels where style sheets cannot. */
export const canMove = (page: Page, module = 'expand-fallback'): Promise<unknown> =>
  page.waitForFunction(
    (wanted) =>
      CSS.supports('interpolate-size', 'allow-keywords') ||
      performance.getEntriesByType('resource').some(({ name }) => name.includes(wanted)),
    module,
  );

/** Takes the errors of a page away, once there are some: a browser may tell of them later than it answers. */
export async function errorsSaid(opened: Opened): Promise<string> {
  for (const end = Date.now() + patience; Date.now() < end;) {
    const said = opened.errors.splice(0).join();
    if (said) return said;
    await opened.page.evaluate(() => new Promise(requestAnimationFrame));
  }
  return '';
}

/** A finger that stays on a place until `seen` shows. */
export const restFinger = async (page: Page, [x, y]: [number, number], seen: string): Promise<void> => {
  if (browserName !== 'chromium') return handOf(page).rest([x, y], 1000);
  const session = await page.context().newCDPSession(page);
  await session.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] });
  await page.waitForSelector(seen);
  await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await session.detach();
};

/** A finger that goes from one point to another in steps. */
export const swipe = async (page: Page, from: [number, number], to: [number, number]): Promise<void> => {
  if (browserName !== 'chromium') return handOf(page).swipe(from, to);
  const session = await page.context().newCDPSession(page);
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: [number, number]) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ x: at[0], y: at[1] }] : [] });
  await send('touchStart', from);
  for (const [x, y] of path(from, to, 6)) await send('touchMove', [x, y]);
  await send('touchEnd');
  await session.detach();
};
