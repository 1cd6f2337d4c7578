// The tooltip in Chromium: by hover and by keyboard, one at a time.
import { changes, desk, focused, openBare, openFresh, useBrowser } from './support/browser';

const { open } = useBrowser();
const markup = `<button id="a" aria-describedby="ta">A</button><button id="b" aria-labelledby="tb">B</button><button id="c">C</button>
  <div id="ta" popover="manual">First</div><div id="tb" popover="manual">Second</div>`;
const shown = (id: string) => `#${id}:popover-open`;
const hidden = { state: 'hidden' as const };

const start = async (delays = { ta: 1, tb: 60_000 }) => {
  const { page } = await openBare(open, `<div style="padding:100px">${markup}</div>`);
  await page.mouse.move(5, 5);
  await page.evaluate((each) => {
    for (const [id, delay] of Object.entries(each)) shell.wire('tooltip', id, { hoverDelay: delay });
  }, delays);
  return page;
};

it('shows on hover above its control, describes it, and goes when the pointer goes', async () => {
  const page = await start();
  await page.hover('#a');
  await page.waitForSelector(shown('ta'));
  expect(await page.getAttribute('#ta', 'role')).toBe('tooltip');
  const [tip, control] = await page.evaluate(() =>
    ['ta', 'a'].map((id) => document.getElementById(id)!.getBoundingClientRect().toJSON()),
  );
  expect(Math.round(control.top - tip.bottom)).toBe(6);
  await page.hover('#c');
  await page.waitForSelector('#ta', hidden);
  expect(await changes(page)).toEqual(['ta open true hover', 'ta open false hover']);
});

it('stays while the pointer is on it', async () => {
  const page = await start();
  await page.hover('#a');
  await page.waitForSelector(shown('ta'));
  await page.hover('#ta');
  // Long enough for anything that was going to hide it: the next one to show is what would.
  await page.hover('#b');
  await page.waitForSelector(shown('tb'));
  expect((await changes(page)).filter((change) => change.includes('hover'))).not.toContain(
    'ta open false hover',
  );
});

it('goes to the next one without delay, and is never two', async () => {
  const page = await start();
  await page.hover('#a');
  await page.waitForSelector(shown('ta'));
  await page.hover('#b');
  await page.waitForSelector(shown('tb'));
  expect(await page.evaluate(() => document.querySelectorAll(':popover-open').length)).toBe(1);
  expect(await changes(page)).toEqual(['ta open true hover', 'ta open false sibling', 'tb open true hover']);
});

it('shows on keyboard focus at once; Escape hides it and leaves the focus; blur hides it', async () => {
  const page = await start();
  await page.keyboard.press('Tab');
  await page.waitForSelector(shown('ta'));
  await page.keyboard.press('Escape');
  await page.waitForSelector('#ta', hidden);
  expect(await focused(page)).toBe('a');
  await page.keyboard.press('Tab');
  await page.waitForSelector(shown('tb'));
  await page.keyboard.press('Tab');
  await page.waitForSelector('#tb', hidden);
  expect(await changes(page)).toEqual([
    'ta open true key',
    'ta open false escape null',
    'tb open true key',
    'tb open false focus-left',
  ]);
});

it('goes when its control is pressed, and does not come by a mouse focus or by touch', async () => {
  const page = await start();
  await page.hover('#a');
  await page.waitForSelector(shown('ta'));
  await page.mouse.down();
  await page.waitForSelector('#ta', hidden);
  await page.mouse.up();
  expect(await page.evaluate(() => document.querySelectorAll(':popover-open').length)).toBe(0);
});

it('Escape in a dialog hides the tooltip first, and the dialog next', async () => {
  // Nothing was clicked on this page: what opens without a key shows where focus is.
  const { page } = await openFresh(
    open,
    '<dialog id="d"><h2>T</h2><button id="x" aria-describedby="t">X</button><div id="t" popover="manual">Tip</div></dialog>',
  );
  await page.evaluate(() => {
    shell.wire('tooltip', 't');
    shell.wire('dialog', 'd');
    (shell.wired['d'] as unknown as { show(): void }).show();
  });
  await page.keyboard.press('Tab');
  await page.waitForSelector(shown('t'));
  await page.keyboard.press('Escape');
  await page.waitForSelector('#t', hidden);
  expect(await page.locator('#d:modal').count()).toBe(1);
  await page.keyboard.press('Escape');
  await page.waitForSelector('#d', hidden);
});

it('leaves the markup as it was, and no timer behind', async () => {
  const page = await start({ ta: 60_000, tb: 60_000 });
  const same = await page.evaluate((html) => {
    document
      .getElementById('a')!
      .dispatchEvent(new PointerEvent('pointerover', { bubbles: true, pointerType: 'mouse' }));
    for (const wired of Object.values(shell.wired)) wired.unwire();
    return document.querySelector('div')!.innerHTML === html;
  }, markup);
  expect(same).toBe(true);
});

it('names and describes in the gallery', async () => {
  const { page } = await open(desk('gallery.html'));
  expect(await page.getByRole('button', { name: 'Drop the anchor' }).count()).toBe(1);
  expect(
    await page.getByRole('button', { description: 'Lifts the boat onto the slip' } as never).count(),
  ).toBeGreaterThan(0);
});
