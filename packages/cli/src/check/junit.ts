// JUnit: a report for continuous integration. A file is a suite, and a finding in it is a failed case.
import { xmlText } from '../xml.js';
import type { Result } from './check.js';
import type { Doing } from './doing.js';

/** Prints the findings, and the files that could not be read. */
export function junit(results: readonly Result[], { problems }: Doing): string {
  const suites = results.map(({ name, findings, allowed, passed }) => {
    const failed = findings.map(
      ({ line, column, code, severity, sentence, remedy }) =>
        `    <testcase classname="${xmlText(name)}" name="${code} at ${line}:${column}"><failure type="${severity}" message="${xmlText(sentence)}">${xmlText(`${name}:${line}:${column}\n${remedy}`)}</failure></testcase>`,
    );
    const quiet = [
      ...allowed.map(({ finding, reason }) => ({ finding, why: reason })),
      ...passed.map((finding) => ({ finding, why: 'It is in the baseline.' })),
    ].map(
      ({ finding: { code, line, column }, why }) =>
        `    <testcase classname="${xmlText(name)}" name="${code} at ${line}:${column}"><skipped message="${xmlText(why)}"/></testcase>`,
    );
    const cases = [...failed, ...quiet];
    if (!cases.length) cases.push(`    <testcase classname="${xmlText(name)}" name="nothing found"/>`);
    return `  <testsuite name="${xmlText(name)}" tests="${cases.length}" failures="${failed.length}" skipped="${quiet.length}">\n${cases.join('\n')}\n  </testsuite>`;
  });
  if (problems.length)
    suites.push(
      `  <testsuite name="not read" tests="${problems.length}" errors="${problems.length}">\n${problems.map((problem) => `    <testcase name="${xmlText(problem)}"><error message="${xmlText(problem)}"/></testcase>`).join('\n')}\n  </testsuite>`,
    );
  return `<?xml version="1.0" encoding="UTF-8"?>\n<testsuites name="elastic-shell check">\n${suites.join('\n')}\n</testsuites>\n`;
}
