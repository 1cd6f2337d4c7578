// Every row of every contract in every setting, in the browser of this project. What came of it is kept in docs/conformance, of
// which `npm run docs` makes the tables.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
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

/** A setting of which some rows alone were run says nothing of all. */
const whole = (setting: string): boolean =>
  ['dialog opener Enter', 'switch click root'].every((row) => outcomes[setting]?.[row] !== undefined);

afterAll(() => {
  const done = settings.filter(whole);
  // With everything waiting for its first touch (`npm run test:untouched`) it is another library than the tables tell of.
  if (!done.length || process.env['EVERYTHING_WAITS']) return;
  const folder = join(__dirname, '../../../../docs/conformance');
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `${browserName}.json`);
  // What was not run this time stays as it was.
  const before = existsSync(file)
    ? (JSON.parse(readFileSync(file, 'utf8')) as { outcomes: object })
    : undefined;
  const all = { ...before?.outcomes, ...Object.fromEntries(done.map((name) => [name, outcomes[name]])) };
  const date = new Date().toISOString().slice(0, 10);
  const kept = {
    browser,
    date,
    outcomes: Object.fromEntries(settings.map((name) => [name, all[name as never]])),
  };
  writeFileSync(file, `${JSON.stringify(kept, null, 1)}\n`);
});
