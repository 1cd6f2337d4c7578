// The command `elastic-shell`: check, rehearse, contract, new, demo.
import { Command, CommanderError } from 'commander';
import { checkCommand } from './check/command.js';
import { contractCommand } from './contract/command.js';
import { demoCommand } from './demo.js';
import { Misuse } from './misuse.js';
import { newCommand } from './new/command.js';
import { rehearseCommand } from './rehearse/command.js';
import { standard, type Streams } from './streams.js';
import { version } from './version.js';

/**
 * Runs the command line `argv`. Returns the exit code: 0 for success, 1 for findings or failures, 2 for
 * misuse.
 */
export async function main(argv: readonly string[], streams: Streams = standard): Promise<number> {
  let exitCode = 0;
  const program = new Command('elastic-shell')
    .description('Components, checks and keyboard tests for dialogs, menus, tabs and similar widgets.')
    .version(version)
    .exitOverride()
    .configureOutput({ writeOut: streams.out, writeErr: streams.error });
  const done = (code: number): void => {
    exitCode = code;
  };
  for (const command of [
    checkCommand(streams, done),
    rehearseCommand(streams, done),
    contractCommand(streams),
    newCommand(streams),
    demoCommand(streams),
  ])
    program.addCommand(
      command.exitOverride().configureOutput({ writeOut: streams.out, writeErr: streams.error }),
    );
  try {
    await program.parseAsync([...argv]);
    return exitCode;
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : 2;
    if (!(error instanceof Misuse)) throw error;
    streams.error(`elastic-shell: ${error.message}\n`);
    return error.exitCode;
  }
}
