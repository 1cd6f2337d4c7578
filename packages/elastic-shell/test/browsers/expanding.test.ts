// Panels that expand, frame by frame: whoever moves them (style sheets, or script where these cannot), they start from nothing,
// grow all the way, and stand at the size of their content without a jump.
import type { Page } from 'playwright-core';
import { canMove, openBare, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();
/** So long that the first frame is an early one on a busy machine too. */
const slow = '1500ms';
const moving = { reducedMotion: 'no-preference' as const };

/** The heights of `box` in the frames after a press on `button`, until nothing has moved for some of them. */
const heights = (page: Page, button: string, box: string): Promise<number[]> =>
  page.evaluate(
    async ([control, moved]) => {
      const element = document.querySelector<HTMLElement>(moved!)!;
      const seen: number[] = [];
      document.querySelector<HTMLElement>(control!)!.click();
      const isMoving = (): boolean =>
        document.getAnimations().some(({ playState }) => playState === 'running') ||
        !!document.querySelector('[data-phase=opening],[data-phase=closing]');
      for (let still = 0; still < 10;) {
        await new Promise(requestAnimationFrame);
        const { height } = element.getBoundingClientRect();
        still = isMoving() || height !== seen.at(-1) ? 0 : still + 1;
        seen.push(height);
      }
      return seen;
    },
    [button, box],
  );

/** Steps that go the wrong way, or further than half of the whole way at once at its end. */
const faults = (seen: number[]): string[] => {
  const way = seen.at(-1)! - seen[0]!;
  return seen.slice(1).flatMap((height, at) => {
    const step = height - seen[at]!;
    return step * Math.sign(way || 1) < -0.5 ? [`${seen[at]} → ${height}`] : [];
  });
};

const panel =
  '<div id="p" hidden style="padding-block:20px;border-block:2px solid;box-sizing:border-box"><p style="margin:0;block-size:120px">T</p></div>';

describe.each(['border-box', 'content-box'])('a panel with padding, %s', (sizing) => {
  const start = async (): Promise<Page> => {
    const { page } = await openBare(
      open,
      `<button id="o" commandfor="p" command="--toggle">O</button>${panel.replace('border-box', sizing)}`,
      moving,
    );
    await page.evaluate((duration) => {
      document.body.style.setProperty('--shell-elastic', duration);
      void shell.wire('disclosure', 'p', { elastic: 'block' });
    }, slow);
    await page.waitForSelector('#p[data-elastic]', { state: 'attached' });
    await canMove(page);
    return page;
  };

  it('opens from nothing, at its first opening too, never back and never in full before', async () => {
    const page = await start();
    const seen = await heights(page, '#o', '#p');
    expect(seen[0]).toBeLessThan(120);
    expect(faults(seen)).toEqual([]);
    expect(seen.at(-1)).toBe(164);
    expect(await page.getAttribute('#p', 'data-phase')).toBe('open');
  });

  it('closes to nothing', async () => {
    const page = await start();
    await heights(page, '#o', '#p');
    const seen = await heights(page, '#o', '#p');
    expect(faults(seen)).toEqual([]);
    expect(new Set(seen).size).toBeGreaterThan(2);
    expect(seen.at(-1)).toBe(0);
    await page.waitForSelector('#p[data-phase=closed]', { state: 'attached' });
  });
});

describe.each([
  ['a panel', '<div id="p" hidden="until-found"><p>Text</p></div>'],
  ['a <details>', '<details id="p"><summary>S</summary><p>Text</p></details>'],
])('%s that is closed on the page before its script comes', (_, markup) => {
  it('does not move when its motion arrives', async () => {
    const { page } = await openBare(open, markup, moving);
    await page.evaluate(async (duration) => {
      document.body.style.setProperty('--shell-elastic', duration);
      await new Promise(requestAnimationFrame);
      void shell.wire('disclosure', 'p', { elastic: 'block' });
    }, slow);
    await page.waitForSelector('#p[data-elastic]', { state: 'attached' });
    const moves = await page.evaluate(async () => {
      await new Promise(requestAnimationFrame);
      return document.getAnimations().length;
    });
    expect(moves).toBe(0);
  });
});

it('a <details> grows to its content and shrinks to its summary', async () => {
  const { page } = await openBare(
    open,
    '<details id="d" style="padding-block-end:10px"><summary id="s">S</summary><p style="margin:0;block-size:120px">T</p></details>',
    moving,
  );
  await page.evaluate((duration) => {
    document.body.style.setProperty('--shell-elastic', duration);
    void shell.wire('disclosure', 'd', { elastic: 'block' });
  }, slow);
  await page.waitForSelector('#d[data-elastic]', { state: 'attached' });
  await canMove(page, 'expand-details');
  const closed = await page.evaluate(() => document.getElementById('d')!.offsetHeight);
  const opening = await heights(page, '#s', '#d');
  expect(opening[0]).toBeLessThan(closed + 100);
  expect(new Set(opening).size).toBeGreaterThan(2);
  expect(faults(opening)).toEqual([]);
  expect(Math.round(opening.at(-1)!)).toBe(closed + 120);
  const closing = await heights(page, '#s', '#d');
  expect(new Set(closing).size).toBeGreaterThan(2);
  expect(faults(closing)).toEqual([]);
  expect(Math.round(closing.at(-1)!)).toBe(closed);
  expect(await page.evaluate(() => document.getElementById('d')!.getAttribute('data-closing'))).toBeNull();
});
