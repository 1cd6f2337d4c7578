// Findings as text for people, JSON for programs, and SARIF 2.1.0 for the tools that show them beside code.
import { styleText } from 'node:util';
import { rules } from 'elastic-shell/rules';
import type { Placed } from './html.js';

/** What was found in one source. */
export interface Result {
  name: string;
  findings: readonly Placed[];
}

/** A page's words as a terminal may show them: what would drive it is shown as a mark. */
const shown = (text: string): string => text.replaceAll(/(?![\t\n])\p{Cc}/gu, '\ufffd');

const count = (number: number, one: string): string => `${number} ${one}${number === 1 ? '' : 's'}`;

function text(results: readonly Result[]): string {
  const lines = results.flatMap(({ name, findings }) =>
    findings.map(({ line, column, code, severity, sentence, remedy }) => {
      const colour = severity === 'error' ? 'red' : 'yellow';
      const place = styleText('bold', `${name}:${line}:${column}`);
      return `${place} ${styleText(colour, `${severity} ${code}`)}\n  ${shown(sentence)}\n  ${shown(remedy)}\n`;
    }),
  );
  const all = results.flatMap(({ findings }) => findings);
  const errors = all.filter(({ severity }) => severity === 'error').length;
  const found = all.length
    ? `${count(errors, 'error')}, ${count(all.length - errors, 'warning')}`
    : 'nothing found';
  return [...lines, `${count(results.length, 'file')} checked: ${found}.\n`].join('\n');
}

const json = (results: readonly Result[]): string =>
  `${JSON.stringify(
    results.flatMap(({ name, findings }) => findings.map((finding) => ({ file: name, ...finding }))),
    null,
    2,
  )}\n`;

const sarif = (results: readonly Result[]): string =>
  `${JSON.stringify(
    {
      $schema: 'https://json.schemastore.org/sarif-2.1.0.json',
      version: '2.1.0',
      runs: [
        {
          tool: {
            driver: {
              name: 'elastic-shell check',
              version: '0.1.0',
              rules: rules.map(({ code, says, clause, severity }) => ({
                id: code,
                shortDescription: { text: says },
                help: { text: clause },
                defaultConfiguration: { level: severity },
              })),
            },
          },
          results: results.flatMap(({ name, findings }) =>
            findings.map(({ code, severity, sentence, remedy, line, column }) => ({
              ruleId: code,
              level: severity,
              message: { text: `${sentence} ${remedy}` },
              locations: [
                {
                  physicalLocation: {
                    artifactLocation: { uri: name.replaceAll('\\', '/') },
                    region: { startLine: line, startColumn: column },
                  },
                },
              ],
            })),
          ),
        },
      ],
    },
    null,
    2,
  )}\n`;

/** How findings are printed, by the name of the format. */
export const formats = { text, json, sarif };
