// What is made from the contracts is up to date, and what the README links to is there.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { documents, results, root } from './support/documents';

it('the documents made from contracts and rules are up to date', () => {
  const { status, stdout } = spawnSync(process.execPath, [join(root, 'scripts/docs.mjs'), '--check'], {
    cwd: root,
  });
  expect([status, stdout.toString()]).toEqual([0, expect.not.stringContaining('out of date')]);
});

it.each([...documents, ...results])('%s links only to what is there', (document) => {
  const text = readFileSync(join(root, document), 'utf8');
  const links = [...text.matchAll(/\]\(([^)#]+)(?:#[^)]*)?\)/g)]
    .map((match) => match[1]!)
    .filter((link) => !/^[a-z]+:/.test(link));
  for (const link of links)
    expect([link, existsSync(join(root, dirname(document), link))]).toEqual([link, true]);
});

/** The blocks of code of a document, each with what stands before it. */
const blocksOf = (document: string): { file: string | undefined; language: string; lines: string[] }[] => {
  const text = readFileSync(join(root, document), 'utf8');
  const blocks = text.matchAll(/(?:<!-- in (\S+) -->\s*)?^( *)```([a-z]+)\n([\s\S]*?)^ *```$/gm);
  return [...blocks].map(([, file, , language, code]) => ({
    file,
    language: language!,
    lines: code!
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean),
  }));
};

describe.each(documents)('%s', (document) => {
  const blocks = blocksOf(document);
  it('shows only code that stands in a file that is built', () => {
    for (const { file, language, lines } of blocks) {
      if (language === 'sh' || language === 'text') continue;
      expect([lines[0], file, file !== undefined && existsSync(join(root, file))]).toEqual([
        lines[0],
        file,
        true,
      ]);
      const within = readFileSync(join(root, file!), 'utf8')
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean)
        .join('\n');
      expect(within).toContain(lines.join('\n'));
    }
  });
  it('names only commands that there are', () => {
    const commands =
      /^(npm (start|test( -- .+)?|install .+|run [a-z:-]+( -- .+| \w+)?)|npx elastic-shell (new|check|rehearse|contract|demo)\b.*|node examples\/.+)$/;
    for (const { language, lines } of blocks)
      if (language === 'sh') for (const line of lines) expect(line).toMatch(commands);
  });
});

it('every picture is linked from the README, and there are fewer than 20', () => {
  const readme = readFileSync(join(root, 'README.md'), 'utf8');
  const pictures = readdirSync(join(root, 'docs/screenshots'));
  expect(pictures.length).toBeLessThan(20);
  for (const picture of pictures) expect(readme).toContain(`docs/screenshots/${picture}`);
});

it('every script of the README and CONTRIBUTING is a script of the project', () => {
  const { scripts } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as {
    scripts: Record<string, string>;
  };
  const named = documents.flatMap((document) => [
    ...readFileSync(join(root, document), 'utf8').matchAll(/npm (?:run )?(start|test|(?<=run )[a-z:]+)/g),
  ]);
  for (const [, name] of named) expect(Object.keys(scripts)).toContain(name);
});
