// `elastic-shell check`: what is wrong with HTML files, from the same rules as the page's journal.
import { Command, Option } from 'commander';
import { Misuse } from '../misuse.js';
import { readSources } from './files.js';
import { formats } from './format.js';
import { checkHtml } from './html.js';
import type { Streams } from '../streams.js';

/** The command `check`; `done` hears its exit code. */
export function checkCommand(streams: Streams, done: (exitCode: number) => void): Command {
  return new Command('check')
    .description(
      'Finds mistakes in HTML files: invokers and ids that match nothing, dialogs and disclosures that lie.',
    )
    .argument('<files...>', 'HTML files, folders (walked for .html and .htm), or - for standard input')
    .addOption(
      new Option('-f, --format <format>', 'how to print').choices(Object.keys(formats)).default('text'),
    )
    .addHelpText(
      'after',
      '\nExit code: 0 clean, 1 findings, 2 misuse.\nExample:\n  $ elastic-shell check public/ --format sarif',
    )
    .action(async (paths: string[], options: { format: keyof typeof formats }) => {
      const { sources, problems } = await readSources(paths, streams.input);
      for (const problem of problems) streams.error(`elastic-shell: ${problem}\n`);
      const results = sources.map(({ name, text }) => ({ name, findings: checkHtml(text) }));
      if (!results.length && problems.length) throw new Misuse('nothing was checked.');
      streams.out(formats[options.format]!(results));
      done(problems.length ? 2 : results.some(({ findings }) => findings.length) ? 1 : 0);
    });
}
