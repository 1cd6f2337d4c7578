// `npm run docs`: writes the documents that are made from contracts and rules. With --check it only says
// which are out of date, and ends with 1 when one is.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { root, setUp } from './setup.mjs';

setUp();
build(['library', 'cli']);
const { notes: contracts } = await import('../packages/elastic-shell/dist/core/index.js');
const { formats } = await import('../packages/cli/dist/contract/format.js');
const { rules } = await import('../packages/elastic-shell/dist/journal/rules/index.js');

const origin = '<!-- Made by `npm run docs` from the contracts and rules. Change those, not this. -->\n\n';
const cell = (text) => text.replaceAll('|', '\\|').replaceAll('<', '&lt;');

const diagnostics = [
  '# Diagnostics',
  '',
  'One source for three places: the page’s journal, `elastic-shell check`, and tests.',
  '',
  '| code | severity | what it finds | standard |',
  '| --- | --- | --- | --- |',
  ...rules.map(
    ({ code, severity, says, clause }) => `| \`${code}\` | ${severity} | ${cell(says)} | ${cell(clause)} |`,
  ),
  '',
  'In the page the journal also enters what happens: `change`, `refused` and `busy` from the engine, and',
  '`invoker-target-missing`, `command-unheard` and `control-disabled` for presses that come to nothing.',
  '',
].join('\n');

const files = {
  'docs/patterns/index.md': formats.markdown(contracts, false),
  ...Object.fromEntries(
    contracts.map((notes) => [`docs/patterns/${notes.name}.md`, formats.markdown([notes], true)]),
  ),
  'docs/diagnostics.md': diagnostics,
};

let stale = 0;
for (const [path, text] of Object.entries(files)) {
  const file = join(root, path);
  const wanted = origin + text;
  if (existsSync(file) && readFileSync(file, 'utf8') === wanted) continue;
  stale++;
  console.log(
    `${path} ${process.argv.includes('--check') ? 'is out of date; run "npm run docs"' : 'written'}`,
  );
  if (process.argv.includes('--check')) continue;
  mkdirSync(join(file, '..'), { recursive: true });
  writeFileSync(file, wanted);
}
if (stale && process.argv.includes('--check')) process.exit(1);
