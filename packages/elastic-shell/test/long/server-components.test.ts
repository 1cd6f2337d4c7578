// A page of server components: what is marked `'use client'` in the library is rendered on the server and hydrated in the browser, also
// where a server component names it. Everything is installed afresh, so this takes a minute and needs a registry.
import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { useBrowser } from '../browser/support/browser';
import { makeProject, packAll, runIn } from './support/project';

const files = {
  'vite.config.ts': `import rsc from '@vitejs/plugin-rsc';
import { defineConfig } from 'vite';
export default defineConfig({
  plugins: [
    rsc({ entries: { rsc: './src/entry.rsc.tsx', ssr: './src/entry.ssr.tsx', client: './src/entry.browser.tsx' } }),
  ],
});`,
  'src/Page.tsx': `import { Defaults } from 'elastic-shell/react';
import { Strike } from './Strike.tsx';
export const Page = () => (
  <html lang="en">
    <head><title>Server components</title></head>
    <body>
      <Defaults dialog={{ escape: 'keep' }}><Strike order="W1041" /></Defaults>
    </body>
  </html>
);`,
  'src/Strike.tsx': `'use client';
import { useDialog } from 'elastic-shell/react';
import { useState } from 'react';
export function Strike({ order }: { order: string }) {
  const [open, setOpen] = useState(false);
  const strike = useDialog({ open: [open, setOpen] });
  return (
    <>
      <button {...strike.opener()}>Strike {order}…</button>
      <dialog {...strike.root}><h2>Strike?</h2><button {...strike.closer('cancel')}>Keep it</button></dialog>
      <output>{open ? 'open' : 'closed'}</output>
    </>
  );
}`,
  'src/entry.rsc.tsx': `import { renderToReadableStream } from '@vitejs/plugin-rsc/rsc';
import { Page } from './Page.tsx';
export default async function handler(): Promise<Response> {
  const { html } = await import.meta.viteRsc.loadModule('ssr', 'index');
  return new Response(await html(renderToReadableStream(<Page />)));
}`,
  'src/entry.ssr.tsx': `import { createFromReadableStream } from '@vitejs/plugin-rsc/ssr';
import { use } from 'react';
import { renderToReadableStream } from 'react-dom/server.edge';
export async function html(stream: ReadableStream) {
  const [one, two] = stream.tee();
  let payload: Promise<React.ReactNode>;
  const Root = () => use((payload ??= createFromReadableStream(one)));
  const script = await import.meta.viteRsc.loadBootstrapScriptContent('index');
  const text = JSON.stringify(await new Response(two).text());
  return renderToReadableStream(<Root />, { bootstrapScriptContent: \`globalThis.payload = \${text};\${script}\` });
}`,
  'src/entry.browser.tsx': `import { createFromReadableStream } from '@vitejs/plugin-rsc/browser';
import { hydrateRoot } from 'react-dom/client';
const stream = new Response(Reflect.get(globalThis, 'payload')).body!;
hydrateRoot(document, await createFromReadableStream(stream));
document.documentElement.dataset['hydrated'] = '';`,
  'serve.mjs': `import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
const { default: handler } = await import('./dist/rsc/index.js');
const server = createServer(async ({ url }, response) => {
  const file = 'dist/client' + url;
  if (url !== '/' && existsSync(file)) {
    response.setHeader('content-type', 'text/javascript');
    return response.end(readFileSync(file));
  }
  response.setHeader('content-type', 'text/html; charset=utf-8');
  const made = await handler();
  response.end(url === '/' ? await made.text() : '');
}).listen(0, () => console.log('port ' + server.address().port));`,
};

const { open } = useBrowser();
const folder = mkdtempSync(join(tmpdir(), 'server-components-'));
let server: ChildProcess;
let address = '';
beforeAll(async () => {
  const depends = {
    vite: '8.3.8',
    '@vitejs/plugin-rsc': '0.5.38',
    react: '19.3.1',
    'react-dom': '19.3.1',
    'react-server-dom-webpack': '19.3.1',
  };
  makeProject(folder, { depends, files }, packAll());
  runIn(folder, 'npx', 'vite', 'build');
  server = spawn(process.execPath, ['serve.mjs'], {
    cwd: folder,
    env: { ...process.env, NODE_ENV: 'production' },
  });
  address = await new Promise((resolve, reject) => {
    server.stdout!.on('data', (text) => resolve(`http://localhost:${/port (\d+)/.exec(`${text}`)![1]}/`));
    server.on('exit', () => reject(new Error('The server has ended.')));
  });
});
afterAll(() => server.kill());

it('is rendered on the server, hydrated without a word, and works', async () => {
  const { page } = await open('about:blank');
  await page.goto(address);
  await page.waitForSelector('[data-hydrated]');
  await page.click('button');
  await page.waitForSelector('dialog:modal');
  await page.waitForSelector('output:has-text("open")');
  // The defaults are those of the server component around it.
  await page.keyboard.press('Escape');
  await page.click('dialog button');
  await page.waitForSelector('output:has-text("closed")');
});
