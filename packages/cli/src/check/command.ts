// `elastic-shell check`: finds mistakes in pages and templates with the same rules as the journal.
import { Command, Option } from 'commander';
import { Misuse } from '../misuse.js';
import { secondsIn } from '../seconds.js';
import { shown } from '../shown.js';
import type { Streams } from '../streams.js';
import { writeBaseline } from './baseline.js';
import { checkAll } from './check.js';
import { type Config, configFor, configName } from './config.js';
import { findSources } from './files.js';
import { formats } from './format.js';
import { watch } from './watch.js';

interface Options {
  format: keyof typeof formats;
  config?: string;
  baseline?: string;
  writeBaseline?: string;
  fix?: boolean;
  quiet?: boolean;
  watch?: boolean;
  timeout?: number;
  fileTimeout?: number;
}

const help = `
Exit code: 0 if nothing was found, 1 if something was found (with --quiet: an error), 2 for wrong usage or an unreadable file.
Findings that a comment allows or the baseline contains don't count:
  <!-- check: allow dialog-way-out-missing because the form in it closes it -->
Configuration: ${configName}, here or in a folder above. Its fields are paths, except, rules, elements, hooks, patterns.
Examples:
  $ elastic-shell check public/ src/ --format sarif
  $ elastic-shell check src --write-baseline check-baseline.json
  $ elastic-shell check src --baseline check-baseline.json`;

/** Runs the check once. Returns the exit code. */
async function checkOnce(
  paths: readonly string[],
  config: Config,
  options: Options,
  streams: Streams,
): Promise<number> {
  const found = await findSources(paths, streams.input, config);
  const checked = await checkAll(found, {
    ...options,
    config,
    limits: { perFile: options.fileTimeout, inAll: options.timeout },
  });
  const problems = [...found.problems, ...checked.problems];
  for (const problem of [...found.notes, ...problems]) streams.error(`elastic-shell: ${shown(problem)}\n`);
  const { results, mendedCount } = checked;
  if (!results.length && problems.length) {
    streams.error('elastic-shell: nothing was checked.\n');
    // A machine-readable format is always a whole document, such as an empty list.
    if (options.format !== 'text') streams.out(formats[options.format](results, { problems, mendedCount }));
    return 2;
  }
  if (options.writeBaseline !== undefined) {
    writeBaseline(options.writeBaseline, results);
    const count = results.flatMap(({ findings }) => findings).length;
    streams.out(`${options.writeBaseline} now contains ${count} finding${count === 1 ? '' : 's'}.\n`);
    return problems.length ? 2 : 0;
  }
  streams.out(formats[options.format](results, { problems, mendedCount }));
  return problems.length ? 2 : results.some(({ findings }) => findings.length) ? 1 : 0;
}

/** Defines the command `check`. `done` is called with its exit code. */
export function checkCommand(streams: Streams, done: (exitCode: number) => void): Command {
  return new Command('check')
    .description(
      'Finds mistakes in pages and templates: wrong ids, commands, names, roles, states and focus.',
    )
    .argument(
      '[files...]',
      'pages, templates (.jsx, .tsx, .vue, .svelte, .astro, Angular), folders, or - for HTML from standard input (default: the paths in the configuration)',
    )
    .addOption(
      new Option('-f, --format <format>', 'the output format').choices(Object.keys(formats)).default('text'),
    )
    .option('-c, --config <file>', `use this configuration instead of ${configName}`)
    .option('--baseline <file>', 'accept the findings in this file')
    .option('--write-baseline <file>', 'write the present findings to this file')
    .option(
      '--fix',
      'correct what has one right correction: a missing type, a command, a name from a heading',
    )
    .option('-q, --quiet', 'report only errors')
    .option('-w, --watch', 'check again when a file changes')
    .option('--timeout <seconds>', 'limit the whole run (default: 600)', secondsIn)
    .option('--file-timeout <seconds>', 'limit one file (default: 20)', secondsIn)
    .addHelpText('after', help)
    .action(async (given: string[], options: Options) => {
      const config = await configFor(options.config, process.cwd());
      const paths = given.length ? given : config.paths;
      if (!paths.length)
        throw new Misuse(`missing argument: name files or folders, or set "paths" in ${configName}.`);
      const once = (): Promise<number> => checkOnce(paths, config, options, streams);
      if (options.watch) await watch(paths, once, streams);
      else done(await once());
    });
}
