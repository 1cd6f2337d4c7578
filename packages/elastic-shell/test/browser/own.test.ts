// Patterns of one's own, built on the public engine alone: a tide curve around a plotting script, a stepper, a card and a list.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { desk, focused, useBrowser } from './support/browser';

const { open } = useBrowser();

const start = async (): Promise<Page> => {
  const { page } = await open(desk('own.html'));
  await page.waitForSelector('#second-day .u-wrap');
  return page;
};
const hours = (page: Page): Promise<(string | null)[]> =>
  Promise.all(['#first-day', '#second-day'].map((id) => page.getAttribute(id, 'aria-valuenow')));
const said = async (page: Page): Promise<string> =>
  `${await page.getAttribute('#lines', 'aria-valuenow')} ${await page.textContent('#lines')}`;

it('a tide curve: keys, buttons and presses pick an hour, and two days keep in step', async () => {
  const page = await start();
  await page.focus('#first-day');
  await page.keyboard.press('ArrowRight');
  expect(await hours(page)).toEqual(['7', '7']);
  expect(await page.getAttribute('#second-day', 'aria-valuetext')).toMatch(/^07:00, \d\.\d metres$/);
  await page.keyboard.press('End');
  expect([await hours(page), await page.textContent('#hour')]).toEqual([['23', '23'], '23:00']);
  await page.keyboard.press('ArrowRight');
  expect(await hours(page)).toEqual(['23', '23']);
  await page.click('[command="--earlier"]');
  expect(await hours(page)).toEqual(['22', '22']);
  const plot = (await page.locator('#second-day .u-over').boundingBox())!;
  await page.mouse.click(plot.x + (plot.width * 5) / 23, plot.y + plot.height / 2);
  expect(await hours(page)).toEqual(['5', '5']);
});

it('a tide curve shows its hour in the plot, also when that is resized, and takes the plot along when it goes', async () => {
  const page = await start();
  const cursorAt = (): Promise<number> =>
    page.evaluate(() => {
      const [cursor, plot] = ['.u-cursor-x', '.u-over'].map((name) =>
        document.querySelector(`#first-day ${name}`)!.getBoundingClientRect(),
      ) as [DOMRect, DOMRect];
      return Math.round(((cursor.right - plot.left) / plot.width) * 23);
    });
  expect(await cursorAt()).toBe(6);
  await page.setViewportSize({ width: 500, height: 800 });
  await page.waitForFunction(() => document.querySelector('#first-day canvas')!.clientWidth < 480);
  expect(await cursorAt()).toBe(6);
  await page.click('#unwire');
  expect(await page.locator('.u-wrap, [role=slider]').count()).toBe(0);
  expect(await page.evaluate(() => document.getElementById('first-day')!.outerHTML)).toBe(
    '<div class="curve" id="first-day" aria-label="The tide on Monday"></div>',
  );
});

it('a stepper: keys and buttons step it within its limits, a guard refuses, and its form sends and resets it', async () => {
  const page = await start();
  await page.focus('#lines');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  expect(await said(page)).toBe('6 6 lines');
  await page.keyboard.press('ArrowUp');
  expect(await said(page)).toBe('6 6 lines');
  await page.keyboard.press('Home');
  expect(await said(page)).toBe('1 1 line');
  expect(await page.getAttribute('[aria-label="One line fewer"]', 'aria-disabled')).toBe('true');
  await page.click('[aria-label="One line more"]');
  expect([await said(page), await focused(page)]).toEqual(['2 2 lines', '+']);
  await page.click('text=Order lines');
  expect(await page.textContent('#lines-said')).toBe('2 ordered');
  await page.click('#lines-form [type=reset]');
  await page.waitForSelector('#lines[aria-valuenow="4"]');
});

it('a stepper is an element too, with its options as attributes', async () => {
  const page = await start();
  await page.click('[aria-label="More fenders"]');
  await page.click('[aria-label="More fenders"]');
  expect(await page.getAttribute('#fenders', 'aria-valuenow')).toBe('6');
  await page.evaluate(() => document.querySelector('yard-stepper')!.setAttribute('max', '12'));
  await page.waitForSelector('#fenders[aria-valuemax="12"]');
});

it('a card opens beside its button with what it loads, closes on Escape, and on a dialog is modal', async () => {
  const page = await start();
  await page.click('text="Berth 7"');
  await page.waitForSelector('#berth-7:popover-open >> text=3.2 metres at low water');
  expect(await page.getAttribute('[commandfor="berth-7"]', 'aria-expanded')).toBe('true');
  await page.keyboard.press('Escape');
  await page.waitForSelector('#berth-7', { state: 'hidden' });
  await page.click('text="Berth 9, modal"');
  await page.waitForSelector('#berth-9:modal >> text=3.6 metres');
  await page.click('[commandfor="berth-9"][command="--close"]');
  await page.waitForSelector('#berth-9', { state: 'hidden' });
  expect(await focused(page)).toBe('Berth 9, modal');
});

it('a list from data: keys and letters go to a person, Enter picks one and says so', async () => {
  const page = await start();
  const current = () => page.evaluate(() => document.activeElement!.textContent);
  await page.click('#crew [role=option] >> text="Ana Aalto"');
  await page.keyboard.press('End');
  expect(await current()).toBe('Jon Holm 5');
  await page.keyboard.type('finn b');
  await page.waitForFunction(() => document.activeElement!.textContent === 'Finn Brandt');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.body.innerText.includes('Finn Brandt is on watch'));
  expect(await page.locator('#crew [aria-selected=true]').textContent()).toBe('Finn Brandt');
  expect(await page.locator('#crew [role=option]').count()).toBeLessThan(60);
});

it('has no accessibility fault', async () => {
  expect(await violations(await start())).toEqual([]);
});
