// `npm run bench:settings`: a tree of 5,000 nodes and a list of 10,000 options with rows by components, in each framework, against
// the framework's own obvious way (a component a node with a boolean of its own; a full list), and 1,000 and 5,000 rows with a menu and
// a dialog each, against plain elements of the platform. Medians, in production builds. `-- rows` measures the rows only.
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
const mediansOf = (all) =>
  Object.fromEntries(Object.entries(all).map(([act, times]) => [act, median(times)]));

/** Milliseconds until what `act` has begun is laid out and painted. */
const timed = (page, act, argument) =>
  page.evaluate(
    async ([name, argument]) => {
      const began = performance.now();
      if (name === 'type') {
        const field = document.querySelector('[role=combobox]');
        field.value = '99';
        field.dispatchEvent(new InputEvent('input', { bubbles: true }));
      } else if (name === 'open') document.querySelector('[role=combobox]').focus();
      else if (name === 'press') document.querySelector('[role=treeitem], li > button').click();
      else if (name === 'pressed') document.querySelector(argument).click();
      else globalThis.bench[name](argument);
      await new Promise((resolve) => setTimeout(resolve));
      document.body.getBoundingClientRect();
      await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
      return performance.now() - began;
    },
    [act, argument],
  );

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
  return mediansOf(all);
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
const collected = async (session) => {
  for (let turn = 0; turn < 3; turn++) await session.send('HeapProfiler.collectGarbage');
  return (await session.send('Runtime.getHeapUsage')).usedSize / 1e6;
};

/** What `count` rows with a menu and a dialog each take; the heap beyond that of the empty page. */
async function measureRows(name, way, count) {
  const all = { mount: [], heap: [], again: [], menu: [], dialog: [], unmount: [], kept: [] };
  for (let turn = 0; turn < (count > 1000 ? 3 : turns); turn++) {
    const page = await browser.newPage();
    await page.goto(`${address}${name}.html?${way}`);
    await page.waitForFunction(() => 'bench' in globalThis);
    const session = await page.context().newCDPSession(page);
    const empty = await collected(session);
    all.mount.push(await timed(page, 'rows', count));
    // What waits for an idle moment is done before anybody presses anything.
    await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));
    all.heap.push((await collected(session)) - empty);
    all.again.push(await timed(page, 'again'));
    all.menu.push(await timed(page, 'pressed', 'li:nth-child(500) > button'));
    await page.keyboard.press('Escape');
    all.dialog.push(await timed(page, 'pressed', 'li:nth-child(600) > div + button'));
    await page.keyboard.press('Escape');
    all.unmount.push(await timed(page, 'end'));
    all.kept.push((await collected(session)) - empty);
    await page.close();
  }
  return mediansOf(all);
}

const rowWords = {
  mount: 'mount',
  heap: 'heap, MB',
  again: 'render all again',
  menu: 'open one menu',
  dialog: 'open one dialog',
  unmount: 'unmount',
  kept: 'heap after it, MB',
};

const print = (name, what, ours, other) =>
  console.log(
    `${name.padEnd(7)} ${what.padEnd(24)} ${ours.toFixed(1).padStart(7)} : ${other.toFixed(1).padStart(7)}   ${(ours / other).toFixed(2)}`,
  );
const frameworks = ['react', 'vue', 'svelte', 'solid'];

for (const count of [1000, 5000]) {
  console.log(
    `ours : plain elements, ${count} rows with a menu and a dialog each, milliseconds to paint; a ratio below 1 is for ours`,
  );
  for (const name of frameworks) {
    const ours = await measureRows(name, 'ours', count);
    const plain = await measureRows(name, 'obvious', count);
    for (const [act, what] of Object.entries(rowWords)) print(name, what, ours[act], plain[act]);
  }
}
if (process.argv.includes('rows')) {
  await browser.close();
  server.close();
  process.exit();
}

console.log('ours : the obvious way, milliseconds to paint; a ratio below 1 is for ours');
for (const name of frameworks) {
  const ours = await measure(name, 'ours');
  const obvious = await measure(name, 'obvious');
  for (const [act, what] of Object.entries(words)) print(name, what, ours[act], obvious[act]);
}
await browser.close();
server.close();
