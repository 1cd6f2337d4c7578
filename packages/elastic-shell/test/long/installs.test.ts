// The packed packages installed by npm, pnpm and yarn, and imported by Node 20, 22 and 24: with the node_modules of each manager, every
// entry that a server or a tool imports, also by require() where Node can do that with modules.
import { existsSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { packAll, runIn } from './support/project';

const root = join(__dirname, '../../../..');
const packed = packAll();
const names = ['elastic-shell', 'elastic-shell-cli'];

/** What each package manager is run by, and what has to be said to it. */
const managers: Record<string, { command: readonly string[]; files?: Record<string, string> }> = {
  npm: { command: ['npm', 'install', '--no-audit', '--no-fund', '--silent'] },
  pnpm: { command: ['npx', '--yes', 'pnpm@10', 'install', '--silent', '--no-frozen-lockfile'] },
  yarn: { command: ['npx', '--yes', 'yarn@1.22.22', 'install', '--silent', '--no-lockfile'] },
};

/** Entries that need no page and no framework. */
const entries = (
  JSON.parse(readFileSync(join(root, 'packages/elastic-shell/package.json'), 'utf8')) as { exports: object }
).exports;
const plain = Object.keys(entries).filter(
  (entry) => !/\.(css|json)$|\*|\/(react|vue|svelte|solid)$|bindings/.test(entry),
);
const imported = plain.map((entry) => `elastic-shell${entry.slice(1)}`);

/** The programs of other versions of Node, which npm has as packages. */
const nodes = mkdtempSync(join(tmpdir(), 'nodes-'));
function nodeOf(version: string): string {
  if (process.version.startsWith(`v${version}.`)) return process.execPath;
  const folder = join(nodes, version);
  const program = join(folder, 'node_modules/node/bin/node');
  if (existsSync(program)) return program;
  mkdirSync(folder);
  writeFileSync(join(folder, 'package.json'), '{ "private": true }');
  runIn(folder, 'npm', 'install', '--no-audit', '--no-fund', '--silent', `node@${version}`);
  return program;
}

const projects = new Map<string, string>();
function projectOf(manager: string): string {
  const known = projects.get(manager);
  if (known) return known;
  const folder = mkdtempSync(join(tmpdir(), `installed-${manager}-`));
  const dependencies = Object.fromEntries(names.map((name) => [name, packed[name]]));
  // The command line names the library by its version: it's the packed one here.
  const own = packed['elastic-shell'];
  writeFileSync(
    join(folder, 'package.json'),
    JSON.stringify({
      name: 'installed',
      private: true,
      type: 'module',
      dependencies,
      overrides: { 'elastic-shell': own },
      pnpm: { overrides: { 'elastic-shell': own } },
      resolutions: { 'elastic-shell': own },
    }),
  );
  writeFileSync(join(folder, 'pnpm-workspace.yaml'), `overrides:\n  elastic-shell: ${own}\n`);
  const [command = '', ...args] = managers[manager]?.command ?? [];
  runIn(folder, command, ...args);
  projects.set(manager, folder);
  return folder;
}

describe.each(Object.keys(managers))('%s', (manager) => {
  it.each(['20', '22', '24'])('Node %s imports every entry, and runs the command', (version) => {
    const folder = projectOf(manager);
    const node = nodeOf(version);
    writeFileSync(
      join(folder, 'all.mjs'),
      `${imported.map((name) => `await import('${name}');`).join('\n')}\nawait import('elastic-shell-cli/rehearse');\nconsole.log('fine');`,
    );
    expect(runIn(folder, node, 'all.mjs')).toBe('fine\n');
    writeFileSync(join(folder, 'a.html'), '<button></button>');
    const bin = 'node_modules/elastic-shell-cli/bin/elastic-shell.js';
    expect(runIn(folder, node, bin, '--version')).toMatch(/^\d+\.\d+\.\d+\n$/);
    expect(runIn(folder, node, bin, 'check', 'a.html', '--write-baseline', 'old.json')).toContain(
      '1 finding',
    );
    // Node 20.20 warns of it; from 22.12 on it is the usual way.
    writeFileSync(join(folder, 'one.cjs'), `console.log(typeof require('elastic-shell/tabs').wireTabs);`);
    expect(
      runIn(folder, node, ...(version === '20' ? ['--experimental-require-module'] : []), 'one.cjs'),
    ).toBe('function\n');
  });
});
