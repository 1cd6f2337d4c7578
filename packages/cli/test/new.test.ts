// `elastic-shell new`, as its users run it.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from '@babel/parser';
import { folderOf, run } from './run';

const project = (packages: Record<string, string>): string =>
  folderOf({ 'package.json': JSON.stringify({ dependencies: packages }) });

it('lists every recipe and the settings that it is for', async () => {
  const { code, out } = await run(['new']);
  expect(code).toBe(0);
  expect(out).toMatch(/dialog\s+│ Dialog\s+│ every framework/);
  expect(out).toMatch(/picker .* html, react, vue, svelte, solid,/);
});

it('knows the setting from the nearest package.json, and says what else is needed', async () => {
  const folder = project({ vue: '3.5.0' });
  const { code, out } = await run(['new', 'dialog', '--in', join(folder, 'src/components')]);
  expect(code).toBe(0);
  expect(readFileSync(join(folder, 'src/components/TideTimes.vue'), 'utf8')).toContain(
    "from 'elastic-shell/vue'",
  );
  expect(out).toContain('npm install elastic-shell');
  expect(out).toContain('structure.css');
});

it('says nothing of installing what is there, and of Angular where its styles go', async () => {
  const folder = project({
    '@angular/core': '21.0.0',
    'elastic-shell': '0.1.0',
    'elastic-shell-angular': '0.1.0',
  });
  const { out } = await run(['new', 'tabs', '--in', folder]);
  expect(existsSync(join(folder, 'boat-record.ts'))).toBe(true);
  expect(out).not.toContain('npm install');
  expect(out).toContain('angular.json');
});

it('takes plain HTML where no framework is named, with all the files of the recipe and a test', async () => {
  const folder = project({});
  const { code } = await run(['new', 'edit-order', '--in', folder, '--test']);
  expect(code).toBe(0);
  for (const name of ['edit-order.html', 'edit-order.css', 'edit-order.test.js'])
    expect([name, existsSync(join(folder, name))]).toEqual([name, true]);
});

it.each([
  [
    'vitest',
    true,
    'TideTimes.test.tsx',
    /^\/\/ @vitest-environment jsdom\nimport \{ expect, test \} from 'vitest';\n/,
  ],
  [
    'vitest',
    false,
    'TideTimes.test.jsx',
    /^\/\/ @vitest-environment jsdom\nimport \{ expect, test \} from 'vitest';\n/,
  ],
  [
    'jest',
    true,
    'TideTimes.test.tsx',
    /^\/\*\* @jest-environment jsdom \*\/\nimport \{ createElement \} from 'react';\n/,
  ],
])(
  'writes a test for the runner of the project: %s, in TypeScript %s',
  async (runner, isTyped, name, head) => {
    const folder = project({ react: '19.0.0', [runner]: '1.0.0', ...(isTyped && { typescript: '6.0.0' }) });
    const { code } = await run(['new', 'dialog', '--in', folder, '--test']);
    expect(code).toBe(0);
    const text = readFileSync(join(folder, name), 'utf8');
    expect(text).toMatch(head);
    expect(/name: string/.test(text)).toBe(isTyped);
  },
);

it('never writes over what is there, unless told to', async () => {
  const folder = project({ react: '19.0.0', typescript: '6.0.0' });
  writeFileSync(join(folder, 'TideTimes.tsx'), 'mine');
  const refused = await run(['new', 'dialog', '--in', folder]);
  expect([refused.code, readFileSync(join(folder, 'TideTimes.tsx'), 'utf8')]).toEqual([1, 'mine']);
  expect(refused.error).toContain('already exists');
  expect((await run(['new', 'dialog', '--in', folder, '--force'])).code).toBe(0);
  expect(readFileSync(join(folder, 'TideTimes.tsx'), 'utf8')).toContain('useDialog');
});

it('prints, and writes nothing', async () => {
  const folder = project({ svelte: '5.0.0', typescript: '6.0.0' });
  const { out } = await run(['new', 'switch', '--in', folder, '--print']);
  expect(out).toBe(readFileSync(join(__dirname, '../../../examples/recipes/switch/svelte.svelte'), 'utf8'));
  expect(existsSync(join(folder, 'YardLights.svelte'))).toBe(false);
});

it.each([
  [['new', 'dialgo'], 'Did you mean "dialog"?'],
  [['new', 'dialog', '--for', 'raect'], 'Did you mean "react"?'],
  [['new', 'moving-over', '--for', 'solid'], "doesn't exist for solid. It exists for html: --for html"],
])('%j: one sentence, exit code 2', async (args, sentence) => {
  const { code, out, error } = await run(args);
  expect([code, out]).toEqual([2, '']);
  expect(error).toContain(sentence);
});

