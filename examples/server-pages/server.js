// The yard's orders from a server that knows no framework and no bundler: `node examples/server-pages/server.js`.
//
// Every page works without script as far as HTML goes: links, forms, redirects, dialogs that buttons open by the platform's own
// commands. With script the same forms are answered by a part of the page (the header `x-part` names it).
import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { createServer } from 'node:http';
import { dirname, extname, join, normalize } from 'node:path';
import { fileURLToPath } from 'node:url';
import { earlyScriptHash } from 'elastic-shell/server';
import { lightsPart, ordersPart, page } from './views.js';
import { fresh, strike } from './yard.js';

const here = dirname(fileURLToPath(import.meta.url));
const library = dirname(fileURLToPath(import.meta.resolve('elastic-shell/early.js')));

/** Nothing but its own files, the early script by its hash, and no string made into markup unasked. */
const policy = `default-src 'self'; script-src 'self' '${earlyScriptHash}'; require-trusted-types-for 'script'`;

const kinds = { '.js': 'text/javascript', '.css': 'text/css', '.svg': 'image/svg+xml' };

/** The files that a page asks for: the library as it was built, and what stands beside this file. */
const fileOf = (path) => {
  const inside = normalize(path).replace(/^(\.\.[/\\])+/, '');
  return inside.startsWith('lib/') ? join(library, inside.slice(4)) : join(here, 'public', inside);
};

/** What each visitor has done, by his cookie. The oldest is forgotten first. */
const visits = new Map();
function visitOf(request, response) {
  const known = /(?:^|; )visit=([\w-]+)/.exec(request.headers.cookie ?? '')?.[1];
  const id = known && visits.has(known) ? known : randomUUID();
  if (!visits.has(id)) visits.set(id, fresh());
  if (visits.size > 200) visits.delete(visits.keys().next().value);
  response.setHeader('Set-Cookie', `visit=${id}; Path=/pages; HttpOnly; SameSite=Lax`);
  return visits.get(id);
}

async function formOf(request) {
  let body = '';
  for await (const chunk of request) body += chunk;
  return new URLSearchParams(body);
}

const later = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

const parts = { orders: ordersPart, lights: lightsPart };

/** Answers a request under `/pages/`; false for any other. */
export async function respond(request, response) {
  const url = new URL(request.url ?? '/', 'http://yard');
  if (!url.pathname.startsWith('/pages/')) return false;
  const path = url.pathname.slice('/pages/'.length);
  response.setHeader('Content-Security-Policy', policy);
  const kind = kinds[extname(path)];
  if (kind) {
    // `?late=3000` holds a script back, as a slow network does.
    await later(Number(url.searchParams.get('late') ?? 0));
    const file = await readFile(fileOf(path)).catch(() => undefined);
    response.writeHead(file ? 200 : 404, { 'Content-Type': kind }).end(file);
    return true;
  }
  const visit = visitOf(request, response);
  if (request.method === 'POST') {
    const form = await formOf(request);
    if (path === 'strike') strike(visit, form.get('order'));
    if (path === 'lights') visit.lights = form.has('lights');
  }
  const part = parts[request.headers['x-part']];
  if (request.method === 'POST' && !part) {
    // Without script: the page again, and a reload that does not post again.
    response.writeHead(303, { Location: '/pages/' }).end();
    return true;
  }
  const html = part ? part(visit, url.searchParams) : page(visit, url.searchParams);
  response
    .writeHead(200, { 'Content-Type': 'text/html; charset=utf-8', 'Cache-Control': 'no-store' })
    .end(html);
  return true;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const port = Number(process.env.PORT ?? 5174);
  createServer((request, response) => {
    void respond(request, response).then(
      (isDone) => isDone || response.writeHead(302, { Location: '/pages/' }).end(),
    );
  }).listen(port, () => console.log(`The yard's orders are at http://localhost:${port}/pages/`));
}
