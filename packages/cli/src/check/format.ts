// Prints findings as text for people, and as JSON for programs.
import { styleText } from 'node:util';
import { shown } from '../shown.js';
import type { Result } from './check.js';
import type { Doing } from './doing.js';
import { junit } from './junit.js';
import { sarif } from './sarif.js';
import type { Placed } from './placed.js';

const count = (number: number, one: string): string => `${number} ${one}${number === 1 ? '' : 's'}`;

/** With fewer lines, a summary by rule adds nothing. */
const few = 10;

/** Returns how often each rule found something, if there are many findings. */
function byRule(all: readonly Placed[]): string[] {
  if (all.length < few) return [];
  const counts = new Map<string, number>();
  for (const { code } of all) counts.set(code, (counts.get(code) ?? 0) + 1);
  const rows = [...counts].sort(([, one], [, other]) => other - one);
  return [`${rows.map(([code, number]) => `${`${number}`.padStart(6)} ${code}`).join('\n')}\n`];
}

function text(results: readonly Result[], { mendedCount }: Doing): string {
  const lines = results.flatMap(({ name, findings }) =>
    findings.map(({ line, column, code, severity, sentence, remedy }) => {
      const colour = severity === 'error' ? 'red' : 'yellow';
      const place = styleText('bold', shown(`${name}:${line}:${column}`));
      return `${place} ${styleText(colour, `${severity} ${code}`)}\n  ${shown(sentence)}\n  ${shown(remedy)}\n`;
    }),
  );
  const all = results.flatMap(({ findings }) => findings);
  const errors = all.filter(({ severity }) => severity === 'error').length;
  const quiet = results.flatMap(({ allowed, passed }) => [...allowed, ...passed]).length;
  const found = all.length
    ? `${count(errors, 'error')}, ${count(all.length - errors, 'warning')}`
    : 'nothing found';
  const more = [
    ...(mendedCount ? [`${count(mendedCount, 'finding')} mended`] : []),
    ...(quiet ? [`${count(quiet, 'finding')} accepted`] : []),
  ];
  return [
    ...lines,
    ...byRule(all),
    `${count(results.length, 'file')} checked: ${[found, ...more].join('; ')}.\n`,
  ].join('\n');
}

const json = (results: readonly Result[]): string =>
  `${JSON.stringify(
    results.flatMap(({ name, findings }) =>
      findings.map(({ code, severity, sentence, remedy, clause, line, column, attribute, fix }) => ({
        file: name,
        line,
        column,
        code,
        severity,
        sentence,
        remedy,
        clause,
        ...(attribute && { attribute }),
        ...(fix && { fix }),
      })),
    ),
    null,
    2,
  )}\n`;

/** The functions that print findings, by the name of the format. */
export const formats: Readonly<
  Record<'text' | 'json' | 'sarif' | 'junit', (results: readonly Result[], doing: Doing) => string>
> = { text, json, sarif, junit };
