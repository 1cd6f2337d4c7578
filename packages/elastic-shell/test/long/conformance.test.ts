// Every row of every contract in every setting, in the browser of this project. What came of it is kept in docs/conformance, of
// which `npm run docs` makes the tables.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { browserName } from '../browser/support/browser';
import { conform, type Outcome, settings } from '../settings/support/conformance';

const outcomes: Record<string, Record<string, Outcome>> = {};
let browser = '';

conform(
  settings,
  () => true,
  (setting, row, outcome, version) => {
    browser = version;
    (outcomes[setting] ??= {})[row] = outcome;
  },
);

afterAll(() => {
  // A run of some rows or settings alone is no table of all.
  if (!settings.every((setting) => outcomes[setting]?.['dialog opener Enter'] !== undefined)) return;
  const folder = join(__dirname, '../../../../docs/conformance');
  mkdirSync(folder, { recursive: true });
  const date = new Date().toISOString().slice(0, 10);
  writeFileSync(
    join(folder, `${browserName}.json`),
    `${JSON.stringify({ browser, date, outcomes }, null, 1)}\n`,
  );
});
