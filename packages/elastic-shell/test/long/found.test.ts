// Find-in-page in the browsers' own find bars: windows on a display of our own, and keys sent to them by xdotool, since no protocol
// reaches a browser's bars. Where xdotool is missing (Debian: apt-get install xdotool) there is nothing to run.
import { type ChildProcess, execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chromium, type Page } from 'playwright-core';
import { findBrowser } from '../../../../scripts/browsers.js';
import { flags } from '../../../../scripts/chromium-flags.js';
import { bare } from '../browser/support/browser';
import { startDisplay } from '../../../cli/src/speech/display';
import { firefox, webkit } from '../drive/index';
import { pageOf } from '../drive/page';
import type { Environment } from '../../../cli/src/drive/wire';

type Launched = [page: Page, close: () => Promise<void>];

const ways: Record<string, (env: Environment) => Promise<Launched>> = {
  async chromium(env) {
    const browser = await chromium.launch({
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      headless: false,
      args: flags.filter((flag) => !flag.startsWith('--headless')),
      env: { ...process.env, ...env },
    });
    return [await browser.newPage(), () => browser.close()];
  },
  async firefox(env) {
    const wire = await firefox(env);
    return [pageOf(wire), () => wire.close()];
  },
  async webkit(env) {
    const wire = await webkit(env);
    return [pageOf(wire), () => wire.close()];
  },
};

const [, xvfb] = findBrowser('webkit') ?? [];
const canFind = existsSync('/usr/bin/xdotool') && xvfb;
const names = Object.keys(ways).filter((name) => name === 'chromium' || findBrowser(name));

(canFind ? it.each(names) : it.skip.each(names))('%s finds what is closed, and it opens', async (name) => {
  const [screen, display]: [ChildProcess, string] = await startDisplay(xvfb!);
  const send = (...words: string[]): string =>
    `${execFileSync('xdotool', words, { env: { ...process.env, DISPLAY: display } })}`.trim();
  const [page, close] = await ways[name]!({ DISPLAY: display });
  try {
    await page.goto(bare());
    await page.waitForFunction(() => 'shell' in globalThis);
    await page.evaluate(() => {
      document.title = 'Found here';
      document.body.innerHTML =
        '<button commandfor="p" command="--toggle">P</button><div id="p" hidden><p>zebrawood plank</p></div>';
      void shell.wire('disclosure', 'p');
    });
    const [window] = send('search', '--sync', '--onlyvisible', '--name', 'Found here').split('\n');
    send('windowfocus', '--sync', window!);
    send('mousemove', '500', '500', 'click', '1');
    // A bar opens when it is ready: the keys are sent until they have been heard.
    for (let turn = 0; turn < 40; turn++) {
      send('key', 'ctrl+f');
      send('type', '--delay', '80', 'zebrawood');
      send('key', 'Return');
      const isOpen = await page.evaluate(() => shell.log.includes('p open true found'));
      if (isOpen) break;
    }
    expect(await page.evaluate(() => shell.log.join())).toBe('p open true found');
    expect(await page.getAttribute('button', 'aria-expanded')).toBe('true');
  } finally {
    await close();
    screen.removeAllListeners('exit');
    screen.kill();
  }
});