it('asks which framework is meant where there are several, and tells of a package.json that is none', async () => {
  const several = await run(['new', 'dialog', '--in', project({ react: '19.0.0', vue: '3.5.0' })]);
  expect([several.code, several.error]).toEqual([2, expect.stringContaining('names react and vue')]);
  const broken = folderOf({ 'package.json': '{' });
  expect((await run(['new', 'dialog', '--in', broken])).error).toContain("isn't valid JSON");
});

it('tells in one sentence of a folder that cannot be written to', async () => {
  const folder = project({});
  mkdirSync(join(folder, 'src'));
  writeFileSync(join(folder, 'src/components'), 'a file');
  const { code, error } = await run(['new', 'dialog', '--in', join(folder, 'src/components')]);
  expect([code, error.split('\n').length]).toEqual([1, 2]);
  expect(error).toContain('src/components');
});

describe('what is written fits the project', () => {
  /** A project with scripts of its own; answers what `new` writes there, by name. */
  async function written(
    manifest: object,
    own: Record<string, string>,
    ...args: string[]
  ): Promise<Record<string, string>> {
    const folder = folderOf({ 'package.json': JSON.stringify(manifest), ...own });
    mkdirSync(join(folder, 'src/components'), { recursive: true });
    const { code, error } = await run(['new', ...args], '', folder);
    expect([code, error]).toEqual([0, '']);
    const place = join(folder, 'src/components');
    return Object.fromEntries(
      readdirSync(place).map((name) => [name, readFileSync(join(place, name), 'utf8')]),
    );
  }

  it('JavaScript without types, in its quotes, semicolons and indentation, in its folder of components', async () => {
    const files = await written(
      { dependencies: { react: '^19' }, devDependencies: { vite: '^8' } },
      { 'main.jsx': 'import a from "a"\nimport b from "b"\nfunction go() {\n\treturn a\n}\n' },
      'edit-order',
      '--test',
    );
    expect(Object.keys(files).sort()).toEqual(['EditOrder.jsx', 'EditOrder.test.jsx', 'YardModal.jsx']);
    const { 'YardModal.jsx': modal = '', 'EditOrder.test.jsx': test = '' } = files;
    expect(modal).toMatch(
      /^import \{ useDialog \} from "elastic-shell\/react"\n\n\/\*\* A dialog with slots/,
    );
    expect(modal).toContain('\n\tconst modal = useDialog({\n\t\tsize: size ?? "medium",');
    expect(modal).not.toMatch(/;$|YardModalProps/m);
    // Without a runner that is named, the test is one of Vitest's.
    expect(test).toMatch(/^\/\/ @vitest-environment jsdom\nimport \{ .*test \} from "vitest"\n/);
  });

  it('every recipe of each framework, without its types, is JavaScript', async () => {
    const folder = folderOf({ 'package.json': '{ "dependencies": { "react": "^19" } }' });
    const { out } = await run(['new'], '', folder);
    const names = [...out.matchAll(/^│ ([a-z-]+) /gm)]
      .map(([, name]) => name ?? '')
      .filter((name) => name !== 'recipe');
    expect(names.length).toBeGreaterThan(25);
    for (const setting of ['react', 'solid']) {
      const printed = await Promise.all(
        names
          .filter((name) => name !== 'moving-over')
          .map((name) => run(['new', name, '--for', setting, '--print'], '', folder)),
      );
      for (const { out: text } of printed)
        for (const script of text
          .split(/^\/\/ \S+\.(?:jsx|js|css|d\.ts)\n/m)
          .filter((part) => part.includes('import ')))
          expect(() => parse(script, { sourceType: 'module', plugins: ['jsx'] })).not.toThrow();
    }
  });

  it('TypeScript by a tsconfig above, Jest by a configuration above', async () => {
    const top = folderOf({ 'tsconfig.base.json': '{}', 'jest.config.js': '', 'package.json': '{}' });
    const inner = join(top, 'packages/app');
    mkdirSync(inner, { recursive: true });
    writeFileSync(join(inner, 'package.json'), '{ "dependencies": { "react": "^19" } }');
    const { out } = await run(['new', 'dialog', '--test'], '', inner);
    expect(out).toContain('Wrote TideTimes.test.tsx');
    expect(readFileSync(join(inner, 'TideTimes.test.tsx'), 'utf8')).toMatch(
      /^\/\*\* @jest-environment jsdom \*\//,
    );
    expect(out).toContain('npm install --save-dev jest jest-environment-jsdom');
  });

  it('a framework that is too old is told', async () => {
    const { code, error } = await run(['new', 'dialog', '--in', project({ svelte: '^4.2.0' })]);
    expect([code, error]).toEqual([
      2,
      expect.stringContaining('names svelte ^4.2.0, but recipes need 5 or newer.'),
    ]);
  });
});
