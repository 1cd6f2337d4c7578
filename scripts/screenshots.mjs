// `npm run screenshots`: one current picture of each main page and command output, from the demo's data.
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { stripVTControlCharacters } from 'node:util';
import { chromium } from 'playwright-core';
import { build } from './build.mjs';
import { ensureChromium, flags } from './chromium.mjs';
import { root, setUp } from './setup.mjs';

setUp();
const executablePath = ensureChromium();
await build();
const { serve } = await import('../packages/elastic-shell/test/browser/support/server.js');

const folder = `${root}docs/screenshots`;
mkdirSync(folder, { recursive: true });
const { deskServer, pagesServer, desk } = await serve();
const browser = await chromium.launch({ executablePath, args: flags });

const wide = { viewport: { width: 1280, height: 800 } };
const phone = { viewport: { width: 375, height: 760 }, hasTouch: true, isMobile: true, deviceScaleFactor: 2 };

async function shoot(name, path, options, act = async () => {}) {
  const context = await browser.newContext({ reducedMotion: 'reduce', ...options });
  const page = await context.newPage();
  await page.goto(desk + path);
  await page.waitForLoadState('load');
  await act(page);
  await page.screenshot({ path: `${folder}/${name}.png` });
  await context.close();
}

const openDialog = (opener, dialog) => async (page) => {
  await page.click(opener);
  await page.waitForSelector(`${dialog}[data-phase=open]`);
};

await shoot('desk', 'desk.html', wide, (page) => page.click('[data-order=W1042] summary'));
await shoot('edit-order', 'desk.html', wide, async (page) => {
  await openDialog('[data-order=W1045] .edit', '#edit')(page);
  await page.click('.disclose');
});
await shoot('discard-changes-dark', 'desk.html', { ...wide, colorScheme: 'dark' }, async (page) => {
  await openDialog('[data-order=W1045] .edit', '#edit')(page);
  await page.fill('[name=title]', 'Antifoul, anodes and a new name');
  await page.keyboard.press('Escape');
  await page.waitForSelector('#discard[data-phase=open]');
});
await shoot('inspector', 'desk.html?inspect', wide, async (page) => {
  await page.waitForSelector('[data-shell-inspector]', { state: 'attached' });
  await page.check('#failing');
  await openDialog('[data-order=W1043] .strike', '#strike')(page);
  await page.click('#strike [value=strike]');
  await page.waitForSelector('#strike [role=alert]:not(:empty)');
  await page.getByRole('button', { name: 'Open the inspector' }).click();
  await page.getByRole('tab', { name: 'Happened' }).click();
  await page.getByText('Refused:').waitFor();
});
await shoot('phone', 'desk.html', phone);
const boat =
  (tab, act = async () => {}) =>
  async (page) => {
    await page.click(`#record [data-key=${tab}]`);
    await act(page);
  };
await shoot('boats', 'boat.html', wide);
await shoot('own', 'own.html', wide);
await shoot('parts', 'parts.html', wide, async (page) => {
  await page.focus('#parts [tabindex="0"]');
  for (const key of [
    'ArrowDown',
    'ArrowRight',
    'ArrowDown',
    'Space',
    'ArrowRight',
    'ArrowRight',
    'ArrowRight',
    'ArrowDown',
  ])
    await page.keyboard.press(key);
});
await shoot(
  'boat-survey',
  'boat.html',
  wide,
  boat('survey', async (page) => {
    await page.click('#plates [command="--select"][value="2"]');
    await page.waitForSelector('#plates [data-slides] > :nth-child(2):not([inert])');
  }),
);
await shoot('gallery', 'gallery.html', wide);
await shoot('gallery-right-to-left', 'gallery.html', wide, async (page) => {
  await page.click('#direction');
  await openDialog('[commandfor=plain-dialog][command=show-modal]', '#plain-dialog')(page);
});

await shoot('site', '', wide, async (page) => {
  await page.getByRole('button', { name: 'More for W1041' }).press('Enter');
  for (const key of ['ArrowDown', 'ArrowRight']) await page.keyboard.press(key);
  await page.waitForSelector('#move-menu[data-phase=open]');
});
await shoot('site-theme', 'styling/theme/', wide);
await shoot('site-pattern', 'patterns/combobox/', wide, async (page) => {
  await page.getByRole('combobox', { name: 'Berth' }).press('ArrowDown');
  await page.waitForSelector('[data-lit]');
});
await shoot('site-search', 'guides/focus/', wide, async (page) => {
  await page.keyboard.press('/');
  await page.keyboard.type('unsaved changes');
  await page.waitForSelector('[role=option]');
});

/** A command's output, set as a terminal sets it. */
async function shootCommand(name, args, input = '') {
  let output;
  try {
    output = execFileSync(process.execPath, [`${root}packages/cli/bin/elastic-shell.js`, ...args], { input });
  } catch (error) {
    output = error.stdout;
  }
  const page = await browser.newPage(wide);
  await page.evaluate(
    ([line, text]) => {
      const pre = document.createElement('pre');
      pre.textContent = `$ ${line}\n${text}`;
      pre.style.cssText =
        'margin:0;padding:16px 20px;min-height:768px;background:#10191a;color:#dfe9e6;font:13px/1.35 monospace';
      document.body.style.margin = '0';
      document.body.append(pre);
    },
    [`elastic-shell ${args.join(' ')}`, stripVTControlCharacters(output.toString())],
  );
  await page.screenshot({ path: `${folder}/${name}.png` });
  await page.close();
}

const faulty = `<button commandfor="strke" command="show-modal">Strike…</button>
<button commandfor="strike" command="clsoe">Keep</button>
<dialog id="strike" role="alertdialog" tabindex="-1"></dialog>
<div aria-expanded="false">Notes</div>
`;
await shootCommand('check', ['check', '-'], faulty);
await shootCommand('rehearse', ['rehearse', `${desk}desk.html`, '--only', 'menu,switch']);
await shootCommand('new', ['new']);

// A report of a page with one fault: its picture is in it.
const yard = mkdtempSync(join(tmpdir(), 'elastic-shell-shots-'));
writeFileSync(
  join(yard, 'yard.html'),
  `<!doctype html><html lang="en"><title>Yard lights</title><link rel="stylesheet" href="${desk}desk.css">
<h1>Quillhaven, lights</h1><p><button type="button" role="switch" aria-checked="true" onclick="this.ariaChecked = this.ariaChecked !== 'true'">Quay lights</button></p>
<p><span role="switch" tabindex="0" aria-checked="false" onclick="this.ariaChecked = this.ariaChecked !== 'true'">Mast lamp</span></p>
<details><summary>Who may switch them</summary><p>The harbour office, and whoever is on watch.</p></details>`,
);
try {
  execFileSync(process.execPath, [
    `${root}packages/cli/bin/elastic-shell.js`,
    'rehearse',
    join(yard, 'yard.html'),
    '--report',
    join(yard, 'report.html'),
  ]);
} catch {
  // It exits with 1, since a row fails.
}
const report = await browser.newPage(wide);
await report.goto(pathToFileURL(join(yard, 'report.html')).href);
await report.screenshot({ path: `${folder}/report.png` });

await browser.close();
deskServer.close();
pagesServer.close();
