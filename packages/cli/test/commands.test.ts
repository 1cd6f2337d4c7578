import { createServer } from 'node:http';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { notes } from 'elastic-shell/core';

const dialogNotes = notes.find(({ name }) => name === 'dialog')!;
import { run } from './run';

describe('contract', () => {
  it('lists the patterns', async () => {
    const { code, out } = await run(['contract']);
    expect(code).toBe(0);
    for (const name of ['dialog', 'disclosure']) expect(out).toContain(`│ ${name}`);
  });
  it('prints every part, key and state of a pattern, within the width of a terminal', async () => {
    const { out } = await run(['contract', 'dialog']);
    for (const part of Object.keys(dialogNotes.parts)) expect(out).toContain(`│ ${part}`);
    for (const { key } of dialogNotes.keys) expect(out).toContain(`│ ${key}`);
    for (const { name } of dialogNotes.states) expect(out).toContain(`│ ${name}`);
    for (const line of out.split('\n'))
      expect(line.startsWith('  - ') ? 0 : line.length).toBeLessThanOrEqual(120);
  });
  it('prints what a server writes on each part, in the state in which it has it', async () => {
    const { code, out } = await run(['contract', 'tabs', '--server', '--format', 'json']);
    expect(code).toBe(0);
    const parts = JSON.parse(out) as { part: string; when: string; attributes: string }[];
    expect(parts.filter(({ part }) => part === 'panel')).toEqual([
      {
        part: 'panel',
        when: 'selected',
        attributes: 'role="tabpanel" id="id-panel-first" data-key="first" aria-labelledby="id-tab-first"',
      },
      {
        part: 'panel',
        when: 'not selected',
        attributes:
          'role="tabpanel" id="id-panel-other" data-key="other" aria-labelledby="id-tab-other" hidden',
      },
    ]);
    expect((await run(['contract', '--server'])).out.match(/^Server-rendered attributes of /gm)).toHaveLength(
      notes.length,
    );
  });

  it('prints the contract itself as JSON, and Markdown whose tables are whole', async () => {
    expect(JSON.parse((await run(['contract', 'dialog', '-f', 'json'])).out)).toEqual(dialogNotes);
    const { out } = await run(['contract', 'dialog', '-f', 'markdown']);
    expect(out).toMatch(/^# dialog\n/);
    const rows = out.split('\n').filter((line) => line.startsWith('|'));
    for (const row of rows) expect(row).toMatch(/^\| .* \|$/);
  });
  it('suggests the nearest pattern, exit code 2', async () => {
    const { code, error } = await run(['contract', 'dialgo']);
    expect([code, error]).toEqual([
      2,
      `elastic-shell: the pattern "dialgo" doesn't exist. Did you mean "dialog"?\n`,
    ]);
  });
});

describe('demo', () => {
  const bin = join(__dirname, '../bin/elastic-shell.js');

  it('serves the site and the desk under a strict policy, and prints where', async () => {
    const child = spawn(process.execPath, [bin, 'demo', '--port', '0']);
    try {
      const said = await new Promise<string>((resolve) =>
        child.stdout.once('data', (chunk: Buffer) => resolve(chunk.toString())),
      );
      const [address] = /http:\/\/\S+/.exec(said)!;
      for (const [path, words] of [
        ['', 'Elastic Shell'],
        ['desk', 'Quillhaven'],
        ['gallery.html', 'Quillhaven'],
      ] as const) {
        const response = await fetch(address + path);
        expect(response.status).toBe(200);
        expect(response.headers.get('content-security-policy')).toBe(
          "default-src 'self'; require-trusted-types-for 'script'",
        );
        expect(await response.text()).toContain(words);
      }
      expect((await fetch(`${address}nowhere`)).status).toBe(404);
    } finally {
      child.kill();
    }
  });

  it('says that a port is in use, exit code 1', async () => {
    const server = createServer();
    const port = await new Promise<number>((resolve) =>
      server.listen(0, () => resolve((server.address() as { port: number }).port)),
    );
    const { code, error } = await run(['demo', '--port', `${port}`]);
    server.close();
    expect([code, error]).toEqual([
      1,
      `elastic-shell: port ${port} is in use. Choose another with --port, or with PORT for npm start.\n`,
    ]);
  });

  it.each(['x', '-1', '99999'])('refuses the port %s', async (port) => {
    const { code, error } = await run(['demo', `--port=${port}`]);
    expect([code, error]).toEqual([2, expect.stringContaining('A port must be a number from 0 to 65535.')]);
  });
});

it.each(['check', 'contract', 'new', 'demo'])('%s --help has an example', async (command) => {
  const { code, out } = await run([command, '--help']);
  expect([code, out]).toEqual([0, expect.stringMatching(/Examples?:\n {2}\$ elastic-shell/)]);
});

it('--version and --help exit with 0', async () => {
  expect(await run(['--version'])).toMatchObject({ code: 0, out: '0.1.0\n' });
  expect((await run(['--help'])).code).toBe(0);
});
