// `npm run bench:desk`: plays a random but repeatable list of real clicks and keys on the desk and on the
// orders page of each framework, with the processor slowed four times, and prints how long each took to its
// next paint (Event Timing, in steps of 8 ms from 16 ms on) and the slowest ones by name. It also prints the
// state at load, and after ten rounds.
import { chromium } from 'playwright-core';
import { seeded } from '../examples/data/seeded.mjs';
import { build, galleries } from './build.mjs';
import { ensureChromium, flags } from './chromium.mjs';
import { setUp } from './setup.mjs';

const isMain = process.argv[1] === import.meta.filename;
const option = (name, otherwise) =>
  Number(new RegExp(`--${name}=(\\d+)`).exec(process.argv.join(' '))?.[1] ?? otherwise);
const seed = option('seed', 2026);
const count = option('count', 300);
const slowed = option('slow', 4);
const pages = { desk: 'desk', react: 'orders/react', vue: 'orders/vue', svelte: 'orders/svelte' };

/** Runs in the page first: records interactions, long tasks and layout shifts. */
function watch() {
  globalThis.seen = { events: [], tasks: [], shift: 0 };
  const hear = (type, take, more) =>
    new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({
      type,
      buffered: true,
      ...more,
    });
  hear(
    'event',
    ({ name, startTime, duration, interactionId, processingStart, processingEnd }) => {
      if (interactionId)
        globalThis.seen.events.push({ name, startTime, duration, script: processingEnd - processingStart });
    },
    { durationThreshold: 16 },
  );
  hear('longtask', ({ startTime, duration }) => globalThis.seen.tasks.push({ startTime, duration }));
  hear('layout-shift', ({ value, hadRecentInput }) => {
    if (!hadRecentInput) globalThis.seen.shift += value;
  });
}

/** Returns everything that can be clicked now, visible and not covered: its position and name. */
function pressable() {
  const what =
    'button,summary,input,select,[role=tab],[role=option],[role=treeitem],[role^=menuitem],[role=switch]';
  return [...document.querySelectorAll(what)].flatMap((element) => {
    const { left, top, width, height } = element.getBoundingClientRect();
    const [x, y] = [left + width / 2, top + height / 2];
    if (!width || x < 0 || y < 0 || x >= innerWidth || y >= innerHeight || element.disabled) return [];
    const hit = document.elementFromPoint(x, y);
    if (!hit || (hit !== element && !element.contains(hit))) return [];
    const name = element.getAttribute('aria-label') ?? element.textContent.trim().replace(/\s+/g, ' ');
    return [{ x, y, name: `${element.getAttribute('role') ?? element.localName} “${name.slice(0, 30)}”` }];
  });
}

const keys = [
  ...['ArrowDown', 'ArrowDown', 'ArrowUp', 'ArrowRight', 'ArrowLeft', 'Home', 'End', 'Enter', 'Enter', ' '],
  ...['Escape', 'Escape', 'Tab', 'Tab', 'Shift+Tab', 'a', 'm', 'o', 'Backspace'],
];

/** Opens a page, and prevents clicks from leaving it. */
async function enter(page, address) {
  await page.goto(address, { waitUntil: 'networkidle' });
  await page.route('**', (route) =>
    route.request().isNavigationRequest() ? route.abort('aborted') : route.continue(),
  );
}

const frames = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve)))),
  );

/** Plays `turns` inputs. Returns each with its time. */
async function play(page, random, turns) {
  const acts = [];
  for (let turn = 0; turn < turns; turn++) {
    const from = await page.evaluate(() => performance.now());
    const places = random() < 0.5 ? await page.evaluate(pressable) : [];
    const place = places[Math.floor(random() * places.length)];
    const key = keys[Math.floor(random() * keys.length)];
    if (place) await page.mouse.click(place.x, place.y);
    else await page.keyboard.press(key);
    const on = place
      ? ''
      : await page.evaluate(
          () => document.activeElement?.getAttribute('role') ?? document.activeElement?.localName,
        );
    acts.push({ from, what: place ? `a press on ${place.name}` : `${key === ' ' ? 'Space' : key} on ${on}` });
    await frames(page);
  }
  // The platform reports an interaction some time after its paint.
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 500)));
  return acts;
}

