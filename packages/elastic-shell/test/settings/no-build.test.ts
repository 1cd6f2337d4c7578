// A page without a build step: an import map, a strict policy, and the bundles as they are published.
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

/** The lines of the documents, from where this server has the files. */
const importMap = readFileSync(join(__dirname, '../../dist/browser/importmap.json'), 'utf8').replaceAll(
  '"/elastic-shell/',
  '"/pages/lib/browser/',
);
const hash = createHash('sha256').update(importMap).digest('base64');

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

it('one element is three files besides what the page writes itself', async () => {
  const { page, asked } = await visit(
    '<button commandfor="d" command="--open">Open</button><shell-dialog><dialog id="d"><h2>Tides</h2><button commandfor="d" command="close">Shut</button></dialog></shell-dialog>',
    `import 'elastic-shell/elements/dialog';`,
  );
  await page.click('[command="--open"]');
  await page.waitForSelector('#d:modal[data-phase=open]');
  await page.keyboard.press('Escape');
  await page.waitForFunction(() => document.activeElement?.matches('[command="--open"]'));
  expect(asked.filter((path) => path.startsWith('/pages/lib/'))).toHaveLength(3);
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
  expect(asked.filter((path) => path.startsWith('/pages/lib/')).length).toBeLessThan(40);
  await page.unrouteAll();
});
