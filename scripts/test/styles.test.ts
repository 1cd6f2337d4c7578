// The style sheets as they are published, whole and by pattern.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../..');
const styles = join(root, 'packages/elastic-shell/dist/styles');
const sheets = readdirSync(styles, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.css'))
  .map((name) => join(styles, name));

/** What the check says of style sheets. */
const check = (...files: string[]) =>
  spawnSync(process.execPath, ['scripts/styles.mjs', '--check', ...files], { cwd: root, encoding: 'utf8' });

it('no selector is one that a browser must test against every element', () => {
  expect(sheets.length).toBeGreaterThan(20);
  expect(check(...sheets).stderr).toBe('');
});

it('each is one file, so that a page without a build step loads nothing else', () => {
  for (const path of sheets) expect(readFileSync(path, 'utf8')).not.toContain('@import');
});

it.each([
  [":where([role='option'], [role='treeitem']):hover", true],
  ['*:has(> [data-when])', true],
  ['[data-wired] *::highlight(found)', true],
  ["[data-wired='menu'] > *", false],
  [":where([data-wired] [role='option']):hover", false],
])('the check knows whether %s is one: %s', (selector, isOne) => {
  const file = join(mkdtempSync(join(tmpdir(), 'styles-')), 'one.css');
  writeFileSync(file, `${selector} { color: red }`);
  expect(check(file).stderr.includes(selector)).toBe(isOne);
});
