// Runs `rehearse` from the command line: a browser, one page after the other, and the output meanwhile.
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { Misuse } from '../misuse.js';
import type { Streams } from '../streams.js';
import type { ScreenReader } from '../speech/screen-reader.js';
import { type BrowserName, openBrowser, type Opened } from './browser.js';
import { addressesIn, Crawl, type Waiting } from './crawl.js';
import { pageLine, transcriptOf } from './format.js';
import { TooLong } from './limits.js';
import { ProgressLine } from './progress.js';
import { rehearse, type RehearseOptions } from './rehearse.js';
import { Resumed } from './resume.js';
import { readerFor } from './speech.js';
import { readSteps, take } from './steps.js';
import type { Rehearsal } from './types.js';

/** The arguments of the command line. */
export interface Options {
  only?: string[];
  name?: string;
  max?: number;
  browser: BrowserName;
  executable?: string;
  width: number;
  rtl?: boolean;
  reducedMotion?: boolean;
  steps?: string;
  skip?: string;
  sitemap?: boolean;
  depth: number;
  pages: number;
  parallel: number;
  timeout: number;
  checkTimeout: number;
  resume?: string;
  progress?: boolean;
  speech?: boolean;
  screenshots?: string;
}

/** What the run needs to know about the output. */
interface Asked extends Options {
  /** Whether each widget is printed when it is done. */
  isText: boolean;
  /** Whether a report is made, which contains screenshots. */
  isReported: boolean;
}

