// Content that comes later, in Chromium: progress, failure and retry, cancelling, when it is asked for, what it may be.
import type { Page } from 'playwright-core';
import { desk, focused, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const markup =
  '<button id="o" commandfor="p" command="--toggle">O</button><button id="away">Away</button><section id="p" popover="manual" aria-label="Log"></section>';

declare global {
  var given: { resolve(content: unknown): void; reject(error: Error): void; signal: AbortSignal }[];
}

/** Wires the popover with content whose promises the test settles. */
const start = async (options: object = {}): Promise<Page> => {
  const { page } = await openBare(open, markup);
  // Where the last test has pressed, the pointer would be over the opener from the first.
  await page.mouse.move(600, 600);
  await page.evaluate((more) => {
    globalThis.given = [];
    shell.wire('popover', 'p', {
      ...more,
      content: (signal: AbortSignal) =>
        new Promise((resolve, reject) => globalThis.given.push({ resolve, reject, signal })),
    });
  }, options);
  return page;
};
const asked = (page: Page, times: number) =>
  page.waitForFunction((count) => globalThis.given.length === count, times);
const text = (page: Page) => page.evaluate(() => document.getElementById('p')!.textContent);

it('shows a named progress, then the content, and is busy meanwhile', async () => {
  const page = await start();
  await page.click('#o');
  await page.waitForSelector('#p progress');
  expect(await page.locator('#p').ariaSnapshot()).toContain('progressbar "Loading…"');
  await page.waitForFunction(() => document.querySelector('#p [role=status]')?.textContent === 'Loading…');
  expect(await page.getAttribute('#p', 'aria-busy')).toBe('true');
  await page.evaluate(() => globalThis.given[0]!.resolve('Words'));
  await page.waitForFunction(() => document.getElementById('p')!.textContent === 'Words');
  expect(await page.getAttribute('#p', 'aria-busy')).toBeNull();
});

it('says what failed, tries again by keyboard with focus kept, and goes on into the content', async () => {
  const page = await start();
  await page.click('#o');
  await asked(page, 1);
  await page.evaluate(() => globalThis.given[0]!.reject(new Error('No answer.')));
  expect(await page.textContent('#p [role=alert]')).toBe('No answer.');
  await page.keyboard.press('Tab');
  expect(await focused(page)).toBe('Try again');
  await page.keyboard.press('Enter');
  await page.waitForSelector('#p progress');
  expect(await focused(page)).toBe('Try again');
  await page.keyboard.press('Enter');
  await page.evaluate(() => globalThis.given[1]!.reject(new Error('Still none.')));
  await page.waitForFunction(() => document.querySelector('#p [role=alert]')?.textContent === 'Still none.');
  expect(await focused(page)).toBe('Try again');
  await page.keyboard.press('Enter');
  await asked(page, 3);
  await page.evaluate(() => {
    const button = document.createElement('button');
    button.textContent = 'First';
    globalThis.given[2]!.resolve(button);
  });
  await page.waitForFunction(() => document.activeElement!.textContent === 'First');
  expect(await text(page)).toBe('First');
  expect(await page.evaluate(() => shell.journal.entries.some(({ code }) => code === 'content-failed'))).toBe(
    true,
  );
});

it('is cancelled by closing; an answer that comes all the same changes nothing; opening asks again', async () => {
  const page = await start();
  await page.click('#o');
  await asked(page, 1);
  await page.keyboard.press('Escape');
  expect(await page.evaluate(() => globalThis.given[0]!.signal.aborted)).toBe(true);
  expect(await page.locator('[aria-busy]').count()).toBe(0);
  await page.evaluate(async () => {
    globalThis.given[0]!.resolve('Late');
    await Promise.resolve();
  });
  await page.click('#o');
  await asked(page, 2);
  await page.evaluate(() => globalThis.given[1]!.resolve('New'));
  await page.waitForFunction(() => document.getElementById('p')!.textContent === 'New');
});

it.each([
  [true, 1, 'Words'],
  [false, 2, ''],
])('kept %s: asked %i times in two openings', async (keepContent, times, afterClosing) => {
  const page = await start({ keepContent });
  await page.click('#o');
  await asked(page, 1);
  await page.evaluate(() => globalThis.given[0]!.resolve('Words'));
  await page.waitForFunction(() => document.getElementById('p')!.textContent === 'Words');
  await page.click('#o');
  await page.waitForSelector('#p', { state: 'hidden' });
  expect(await text(page)).toBe(afterClosing);
  await page.click('#o');
  await asked(page, times);
});

it.each(['hover', 'focus'])('is asked for on intent: %s of the opener', async (how) => {
  const page = await start({ loadOn: 'hover' });
  expect(await page.evaluate(() => globalThis.given.length)).toBe(0);
  // The piece that loads is itself loaded on wiring: the intent is repeated until it is heard.
  for (let turn = 0; turn < 50 && (await page.evaluate(() => globalThis.given.length)) === 0; turn++) {
    if (how === 'hover') {
      await page.hover('#away');
      await page.hover('#o');
    } else {
      await page.focus('#away');
      await page.focus('#o');
    }
  }
  await asked(page, 1);
  expect(await page.isVisible('#p')).toBe(false);
});

it('is asked for when the page is idle', async () => {
  const page = await start({ loadOn: 'idle' });
  await asked(page, 1);
});

it('may be a node, a fragment, a template, a module that renders, and goes with unwire', async () => {
  const { page } = await openBare(open, `${markup}<template id="t"><b>From a template</b></template>`);
  const seen = await page.evaluate(async () => {
    const root = document.getElementById('p')!;
    const before = root.outerHTML;
    const render = (place: HTMLElement): (() => void) => {
      place.dataset['rendered'] = '';
      place.append('Rendered');
      return () => delete place.dataset['rendered'];
    };
    const fragment = document.createRange().createContextualFragment('<i>One</i><i>Two</i>');
    const texts: (string | null)[] = [];
    for (const content of [() => fragment, '#t', async () => ({ default: render })] as const) {
      const wired = shell.wire('popover', 'p', { content, open: true });
      for (let turn = 0; turn < 200 && !root.textContent; turn++)
        await new Promise((resolve) => requestAnimationFrame(resolve));
      texts.push(root.textContent);
      wired.unwire();
    }
    return [...texts, root.outerHTML === before];
  });
  expect(seen).toEqual(['OneTwo', 'From a template', 'Rendered', true]);
});

it('fills a disclosure, and a dialog before focus goes in', async () => {
  const { page } = await open(desk('gallery.html'));
  await page.focus('[commandfor=template-dialog]');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => (document.activeElement as HTMLInputElement).name === 'berth');
  await page.keyboard.press('Escape');
  const bare = await openBare(open, '<button aria-controls="d">More</button><div id="d" hidden></div>');
  await bare.page.evaluate(() => void shell.wire('disclosure', 'd', { content: () => 'Panel' }));
  await bare.page.click('button');
  await bare.page.waitForFunction(() => document.getElementById('d')!.textContent === 'Panel');
});

it.each([
  [
    'a number',
    () => 4,
    /must be an element, a fragment, a template, a text, { node, release } or a function that renders, got 4/,
  ],
  ['nothing', '#none', /"#none" matches no element on the page/],
])('says so when content is %s', async (_, content, expected) => {
  const { page } = await openBare(open, markup);
  await page.evaluate((source) => {
    const option = source.startsWith('#') ? source : () => 4 as never;
    shell.wire('popover', 'p', { content: option });
  }, String(content));
  await page.click('#o');
  expect(await page.textContent('#p [role=alert]')).toMatch(expected);
});
