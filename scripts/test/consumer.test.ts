// A consumer's project: the packed library installed in an empty folder, imported, and type-checked.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../..');
const library = join(root, 'packages/elastic-shell');
const folder = mkdtempSync(join(tmpdir(), 'consumer-'));
const manifest = JSON.parse(readFileSync(join(library, 'package.json'), 'utf8')) as {
  exports: Record<string, unknown>;
  dependencies?: object;
};
/** They are for pages, or need the framework that they are for: projects of their own import them (test/long/consumers.test.ts). */
const elsewhere = ['react', 'vue', 'svelte', 'solid'].flatMap((name) => [`./${name}`, `./elements/${name}`]);
const entries = Object.keys(manifest.exports)
  .filter((entry) => !elsewhere.includes(entry))
  .map((entry) => `elastic-shell${entry.slice(1)}`);

beforeAll(() => {
  const packed = execFileSync('npm', ['pack', '--ignore-scripts', '--silent', '--pack-destination', folder], {
    cwd: library,
  });
  writeFileSync(join(folder, 'package.json'), '{ "name": "consumer", "private": true, "type": "module" }');
  execFileSync('npm', ['install', '--no-audit', '--no-fund', '--silent', `./${packed.toString().trim()}`], {
    cwd: folder,
  });
});

it('has no runtime dependency', () => {
  expect(manifest.dependencies ?? {}).toEqual({});
});

it('imports every entry in Node', () => {
  const modules = entries.filter((entry) => !/\.(css|json)$|\*/.test(entry));
  const script = modules.map((entry) => `await import('${entry}');`).join('\n');
  expect(
    execFileSync(process.execPath, ['--input-type=module', '-e', `${script}\nconsole.log('fine')`], {
      cwd: folder,
    }).toString(),
  ).toBe('fine\n');
});

it('ships its style sheets', () => {
  for (const sheet of ['structure', 'skin'])
    expect(
      readFileSync(join(folder, `node_modules/elastic-shell/dist/styles/${sheet}.css`), 'utf8'),
    ).toContain('--shell-');
});

it('type-checks a sample, and tells a mistake', () => {
  const sample = `
    import { cell, setDefaults, wireDialog, wireDisclosure, type Change } from 'elastic-shell';
    import { definePattern, type Engine } from 'elastic-shell/engine';
    import { journal } from 'elastic-shell/journal';
    import 'elastic-shell/elements';
    const open = cell(false);
    const dialog = wireDialog(document.querySelector('dialog')!, {
      open, outside: 'keep', guard: (change) => change.result !== 'strike' || fetch('/'),
      onChange: (change: Change) => console.log(change.reason, change.source?.id),
    });
    const answer: Promise<string | null> = dialog.ask();
    const panel = wireDisclosure(document.querySelector('p')!);
    panel.open.subscribe((value: boolean) => value);
    setDefaults('dialog', { escape: 'keep' })();
    export { answer, definePattern, journal };
    export type { Engine };
  `;
  writeFileSync(join(folder, 'sample.ts'), sample);
  const options = {
    strict: true,
    noEmit: true,
    target: 'ES2022',
    module: 'NodeNext',
    moduleResolution: 'NodeNext',
    lib: ['ES2023', 'DOM'],
    types: [],
  };
  writeFileSync(
    join(folder, 'tsconfig.json'),
    JSON.stringify({ compilerOptions: options, include: ['*.ts'] }),
  );
  const check = (): string => {
    try {
      return execFileSync(join(root, 'node_modules/.bin/tsc'), ['-p', folder]).toString();
    } catch (error) {
      return (error as { stdout: Buffer }).stdout.toString();
    }
  };
  expect(check()).toBe('');
  writeFileSync(join(folder, 'sample.ts'), `${sample}\nwireDialog(document.body, { outside: 'shut' });`);
  expect(check()).toMatch(/"shut"' is not assignable/);
});
