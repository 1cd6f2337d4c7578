// What is checked: an address, or a file or folder that is served for it.
import { existsSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import { basename, dirname, resolve } from 'node:path';
import sirv from 'sirv';
import { Misuse } from '../misuse.js';

/** An address that can be opened. `close` ends its server. */
export interface Placed {
  address: string;
  close(): void;
}

/** Serves a folder on this machine only. */
function serve(folder: string): Promise<Placed> {
  const files = sirv(folder, { dev: true, extensions: ['html', 'htm'] });
  const server = createServer((request, response) =>
    files(request, response, () => {
      response.statusCode = 404;
      response.end();
    }),
  );
  return new Promise((done, failed) => {
    server.once('error', failed);
    server.listen(0, 'localhost', () => {
      const address = server.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      done({ address: `http://localhost:${port}/`, close: () => void server.close() });
    });
  });
}

/** Returns the address for an argument of the command line. Throws `Misuse` if there is none. */
export async function placeOf(word: string): Promise<Placed> {
  if (/^https?:\/\//.test(word)) return { address: word, close: () => undefined };
  const [path = '', ...rest] = word.split(/(?=[?#])/);
  if (!existsSync(path)) throw new Misuse(`${word} is neither an address nor an existing file or folder.`);
  const isFolder = statSync(path).isDirectory();
  const served = await serve(resolve(isFolder ? path : dirname(path)));
  const name = isFolder ? '' : encodeURIComponent(basename(path));
  return { ...served, address: `${served.address}${name}${rest.join('')}` };
}
