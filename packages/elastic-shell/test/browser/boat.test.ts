// The boat's record: the pennant picker, which loads late and may fail, and two fields in step.
import violations from './support/axe';
import { desk, focused, useBrowser } from './support/browser';

const { open } = useBrowser();
const boat = (options = {}) => open(desk('boat.html'), options);
const shown = '#pennants:popover-open';

describe('choosing a pennant', () => {
  it('by keyboard alone: waits for the grid, begins at the chosen one, sets both fields, gives focus back', async () => {
    const { page } = await boat();
    await page.focus('#mast');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement!.hasAttribute('data-pennant'));
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Ochre swallowtail, teal disc');
    expect(await page.locator('[data-pennant]').count()).toBe(320);
    expect(await violations(page)).toEqual([]);
    await page.keyboard.press('Tab');
    const name = (await page.getAttribute(':focus', 'aria-label'))!;
    await page.keyboard.press('Enter');
    await page.waitForSelector(shown, { state: 'hidden' });
    expect(await focused(page)).toBe('mast');
    expect([await page.textContent('#mast'), await page.textContent('#board')]).toEqual([name, name]);
    expect(await page.textContent('#status')).toBe(`Marsh Lark now flies: ${name}.`);
    expect(await page.locator('[data-pennant]').count()).toBe(0);
  });

  it('by touch, from the other field, with a server that fails first', async () => {
    const { page } = await boat({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
    await page.tap('#failing');
    await page.tap('#board');
    await page.waitForSelector('#pennants [role=alert]');
    expect(await page.textContent('#pennants [role=alert]')).toMatch(/^The office server did not answer/);
    await page.evaluate(() => document.getElementById('failing')!.click());
    await page.tap('#pennants [data-notice] button');
    await page.tap('[data-pennant=square-teal-plum]');
    await page.waitForSelector(shown, { state: 'hidden' });
    expect(await page.textContent('#mast')).toBe('Teal square, plum disc');
  });

  it('keeps to its boat, also over a reload', async () => {
    const { page } = await boat();
    await page.evaluate(() => sessionStorage.setItem('kept', 'yes'));
    await page.click('#mast');
    await page.click('[data-pennant=square-teal-plum]');
    await page.click('#next');
    expect(await page.textContent('#boat-name')).toBe('Patient Tern');
    expect(await page.textContent('#mast')).not.toBe('Teal square, plum disc');
    await page.click('#previous');
    await page.reload();
    await page.waitForFunction(() => document.getElementById('mast')!.textContent);
    expect(await page.textContent('#mast')).toBe('Teal square, plum disc');
    await page.evaluate(() => sessionStorage.clear());
  });
});

it('names its icon buttons by tooltips', async () => {
  const { page } = await boat();
  expect(await page.locator('#next').ariaSnapshot()).toBe('- button "Next boat"');
  await page.hover('#next');
  await page.waitForSelector('#next-tip:popover-open');
  await page.keyboard.press('Escape');
  await page.waitForSelector('#next-tip', { state: 'hidden' });
});

it.each(['light', 'dark'] as const)('has no accessibility fault in %s', async (colorScheme) => {
  const { page } = await boat({ colorScheme });
  expect(await violations(page)).toEqual([]);
});

it('fits a phone without scrolling sideways', async () => {
  const { page } = await boat({ viewport: { width: 320, height: 640 } });
  await page.click('#mast');
  await page.waitForSelector('[data-pennant]');
  const { right, sideways } = await page.evaluate(() => ({
    right: document.getElementById('pennants')!.getBoundingClientRect().right,
    sideways: document.documentElement.scrollWidth - document.documentElement.clientWidth,
  }));
  expect([right <= 320, sideways]).toEqual([true, 0]);
});
