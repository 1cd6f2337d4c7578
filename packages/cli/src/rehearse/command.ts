// `elastic-shell rehearse`: checks what a keyboard user gets, on any page. This module defines its options;
// run.ts uses them.
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

/** Options of the command itself: what happens with the result. */
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
      `"${name}" isn't a pattern.${near ? ` Did you mean "${near}"?` : ''} The patterns are ${names.join(', ')}.`,
    );
  });
}

function countOf(word: string): number {
  const count = Number(word);
  if (!Number.isInteger(count) || count < 1)
    throw new InvalidArgumentError('It must be a whole number from 1.');
  return count;
}

function depthOf(word: string): number {
  const depth = Number(word);
  if (!Number.isInteger(depth) || depth < 0)
    throw new InvalidArgumentError('It must be a whole number from 0.');
  return depth;
}

function widthOf(word: string): number {
  const width = Number(word);
  if (!Number.isInteger(width) || width < 200 || width > 5000)
    throw new InvalidArgumentError('The width must be a number of pixels from 200 to 5000.');
  return width;
}

/** Writes a file. Throws `Misuse` if that is impossible. */
function write(path: string, text: string): void {
  try {
    writeFileSync(path, text);
  } catch (error) {
    throw new Misuse(`${path} can't be written: ${error instanceof Error ? error.message : String(error)}.`);
  }
}

/** Prints the differences from a saved transcript. Returns whether there are any. */
function compared(path: string, transcript: string, streams: Streams): boolean {
  let before: string;
  try {
    before = readFileSync(path, 'utf8');
  } catch {
    throw new Misuse(`${path}: no such file. Save a transcript first: --save ${path}.`);
  }
  const differs = differences(before, transcript);
  streams.error(
    differs ? `The transcript differs from ${path}:\n${differs}` : `The transcript is the same as ${path}.\n`,
  );
  return differs !== '';
}

const help = `
The transcript comes from the browser's accessibility tree (in Firefox and WebKit: from the page, by the same standards). A page is ready
when it has loaded, nothing changes, and it has the same widgets twice.
Exit code: 0 if every check passes, 1 if a check fails or the transcript differs, 2 for wrong usage, a page that can't be opened, or a timeout.
Examples:
  $ elastic-shell rehearse http://localhost:5173/orders --only dialog,menu
  $ elastic-shell rehearse http://localhost:5173/ --depth 2 --parallel 4 --report walk.html
  $ elastic-shell rehearse dist/index.html --rtl --width 320 --save walk.txt`;

/** Returns the options of a command. */
const optionsOf = (command: Command): Command =>
  command
    .option(
      '--only <patterns>',
      `check only these patterns, separated by commas: ${checkedNames().join(', ')}`,
      patternsOf,
    )
    .option('--name <text>', 'check only widgets whose name contains this text')
    .option('--max <number>', 'limit the number of widgets of each pattern', countOf)
    .addOption(new Option('--browser <name>', 'the browser').choices([...browserNames]).default('chromium'))
    .option('--executable <file>', "the program of the browser, if it isn't found")
    .option('--width <pixels>', 'the width of the page', widthOf, 1280)
    .option('--rtl', 'use right-to-left text')
    .option('--reduced-motion', 'use reduced motion')
    .option(
      '--steps <file>',
      'steps to take before each check, as JSON: [{ "press": "Edit" }, { "type": "Cur", "in": "Boat" }, { "key": "Enter" }]',
    )
    .option('--skip <file>', 'checks to skip, as JSON: { "name of the widget": ["Escape"] }')
    .option('--sitemap', 'read the addresses from sitemaps')
    .option('--depth <links>', 'follow links on the same origin', depthOf, 0)
    .option('--pages <number>', 'limit the number of pages', countOf, 50)
    .option('--parallel <number>', 'check several widgets at the same time, each on its own page', countOf, 1)
    .option('--timeout <seconds>', 'limit the whole run', secondsIn, 1800)
    .option('--check-timeout <seconds>', 'limit one check', secondsIn, 60)
    .option('--resume <file>', 'record finished widgets in this file, and skip them next time')
    .option('--progress', "show progress even if the output isn't a terminal")
    .option('--speech', 'print what the screen reader Orca says (Linux)')
    .option('--screenshots <folder>', 'save a screenshot of each page and each failure');

/** Defines the command `rehearse`. `done` is called with its exit code. */
export function rehearseCommand(streams: Streams, done: (exitCode: number) => void): Command {
  const command = new Command('rehearse')
    .description(
      'Checks every widget of pages with the keyboard in a browser, and prints what is announced and which checks fail.',
    )
    .argument('<where...>', 'addresses, or files and folders to serve');
  return optionsOf(command)
    .addOption(
      new Option('-f, --format <format>', 'the output format').choices(Object.keys(formats)).default('text'),
    )
    .option('--save <file>', 'also save the transcript to this file')
    .option('--compare <file>', 'compare the transcript with this file')
    .option('--report <file>', 'write an HTML report with screenshots to this file')
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
