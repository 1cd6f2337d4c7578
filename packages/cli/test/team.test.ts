// What teams run on every change: the script of the guide, in a project with a preview.
import { execFile } from 'node:child_process';
import { chmodSync, copyFileSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { folderOf } from './run';

const snippets = join(__dirname, '../../../examples/recipes/snippets/team');
const bin = join(__dirname, '../bin/elastic-shell.js');

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, 'localhost', () => {
      const address = server.address();
      server.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });

it('the script checks, walks a preview by its links, and leaves reports for machines and for people', async () => {
  const lamp = `<button type="button" role="switch" aria-checked="false" onclick="this.ariaChecked = this.ariaChecked !== 'true'">Lamp</button>`;
  const folder = folderOf({
    'preview.cjs': `const pages = { '/': '<!doctype html><title>A</title><a href="/b">B</a>', '/b': ${JSON.stringify(`<!doctype html><title>B</title>${lamp}`)} };
require('node:http').createServer((request, response) => {
  response.setHeader('content-type', 'text/html');
  response.end(pages[request.url] ?? '');
}).listen(Number(process.argv.at(-1)), 'localhost');`,
    npx: `#!/bin/sh\nname=$1\nshift\n[ "$name" = vite ] && exec "${process.execPath}" preview.cjs "$@"\nexec "${process.execPath}" "${bin}" "$@"\n`,
  });
  chmodSync(join(folder, 'npx'), 0o755);
  for (const [name, text] of [
    ['src', '<img src="a.png">'],
    ['public', '<p>Yard</p>'],
  ] as const) {
    mkdirSync(join(folder, name));
    writeFileSync(join(folder, name, 'a.html'), text);
  }
  copyFileSync(join(snippets, 'widgets.sh'), join(folder, 'widgets.sh'));
  const port = await freePort();
  const env = { ...process.env, PATH: `${folder}:${process.env['PATH'] ?? ''}`, PORT: `${port}` };
  const code = await new Promise((resolve) =>
    execFile('sh', ['widgets.sh'], { cwd: folder, env }, (error) => resolve(error?.code ?? 0)),
  );
  const report = (name: string): string => readFileSync(join(folder, 'reports', name), 'utf8');
  // One finding of check, and nothing that fails on the pages.
  expect([code, report('check.xml').match(/<failure /g)?.length]).toEqual([1, 1]);
  expect(report('rehearsal.xml')).toMatch(/<testsuite name="[^"]*\/b: switch Lamp" tests="3" failures="0"/);
  expect(report('rehearsal.html')).toContain('2 pages, 1 widget: 3 checks pass, 0 fail.');
  expect(existsSync(join(folder, 'reports/walked.jsonl'))).toBe(true);
});

it('the workflow runs commands that there are', () => {
  const text = readFileSync(join(snippets, 'workflow.yml'), 'utf8');
  expect(text).toContain('npx elastic-shell check src public --format sarif > check.sarif');
  expect(text).toContain('sh widgets.sh');
});
