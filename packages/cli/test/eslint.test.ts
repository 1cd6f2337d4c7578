// The rules of `check` in ESLint, as a project has it: each language by its usual parser, fixes, comments, and a configuration of ours.
import { execFile } from 'node:child_process';
import { readFileSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { allRules } from 'elastic-shell/rules';
import { folderOf } from './run';

const root = join(__dirname, '../../..');

const config = `import html from '@html-eslint/parser';
import angular from '@angular-eslint/template-parser';
import svelte from 'svelte-eslint-parser';
import ts from 'typescript-eslint';
import vue from 'vue-eslint-parser';
import elasticShell from 'elastic-shell-cli/eslint';
export default [
  ...elasticShell.configs.pages,
  { files: ['**/*.{tsx,ts}'], languageOptions: { parser: ts.parser, parserOptions: { ecmaFeatures: { jsx: true } } } },
  { files: ['**/*.vue'], languageOptions: { parser: vue } },
  { files: ['**/*.svelte'], languageOptions: { parser: svelte } },
  { files: ['**/*.html'], languageOptions: { parser: html } },
  { files: ['**/*.component.html'], languageOptions: { parser: angular } },
];`;

interface Message {
  ruleId: string;
  severity: number;
  line: number;
  column: number;
}

/** Lints a project; answers what is reported by the names of its files. */
async function lint(
  files: Record<string, string>,
  ...args: string[]
): Promise<[string, Record<string, Message[]>]> {
  const folder = folderOf({ 'eslint.config.js': config, 'package.json': '{ "type": "module" }', ...files });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  const [out, error] = await new Promise<[string, string]>((resolve) =>
    execFile(
      process.execPath,
      [join(root, 'node_modules/eslint/bin/eslint.js'), '-f', 'json', ...args, '.'],
      { cwd: folder, env: { ...process.env, NODE_ENV: 'production' } },
      (_, stdout, stderr) => resolve([stdout, stderr]),
    ),
  );
  if (!out) throw new Error(error);
  const results = JSON.parse(out) as { filePath: string; messages: Message[] }[];
  return [
    folder,
    Object.fromEntries(
      results.map(({ filePath, messages }) => [filePath.slice(folder.length + 1), messages]),
    ),
  ];
}

const body =
  '<form><button commandfor="sheet" command="--toggle">More</button><div role="buton">Go</div></form><p id="sheet"></p>';
const pages: Record<string, string> = {
  'a.jsx': `export const A = () => <>${body}</>;`,
  'a.tsx': `export const A = (): unknown => <>${body}</>;`,
  'a.vue': `<template>${body}</template>`,
  'a.svelte': body,
  'a.html': `<!doctype html><title>A</title>${body}`,
  'a.component.html': `${body}@if (isLate()) { <i>Late</i> }`,
  'a.component.ts': `@Component({ selector: 'yard-a', template: \`${body}\` }) export class A {}`,
  'a.astro': `---\n---\n${body}`,
};

it('finds in each language what check finds, in its place, and mends what has one right way', async () => {
  const [folder, found] = await lint(pages, '--fix-dry-run');
  for (const [name, text] of Object.entries(pages)) {
    const at = text.indexOf('role="buton"') - text.lastIndexOf('\n', text.indexOf('role="buton"'));
    expect([name, found[name]?.map(({ ruleId, column }) => [ruleId, column])]).toEqual([
      name,
      [['elastic-shell/role-unknown', at + ' type="button"'.length]],
    ]);
  }
  expect(readFileSync(join(folder, 'a.vue'), 'utf8')).toBe(pages['a.vue']);
  const [mended] = await lint(pages, '--fix');
  for (const name of Object.keys(pages))
    expect(readFileSync(join(mended, name), 'utf8')).toContain('<button type="button" commandfor="sheet"');
});

it('hears both kinds of comments, the configuration of check, and its own severities', async () => {
  const [, found] = await lint({
    'a.html': `<title>A</title>
<!-- check: allow role-unknown because the office knows it -->
<p role="buton">A</p>
<p role="sliider">B</p>`,
    'b.jsx': `/* eslint-disable elastic-shell/role-unknown */
export const B = () => <><p role="buton">B</p><h1>A</h1><h3>B</h3></>;`,
    'elastic-shell.check.json': '{ "rules": { "heading-level-skipped": "off" } }',
  });
  expect(found['a.html']?.map(({ ruleId, line, severity }) => [ruleId, line, severity])).toEqual([
    ['elastic-shell/role-unknown', 4, 2],
  ]);
  expect(found['b.jsx']).toEqual([]);
});

it('has a rule for each of ours', () => {
  const script = `import plugin from 'elastic-shell-cli/eslint'; console.log(JSON.stringify(Object.keys(plugin.rules)));`;
  const folder = folderOf({ 'list.mjs': script });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  return new Promise<void>((resolve) =>
    execFile(process.execPath, [join(folder, 'list.mjs')], (_, out) => {
      const names = JSON.parse(out) as string[];
      expect(names).toEqual(expect.arrayContaining(allRules().map(({ code }) => code)));
      resolve();
    }),
  );
});