/** Checks to skip: their keys, by the name of the widget. */
function skippedIn(path: string): Readonly<Record<string, readonly string[]>> {
  try {
    const said: Record<string, readonly string[]> = JSON.parse(readFileSync(path, 'utf8'));
    return said;
  } catch (error) {
    throw new Misuse(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
}

/** Saves screenshots in a folder, each under its own name. */
function screenshotsIn(folder: string): (page: Page, name: string) => Promise<string> {
  const taken = new Map<string, number>();
  return async (page, name) => {
    mkdirSync(folder, { recursive: true });
    const plain = name
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .toLowerCase()
      .slice(0, 100);
    const count = (taken.get(plain) ?? 0) + 1;
    taken.set(plain, count);
    const path = join(folder, `${plain}${count > 1 ? `-${count}` : ''}.png`);
    writeFileSync(path, await page.screenshot());
    return path;
  };
}

/** Whether a page failed to open only because it has navigated by itself meanwhile. Waiting for it to be ready handles that. */
const hasNavigated = (page: Page, { message }: Error): boolean =>
  /interrupted by another navigation|ERR_ABORTED/.test(message) && /^https?:/.test(page.url());

/** Brings a page to the state to check. */
const arriving =
  (address: string, { rtl, steps }: Options) =>
  async (page: Page): Promise<void> => {
    const response = await page.goto(address, { waitUntil: 'load' }).catch((error: Error) => {
      if (hasNavigated(page, error)) return null;
      throw new Misuse(`${address} can't be opened: ${error.message.split('\n')[0] ?? ''}`);
    });
    if (response && response.status() >= 400)
      throw new Misuse(`${address} has the status ${response.status()}.`);
    if (rtl) await page.evaluate("document.documentElement.dir = 'rtl'");
    if (steps !== undefined) await take(page, readSteps(steps));
  };

/** A run: the data that its pages share. */
class Run {
  readonly #options: Asked;
  readonly #streams: Streams;
  readonly #opened: Opened;
  readonly #reader: ScreenReader | undefined;
  readonly #resumed: Resumed | undefined;
  readonly #line: ProgressLine | undefined;
  readonly #picture: RehearseOptions['picture'];
  readonly #end: number;

  constructor(options: Asked, streams: Streams, opened: Opened, reader: ScreenReader | undefined) {
    this.#options = options;
    this.#streams = streams;
    this.#opened = opened;
    this.#reader = reader;
    this.#end = Date.now() + options.timeout * 1000;
    this.#resumed = options.resume === undefined ? undefined : new Resumed(options.resume);
    this.#line =
      options.progress || streams.isTerminal ? new ProgressLine((text) => streams.error(text)) : undefined;
    const folder =
      options.screenshots ??
      (options.isReported ? mkdtempSync(join(tmpdir(), 'elastic-shell-rehearsal-')) : undefined);
    this.#picture = folder === undefined ? undefined : screenshotsIn(folder);
  }

  /** The remaining seconds. */
  get left(): number {
    return (this.#end - Date.now()) / 1000;
  }

  #optionsFor(address: string): RehearseOptions {
    const { only, name, max, skip, checkTimeout, parallel, isText } = this.#options;
    const resumed = this.#resumed;
    const picture = this.#picture;
    return {
      arrive: arriving(address, this.#options),
      newPage: () => this.#opened.newPage(),
      parallel: this.#reader ? 1 : parallel,
      perCheck: checkTimeout,
      inAll: Math.max(0.001, this.left),
      ...(only && { only }),
      ...(name !== undefined && { name }),
      ...(max !== undefined && { max }),
      ...(skip !== undefined && { skip: skippedIn(skip) }),
      ...(picture && { picture }),
      ...(this.#reader && { reader: this.#reader }),
      ...(resumed && { known: (widget, place) => resumed.of(address, place, widget) }),
      onWidget: (result, place) => {
        resumed?.add(address, place, result);
        this.#line?.clear();
        if (isText) this.#streams.out(`${transcriptOf(result)}\n`);
      },
      onProgress: ({ done, all }) => this.#line?.tell(address, done, all),
    };
  }

  /** Checks one page, and finds its links. */
  async rehearse(waiting: Waiting, crawl: Crawl, isOneOfMany: boolean): Promise<Rehearsal> {
    const { address } = waiting;
    if (isOneOfMany && this.#options.isText) this.#streams.out(pageLine(address));
    const page = await this.#opened.newPage();
    await this.#reader?.bringToFront('chrom');
    if (crawl.depth > waiting.depth) {
      await arriving(address, this.#options)(page);
      await crawl.follow(page, waiting);
    }
    try {
      return await rehearse(page, this.#optionsFor(address));
    } catch (error) {
      if (!(error instanceof TooLong)) throw error;
      throw new Misuse(`${address}: ${error.message}: one of its scripts may be in an endless loop.`);
    } finally {
      this.#line?.clear();
      void page.close().catch(() => undefined);
    }
  }
}

/**
 * Checks pages. In text format, each widget is printed when it is done. Throws `Misuse` if the first page
 * cannot be opened.
 */
export async function run(
  addresses: readonly string[],
  options: Asked,
  streams: Streams,
): Promise<Rehearsal[]> {
  const { browser, executable, width, reducedMotion = false } = options;
  const crawl = new Crawl(options.depth, options.pages);
  for (const address of addresses)
    for (const each of options.sitemap ? await addressesIn(address) : [address]) crawl.add(each);
  const reader = options.speech ? await readerFor(browser) : undefined;
  const look = { browser, executable, width, isReduced: reducedMotion, desktop: reader?.environment };
  const opened = await openBrowser(look).catch(async (error: unknown) => {
    await reader?.close();
    throw error;
  });
  const isOneOfMany = addresses.length > 1 || options.depth > 0 || options.sitemap === true;
  const rehearsals: Rehearsal[] = [];
  try {
    const going = new Run(options, streams, opened, reader);
    for (const waiting of crawl.pages()) {
      if (going.left <= 0) {
        const stopped = `it wasn't checked before the limit of ${options.timeout} s`;
        rehearsals.push({ address: waiting.address, widgets: [], stopped });
        continue;
      }
      try {
        rehearsals.push(await going.rehearse(waiting, crawl, isOneOfMany));
      } catch (error) {
        // If a later page cannot be opened, that is printed, and the others are checked.
        if (!isOneOfMany || !(error instanceof Misuse)) throw error;
        streams.error(`elastic-shell: ${error.message}\n`);
        rehearsals.push({ address: waiting.address, widgets: [], stopped: error.message.replace(/\.$/, '') });
      }
    }
  } finally {
    await opened.close();
    await reader?.close();
  }
  if (crawl.leftCount)
    streams.error(
      `elastic-shell: ${crawl.leftCount} page${crawl.leftCount === 1 ? ' was' : 's were'} skipped because of the limit --pages ${options.pages}.\n`,
    );
  return rehearsals;
}
