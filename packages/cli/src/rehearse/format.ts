// Prints results as text for people, JSON for programs, SARIF for code tools, and JUnit for test reports.
import { styleText } from 'node:util';
import { shown } from '../shown.js';
import { version } from '../version.js';
import { xmlText } from '../xml.js';
import type { Rehearsal, CheckResult, WidgetResult } from './types.js';

const of = (checks: readonly CheckResult[], outcome: CheckResult['outcome']): number =>
  checks.filter((check) => check.outcome === outcome).length;

/** The columns of a key, and of the name of a widget. */
const keyWidth = 26;
const nameWidth = 56;

const count = (number: number, one: string): string => `${number} ${one}${number === 1 ? '' : 's'}`;

/** Counts the checks that passed, without skipped ones. */
function score(checks: readonly CheckResult[]): string {
  const tried = checks.length - of(checks, 'skipped');
  return tried ? `${of(checks, 'passed')} of ${tried} checks pass` : 'not checked';
}

/** Prints one widget as a transcript that a person can read aloud. */
export function transcriptOf({ kind, name, checks }: WidgetResult): string {
  const title = shown(name ? `${kind} "${name}"` : kind);
  const color = of(checks, 'failed') ? 'red' : of(checks, 'passed') ? 'green' : 'yellow';
  const lines = checks.map(({ key, outcome, heard, expected, got }) => {
    const label = key.padEnd(keyWidth);
    if (outcome === 'passed') return shown(`  ${label}${heard}`.trimEnd());
    if (outcome === 'skipped') return styleText('dim', shown(`– ${label}skipped: ${got ?? ''}`));
    return styleText('red', shown(`✗ ${label}expected: ${expected}; got: ${got ?? ''}`));
  });
  return `${styleText('bold', title.padEnd(nameWidth))} ${styleText(color, score(checks))}\n${lines.join('\n')}\n`;
}

/** Prints the last lines: the number of widgets, and of checks. */
export function summaryOf(rehearsals: readonly Rehearsal[]): string {
  const widgets = rehearsals.flatMap((each) => each.widgets);
  const checks = widgets.flatMap((widget) => widget.checks);
  const stopped = rehearsals.flatMap((each) => (each.stopped ? `${each.stopped}.\n` : []));
  const pages = rehearsals.length > 1 ? `${rehearsals.length} pages, ` : '';
  if (!widgets.length) return `${pages}no widgets found.\n${stopped.join('')}`;
  const left = of(checks, 'skipped');
  return `${pages}${count(widgets.length, 'widget')}: ${of(checks, 'passed')} checks pass, ${of(checks, 'failed')} fail${left ? `, ${left} skipped` : ''}.\n${stopped.join('')}`;
}

/** Prints the line before the widgets of a page, if there are several pages. */
export const pageLine = (address: string): string => `${styleText('underline', shown(address))}\n\n`;

const text = (rehearsals: readonly Rehearsal[]): string =>
  `${rehearsals
    .map(
      ({ address, widgets }) =>
        `${rehearsals.length > 1 ? pageLine(address) : ''}${widgets.map(transcriptOf).join('\n')}`,
    )
    .join('\n')}\n${summaryOf(rehearsals)}`;

/** One page is an object, several are a list. */
const json = (rehearsals: readonly Rehearsal[]): string =>
  `${JSON.stringify(rehearsals.length === 1 ? rehearsals[0] : rehearsals, null, 2)}\n`;

const failures = ({ widgets }: Rehearsal): { widget: WidgetResult; check: CheckResult }[] =>
  widgets.flatMap((widget) =>
    widget.checks.flatMap((check) => (check.outcome === 'failed' ? [{ widget, check }] : [])),
  );

const sarif = (rehearsals: readonly Rehearsal[]): string =>
  `${JSON.stringify(
    {
      $schema: 'https://json.schemastore.org/sarif-2.1.0.json',
      version: '2.1.0',
      runs: [
        {
          tool: { driver: { name: 'elastic-shell rehearse', version } },
          results: rehearsals.flatMap((rehearsal) =>
            failures(rehearsal).map(({ widget: { pattern, kind, name }, check: { key, expected, got } }) => ({
              ruleId: `${pattern}/${key}`,
              level: 'error',
              message: { text: `${kind} "${name}", ${key}: expected: ${expected}; got: ${got ?? ''}.` },
              locations: [{ physicalLocation: { artifactLocation: { uri: rehearsal.address } } }],
            })),
          ),
        },
      ],
    },
    null,
    2,
  )}\n`;

const caseOf = (classname: string, { key, expected, outcome, got = '', heard }: CheckResult): string => {
  const inside =
    outcome === 'failed'
      ? `<failure message="${xmlText(got)}">expected: ${xmlText(expected)}</failure>`
      : outcome === 'skipped'
        ? `<skipped message="${xmlText(got)}"/>`
        : `<system-out>${xmlText(heard)}</system-out>`;
  return `    <testcase classname="${xmlText(classname)}" name="${xmlText(`${key}: ${expected}`)}">${inside}</testcase>`;
};

/** A suite for each widget. With several pages, its name contains the address. */
const junit = (rehearsals: readonly Rehearsal[]): string => {
  const suites = rehearsals.flatMap(({ address, widgets }) =>
    widgets.map(({ kind, name, checks }) => {
      const title = rehearsals.length > 1 ? `${address}: ${kind} ${name}` : `${kind} ${name}`;
      const cases = checks.map((check) => caseOf(`${kind} ${name}`, check)).join('\n');
      return `  <testsuite name="${xmlText(title)}" tests="${checks.length}" failures="${of(checks, 'failed')}" skipped="${of(checks, 'skipped')}">\n${cases}\n  </testsuite>`;
    }),
  );
  const name = rehearsals.length === 1 ? (rehearsals[0]?.address ?? '') : 'elastic-shell rehearse';
  return `<?xml version="1.0" encoding="UTF-8"?>\n<testsuites name="${xmlText(name)}">\n${suites.join('\n')}\n</testsuites>\n`;
};

/** The functions that print results, by the name of the format. */
export const formats = { text, json, sarif, junit };
