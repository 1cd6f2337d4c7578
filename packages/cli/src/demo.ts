// `elastic-shell demo`: serves the site, the built example application and the galleries under a strict
// content security policy. The site is at `/`, the application at `/desk`, and everything else next to it.
// Pages under /server/ are rendered for each request, by the server renderer of their framework.
import { createServer, type Server } from 'node:http';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Command, InvalidArgumentError } from 'commander';
import sirv from 'sirv';
import { Misuse } from './misuse.js';
import { policyFor } from './policy.js';
import { servedPage, yardPage } from './served-page.js';
import type { Streams } from './streams.js';

const folder = fileURLToPath(new URL('../demo', import.meta.url));
const siteFolder = fileURLToPath(new URL('../site', import.meta.url));

const portOf = (text: string): number => {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new InvalidArgumentError('A port must be a number from 0 to 65535.');
  return port;
};

/** A running server, and its address. */
export interface ServedDesk {
  address: string;
  server: Server;
}

/**
 * Serves the demo on this machine, unless another `host` is named. Resolves when it listens. Port 0 takes any
 * free port.
 */
export function serveDesk(port: number, host = 'localhost'): Promise<ServedDesk> {
  if (!existsSync(`${folder}/desk.html`))
    throw new Misuse('the demo is not built. In a checkout, run "npm run build" first.', 1);
  const filesOf = (from: string) =>
    sirv(from, {
      // The galleries may still be building.
      dev: true,
      setHeaders: (response, path) => response.setHeader('Content-Security-Policy', policyFor(path)),
    });
  const [demo, site] = [filesOf(folder), filesOf(siteFolder)];
  const server = createServer((request, response) => {
    void yardPage(request, response)
      .then((isDone) => isDone || servedPage(folder, request.url ?? '/', response))
      .then((isDone) => isDone || demo(request, response, () => site(request, response)))
      // Whatever fails, the next request is answered.
      .catch(() => {
        if (!response.headersSent) response.statusCode = 400;
        response.end();
      });
  });
  server.on('clientError', (_, socket) => {
    if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
  });
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(
        error.code === 'EADDRINUSE'
          ? new Misuse(`port ${port} is in use. Choose another with --port, or with PORT for npm start.`, 1)
          : error.code === 'EACCES'
            ? new Misuse(`port ${port} is not allowed. Choose one above 1023.`, 1)
            : error,
      ),
    );
    server.listen(port, host, () => {
      const address = server.address();
      const at = typeof address === 'object' && address ? address.port : port;
      resolve({ address: `http://localhost:${at}/`, server });
    });
  });
}

/** Defines the command `demo`. */
export function demoCommand(streams: Streams): Command {
  return new Command('demo')
    .description('Serves the site, the demo application and the galleries.')
    .option('-p, --port <number>', 'the port, or 0 for any free port', portOf, 5173)
    .option(
      '--host <name>',
      'the host to listen on. Another one than the default lets other machines connect',
      'localhost',
    )
    .addHelpText('after', '\nExample:\n  $ elastic-shell demo --port 8080')
    .action(async ({ port, host }: { port: number; host: string }) => {
      const { address } = await serveDesk(port, host);
      streams.out(
        `Site: ${address}\nDemo: ${address}desk\nGallery: ${address}gallery.html\n` +
          `Galleries of frameworks: ${address}gallery/react.html, server-rendered: ${address}server/react.html\n` +
          `Server pages without a framework: ${address}pages/\n`,
      );
    });
}
