// `npm run bench`: measures speed as ratios, in one run, compared with the platform and a hand-written
// script. It prints what exceeds its budget and always succeeds, because machines are noisy. With `--
// --report` it also measures bytes and interactions, and writes docs/bench/ and the figures in
// docs/quality.md.
import { chromium } from 'playwright-core';
import { build } from './build.mjs';
import { ensureChromium, flags } from './chromium.mjs';
import { setUp } from './setup.mjs';

setUp();
const executablePath = ensureChromium();
const isReport = process.argv.includes('--report');
await build(isReport ? undefined : ['pages', 'library', 'cli', 'desk']);
const { serve } = await import('../packages/elastic-shell/test/browser/support/server.js');

const { deskServer, pagesServer, desk, pages } = await serve();
const browser = await chromium.launch({ executablePath, args: [...flags, '--js-flags=--expose-gc'] });
const page = await browser.newPage();
await page.goto(`${pages}bench.html`);
await page.waitForFunction(() => 'bench' in globalThis);

const line = (what, figure, ratio, budget) =>
  console.log(
    `${what.padEnd(56)} ${figure.padEnd(38)} ${ratio.toFixed(2).padStart(5)}  aim ${budget}${ratio > budget ? '  over' : ''}`,
  );
/** The figures with two sides, for the report. */
const figures = [];

for (const name of [
  'wiring',
  'carrying',
  'sectioning',
  'nesting',
  'toggling',
  'opening',
  'offering',
  'layered',
]) {
  const measured = await page.evaluate((which) => globalThis.bench[which](), name);
  for (const figure of [measured].flat()) {
    const { what, ours, theirs, against, budget } = figure;
    line(what, `${ours.toFixed(2)} : ${theirs.toFixed(2)} ms, ${against}`, ours / theirs, budget);
    figures.push(figure);
  }
}

const session = await page.context().newCDPSession(page);
const heap = async () => {
  for (let turn = 0; turn < 3; turn++) await session.send('HeapProfiler.collectGarbage');
  return (await session.send('Runtime.getHeapUsage')).usedSize;
};
// The first garbage collection of a page sets up more than it frees.
await heap();
for (let turn = 0; turn < 3; turn++) await page.evaluate(() => globalThis.bench.churn(1000));
const before = await heap();
await page.evaluate(() => globalThis.bench.churn(1000));
const after = await heap();
line(
  'heap after 1,000 times wire, open, close, unwire',
  `${(after / 1e6).toFixed(2)} : ${(before / 1e6).toFixed(2)} MB, before`,
  after / before,
  1.01,
);

await session.send('Performance.enable');
const scriptTime = async () =>
  (await session.send('Performance.getMetrics')).metrics.find(({ name }) => name === 'ScriptDuration').value *
  1000;
/** Milliseconds of script in a frame while the page scrolls. */
const perFrame = async (count, glued) => {
  const began = await scriptTime();
  const frames = await page.evaluate((args) => globalThis.bench.scrolling(...args), [count, glued]);
  return ((await scriptTime()) - began) / frames;
};
const middle = async (count, glued) => {
  const times = [];
  for (let round = 0; round < 5; round++) times.push(await perFrame(count, glued));
  return times.sort((a, b) => a - b)[2];
};
const bare = await middle(0, true);
for (const count of [1, 20]) {
  const ours = (await middle(count, true)) - bare;
  line(
    `script a scroll frame, open popovers: ${count}`,
    `${ours.toFixed(2)} ms : budget for one, 0.3 ms`,
    ours / 0.3,
    count === 1 ? 1 : 20,
  );
}
const [held, chased] = [
  await page.evaluate(() => globalThis.bench.lag(true)),
  await page.evaluate(() => globalThis.bench.lag(false)),
];
line(
  'popover from its place, script stalled over 120 px scrolled',
  `${held.toFixed(1)} : ${chased.toFixed(1)} px, by script alone`,
  held / chased,
  0.1,
);

const metric = async (name) =>
  (await session.send('Performance.getMetrics')).metrics.find((each) => each.name === name).value;
for (const [count, nodes] of [
  [50, 3],
  [1, 300],
]) {
  for (const how of ['ours', 'details', 'hand']) {
    const layouts = await metric('LayoutCount');
    const {
      frames,
      late,
      slowest: worst,
    } = await page.evaluate((args) => globalThis.bench.unfolding(...args), [how, count, nodes]);
    const forced = (await metric('LayoutCount')) - layouts;
    console.log(
      `open ${count} panels of ${nodes} elements, ${how.padEnd(8)} ${frames} frames, ${late} late, slowest ${worst.toFixed(0)} ms, ${forced} layouts`,
    );
  }
}

const before100k = await heap();
const milliseconds = (time) => (time === undefined ? '' : `${time.toFixed(2)} ms`);
console.log(
  '\nlong lists: milliseconds to layout, medians; the last column is 100,000 : 100, flat is 1.3 or less',
);
const growth = await page.evaluate(() => globalThis.bench.listing());
for (const { what, times } of growth) {
  const columns = Object.entries(times).map(([count, time]) => `${count}: ${milliseconds(time)}`);
  const ratio = times['100000'] && times['100'] ? (times['100000'] / times['100']).toFixed(2) : '';
  console.log(`${what.padEnd(36)} ${columns.join('  ')}  ${ratio}`);
}
console.log(`heap after them ${(await heap()) / 1e6} : ${before100k / 1e6} MB, before`);

if (isReport) {
  const { measureDesk, printDesk } = await import('./bench-desk.mjs');
  const { measureSizes } = await import('./size.mjs');
  const { aboutRun, writeReport } = await import('./bench-report.mjs');
  const played = await measureDesk(browser, desk);
  printDesk(played);
  await writeReport({
    figures,
    growth,
    heap: { before, after },
    sizes: await measureSizes(),
    played,
    about: aboutRun(`Chromium ${browser.version()}`),
  });
}
await browser.close();
deskServer.close();
pagesServer.close();
