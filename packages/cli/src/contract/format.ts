// Prints contracts as tables for a terminal, as JSON, and as Markdown for the documents.
import Table from 'cli-table3';
import type { Notes } from 'elastic-shell/core';
import type { ServerPart } from './server.js';

interface Sheet {
  title: string;
  head: string[];
  rows: string[][];
}

const sheets = (notes: Notes): Sheet[] =>
  [
    {
      title: 'Parts',
      head: ['part', 'element', 'required', 'why'],
      rows: Object.entries(notes.parts).map(([part, { is, required, why }]) => [
        part,
        is,
        required ? 'yes' : 'no',
        why,
      ]),
    },
    {
      title: 'Keys',
      head: ['on', 'key', 'what it does', 'handled by'],
      rows: notes.keys.map(({ on, key, does, by }) => [on, key, does, by]),
    },
    { title: 'Pointer', head: ['on', 'what it does'], rows: notes.presses.map(({ on, does }) => [on, does]) },
    {
      title: 'States',
      head: ['state', 'type', 'initial value', 'attributes'],
      rows: notes.states.map(({ name, type, first, shown }) => [name, type, first, shown]),
    },
    {
      title: 'Methods',
      head: ['method', 'what it does'],
      rows: notes.methods.map(({ name, does }) => [name, does]),
    },
    {
      title: 'Commands',
      head: ['command', 'value', 'what it does'],
      rows: notes.commands.map(({ name, does, value = '' }) => [name, value, does]),
    },
    {
      title: 'Options',
      head: ['option', 'type', 'default', 'what it does', 'example'],
      rows: notes.options.map((option) => [
        option.name,
        option.type,
        option.default,
        option.does,
        option.example,
      ]),
    },
  ].filter(({ rows }) => rows.length);

/** The width of a table in a terminal, in characters. */
const width = (): number => Math.max(60, Math.min(process.stdout.columns ?? 100, 120));

const terminalTable = ({ title, head, rows }: Sheet): string => {
  const room = width() - 3 * head.length - 1;
  const longest = head.map((word, at) => Math.max(word.length, ...rows.map((row) => row[at]!.length)));
  const short = longest.filter((size) => size <= 14);
  const share = Math.floor(
    (room - short.reduce((sum, size) => sum + size, 0)) / Math.max(1, head.length - short.length),
  );
  const table = new Table({
    head,
    colWidths: longest.map((size) => (size <= 14 ? size : Math.max(10, Math.min(size, share))) + 2),
    wordWrap: true,
    style: { head: [], border: [], compact: true },
  });
  table.push(...rows);
  return `${title}\n${table.toString()}`;
};

const cell = (text: string): string => text.replaceAll('|', '\\|').replaceAll('<', '&lt;');

const markdownTable = ({ title, head, rows }: Sheet): string =>
  [
    `## ${title}`,
    '',
    ...[head, head.map(() => '---'), ...rows.map((row) => row.map(cell))].map(
      (row) => `| ${row.join(' | ')} |`,
    ),
  ].join('\n');

const list = (notes: readonly Notes[]): Sheet => ({
  title: 'Patterns',
  head: ['pattern', 'purpose'],
  rows: notes.map(({ name, summary }) => [name, summary]),
});

const table = (notes: readonly Notes[], whole: boolean): string =>
  whole
    ? notes
        .map((each) =>
          [
            `${each.name}: ${each.summary}\n${each.standard}`,
            ...sheets(each).map(terminalTable),
            `Guarantees\n${each.guarantees.map((line) => `  - ${line}`).join('\n')}`,
          ].join('\n\n'),
        )
        .join('\n\n') + '\n'
    : `${terminalTable(list(notes))}\n`;

const markdown = (notes: readonly Notes[], whole: boolean): string =>
  whole
    ? notes
        .map((each) =>
          [
            `# ${each.name}`,
            `${each.summary} Standard: ${each.standard}.`,
            ...sheets(each).map(markdownTable),
            `## Guarantees\n\n${each.guarantees.map((line) => `- ${cell(line)}`).join('\n')}`,
          ].join('\n\n'),
        )
        .join('\n\n') + '\n'
    : `${markdownTable(list(notes)).replace('## ', '# ')}\n`;

const json = (notes: readonly Notes[], whole: boolean): string =>
  `${JSON.stringify(whole ? notes[0] : notes, null, 2)}\n`;

/** Prints the attributes that a server writes, by the name of the format. */
export const serverFormats = {
  table: (name: string, parts: readonly ServerPart[]): string =>
    `${terminalTable(serverSheet(name, parts))}\n`,
  json: (_: string, parts: readonly ServerPart[]): string => `${JSON.stringify(parts, null, 2)}\n`,
  markdown: (name: string, parts: readonly ServerPart[]): string =>
    `${markdownTable(serverSheet(name, parts))}\n`,
};

const serverSheet = (name: string, parts: readonly ServerPart[]): Sheet => ({
  title: `Server-rendered attributes of ${name}`,
  head: ['part', 'when', 'attributes'],
  rows: parts.map(({ part, when, attributes }) => [part, when, attributes]),
});

/** Prints contracts, by the name of the format. `whole` adds all details. */
export const formats = { table, json, markdown };
