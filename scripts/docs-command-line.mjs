// The reference of the command line, from the definitions of its commands.
import { checkCommand } from '../packages/cli/dist/check/command.js';
import { contractCommand } from '../packages/cli/dist/contract/command.js';
import { demoCommand } from '../packages/cli/dist/demo.js';
import { newCommand } from '../packages/cli/dist/new/command.js';
import { rehearseCommand } from '../packages/cli/dist/rehearse/command.js';
import { cell } from './docs-conformance.mjs';

const ignored = () => undefined;
const streams = { in: ignored, out: ignored, error: ignored };
const sentence = (text) => `${text[0].toUpperCase()}${text.slice(1)}`;

/** The default of an option, in words. */
function defaultOf(option) {
  const { defaultValue, description } = option;
  const inText = /\(default: ([^)]*)\)/.exec(description)?.[1];
  if (inText) return inText;
  if (defaultValue !== undefined) return `\`${defaultValue}\``;
  return option.isBoolean() ? 'off' : 'none';
}

/** One command: what it does, its arguments and its options. */
function commandSection(command) {
  const row = (option) => {
    const { flags, description, argChoices } = option;
    const choices = argChoices ? `: ${argChoices.map((choice) => `\`${choice}\``).join(', ')}` : '';
    const meaning = sentence(description.replace(/ ?\(default: [^)]*\)/, ''));
    return `| \`${flags}\` | ${cell(defaultOf(option))} | ${cell(meaning)}${choices} |`;
  };
  return [
    `## ${command.name()}`,
    '',
    command.description(),
    '',
    ...command.registeredArguments.map(
      (argument) =>
        `\`${argument.name()}\`${argument.required ? '' : ' (optional)'}: ${cell(argument.description)}.`,
    ),
    ...(command.registeredArguments.length ? [''] : []),
    '| option | default | meaning |',
    '| --- | --- | --- |',
    ...command.options.map(row),
    '',
  ];
}

/** The page of the command line. */
export function commandLinePage() {
  const commands = [newCommand, checkCommand, rehearseCommand, contractCommand, demoCommand].map((make) =>
    make(streams, ignored),
  );
  return [
    '# Command line',
    '',
    'Install `elastic-shell-cli`, and run its commands with `npx elastic-shell`. It requires Node 20.20 or newer.',
    '',
    '- [`new`](#new) writes components into your project',
    '- [`check`](#check) finds mistakes in pages and templates. See also its [guide](guides/check.md) and [configuration](guides/check.md#configuration)',
    '- [`rehearse`](#rehearse) tests pages with the keyboard. See also its [guide](guides/rehearse.md)',
    '- [`contract`](#contract) prints the contract of a pattern',
    '- [`demo`](#demo) serves the documentation and the demo',
    '',
    'Exit codes: 0 if nothing is wrong, 1 if a finding, a failing check or an existing file needs your attention, 2 for wrong usage.',
    '',
    ...commands.flatMap(commandSection),
  ].join('\n');
}