/**
 * Returns the actions with the longest event of each, in milliseconds. Those that are not reported took less
 * than 16.
 */
function timesOf(acts, events) {
  return acts.map(({ from, what }, at) => {
    const until = acts[at + 1]?.from ?? Infinity;
    const mine = events.filter(({ startTime }) => startTime >= from && startTime < until);
    const longest = mine.sort((one, other) => other.duration - one.duration)[0];
    return { what, duration: longest?.duration ?? 8, script: longest?.script ?? 0 };
  });
}

const share = (times, part) => times[Math.min(times.length - 1, Math.floor(times.length * part))];

async function onPage(browser, address, name) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addInitScript(watch);
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowed });
  await enter(page, address);
  const load = await page.evaluate(() => globalThis.seen);
  const acts = await play(page, seeded(seed), count);
  const { events, shift } = await page.evaluate(() => globalThis.seen);
  await context.close();
  const times = timesOf(acts, events).sort((one, other) => one.duration - other.duration);
  return {
    name,
    times,
    median: share(times, 0.5).duration,
    most: share(times, 0.98).duration,
    worst: times.slice(-3).reverse(),
    long: load.tasks.map(({ duration }) => duration),
    shift,
  };
}

/** Returns the megabytes after one round and after ten, each after garbage collection. */
async function memory(browser, address, rounds = 10) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(watch);
  const session = await page.context().newCDPSession(page);
  await enter(page, address);
  const heaps = [];
  for (let round = 0; round < rounds; round++) {
    await play(page, seeded(seed), 40);
    for (let turn = 0; turn < 3; turn++) await page.keyboard.press('Escape');
    await page.evaluate(() => (globalThis.seen.events.length = 0));
    for (let turn = 0; turn < 3; turn++) await session.send('HeapProfiler.collectGarbage');
    heaps.push((await session.send('Runtime.getHeapUsage')).usedSize / 1e6);
  }
  await page.close();
  return { after: heaps[1], later: heaps.at(-1) };
}

/** Plays on all pages, at `desk`. Returns the measurements. */
export async function measureDesk(browser, desk) {
  const played = [];
  for (const [name, path] of Object.entries(pages))
    played.push(await onPage(browser, `${desk}${path}`, name));
  return { played, heap: await memory(browser, `${desk}${pages.desk}`), seed, count, slowed };
}

/** Prints the measurements. */
export function printDesk({ played, heap }) {
  console.log(
    `\n${count} interactions a page, seed ${seed}, processor slowed ${slowed} times; milliseconds to the next paint`,
  );
  for (const { name, median, most, worst, long, shift } of played) {
    const tasks = long.length
      ? `${long.length} long tasks at load, ${Math.max(...long).toFixed(0)} ms at most`
      : 'no long task at load';
    console.log(
      `${name.padEnd(8)} median ${median}, 98 of 100 within ${most}, ${tasks}, layout shift ${shift.toFixed(3)}`,
    );
    for (const { what, duration, script } of worst)
      console.log(`${' '.repeat(9)}${duration} ms (script ${script.toFixed(0)}): ${what}`);
  }
  console.log(
    `heap of the desk after 2 rounds ${heap.after.toFixed(2)} MB, after 10 ${heap.later.toFixed(2)} MB`,
  );
}

if (isMain) {
  setUp();
  const executablePath = ensureChromium();
  await build(['library', 'cli', 'desk', ...galleries]);
  const { serve } = await import('../packages/elastic-shell/test/browser/support/server.js');
  const { deskServer, pagesServer, desk } = await serve();
  const browser = await chromium.launch({ executablePath, args: flags });
  printDesk(await measureDesk(browser, desk));
  await browser.close();
  deskServer.close();
  pagesServer.close();
}
