// The demo goes on whatever it is asked.
import { spawn } from 'node:child_process';
import { connect } from 'node:net';
import { join } from 'node:path';

/** Sends bytes to a port; answers the first line that comes back. */
const send = (port: number, text: string): Promise<string> =>
  new Promise((resolve) => {
    const socket = connect(port, 'localhost', () => socket.write(text));
    let said = '';
    socket.on('data', (chunk: Buffer) => (said += chunk.toString('latin1')));
    socket.on('error', () => resolve(''));
    socket.once('close', () => resolve(said.split('\r\n')[0] ?? ''));
  });

const get = (path: string, header = ''): string =>
  `GET ${path} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n${header}\r\n`;

it('answers on after a bad range, method, header, address or none of them', async () => {
  const child = spawn(process.execPath, [join(__dirname, '../bin/elastic-shell.js'), 'demo', '--port', '0']);
  const port = await new Promise<number>((resolve) => {
    child.stdout.on('data', (chunk: Buffer) => {
      const found = /localhost:(\d+)/.exec(chunk.toString())?.[1];
      if (found) resolve(Number(found));
    });
  });
  for (const text of [
    get('/desk.html', 'Range: bytes=abc-\r\n'),
    get('/desk.html', 'Range: bytes=999999999-\r\n'),
    get('/desk.html', 'Range: bytes=5-1\r\n'),
    get('/%E0%A4%A'),
    get('/server/%2e%2e/%2e%2e/package.json'),
    get('//'),
    get('/pages/%'),
    'FLY / HTTP/1.1\r\n\r\n',
    'GET / HTTP/9.9\r\n\r\n',
    `GET / HTTP/1.1\r\nHost: a\r\nX: ${'x'.repeat(100_000)}\r\n\r\n`,
    'POST /desk.html HTTP/1.1\r\nHost: a\r\nContent-Length: -1\r\n\r\n',
    '\0\0\0\r\n\r\n',
  ]) {
    expect(await send(port, text)).toMatch(/^HTTP\/1\.1 [2-5]\d\d/);
    expect(await send(port, get('/desk.html'))).toBe('HTTP/1.1 200 OK');
  }
  // More than any form has: refused by what it says of itself, and where it has no effect, as soon as it is too much.
  const long = 'POST /pages/lights HTTP/1.1\r\nHost: localhost\r\n';
  expect(await send(port, `${long}Content-Length: 300000000\r\n\r\nlights=1`)).toMatch(/^HTTP\/1\.1 413/);
  const chunk = `${(100_000).toString(16)}\r\n${'x'.repeat(100_000)}\r\n`;
  expect(await send(port, `${long}Transfer-Encoding: chunked\r\n\r\n${chunk}${chunk}`)).toMatch(
    /^HTTP\/1\.1 413/,
  );
  expect(await send(port, get('/desk.html'))).toBe('HTTP/1.1 200 OK');
  child.kill();
});
