// What find-in-page does to what is closed, by the one part of it that can be driven: a link to something inside runs the same
// algorithm of HTML ("ancestor revealing") with the same event.
import type { Page } from 'playwright-core';
import { changes, openBare, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const follow = (page: Page): Promise<void> =>
  page.evaluate(() => {
    location.hash = '';
    location.hash = '#deep';
  });

it('opens a disclosure', async () => {
  const { page } = await openBare(
    open,
    '<button commandfor="p" command="--toggle">P</button><div id="p" hidden><p id="deep">Found</p></div>',
  );
  await page.evaluate(() => void shell.wire('disclosure', 'p'));
  await follow(page);
  await page.waitForSelector('#deep');
  expect(await changes(page)).toEqual(['p open true found']);
  expect(await page.getAttribute('button', 'aria-expanded')).toBe('true');
});

it('opens a section of an accordion, and closes the other where one may be open', async () => {
  const { page } = await openBare(
    open,
    '<div id="a"><h3><button data-key="one">One</button></h3><div>First</div><h3><button data-key="two">Two</button></h3><div hidden><p id="deep">Found</p></div></div>',
  );
  await page.evaluate(() => void shell.wire('accordion', 'a', { exclusive: true, elastic: 'none' }));
  await follow(page);
  await page.waitForSelector('#deep');
  expect((await changes(page)).at(-1)).toBe('a expanded two found');
});

it('selects the tab of its panel', async () => {
  const { page } = await openBare(
    open,
    '<div id="t"><div role="tablist" aria-label="T"><button role="tab" data-key="one">One</button><button role="tab" data-key="two">Two</button></div><div role="tabpanel">First</div><div role="tabpanel"><p id="deep">Found</p></div></div>',
  );
  await page.evaluate(() => void shell.wire('tabs', 't'));
  await follow(page);
  await page.waitForSelector('#deep');
  expect((await changes(page)).at(-1)).toBe('t selected two found');
});
