// Every row of every contract in every setting; the table of it is written into docs/settings/conformance.md.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { allRows, conform, settings } from '../settings/support/conformance';
import { elsewhere } from '../settings/support/rows';

const counts = new Map<string, { passed: number; all: number }>();

conform(
  settings,
  () => true,
  (setting, pattern, isPassed) => {
    const cell = counts.get(`${setting} ${pattern}`) ?? { passed: 0, all: 0 };
    counts.set(`${setting} ${pattern}`, { passed: cell.passed + Number(isPassed), all: cell.all + 1 });
  },
);

afterAll(() => {
  const patterns = [...new Set(allRows.map(({ pattern }) => pattern))].sort();
  const cell = (setting: string, pattern: string): string => {
    const { passed = 0, all = 0 } = counts.get(`${setting} ${pattern}`) ?? {};
    return all ? `${passed} of ${all}` : '–';
  };
  // A run of some of the settings alone is no table of all.
  if (!settings.every((setting) => counts.has(`${setting} dialog`))) return;
  const left = Object.entries(elsewhere).map(([row, why]) => `- ${row}: ${why}`);
  writeFileSync(
    join(__dirname, '../../../../docs/settings/conformance.md'),
    [
      '# Conformance, by setting',
      '',
      'Rows of the contracts (keys and presses) that hold in the gallery of each setting, driven by real keys and pointer in',
      'Chromium. Made by `npm run test:long -- conformance`; `npm test` runs 36 of them in each setting.',
      '',
      `| pattern | ${settings.join(' | ')} |`,
      `| --- |${settings.map(() => ' --- |').join('')}`,
      ...patterns.map(
        (pattern) => `| ${pattern} | ${settings.map((setting) => cell(setting, pattern)).join(' | ')} |`,
      ),
      '',
      'Rows whose instance stands in the plain gallery alone, where its own tests hold them:',
      '',
      ...left,
      '',
    ].join('\n'),
  );
});
