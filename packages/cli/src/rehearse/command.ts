// `elastic-shell rehearse`: hears and sees what a keyboard user gets, on any page.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { Command, InvalidArgumentError, Option } from 'commander';
import { nearest } from 'elastic-shell/core';
import type { Page } from 'playwright-core';
import { Misuse } from '../misuse.js';
import type { Streams } from '../streams.js';
import { type BrowserName, browserNames, openBrowser } from './browser.js';
import { differences } from './compare.js';
import { formats, summaryOf, transcriptOf } from './format.js';
import { placeOf } from './place.js';
import { rehearse, type RehearseOptions } from './rehearse.js';
import { checkedNames } from 'elastic-shell/rehearsal';
import { readerFor } from './speech.js';
import { readSteps, take } from './steps.js';
import type { Rehearsal } from './types.js';

interface Options {
  only?: string[];
  named?: string;
  most?: number;
  browser: BrowserName;
  executable?: string;
  width: number;
  rtl?: boolean;
  reducedMotion?: boolean;
  steps?: string;
  leaveOut?: string;
  format: keyof typeof formats;
  save?: string;
  compare?: string;
  pictures?: string;
  speech?: boolean;
}

function patternsOf(words: string): string[] {
  const names = checkedNames();
  return words.split(',').map((word) => {
    const name = word.trim();
    if (names.includes(name)) return name;
    const near = nearest(name, names);
    throw new InvalidArgumentError(
      `"${name}" is no pattern.${near ? ` Did you mean "${near}"?` : ''} They are ${names.join(', ')}.`,
    );
  });
}

function countOf(word: string): number {
  const count = Number(word);
  if (!Number.isInteger(count) || count < 1) throw new InvalidArgumentError('It is a number from 1.');
  return count;
}

function widthOf(word: string): number {
  const width = Number(word);
  if (!Number.isInteger(width) || width < 200 || width > 5000)
    throw new InvalidArgumentError('A width is a number of pixels from 200 to 5000.');
  return width;
}

/** Rows that a page leaves out by somebody's will: the keys of rows, by the name of the widget. */
function leftOut(path: string): Readonly<Record<string, readonly string[]>> {
  try {
    const said: Record<string, readonly string[]> = JSON.parse(readFileSync(path, 'utf8'));
    return said;
  } catch (error) {
    throw new Misuse(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
}

/** Takes a picture of the page into a folder. */
const pictures =
  (folder: string) =>
  async (page: Page, name: string): Promise<string> => {
    mkdirSync(folder, { recursive: true });
    const path = join(folder, `${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.png`);
    await page.screenshot({ path });
    return path;
  };

/** Walks the page; in text, each widget is printed when it is done. */
async function run(address: string, options: Options, streams: Streams): Promise<Rehearsal> {
  const steps = options.steps === undefined ? [] : readSteps(options.steps);
  const { browser, executable, width, reducedMotion = false } = options;
  const reader = options.speech ? await readerFor(browser) : undefined;
  const look = { browser, executable, width, isReduced: reducedMotion, desktop: reader?.environment };
  const opened = await openBrowser(look).catch(async (error: unknown) => {
    await reader?.close();
    throw error;
  });
  const arrive = async (page: Page): Promise<void> => {
    const response = await page.goto(address, { waitUntil: 'load' }).catch((error: Error) => {
      throw new Misuse(`${address} cannot be opened: ${error.message.split('\n')[0] ?? ''}`);
    });
    if (response && response.status() >= 400)
      throw new Misuse(`${address} answers with ${response.status()}.`);
    if (options.rtl) await page.evaluate("document.documentElement.dir = 'rtl'");
    await take(page, steps);
  };
  const rehearsing: RehearseOptions = {
    arrive,
    ...(options.only && { only: options.only }),
    ...(options.named !== undefined && { named: options.named }),
    ...(options.most !== undefined && { most: options.most }),
    ...(options.leaveOut !== undefined && { leaveOut: leftOut(options.leaveOut) }),
    ...(options.pictures !== undefined && { picture: pictures(options.pictures) }),
    ...(reader && { reader }),
    ...(options.format === 'text' && { onWidget: (result) => streams.out(`${transcriptOf(result)}\n`) }),
  };
  try {
    await reader?.bringToFront('chrom');
    return await rehearse(opened.page, rehearsing);
  } finally {
    await opened.close();
    await reader?.close();
  }
}

/** Says how the rehearsal differs from one that was saved; answers whether it does. */
function compared(path: string, transcript: string, streams: Streams): boolean {
  let before: string;
  try {
    before = readFileSync(path, 'utf8');
  } catch {
    throw new Misuse(`${path}: there is no such file. Save one first, by --save ${path}.`);
  }
  const differs = differences(before, transcript);
  streams.error(differs ? `It is not as in ${path}:\n${differs}` : `It is as in ${path}.\n`);
  return differs !== '';
}

const help = `
Words come from the browser's accessibility tree; the place among its like is counted in the page.
Exit code: 0 every row holds, 1 a row fails or the transcript differs, 2 misuse, or the page cannot be opened.
Examples:
  $ elastic-shell rehearse http://localhost:5173/orders --only dialog,menu
  $ elastic-shell rehearse dist/index.html --rtl --width 320 --save walk.txt`;

/** The command `rehearse`; `done` hears its exit code. */
export function rehearseCommand(streams: Streams, done: (exitCode: number) => void): Command {
  return new Command('rehearse')
    .description(
      'Walks every widget of a page by real keys in a browser, and tells what is heard and what is wrong.',
    )
    .argument('<where>', 'an address, or a file or folder, which is served for it')
    .option('--only <patterns>', `these alone, with commas: ${checkedNames().join(', ')}`, patternsOf)
    .option('--named <text>', 'those alone whose name holds this text')
    .option('--most <number>', 'so many of one pattern at most', countOf)
    .addOption(new Option('--browser <name>', 'the browser').choices([...browserNames]).default('chromium'))
    .option('--executable <file>', 'its program, where it is not found')
    .option('--width <pixels>', 'the width of the page', widthOf, 1280)
    .option('--rtl', 'from right to left')
    .option('--reduced-motion', 'for people who want less motion')
    .option(
      '--steps <file>',
      'steps to get to a state, as JSON: [{ "press": "Edit" }, { "type": "Cur", "in": "Boat" }, { "key": "Enter" }]',
    )
    .option('--leave-out <file>', 'rows to leave out, as JSON: { "name of the widget": ["Escape"] }')
    .addOption(
      new Option('-f, --format <format>', 'how to print').choices(Object.keys(formats)).default('text'),
    )
    .option('--speech', 'with what the screen reader Orca says, on Linux where it is installed')
    .option('--save <file>', 'writes the transcript to this file as well')
    .option('--compare <file>', 'says how the transcript differs from this one')
    .option('--pictures <folder>', 'takes a picture of each failure')
    .addHelpText('after', help)
    .action(async (where: string, options: Options) => {
      const place = await placeOf(where);
      try {
        const rehearsal = await run(place.address, options, streams);
        streams.out(options.format === 'text' ? summaryOf(rehearsal) : formats[options.format](rehearsal));
        const transcript = stripVTControlCharacters(formats.text(rehearsal));
        const differs = options.compare !== undefined && compared(options.compare, transcript, streams);
        if (options.save !== undefined) writeFileSync(options.save, transcript);
        const hasFailed = rehearsal.widgets.some(({ rows }) =>
          rows.some(({ outcome }) => outcome === 'failed'),
        );
        done(hasFailed || differs ? 1 : 0);
      } finally {
        place.close();
      }
    });
}
