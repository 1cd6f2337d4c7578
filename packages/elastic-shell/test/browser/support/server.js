// Two small servers: the desk under its strict policy, and the test pages under none.
import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';
import sirv from 'sirv';

const here = (path) => fileURLToPath(new URL(path, import.meta.url));
const policy = "default-src 'self'; require-trusted-types-for 'script'";

const start = (folder, setHeaders) =>
  new Promise((resolve) => {
    const files = sirv(folder, { setHeaders });
    const server = createServer((request, response) => files(request, response));
    server.listen(0, '127.0.0.1', () => resolve([server, `http://127.0.0.1:${server.address().port}/`]));
  });

export async function serve() {
  const [deskServer, desk] = await start(here('../../../../cli/demo'), (response) =>
    response.setHeader('Content-Security-Policy', policy),
  );
  const [pagesServer, pages] = await start(here('../../pages/built'));
  return { deskServer, pagesServer, desk, pages };
}
