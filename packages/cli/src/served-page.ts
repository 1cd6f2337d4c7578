// Pages that are rendered for each request: the galleries, by their frameworks on a server, and a message in
// place of what is still being built.
import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { fileURLToPath } from 'node:url';
import { policyFor } from './policy.js';

/** The result of a gallery's renderer. */
interface Rendered {
  app: string;
  head: string;
}

const rendererOf = (name: string): URL => new URL(`../render/${name}/render.js`, import.meta.url);

const waiting = `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta http-equiv="refresh" content="2" />
    <title>Being built · Elastic Shell</title>
  </head>
  <body>
    <p role="status">This page is still being built. The page looks again every two seconds.</p>
    <p><a href="/gallery.html">The plain gallery</a> is there already.</p>
  </body>
</html>
`;

const answer = (response: ServerResponse, path: string, html: string, nonce?: string): true => {
  response.setHeader('Content-Type', 'text/html; charset=utf-8');
  response.setHeader('Cache-Control', 'no-store');
  response.setHeader('Content-Security-Policy', policyFor(path, nonce));
  response.end(html);
  return true;
};

/** The server of pages without a framework, once it is built. */
const yardServer = new URL('../render/pages/server.js', import.meta.url);

/** Handles a request under `/pages/` with that server. */
export async function yardPage(request: IncomingMessage, response: ServerResponse): Promise<boolean> {
  if (!request.url?.startsWith('/pages/')) return false;
  if (!existsSync(fileURLToPath(yardServer)))
    return process.env['ELASTIC_SHELL_BUILDS'] ? answer(response, request.url, waiting) : false;
  const { respond }: { respond(request: IncomingMessage, response: ServerResponse): Promise<boolean> } =
    await import(yardServer.href);
  return respond(request, response);
}

/**
 * Handles a request for a page under `/server/`, and for a gallery that is not built yet. Returns false for
 * everything else, which is a file in `folder`.
 */
export async function servedPage(folder: string, url: string, response: ServerResponse): Promise<boolean> {
  const path = url.replace(/[?#].*/, '');
  const [, place, name] = /^\/(gallery|orders|server)\/([a-z]+)\.html$/.exec(path) ?? [];
  if (!place || !name) return false;
  const isBuilt = existsSync(`${folder}/${place}/${name}.html`);
  if (!isBuilt) return process.env['ELASTIC_SHELL_BUILDS'] ? answer(response, path, waiting) : false;
  if (place !== 'server') return false;
  if (!existsSync(fileURLToPath(rendererOf(name)))) return answer(response, path, waiting);
  const template = await readFile(`${folder}/server/${name}.html`, 'utf8');
  const { render }: { render(given: { nonce: string }): Rendered | Promise<Rendered> } = await import(
    rendererOf(name).href
  );
  const nonce = randomBytes(16).toString('base64');
  const { app, head } = await render({ nonce });
  return answer(
    response,
    path,
    template.replace('<!-- head -->', () => head).replace('<!-- app -->', () => app),
    nonce,
  );
}
