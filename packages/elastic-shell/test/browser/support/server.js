// Two small servers: the desk as the command line serves it, in a process of its own as its users run it, and the test pages.
import { spawn } from 'node:child_process';
import { createServer } from 'node:http';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import sirv from 'sirv';

const here = (path) => fileURLToPath(new URL(path, import.meta.url));

const startPages = (folder) =>
  new Promise((resolve) => {
    const files = sirv(folder);
    const server = createServer((request, response) => files(request, response));
    server.listen(0, '127.0.0.1', () => resolve([server, `http://127.0.0.1:${server.address().port}/`]));
  });

/** Runs the demo; answers its address, and what ends it. */
function startDesk() {
  const child = spawn(
    process.execPath,
    [here('../../../../cli/bin/elastic-shell.js'), 'demo', '--port', '0'],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  // It goes with whoever has started it, however that ends.
  process.once('exit', () => child.kill());
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`The demo ended with code ${code}.`)));
    createInterface(child.stdout).on('line', (line) => {
      const [, address] = /^Site: (\S+)/.exec(line) ?? [];
      if (address) resolve([{ closeAllConnections() {}, close: () => child.kill() }, address]);
    });
  });
}

export async function serve() {
  const [deskServer, desk] = await startDesk();
  const [pagesServer, pages] = await startPages(here('../../pages/built'));
  return { deskServer, pagesServer, desk, pages };
}
