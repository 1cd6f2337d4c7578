// `npm run bench:settings`: a tree of 5,000 nodes and a list of 10,000 options with rows by components, in each framework, against
// the framework's own obvious way (a component a node with a boolean of its own; a full list). Medians, in production builds.
import { createServer } from 'node:http';
import { chromium } from 'playwright-core';
import sirv from 'sirv';
import { build } from './build.mjs';
import { ensureChromium, flags } from './chromium.mjs';
import { bin, root, run, setUp } from './setup.mjs';

setUp();
const executablePath = ensureChromium();
await build(['library']);
run(bin('vite'), ['build', 'examples/bench', '--logLevel', 'error'], {
  env: { ...process.env, NODE_ENV: 'production' },
});
const server = createServer(sirv(`${root}examples/bench/built`));
await new Promise((resolve) => server.listen(0, resolve));
const address = `http://localhost:${server.address().port}/`;
const browser = await chromium.launch({ executablePath, args: [...flags, '--js-flags=--expose-gc'] });

const turns = 5;
const median = (all) => all.sort((one, other) => one - other)[Math.floor(all.length / 2)];

/** Milliseconds until what `act` has begun is laid out and painted. */
const timed = (page, act) =>
  page.evaluate(async (name) => {
    const began = performance.now();
    if (name === 'type') {
      const field = document.querySelector('[role=combobox]');
      field.value = '99';
      field.dispatchEvent(new InputEvent('input', { bubbles: true }));
    } else if (name === 'open') document.querySelector('[role=combobox]').focus();
    else if (name === 'press') document.querySelector('[role=treeitem], li > button').click();
    else globalThis.bench[name]();
    await new Promise((resolve) => setTimeout(resolve));
    document.body.getBoundingClientRect();
    await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    return performance.now() - began;
  }, act);

async function measure(name, way) {
  const all = { tree: [], press: [], openAll: [], list: [], open: [], type: [], heap: [] };
  for (let turn = 0; turn < turns; turn++) {
    const page = await browser.newPage();
    await page.goto(`${address}${name}.html?${way}`);
    await page.waitForFunction(() => 'bench' in globalThis);
    const session = await page.context().newCDPSession(page);
    for (const act of ['tree', 'press', 'openAll']) all[act].push(await timed(page, act));
    await session.send('HeapProfiler.collectGarbage');
    all.heap.push((await session.send('Runtime.getHeapUsage')).usedSize / 1e6);
    all.list.push(await timed(page, 'list'));
    if (way === 'ours') await page.keyboard.press('Tab');
    else all.open.push(await timed(page, 'open'));
    if (way === 'ours')
      all.open.push(
        await page.evaluate(async () => {
          const began = performance.now();
          document
            .querySelector('[role=combobox]')
            .dispatchEvent(
              new KeyboardEvent('keydown', { key: 'ArrowDown', bubbles: true, cancelable: true }),
            );
          await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
          return performance.now() - began;
        }),
      );
    all.type.push(await timed(page, 'type'));
    await page.close();
  }
  return Object.fromEntries(Object.entries(all).map(([act, times]) => [act, median(times)]));
}

const words = {
  tree: 'mount 5,000 nodes',
  press: 'open one branch',
  openAll: 'open all',
  heap: 'heap with all open, MB',
  list: 'mount 10,000 options',
  open: 'open the list',
  type: 'type into it',
};
console.log('ours : the obvious way, milliseconds to paint; a ratio below 1 is for ours');
for (const name of ['react', 'vue', 'svelte', 'solid']) {
  const ours = await measure(name, 'ours');
  const obvious = await measure(name, 'obvious');
  for (const [act, what] of Object.entries(words))
    console.log(
      `${name.padEnd(7)} ${what.padEnd(24)} ${ours[act].toFixed(1).padStart(7)} : ${obvious[act].toFixed(1).padStart(7)}   ${(ours[act] / obvious[act]).toFixed(2)}`,
    );
}
await browser.close();
server.close();
