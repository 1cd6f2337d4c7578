// `elastic-shell contract`: prints what a pattern guarantees, from the contracts themselves.
import { Command, Option } from 'commander';
import { nearest, notes as contracts } from 'elastic-shell/core';
import { Misuse } from '../misuse.js';
import type { PatternName } from 'elastic-shell/server';
import { formats, serverFormats } from './format.js';
import { serverParts } from './server.js';
import type { Streams } from '../streams.js';

interface ContractChoices {
  format: keyof typeof formats;
  server?: boolean;
}

/** Defines the command `contract`. */
export function contractCommand(streams: Streams): Command {
  const names = contracts.map(({ name }) => name);
  return new Command('contract')
    .description('Prints the parts, keys, states and options of a pattern, or lists the patterns.')
    .argument('[pattern]', `one of ${names.join(', ')}`)
    .addOption(
      new Option('-f, --format <format>', 'the output format').choices(Object.keys(formats)).default('table'),
    )
    .option('-s, --server', 'print the attributes of each part for servers, as HTML')
    .addHelpText(
      'after',
      '\nExamples:\n  $ elastic-shell contract dialog --format markdown\n  $ elastic-shell contract tabs --server',
    )
    .action((pattern: string | undefined, options: ContractChoices) => {
      const chosen = pattern === undefined ? contracts : contracts.filter(({ name }) => name === pattern);
      if (!chosen.length) {
        const near = nearest(pattern!, names);
        throw new Misuse(
          `the pattern "${pattern}" doesn't exist. ${near ? `Did you mean "${near}"?` : `There are ${names.join(', ')}.`}`,
        );
      }
      if (!options.server) return streams.out(formats[options.format](chosen, pattern !== undefined));
      for (const { name } of chosen)
        // The contracts are those of the patterns.
        streams.out(serverFormats[options.format](name, serverParts(name as PatternName)));
    });
}
