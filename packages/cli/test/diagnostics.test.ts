// The examples on the pages of the diagnostics: `check` finds each mistake, and nothing in its corrected form.
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { runtimeCodes } from '../../elastic-shell/src/journal/codes';
import { allRules } from 'elastic-shell/rules';
import { run } from './run';

interface Block {
  code: string;
  language: string;
  kind: string;
  text: string;
}

const blocksOf = (file: string): Block[] =>
  readFileSync(join(__dirname, '../../../examples/diagnostics', file), 'utf8')
    .split(/^## /m)
    .slice(1)
    .flatMap((part) => {
      const code = part.slice(0, part.indexOf('\n'));
      return [...part.matchAll(/^```(\w+) (\w+)\n([\s\S]*?)^```$/gm)].map(
        ([, language = '', kind = '', text = '']) => ({ code, language, kind, text }),
      );
    });

describe('the examples of rules', () => {
  const blocks = blocksOf('rules.md');
  const found = new Map<string, string[]>();

  beforeAll(async () => {
    const folder = mkdtempSync(join(tmpdir(), 'diagnostics-'));
    for (const { code, kind, language, text } of blocks)
      writeFileSync(join(folder, `${code}.${kind}.${language}`), text);
    const { out } = await run(['check', folder, '--format', 'json']);
    for (const { file, code } of JSON.parse(out) as { file: string; code: string }[])
      found.set(basename(file), [...(found.get(basename(file)) ?? []), code]);
  });

  it('are there for every rule, once failing and once fixed', () => {
    const codes = [...allRules().map(({ code }) => code), 'allow-reason-missing', 'allow-unused'];
    for (const code of codes)
      expect([code, ...blocks.filter((block) => block.code === code).map(({ kind }) => kind)]).toEqual([
        code,
        'failing',
        'fixed',
      ]);
  });

  it.each(blocks)('$code, $kind', ({ code, kind, language }) => {
    const here = found.get(`${code}.${kind}.${language}`) ?? [];
    expect(here).toEqual(kind === 'fixed' ? [] : expect.arrayContaining([code]));
  });
});

it('every code of the journal has a page with its cause', () => {
  const text = readFileSync(join(__dirname, '../../../examples/diagnostics/events.md'), 'utf8');
  for (const { code } of runtimeCodes) expect(text).toContain(`\n## ${code}\n`);
});
