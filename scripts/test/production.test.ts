// The production build: chosen by a condition, without option checks, with codes that the documents explain.
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '../..');
const library = join(root, 'packages/elastic-shell');

/** Runs a module in Node and returns what it prints. */
const run = (code: string, ...flags: string[]): string =>
  execFileSync(process.execPath, [...flags, '--input-type=module', '-e', code], {
    cwd: root,
    encoding: 'utf8',
  }).trim();

const fail = `import { place } from 'elastic-shell/core';
  const rect = { x: 0, y: 0, width: 1, height: 1 };
  const question = { anchor: rect, layer: rect, boundary: rect, direction: 'ltr', area: 'nowhere' };
  try { place(question); } catch (error) { console.log(error.message); }`;

it('throws codes in place of messages, and each code is in the documents', () => {
  expect(run(fail)).toMatch(/^elastic-shell: "nowhere" is not a valid area; write a side/);
  const [, code] = /^elastic-shell: error ([0-9a-f]{5}), see docs\/errors\.md$/.exec(
    run(fail, '--conditions=production'),
  ) ?? [''];
  expect(readFileSync(join(root, 'docs/errors.md'), 'utf8')).toContain(
    `| \`${code}\` | "…" is not a valid area;`,
  );
});

it('is offered for every entry that is a module', () => {
  const { exports } = JSON.parse(readFileSync(join(library, 'package.json'), 'utf8')) as {
    exports: Record<string, string | Record<string, string>>;
  };
  for (const [entry, paths] of Object.entries(exports)) {
    if (typeof paths === 'string') continue;
    expect([entry, paths['production']]).toEqual([
      entry,
      paths['default']!.replace('./dist/', './dist/production/'),
    ]);
    expect(existsSync(join(library, paths['production']!))).toBe(true);
  }
});
