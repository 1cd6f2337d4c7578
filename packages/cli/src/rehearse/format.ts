// A rehearsal as text for people, JSON for programs, SARIF for tools that show findings, JUnit for test reports.
import { styleText } from 'node:util';
import { shown } from '../shown.js';
import { xmlText } from '../xml.js';
import type { Rehearsal, RowResult, WidgetResult } from './types.js';

const of = (rows: readonly RowResult[], outcome: RowResult['outcome']): number =>
  rows.filter((row) => row.outcome === outcome).length;

/** How many columns a key takes, and the name of a widget. */
const keyWidth = 26;
const nameWidth = 56;

const count = (number: number, one: string): string => `${number} ${one}${number === 1 ? '' : 's'}`;

/** How many rows hold, of those that were not left out. */
function score(rows: readonly RowResult[]): string {
  const tried = rows.length - of(rows, 'left out');
  return tried ? `${of(rows, 'held')} of ${tried} rows hold` : 'not tried';
}

/** One widget as a transcript that a person can read aloud. */
export function transcriptOf({ kind, name, rows }: WidgetResult): string {
  const title = name ? `${kind} "${name}"` : kind;
  const color = of(rows, 'failed') ? 'red' : of(rows, 'held') ? 'green' : 'yellow';
  const lines = rows.map(({ key, outcome, heard, expected, got }) => {
    const label = key.padEnd(keyWidth);
    if (outcome === 'held') return `  ${label}${heard}`.trimEnd();
    if (outcome === 'left out') return styleText('dim', `– ${label}left out: ${got ?? ''}`);
    return styleText('red', `✗ ${label}expected: ${expected}; got: ${got ?? ''}`);
  });
  return `${styleText('bold', title.padEnd(nameWidth))} ${styleText(color, score(rows))}\n${lines.join('\n')}\n`;
}

/** The last lines: how many widgets, and how many rows. */
export function summaryOf({ widgets }: Rehearsal): string {
  const rows = widgets.flatMap((widget) => widget.rows);
  if (!widgets.length) return 'No widget was found.\n';
  const left = of(rows, 'left out');
  return `${count(widgets.length, 'widget')}: ${of(rows, 'held')} rows hold, ${of(rows, 'failed')} fail${left ? `, ${left} left out` : ''}.\n`;
}

const text = (rehearsal: Rehearsal): string =>
  shown(`${rehearsal.widgets.map(transcriptOf).join('\n')}\n${summaryOf(rehearsal)}`);

const json = (rehearsal: Rehearsal): string => `${JSON.stringify(rehearsal, null, 2)}\n`;

const failures = ({ widgets }: Rehearsal): { widget: WidgetResult; row: RowResult }[] =>
  widgets.flatMap((widget) =>
    widget.rows.flatMap((row) => (row.outcome === 'failed' ? [{ widget, row }] : [])),
  );

const sarif = (rehearsal: Rehearsal): string =>
  `${JSON.stringify(
    {
      $schema: 'https://json.schemastore.org/sarif-2.1.0.json',
      version: '2.1.0',
      runs: [
        {
          tool: { driver: { name: 'elastic-shell rehearse', version: '0.1.0' } },
          results: failures(rehearsal).map(
            ({ widget: { pattern, kind, name }, row: { key, expected, got } }) => ({
              ruleId: `${pattern}/${key}`,
              level: 'error',
              message: { text: `${kind} "${name}", ${key}: expected: ${expected}; got: ${got ?? ''}.` },
              locations: [{ physicalLocation: { artifactLocation: { uri: rehearsal.address } } }],
            }),
          ),
        },
      ],
    },
    null,
    2,
  )}\n`;

const junit = ({ address, widgets }: Rehearsal): string => {
  const suites = widgets.map(({ kind, name, rows }) => {
    const cases = rows.map(({ key, expected, outcome, got = '', heard }) => {
      const inside =
        outcome === 'failed'
          ? `<failure message="${xmlText(got)}">expected: ${xmlText(expected)}</failure>`
          : outcome === 'left out'
            ? `<skipped message="${xmlText(got)}"/>`
            : `<system-out>${xmlText(heard)}</system-out>`;
      return `    <testcase classname="${xmlText(`${kind} ${name}`)}" name="${xmlText(`${key}: ${expected}`)}">${inside}</testcase>`;
    });
    return `  <testsuite name="${xmlText(`${kind} ${name}`)}" tests="${rows.length}" failures="${of(rows, 'failed')}" skipped="${of(rows, 'left out')}">\n${cases.join('\n')}\n  </testsuite>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>\n<testsuites name="${xmlText(address)}">\n${suites.join('\n')}\n</testsuites>\n`;
};

/** How a rehearsal is printed, by the name of the format. */
export const formats = { text, json, sarif, junit };
