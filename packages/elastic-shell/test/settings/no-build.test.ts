// A page without a build step: an import map, a strict policy, and the bundles as they are published.
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Page } from 'playwright-core';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

/** The lines of the documents, from where this server has the files. */
const importMap = readFileSync(join(__dirname, '../../dist/browser/importmap.json'), 'utf8').replaceAll(
  '"/elastic-shell/',
  '"/pages/lib/browser/',
);
const hash = createHash('sha256').update(importMap).digest('base64');

const ofLibrary = (path: string): boolean => path.startsWith('/pages/lib/');

/** What the files of the library take that were asked for, in bytes after gzip. */
const bytesOf = (asked: readonly string[]): number =>
  asked
    .filter(ofLibrary)
    .map((path) => readFileSync(join(__dirname, '../../dist', path.slice('/pages/lib/'.length))))
    .reduce((sum, text) => sum + gzipSync(text, { level: 9 }).length, 0);

/** Opens a page with this markup and this module; answers with what it asked for. */
async function visit(markup: string, module: string): Promise<{ page: Page; asked: string[] }> {
  const { page } = await open('about:blank');
  const asked: string[] = [];
  page.on('request', (request) => {
    if (request.url().endsWith('.js')) asked.push(new URL(request.url()).pathname);
  });
  await page.route('**/no-build*', (route) =>
    route.fulfill(
      route.request().url().endsWith('.js')
        ? { contentType: 'text/javascript', body: module }
        : {
            contentType: 'text/html',
            headers: {
              'Content-Security-Policy': `default-src 'self'; script-src 'self' 'sha256-${hash}'; require-trusted-types-for 'script'`,
            },
            body: `<!doctype html><html lang="en"><head><title>No build</title><link rel="icon" href="/mark.svg">
<link rel="stylesheet" href="/pages/lib/styles/structure.css">
<script type="importmap">${importMap}</script><script type="module" src="/no-build.js"></script></head><body>${markup}</body></html>`,
          },
    ),
  );
  await page.goto(desk('no-build.html'));
  return { page, asked };
}

it('one element loads what it needs, and nothing of lists and places', async () => {
  const { page, asked } = await visit(
    '<button commandfor="d" command="--open">Open</button><shell-dialog><dialog id="d"><h2>Tides</h2><button commandfor="d" command="close">Shut</button></dialog></shell-dialog>',
    `import 'elastic-shell/elements/dialog';`,
  );
  await page.click('[command="--open"]');
  await page.waitForSelector('#d:modal[data-phase=open]');
  await page.keyboard.press('Escape');
  await page.waitForFunction(() => document.activeElement?.matches('[command="--open"]'));
  expect(asked.filter(ofLibrary).join()).not.toMatch(/lists|items|places|popover|tree/);
  // Three files of 41 kB once, since then more files with less in them.
  expect(asked.filter(ofLibrary).length).toBeLessThanOrEqual(8);
  expect(bytesOf(asked)).toBeLessThan(28_500);
  await page.unrouteAll();
});

it('the entry for pages loads the patterns that a page has, when it has them', async () => {
  const { page, asked } = await visit(
    '<button commandfor="d" command="show-modal">Open</button><dialog id="d" data-wire="dialog"><h2>Tides</h2><button commandfor="d" command="close">Shut</button></dialog>',
    `import { wirePage, wiredOf } from 'elastic-shell/page';
     const wired = await wirePage();
     document.body.dataset.wired = wired.map(({ root }) => root.id).join();
     document.getElementById('d').addEventListener('close', async () => {
       const make = (tag, attributes) => {
         const made = document.createElement(tag);
         for (const [name, value] of Object.entries(attributes)) made.setAttribute(name, value);
         made.append('More');
         document.body.append(made);
       };
       make('button', { commandfor: 'm', command: '--toggle' });
       make('p', { id: 'm', 'data-wire': 'disclosure', hidden: '' });
       make('p', { 'data-wire': 'disclosurr' });
       const said = await wirePage().catch((error) => error.message);
       document.body.dataset.said = [!!wiredOf(document.getElementById('m')), said].join();
     });`,
  );
  await page.waitForSelector('body[data-wired=d]');
  expect(bytesOf(asked)).toBeLessThan(28_000);
  expect(asked.filter(ofLibrary).join()).not.toContain('disclosure');
  await page.click('[command=show-modal]');
  await page.waitForSelector('#d:modal[data-phase=open]');
  await page.keyboard.press('Escape');
  await page.waitForSelector('body[data-said^="true,elastic-shell: data-wire"]');
  expect(await page.getAttribute('body', 'data-said')).toContain('did you mean "disclosure"?');
  await page.click('[command="--toggle"]');
  await page.waitForSelector('#m:not([hidden])');
  await page.unrouteAll();
});

it('elements and functions on one page share one engine', async () => {
  const { page, asked } = await visit(
    '<shell-disclosure><button commandfor="more" command="--toggle">More</button><div id="more" hidden>…</div></shell-disclosure><button id="lights" role="switch" aria-label="Lights"></button>',
    `import 'elastic-shell/elements';
     import { wireSwitch } from 'elastic-shell/switch';
     import { wiredOf } from 'elastic-shell';
     wireSwitch(document.getElementById('lights'));
     document.body.dataset.knows = [...document.querySelectorAll('#more,#lights')].map((each) => !!wiredOf(each)).join();`,
  );
  await page.waitForSelector('body[data-knows="true,true"]');
  expect(asked.filter(ofLibrary).length).toBeLessThan(75);
  await page.unrouteAll();
});
