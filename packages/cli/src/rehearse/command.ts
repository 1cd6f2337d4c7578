// `elastic-shell rehearse`: hears and sees what a keyboard user gets, on any page. Its options; run.ts goes by them.
import { readFileSync, writeFileSync } from 'node:fs';
import { stripVTControlCharacters } from 'node:util';
import { Command, InvalidArgumentError, Option } from 'commander';
import { nearest } from 'elastic-shell/core';
import { checkedNames } from 'elastic-shell/rehearsal';
import { Misuse } from '../misuse.js';
import { secondsIn } from '../seconds.js';
import type { Streams } from '../streams.js';
import { browserNames } from './browser.js';
import { differences } from './compare.js';
import { formats, summaryOf } from './format.js';
import { type Placed, placeOf } from './place.js';
import { reportOf } from './report.js';
import { type Options, run } from './run.js';

/** Options of the command itself: what is done with what comes of it. */
interface Output {
  format: keyof typeof formats;
  save?: string;
  compare?: string;
  report?: string;
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

function depthOf(word: string): number {
  const depth = Number(word);
  if (!Number.isInteger(depth) || depth < 0) throw new InvalidArgumentError('It is a number from 0.');
  return depth;
}

function widthOf(word: string): number {
  const width = Number(word);
  if (!Number.isInteger(width) || width < 200 || width > 5000)
    throw new InvalidArgumentError('A width is a number of pixels from 200 to 5000.');
  return width;
}

/** Writes a file. Throws `Misuse` where that cannot be done. */
function write(path: string, text: string): void {
  try {
    writeFileSync(path, text);
  } catch (error) {
    throw new Misuse(`${path} cannot be written: ${error instanceof Error ? error.message : String(error)}.`);
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
Words come from the browser's accessibility tree (in Firefox and WebKit: from the page, by the same standards); the place among its
like is counted in the page. A page is walked when it is ready: it has loaded, nothing changes, and two looks find the same widgets.
Exit code: 0 every row holds, 1 a row fails or the transcript differs, 2 misuse, a page cannot be opened, or the time was over.
Examples:
  $ elastic-shell rehearse http://localhost:5173/orders --only dialog,menu
  $ elastic-shell rehearse http://localhost:5173/ --depth 2 --parallel 4 --report walk.html
  $ elastic-shell rehearse dist/index.html --rtl --width 320 --save walk.txt`;

/** The options of a command. */
const optionsOf = (command: Command): Command =>
  command
    .option('--only <patterns>', `these alone, with commas: ${checkedNames().join(', ')}`, patternsOf)
    .option('--name <text>', 'those alone whose name holds this text')
    .option('--max <number>', 'so many of one pattern at most', countOf)
    .addOption(new Option('--browser <name>', 'the browser').choices([...browserNames]).default('chromium'))
    .option('--executable <file>', 'its program, where it is not found')
    .option('--width <pixels>', 'the width of the page', widthOf, 1280)
    .option('--rtl', 'from right to left')
    .option('--reduced-motion', 'for people who want less motion')
    .option(
      '--steps <file>',
      'steps to get to a state, as JSON: [{ "press": "Edit" }, { "type": "Cur", "in": "Boat" }, { "key": "Enter" }]',
    )
    .option('--skip <file>', 'checks to leave out, as JSON: { "name of the widget": ["Escape"] }')
    .option('--sitemap', 'the addresses are sitemaps: the pages that they list')
    .option('--depth <links>', 'follows so many links of the same origin, one after the other', depthOf, 0)
    .option('--pages <number>', 'so many pages at most', countOf, 50)
    .option('--parallel <number>', 'so many widgets at the same time, each on a page of its own', countOf, 1)
    .option('--timeout <seconds>', 'how long all may take', secondsIn, 1800)
    .option('--check-timeout <seconds>', 'how long one row may take', secondsIn, 60)
    .option('--resume <file>', 'writes down each widget that is done, and goes on from there the next time')
    .option('--progress', 'says how far it is, also where no terminal shows it')
    .option('--speech', 'with what the screen reader Orca says, on Linux where it is installed')
    .option('--screenshots <folder>', 'takes a picture of each page and of each failure');

/** The command `rehearse`; `done` hears its exit code. */
export function rehearseCommand(streams: Streams, done: (exitCode: number) => void): Command {
  const command = new Command('rehearse')
    .description(
      'Walks every widget of pages by real keys in a browser, and tells what is heard and what is wrong.',
    )
    .argument('<where...>', 'addresses, or files and folders, which are served for it');
  return optionsOf(command)
    .addOption(
      new Option('-f, --format <format>', 'how to print').choices(Object.keys(formats)).default('text'),
    )
    .option('--save <file>', 'writes the transcript to this file as well')
    .option('--compare <file>', 'says how the transcript differs from this one')
    .option('--report <file>', 'writes a page in HTML, with its pictures in it, that one can send')
    .addHelpText('after', help)
    .action(async (where: string[], options: Options & Output) => {
      const { format, compare, save, report } = options;
      const places: Placed[] = [];
      try {
        for (const each of where) places.push(await placeOf(each));
        const rehearsals = await run(
          places.map(({ address }) => address),
          { ...options, isText: format === 'text', isReported: report !== undefined },
          streams,
        );
        streams.out(format === 'text' ? summaryOf(rehearsals) : formats[format](rehearsals));
        const transcript = stripVTControlCharacters(formats.text(rehearsals));
        const differs = compare !== undefined && compared(compare, transcript, streams);
        if (save !== undefined) write(save, transcript);
        if (report !== undefined) write(report, reportOf(rehearsals, new Date(), options.browser));
        const hasFailed = rehearsals.some(({ widgets }) =>
          widgets.some(({ checks }) => checks.some(({ outcome }) => outcome === 'failed')),
        );
        done(rehearsals.some(({ stopped }) => stopped) ? 2 : hasFailed || differs ? 1 : 0);
      } finally {
        for (const place of places) place.close();
      }
    });
}
