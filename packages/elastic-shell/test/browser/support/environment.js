// The test environment of everything that drives a browser: one browser of a kind for each of Jest's workers, whichever test files it
// runs. A browser is started when a test file first asks for it, and ends with its worker.
import { TestEnvironment } from 'jest-environment-node';
import { chromium } from 'playwright-core';
import { flags } from '../../../../../scripts/chromium-flags.js';

/** By name, as promises. This module is loaded once in a worker. */
const running = new Map();

const starts = {
  chromium: () =>
    chromium.launch({
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: flags,
      // Scrollbars that take room, as on a desk.
      ignoreDefaultArgs: ['--hide-scrollbars'],
    }),
  // Compiled by the build: this module isn't transformed by Jest.
  firefox: async () => (await import('../../pages/built/drive.mjs')).firefox(),
  webkit: async () => (await import('../../pages/built/drive.mjs')).webkit(),
};

/** The browser of this worker. */
function browserNamed(name) {
  if (!running.has(name)) running.set(name, starts[name]());
  return running.get(name);
}

/** Ends the browsers of this process: global-teardown.js calls it if the tests ran in Jest's own process. */
export async function closeBrowsers() {
  for (const browser of running.values()) await (await browser).close();
  running.clear();
}

/** What jest-worker sends to a worker that has no more to do. */
const END = 2;
// The drivers end their browsers when their process ends. A worker that waited for browsers to close would be called a leak.
process.on('message', ([type]) => {
  if (type === END) process.exit();
});

export default class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    this.global.browserNamed = browserNamed;
  }
}
