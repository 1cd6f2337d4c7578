// The boat's record: the pennant picker, which loads late and may fail, and two fields in step.
import violations from './support/axe';
import { holdAnswers } from './support/answers';
import { desk, focused, itIn, useBrowser } from './support/browser';

const { open } = useBrowser();
const boat = (options = {}) => open(desk('boat.html'), options);
const shown = '#pennants:popover-open';

describe('choosing a pennant', () => {
  it('by keyboard alone: waits for the grid, begins at the chosen one, sets both fields, gives focus back', async () => {
    const { page } = await boat();
    await page.focus('#mast');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement!.matches('#pennants [role=option]'));
    expect(await page.getAttribute(':focus', 'aria-label')).toBe('Ochre swallowtail, teal disc');
    expect(await page.locator('#pennants [role=option]').count()).toBe(320);
    expect(await violations(page)).toEqual([]);
    await page.keyboard.press('ArrowRight');
    const name = (await page.getAttribute(':focus', 'aria-label'))!;
    await page.keyboard.press('Enter');
    await page.waitForSelector(shown, { state: 'hidden' });
    expect(await focused(page)).toBe('mast');
    expect([await page.textContent('#mast'), await page.textContent('#board')]).toEqual([name, name]);
    expect(await page.textContent('#status')).toBe(`Marsh Lark now flies: ${name}.`);
    expect(await page.locator('#pennants [role=option]').count()).toBe(0);
  });

  it('by touch, from the other field, with a server that fails first', async () => {
    const { page } = await boat({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
    await page.tap('#office-opener');
    await page.tap('#failing');
    await page.tap('#board');
    await page.waitForSelector('#pennants [role=alert]');
    expect(await page.textContent('#pennants [role=alert]')).toMatch(/^The office server did not answer/);
    await page.evaluate(() => document.getElementById('failing')!.click());
    await page.tap('#pennants [data-notice] button');
    const choice = page.locator('#pennants [data-key=square-teal-plum]');
    // Within the popover only: a page that scrolls takes the field away, and the popover goes with it.
    await choice.evaluate((each) => each.scrollIntoView({ block: 'nearest' }));
    await choice.tap();
    await page.waitForSelector(shown, { state: 'hidden' });
    expect(await page.textContent('#mast')).toBe('Teal square, plum disc');
  });

  it('keeps to its boat, also over a reload', async () => {
    const { page } = await boat();
    await page.evaluate(() => sessionStorage.setItem('kept', 'yes'));
    await page.click('#mast');
    await page.click('#pennants [data-key=square-teal-plum]');
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

describe('the record', () => {
  const tab = (key: string) => `#record [data-key=${key}]`;

  it('keeps its tab in the address, over a reload, back and forward; the papers come late', async () => {
    const { page } = await boat();
    await page.focus(tab('overview'));
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('End');
    await page.waitForSelector('.papers');
    expect(new URL(await page.evaluate(() => location.href)).hash).toBe('#papers');
    await page.reload();
    await page.waitForSelector('.papers');
    await page.goBack();
    await page.waitForSelector('#steps');
    expect(await page.getAttribute(tab('work'), 'aria-selected')).toBe('true');
    await page.goForward();
    await page.waitForSelector('.papers li >> text=Marsh Lark');
    await page.click('#next');
    await page.waitForSelector('.papers li >> text=Patient Tern');
  });

  it('opens several steps, or one at a time as the switch says; reading more grows the step', async () => {
    const { page } = await boat();
    await page.click(tab('work'));
    await page.click('[data-key=step-5]');
    const open = () => page.locator('#steps [data-key][aria-expanded=true]').count();
    expect(await open()).toBe(2);
    await page.click('#one-at-a-time');
    expect(await open()).toBe(1);
    await page.click('[data-key=step-5]');
    expect(await open()).toBe(1);
    const step = page.locator('.step:has(#step-5-more)');
    const before = (await step.boundingBox())!.height;
    await page.click('[commandfor=step-5-more]');
    expect((await step.boundingBox())!.height).toBeGreaterThan(before + 500);
    await page.evaluate(() => {
      const hidden = document.getElementById('step-4-more')!;
      hidden.dispatchEvent(new Event('beforematch', { bubbles: true }));
    });
    expect(await page.getAttribute('[data-key=step-4]', 'aria-expanded')).toBe('true');
    expect(await page.getAttribute('[commandfor=step-4-more]', 'aria-expanded')).toBe('true');
  });

  it('turns the survey plates, and asks before it is signed off', async () => {
    const { page } = await boat();
    await page.click(tab('survey'));
    await page.click('#plates [command="--select"][value="4"]');
    await page.waitForSelector('#plates [data-slides] > :nth-child(4):not([inert])');
    await page.click('[commandfor=sign-off]');
    expect(await focused(page)).toBe('Not yet');
    expect(await page.locator('#sign-off').ariaSnapshot()).toContain('alertdialog "Sign off the survey?"');
    await page.click('#sign-off [value=signed]');
    expect(await page.textContent('#status')).toBe('The survey is signed off.');
  });

  it('has no accessibility fault in any tab', async () => {
    const { page } = await boat();
    for (const key of ['overview', 'work', 'survey', 'papers']) {
      await page.click(tab(key));
      if (key === 'papers') await page.waitForSelector('.papers');
      expect([key, await violations(page)]).toEqual([key, []]);
    }
  });
});

it('the yard lights wait for the server, which may refuse; the dark look is at once, and stays over pages', async () => {
  const { page } = await boat();
  const lights = (on: boolean) =>
    page.waitForFunction((wanted) => document.documentElement.hasAttribute('data-lights') === wanted, on);
  for (const isFailing of [false, true]) {
    if (isFailing) await page.check('#failing');
    const answer = await holdAnswers(page);
    await page.click('#lights');
    await page.waitForSelector('#lights[aria-busy=true]');
    await answer();
    if (!isFailing) await lights(true);
  }
  await page.waitForSelector('#lights:not([aria-busy])');
  expect(await page.getAttribute('#lights', 'aria-checked')).toBe('true');
  await page.check('#dark');
  await page.evaluate(() => sessionStorage.setItem('kept', 'yes'));
  await page.goto(desk());
  await page.waitForSelector('html[data-dark][data-lights]');
  await page.evaluate(() => sessionStorage.clear());
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

// The window of WebKitGTK’s browser is at least 447 px wide.
itIn('chromium', 'firefox')('fits a phone without scrolling sideways', async () => {
  const { page } = await boat({ viewport: { width: 320, height: 640 } });
  await page.click('#mast');
  await page.waitForSelector('#pennants [role=option]');
  const { right, sideways } = await page.evaluate(() => ({
    right: document.getElementById('pennants')!.getBoundingClientRect().right,
    sideways: document.documentElement.scrollWidth - document.documentElement.clientWidth,
  }));
  expect([right <= 320, sideways]).toEqual([true, 0]);
});
