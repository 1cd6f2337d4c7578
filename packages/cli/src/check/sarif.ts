// SARIF 2.1.0: for tools that show findings beside code.
import { existsSync } from 'node:fs';
import { isAbsolute } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { allRules } from 'elastic-shell/rules';
import { version } from '../version.js';
import type { Result } from './check.js';
import type { Placed } from './placed.js';

const schema = 'https://json.schemastore.org/sarif-2.1.0.json';

/** Returns the page about a rule in the installed documents, if they are there. */
function pageOf(code: string): string | undefined {
  const page = new URL(`../../site/diagnostics/${code}/index.html`, import.meta.url);
  return existsSync(fileURLToPath(page)) ? page.href : undefined;
}

/** Returns a file as a URI: absolute, or relative to the folder in which `check` ran. */
const uriOf = (name: string): string =>
  isAbsolute(name)
    ? pathToFileURL(name).href
    : name.replaceAll('\\', '/').split('/').map(encodeURIComponent).join('/');

/** Returns one finding. `suppression` is why it is accepted. */
const resultOf = (name: string, finding: Placed, suppression?: object): object => ({
  ruleId: finding.code,
  level: finding.severity,
  message: { text: `${finding.sentence} ${finding.remedy}` },
  locations: [
    {
      physicalLocation: {
        artifactLocation: { uri: uriOf(name) },
        region: { startLine: finding.line, startColumn: finding.column },
      },
    },
  ],
  ...(suppression && { suppressions: [suppression] }),
});

/** Prints the findings, those that comments and the baseline accept, and what was skipped. */
export const sarif = (results: readonly Result[], { problems }: { problems: readonly string[] }): string =>
  `${JSON.stringify(
    {
      $schema: schema,
      version: '2.1.0',
      runs: [
        {
          tool: {
            driver: {
              name: 'elastic-shell check',
              version,
              rules: allRules().map(({ code, summary, clause, severity }) => ({
                id: code,
                shortDescription: { text: summary },
                help: {
                  text: `${summary} Standard: ${clause}.`,
                  markdown: `${summary}\n\nStandard: *${clause}*.`,
                },
                ...(pageOf(code) && { helpUri: pageOf(code) }),
                defaultConfiguration: { level: severity },
              })),
            },
          },
          columnKind: 'utf16CodeUnits',
          invocations: [
            {
              executionSuccessful: problems.length === 0,
              toolExecutionNotifications: problems.map((text) => ({ level: 'error', message: { text } })),
            },
          ],
          results: results.flatMap(({ name, findings, allowed, passed }) => [
            ...findings.map((finding) => resultOf(name, finding)),
            ...allowed.map(({ finding, reason }) =>
              resultOf(name, finding, { kind: 'inSource', justification: reason }),
            ),
            ...passed.map((finding) =>
              resultOf(name, finding, { kind: 'external', justification: 'It is in the baseline.' }),
            ),
          ]),
        },
      ],
    },
    null,
    2,
  )}\n`;
