// `elastic-shell contract`: what a pattern owes its users, from the contracts themselves.
import { Command, Option } from 'commander';
import { nearest, notes as contracts } from 'elastic-shell/core';
import { Misuse } from '../misuse.js';
import { formats } from './format.js';
import type { Streams } from '../streams.js';

/** The command `contract`. */
export function contractCommand(streams: Streams): Command {
  const names = contracts.map(({ name }) => name);
  return new Command('contract')
    .description('Prints the parts, keys, presses and states of a pattern, or lists the patterns.')
    .argument('[pattern]', `one of ${names.join(', ')}`)
    .addOption(
      new Option('-f, --format <format>', 'how to print').choices(Object.keys(formats)).default('table'),
    )
    .addHelpText('after', '\nExample:\n  $ elastic-shell contract dialog --format markdown')
    .action((pattern: string | undefined, options: { format: keyof typeof formats }) => {
      const chosen = pattern === undefined ? contracts : contracts.filter(({ name }) => name === pattern);
      if (!chosen.length) {
        const near = nearest(pattern!, names);
        throw new Misuse(
          `there is no pattern "${pattern}". ${near ? `Did you mean "${near}"?` : `There are ${names.join(', ')}.`}`,
        );
      }
      streams.out(formats[options.format](chosen, pattern !== undefined));
    });
}
