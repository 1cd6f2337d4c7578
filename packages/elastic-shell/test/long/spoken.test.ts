// What each browser tells assistive technology on one walk through the gallery: roles, names, states, places in a set, the named
// things around, and what live regions say. Chromium is asked by its own protocol, Firefox and WebKit by AT-SPI 2, as a screen
// reader on Linux asks them. What they tell is kept in docs/conformance, of which `npm run docs` makes the table.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Page } from 'playwright-core';
import { flags } from '../../../../scripts/chromium-flags.js';
import { findBrowser, missingTools } from '../../../../scripts/browsers.js';
import { accessibilityBus } from '../drive/at-spi';
import { firefox, webkit } from '../drive/index';
import { pageOf } from '../drive/page';
import { fromAtSpi, fromChromium, type Told } from './support/told';
import { walk } from './support/walk';

/** Puts the page where the stop is, and gives what is meant there an id to be found by. */
async function goTo(page: Page, { focus, keys, says }: (typeof walk)[number]): Promise<void> {
  await page.goto('about:blank');
  await page.goto(`${process.env['DESK_URL']}gallery.html`);
  await page.waitForSelector('#combobox-multiple [popover][data-phase]', { state: 'attached' });
  await page.focus(focus);
  for (const key of keys) await page.keyboard.press(key);
  await page.waitForFunction((words) => {
    const { activeElement } = document;
    const current = activeElement?.getAttribute('aria-activedescendant');
    const element = current ? document.getElementById(current) : activeElement;
    if (words && ![...document.querySelectorAll('[role=status]')].some((each) => each.textContent === words))
      return false;
    if (element) {
      element.id ||= 'meant';
      document.documentElement.dataset['meant'] = element.id;
    }
    return !!element && element !== document.body;
  }, says);
}

const idOf = (page: Page): Promise<string> => page.evaluate(() => document.documentElement.dataset['meant']!);

async function inChromium(): Promise<Record<string, Told>> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: flags,
  });
  try {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    const told: Record<string, Told> = {};
    for (const stop of walk) {
      await goTo(page, stop);
      told[stop.name] = await fromChromium(page, await idOf(page), stop.says);
    }
    return told;
  } finally {
    await browser.close();
  }
}

async function overBus(launch: typeof firefox): Promise<Record<string, Told>> {
  const bus = await accessibilityBus();
  try {
    const wire = await launch(bus.environment);
    try {
      await wire.set({ reducedMotion: 'reduce' });
      const page = pageOf(wire);
      const told: Record<string, Told> = {};
      for (const stop of walk) {
        await goTo(page, stop);
        told[stop.name] = await fromAtSpi(bus, await idOf(page), stop.says);
      }
      return told;
    } finally {
      await wire.close();
    }
  } finally {
    await bus.close();
  }
}

const canRead = missingTools().length === 0;
const ways: Record<string, () => Promise<Record<string, Told>>> = {
  chromium: inChromium,
  ...(canRead && findBrowser('firefox') && { firefox: () => overBus(firefox) }),
  ...(canRead && findBrowser('webkit') && { webkit: () => overBus(webkit) }),
};

it.each(Object.keys(ways))('%s tells role, name, states and place at each stop of the walk', async (name) => {
  const told = await ways[name]!();
  const folder = join(__dirname, '../../../../docs/conformance');
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, `spoken-${name}.json`), `${JSON.stringify(told, null, 1)}\n`);
  const wrong = walk.flatMap(({ name: stop, told: wanted, but }) => {
    const expected = { ...wanted, ...but?.[name as 'firefox'] };
    const { role, name: words, states, place, said } = told[stop]!;
    const got = { role, name: words, states: states.join(' '), place, said };
    const different = Object.entries(expected).filter(([key, value]) => got[key as 'role'] !== value);
    return different.map(
      ([key, value]) =>
        `${stop}: ${key} is ${JSON.stringify(got[key as 'role'])}, wanted ${JSON.stringify(value)}`,
    );
  });
  expect(wrong).toEqual([]);
});
