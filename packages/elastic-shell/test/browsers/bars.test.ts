// Toolbars and menubars where there is layout: what has no room, and menus by finger and mouse.
import { desk, focused, itIn, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();
const shown = '#log-tools > button:not([data-more])';

const start = async (width = 1200, options = {}) => {
  const { page } = await open(desk('gallery.html'), { viewport: { width, height: 700 }, ...options });
  await page.waitForSelector('#log-tools[data-wired], #log-tools [tabindex="0"]');
  const texts = (selector: string) =>
    page
      .locator(selector)
      .evaluateAll((all) => all.filter((each) => each.checkVisibility()).map((each) => each.textContent));
  return { page, texts };
};

describe('a toolbar without room', () => {
  it('lists its last buttons in a menu, which presses them; all come back with the room', async () => {
    const { page, texts } = await start();
    const resize = (size: string) =>
      page.evaluate(async (to) => {
        document.querySelector<HTMLElement>('#log-tools')!.style.inlineSize = to;
        // WebKit without a screen measures nothing until somebody asks for a frame.
        for (let frame = 0; frame < 3; frame++) await new Promise(requestAnimationFrame);
      }, size);
    await resize('34rem');
    await page.waitForSelector('#log-tools [data-more]', { state: 'hidden' });
    expect(await texts(shown)).toHaveLength(6);
    await resize('16rem');
    await page.locator('#log-tools [data-more]').waitFor();
    const left = await texts(shown);
    expect(left.length).toBeGreaterThan(0);
    expect(left.length).toBeLessThan(6);
    expect(await page.locator('#log-tools').evaluate((tools) => tools.scrollWidth <= tools.clientWidth)).toBe(
      true,
    );
    await page.click('#log-tools [data-more]');
    await page.locator('#log-more [data-key=stamp]').click();
    await page.locator('#log-said', { hasText: 'Time stamp' }).waitFor();
    await resize('34rem');
    await page.waitForSelector('#log-tools [data-more]', { state: 'hidden' });
    expect(await texts(shown)).toHaveLength(6);
    expect(await page.locator('#log-more > *').count()).toBe(0);
  });

  it('keeps what is pressed, and gives the focus of a hidden button to the button of the menu', async () => {
    const { page } = await start();
    await page.click('#log-tools [data-key=italic]');
    await page.locator('#log-tools').evaluate((tools) => (tools.style.inlineSize = '9rem'));
    await page.locator('#log-tools [data-more]:focus').waitFor();
    await page.keyboard.press('Enter');
    const row = page.locator('#log-more [data-key=italic]');
    await row.waitFor();
    expect([await row.getAttribute('role'), await row.getAttribute('aria-checked')]).toEqual([
      'menuitemcheckbox',
      'true',
    ]);
    await row.press('Enter');
    await page.waitForFunction(
      () => document.querySelector('#log-tools [data-key=italic]')!.ariaPressed === 'false',
    );
  });
});

describe('a menubar', () => {
  // WebDriver has no finger in WebKit.
  itIn('chromium', 'firefox')('opens with the first tap', async () => {
    const { page } = await start(375, { hasTouch: true });
    await page.tap('#plain-menubar >> text=Order');
    await page.waitForSelector('#order-menu:popover-open');
    await page.tap('#plain-menubar >> text=Berth');
    await page.waitForSelector('#berth-menu:popover-open');
    expect(await page.locator(':popover-open').count()).toBe(1);
  });

  it('follows the mouse from menu to menu once one is open', async () => {
    const { page } = await start();
    await page.hover('#plain-menubar >> text=Berth');
    expect(await page.locator(':popover-open').count()).toBe(0);
    await page.click('#plain-menubar >> text=Order');
    await page.waitForSelector('#order-menu:popover-open');
    await page.hover('#plain-menubar >> text=Berth');
    await page.waitForSelector('#berth-menu:popover-open');
    await page.waitForSelector('#order-menu', { state: 'hidden' });
    expect(await focused(page)).toBe('Berth');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#berth-menu', { state: 'hidden' });
    expect(await focused(page)).toBe('Berth');
  });
});
