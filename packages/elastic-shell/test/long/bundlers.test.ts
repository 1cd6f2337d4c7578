// A stranger's page with each bundler, as its documents set it up, and with none: it is built without a warning, runs in a browser, and has
// the production build of the library where the bundler chooses one.
import { mkdtempSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sirv from 'sirv';
import { useBrowser } from '../browser/support/browser';
import { makeProject, packAll, type ProjectFiles, runIn } from './support/project';

const { open } = useBrowser();

const page = (script: string): string =>
  `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>c</title></head><body><h1>Orders</h1><button commandfor="d" command="show-modal">Strike…</button><dialog id="d"><h2>Strike order 42?</h2><button commandfor="d" command="close">Keep it</button></dialog>${script}</body></html>`;

/** Wires a dialog, and what is none: the title of the page is what the error says. */
const main = `import { wireDialog } from 'elastic-shell/dialog';
wireDialog(document.querySelector('dialog'));
try {
  wireDialog(document.querySelector('h1'));
} catch (error) {
  document.title = error.message;
}`;
const moduleAt = (path: string): string => page(`<script type="module" src="${path}"></script>`);

interface Bundler extends ProjectFiles {
  build?: string[];
  /** The folder that is served. Default: that of the project. */
  served?: string;
  /** Whether the page has the short errors of the production build. */
  isProduction: boolean;
}

const bundlers: Record<string, Bundler> = {
  Vite: {
    depends: { vite: '8.3.8' },
    files: { 'main.js': main, 'index.html': moduleAt('/main.js') },
    build: ['vite', 'build'],
    served: 'dist',
    isProduction: true,
  },
  webpack: {
    depends: { webpack: '^5', 'webpack-cli': '^6' },
    files: { 'src/index.js': main, 'index.html': page('<script defer src="dist/main.js"></script>') },
    build: ['webpack', '--mode', 'production'],
    isProduction: true,
  },
  'webpack in development': {
    depends: { webpack: '^5', 'webpack-cli': '^6' },
    files: { 'src/index.js': main, 'index.html': page('<script defer src="dist/main.js"></script>') },
    build: ['webpack', '--mode', 'development'],
    isProduction: false,
  },
  Rollup: {
    depends: { rollup: '^4', '@rollup/plugin-node-resolve': '^16' },
    files: {
      'main.js': main,
      'index.html': moduleAt('dist/main.js'),
      'rollup.config.js': `import { nodeResolve } from '@rollup/plugin-node-resolve';
export default { input: 'main.js', output: { dir: 'dist' }, plugins: [nodeResolve({ exportConditions: ['production'] })] };`,
    },
    build: ['rollup', '--config', '--failAfterWarnings'],
    isProduction: true,
  },
  esbuild: {
    depends: { esbuild: '0.28.2' },
    files: { 'main.js': main, 'index.html': moduleAt('dist/main.js') },
    build: [
      'esbuild',
      'main.js',
      '--bundle',
      '--minify',
      '--splitting',
      '--format=esm',
      '--outdir=dist',
      '--conditions=production',
    ],
    isProduction: true,
  },
  Parcel: {
    depends: { parcel: '^2' },
    manifest: { '@parcel/resolver-default': { packageExports: true }, source: 'index.html' },
    files: { 'main.js': main, 'index.html': moduleAt('main.js') },
    build: ['parcel', 'build', '--no-cache'],
    served: 'dist',
    isProduction: true,
  },
  'no bundler': {
    depends: {},
    files: {
      'main.js': main,
      'index.html': moduleAt('main.js').replace(
        '</head>',
        '<script type="importmap">{ "imports": { "elastic-shell/dialog": "./node_modules/elastic-shell/dist/patterns/dialog/index.js" } }</script></head>',
      ),
    },
    isProduction: false,
  },
};

let packed: Record<string, string>;
beforeAll(() => {
  packed = packAll();
});

describe.each(Object.entries(bundlers))(
  'a page with %s',
  (name, { build, served = '', isProduction, ...project }) => {
    const folder = mkdtempSync(join(tmpdir(), `bundler-${name.replaceAll(' ', '-')}-`));
    let server: Server;

    beforeAll(() => makeProject(folder, project, packed));
    afterAll(() => server.close());

    it('is built without a warning, and runs', async () => {
      if (build) expect(runIn(folder, 'npx', ...build)).not.toMatch(/\bwarning|\(!\)/i);
      server = createServer(sirv(join(folder, served), { dev: true }));
      await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
      const { port } = server.address() as AddressInfo;
      const { page: shown } = await open(`http://127.0.0.1:${port}/index.html`);
      await shown.waitForSelector('button[aria-expanded=false]');
      await shown.click('text=Strike…');
      await shown.waitForSelector('button[aria-expanded=true]');
      await shown.keyboard.press('Escape');
      await shown.waitForSelector('button[aria-expanded=false]');
      const said = await shown.title();
      if (isProduction) expect(said).toMatch(/\b3c6b7\b/);
      else expect(said).toContain('needs a <dialog>');
    });
  },
);
