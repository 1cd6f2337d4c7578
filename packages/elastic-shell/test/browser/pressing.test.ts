// What does and does not dismiss a layer that is not modal: drags, selections, scrollbars, composing, one press for three.
import type { Page } from 'playwright-core';
import { changes, desk, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const shown = (id: string) => `#${id}:popover-open`;
const markup = `<div style="height:3000px"><button id="o" commandfor="p" command="--toggle" style="margin:40px">O</button><p id="words">Words outside to select and to press on.</p>
  <div id="p" popover="manual" style="width:240px;height:90px;overflow-y:scroll"><p id="in" style="margin:0;height:400px">Words inside to select from.</p></div></div>`;

const start = async (options: object = {}): Promise<Page> => {
  const { page } = await openBare(open, markup);
  await page.evaluate((more) => void shell.wire('popover', 'p', more), options);
  await page.click('#o');
  await page.waitForSelector(shown('p'));
  return page;
};
const drag = async (page: Page, from: [number, number], to: [number, number]) => {
  await page.mouse.move(...from);
  await page.mouse.down();
  await page.mouse.move(...to, { steps: 4 });
  await page.mouse.up();
};
const corner = async (page: Page, selector: string): Promise<{ x: number; y: number; right: number }> => {
  const { x, y, width } = (await page.locator(selector).boundingBox())!;
  return { x, y, right: x + width };
};

it.each([
  ['begun inside and released outside', 'in', 'words'],
  ['begun outside and released inside', 'words', 'in'],
])('a press %s leaves it open, text selected on the way or not', async (_, from, to) => {
  const page = await start();
  const [one, other] = [await corner(page, `#${from}`), await corner(page, `#${to}`)];
  await drag(page, [one.x + 6, one.y + 8], [other.x + (to === 'words' ? 300 : 60), other.y + 8]);
  expect(await page.isVisible(shown('p'))).toBe(true);
  await page.mouse.click(700, 500);
  await page.waitForSelector(shown('p'), { state: 'hidden' });
});

it('a press on its scrollbar, or on the page’s, leaves it open', async () => {
  const page = await start();
  const { right, y } = await corner(page, '#p');
  await page.mouse.click(right - 5, y + 60);
  // On its thumb: elsewhere it would scroll the anchor out of view.
  await page.mouse.click(1276, 60);
  expect(await page.isVisible(shown('p'))).toBe(true);
  expect(await changes(page)).toEqual(['p open true command ']);
});

it('Escape while an input method composes leaves it open', async () => {
  const page = await start();
  await page.evaluate(() => {
    const composing = { key: 'Escape', isComposing: true, bubbles: true, cancelable: true };
    document.getElementById('o')!.dispatchEvent(new KeyboardEvent('keydown', composing));
  });
  expect(await page.isVisible(shown('p'))).toBe(true);
});

it('one click outside closes three that are not modal; in a dialog it closes what stands in it, not the dialog', async () => {
  const { page } = await openBare(
    open,
    `<button id="oa" commandfor="a" command="--toggle">A</button><div id="a" popover="manual">A <button id="ob" commandfor="b" command="--toggle">B</button></div>
     <div id="b" popover="manual">B <button id="oc" commandfor="c" command="--toggle">C</button></div><div id="c" popover="manual">C</div>
     <button id="od" commandfor="d" command="show-modal" style="margin-top:300px">D</button>
     <dialog id="d" style="inline-size:500px;block-size:400px"><h2>T</h2><button id="oe" commandfor="e" command="--toggle">E</button><div id="e" popover="manual">E</div></dialog>`,
  );
  await page.evaluate(() => {
    for (const id of ['a', 'b', 'c', 'e']) shell.wire('popover', id);
    shell.wire('dialog', 'd');
  });
  for (const id of ['a', 'b', 'c']) await page.click(`#o${id}`);
  expect(await page.locator(':popover-open').count()).toBe(3);
  await page.mouse.click(900, 600);
  await page.waitForFunction(() => !document.querySelector(':popover-open'));
  expect((await changes(page)).slice(3)).toEqual([
    'c open false outside null',
    'b open false outside null',
    'a open false outside null',
  ]);
  await page.click('#od');
  await page.click('#oe');
  await page.click('h2');
  await page.waitForFunction(() => !document.querySelector(':popover-open'));
  expect(await page.isVisible('#d')).toBe(true);
});

it.each(['ltr', 'rtl'])(
  'ten openings over a scrolled, clipped, transformed box stand in the screen, beside their anchor, %s',
  async (dir) => {
    const { page } = await open(desk('gallery.html'), { viewport: { width: 320, height: 560 } });
    if (dir === 'rtl') await page.click('#direction');
    for (let turn = 0; turn < 10; turn++) {
      const beside = await page.evaluate(async (at) => {
        const [box, button, layer] = ['.clipped', '[commandfor=clipped-popover]', '#clipped-popover'].map(
          (part) => document.querySelector<HTMLElement>(part)!,
        ) as [HTMLElement, HTMLElement, HTMLElement];
        box.scrollIntoView({ block: (['start', 'center', 'end'] as const)[at % 3]! });
        box.scrollTop = (at * 7) % 30;
        await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
        button.click();
        const [one, other] = [layer, button].map((part) => part.getBoundingClientRect()) as [
          DOMRect,
          DOMRect,
        ];
        const { clientWidth, clientHeight } = document.documentElement;
        const inside =
          one.left >= 0 && one.top >= 0 && one.right <= clientWidth && one.bottom <= clientHeight;
        const apart = Math.max(
          one.top - other.bottom,
          other.top - one.bottom,
          one.left - other.right,
          other.left - one.right,
        );
        button.click();
        // The platform rounds the height of a layer to whole pixels.
        return inside ? Math.abs(apart - 8) < 0.6 : 'outside';
      }, turn);
      expect([turn, beside]).toEqual([turn, true]);
    }
  },
);

it('one press acts once in what is slotted into a shadow root that has wired parts', async () => {
  const { page } = await openBare(
    open,
    `<div id="host">
      <button id="o" commandfor="d" command="--toggle">More</button><div id="d" hidden>The ladder</div>
      <button id="named" aria-controls="e">More</button><div id="e" hidden>The hoist</div>
      <details id="details"><summary>Tides</summary>High at six</details>
      <label><input id="box" type="checkbox"> Lights</label><button id="lamp" aria-label="Lamp"></button></div>`,
  );
  await page.evaluate(() => {
    const shadow = document.getElementById('host')!.attachShadow({ mode: 'open' });
    shadow.innerHTML =
      '<button commandfor="own" command="--toggle">Own</button><p id="own" hidden>Own</p><slot></slot>';
    shell.wire('disclosure', 'own', {}, shadow.getElementById('own')!);
    for (const id of ['d', 'e', 'details'] as const) shell.wire('disclosure', id);
    for (const id of ['box', 'lamp'] as const) shell.wire('switch', id);
  });
  for (const id of ['o', 'named', 'details > summary', 'box', 'lamp']) {
    const before = (await changes(page)).length;
    await page.click(`#${id}`);
    expect([id, (await changes(page)).slice(before)]).toEqual([id, [expect.stringMatching(/true/)]]);
  }
  await page.getByRole('button', { name: 'Own' }).click();
  expect(await page.locator('#own').isVisible()).toBe(true);
});
