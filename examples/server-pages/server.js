// The yard's office on a server without a framework or a bundler: `node examples/server-pages/server.js`.
// Every page works without script as far as HTML allows: links, forms, redirects, and dialogs that are sent
// open or that buttons open with the platform's commands. With script, the same links and forms request only
// a part of the page (named by the header `x-part`), as a whole or as a stream (`x-stream`).
import { createHash, randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { createServer } from 'node:http';
import { dirname, extname, join, normalize } from 'node:path';
import { fileURLToPath } from 'node:url';
import { earlyScriptHash } from 'elastic-shell/server';
import { boatsMain, boatsPart, boatsStream } from './views/boats.js';
import { lightsPart, ordersMain, ordersPart, ordersStream } from './views/orders.js';
import { importMap, page, ways } from './views/page.js';
import { changeBoat, fresh, release, strike } from './yard.js';

const here = dirname(fileURLToPath(import.meta.url));
const library = dirname(fileURLToPath(import.meta.resolve('elastic-shell/early.js')));
const importMapHash = `sha256-${createHash('sha256').update(importMap).digest('base64')}`;

/**
 * Allows only its own files, and the early script and the import map by their hashes. Strings become markup
 * only through a policy.
 */
const policy = `default-src 'self'; script-src 'self' '${earlyScriptHash}' '${importMapHash}'; require-trusted-types-for 'script'`;

const kinds = { '.js': 'text/javascript', '.css': 'text/css', '.svg': 'image/svg+xml' };

/** The files that a page requests: the built library, and the files beside this one. */
const fileOf = (path) => {
  const inside = normalize(path).replace(/^(\.\.[/\\])+/, '');
  return inside.startsWith('lib/') ? join(library, inside.slice(4)) : join(here, 'public', inside);
};

/** The changes of each visitor, by cookie. The oldest visitor is forgotten first. */
const visits = new Map();
function visitOf(request, response, isFresh) {
  const known = /(?:^|; )visit=([\w-]+)/.exec(request.headers.cookie ?? '')?.[1];
  const id = known && !isFresh && visits.has(known) ? known : randomUUID();
  if (!visits.has(id)) visits.set(id, { ...fresh(), way: 'morphdom' });
  if (visits.size > 200) visits.delete(visits.keys().next().value);
  response.setHeader('Set-Cookie', `visit=${id}; Path=/pages; HttpOnly; SameSite=Lax`);
  return visits.get(id);
}

/** The maximum length of the body of a form, in bytes. */
const longestForm = 100_000;

/** Returns the fields of a form. Undefined if it is longer than any of our forms. */
async function formOf(request) {
  if (Number(request.headers['content-length'] ?? 0) > longestForm) return undefined;
  const chunks = [];
  let length = 0;
  for await (const chunk of request) {
    length += chunk.length;
    if (length > longestForm) return undefined;
    chunks.push(chunk);
  }
  return new URLSearchParams(Buffer.concat(chunks).toString());
}

/** Refuses a body, and stops reading it. */
function refuse(response) {
  response.writeHead(413, { 'Content-Type': 'text/plain', Connection: 'close' }).end('The form is too long.');
}

const later = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** The pages by path: the title, the content of `<main>`, and the parts that can be requested separately. */
const office = {
  '': { title: 'Orders', main: ordersMain, parts: { orders: ordersPart, lights: lightsPart } },
  boats: { title: 'Boats', main: boatsMain, parts: { boats: boatsPart } },
};
const streams = { orders: ordersStream, boats: boatsStream };

/** Handles a form: returns the page that is shown afterwards, and the outcome of an edit. */
const jobs = {
  strike: (visit, form) => (strike(visit, form.get('order')), { path: '' }),
  warning: (visit) => (visit.warnings++, { path: '' }),
  lights: (visit, form) => ((visit.lights = form.has('lights')), { path: '' }),
  'boats/release': (visit, form) => (release(visit, form.get('boat')), { path: 'boats' }),
  'boats/edit'(visit, form) {
    const sent = Object.fromEntries(form);
    const boat = visit.boats.find(({ id }) => id === sent.boat);
    const wrong = boat ? changeBoat(visit, boat.id, sent) : {};
    return { path: 'boats', ...(Object.keys(wrong).length && { edited: { boat, sent, wrong } }) };
  },
};

/** Sends one element after the other, as soon as it is created. */
async function stream(response, elements) {
  response.writeHead(200, {
    'Content-Type': 'text/html; charset=utf-8',
    'Cache-Control': 'no-store',
    'x-stream': '1',
  });
  for (const element of elements) {
    response.write(`${element}<!--next-->`);
    await later(1);
  }
  response.end();
}

/** Responds with a page, a part of it, or a stream. */
function send(request, response, { visit, path, search, edited }) {
  const { title, main, parts } = office[path];
  const asked = request.headers['x-part'];
  if (request.headers['x-stream'] && streams[asked])
    return stream(response, streams[asked](visit, search, edited));
  const part = asked === 'main' ? main : parts[asked];
  const html = part
    ? part(visit, search, edited)
    : page({
        title,
        path: `/pages/${path}`,
        main: main(visit, search, edited),
        late: Number(search.get('late') ?? 0),
        way: visit.way,
      });
  response
    .writeHead(edited && !asked ? 422 : 200, {
      'Content-Type': 'text/html; charset=utf-8',
      'Cache-Control': 'no-store',
      'x-title': title,
    })
    .end(html);
}

/** Handles a request under `/pages/`. Returns false for any other. */
export async function respond(request, response) {
  const url = new URL(request.url ?? '/', 'http://yard');
  if (!url.pathname.startsWith('/pages/')) return false;
  const path = url.pathname.slice('/pages/'.length);
  response.setHeader('Content-Security-Policy', policy);
  const kind = kinds[extname(path)];
  if (kind) {
    // `?late=3000` delays a script, as a slow network does.
    await later(Number(url.searchParams.get('late') ?? 0));
    const file = await readFile(fileOf(path)).catch(() => undefined);
    response.writeHead(file ? 200 : 404, { 'Content-Type': kind }).end(file);
    return true;
  }
  // `?fresh` discards the visitor's changes.
  const visit = visitOf(request, response, url.searchParams.has('fresh'));
  const way = url.searchParams.get('way');
  if (way in ways) visit.way = way;
  const job = request.method === 'POST' && Object.hasOwn(jobs, path) ? jobs[path] : undefined;
  const form = job && (await formOf(request));
  if (job && !form) {
    refuse(response);
    return true;
  }
  const done = job?.(visit, form);
  const isPart = !!request.headers['x-part'];
  const to = done?.path ?? path;
  if (!Object.hasOwn(office, to)) response.writeHead(404, { 'Content-Type': 'text/plain' }).end('Not found');
  else if (done && !done.edited && !isPart) {
    // Without script: redirects, so that a reload doesn't send the form again.
    response.writeHead(303, { Location: `/pages/${to}` }).end();
  } else await send(request, response, { visit, path: to, search: url.searchParams, edited: done?.edited });
  return true;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const port = Number(process.env.PORT ?? 5174);
  createServer((request, response) => {
    void respond(request, response).then(
      (isDone) => isDone || response.writeHead(302, { Location: '/pages/' }).end(),
    );
  }).listen(port, () => console.log(`The yard's office is at http://localhost:${port}/pages/`));
}
