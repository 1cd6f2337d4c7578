// The site as its readers use it: one page of each kind in light and dark, small and mirrored; its search, contents, code, keys, theme;
// and without a script. `npm run test:long` looks at every page.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Page, Response } from 'playwright-core';
import { desk, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();
const axe = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

const folder = join(__dirname, '../../../cli/site');
const kinds = [
  '',
  'start/react/',
  'patterns/',
  'patterns/combobox/',
  'patterns/carousel/',
  'recipes/confirmation/',
  'guides/focus/',
  'styling/',
  'styling/theme/',
  'reference/server/',
  'diagnostics/id-duplicate/',
  'support/',
  'accessibility/',
];
const pages = process.env['LONG']
  ? readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('index.html'))
      .map((name) => name.slice(0, -'index.html'.length))
      // The inside of a frame, empty until an example is edited.
      .filter((name) => name !== 'try/')
  : kinds;

/** What axe finds on the page, in a few words each: by all of its rules, or by one. */
const violations = async (page: Page, rule?: string): Promise<string[]> => {
  // The page allows no script but its own; the driver may.
  const session = await page.context().newCDPSession(page);
  await session.send('Runtime.evaluate', { expression: axe });
  await session.detach();
  return page.evaluate(async (only) => {
    const { violations: found } = await (globalThis as unknown as { axe: typeof import('axe-core') }).axe.run(
      {
        resultTypes: ['violations'],
        ...(only && { runOnly: [only] }),
      },
    );
    return found.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 90)).join(' ')}`);
  }, rule);
};

/** What sticks out sideways. */
const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

describe.each(pages)('/%s', (path) => {
  let page: Page;
  // One page for all: each test puts back what it has changed.
  beforeAll(async () => ({ page } = await open(desk(path))));

  it('has no fault that axe finds, in light and in dark', async () => {
    expect(await violations(page)).toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark' });
    // Of all that axe looks at, colours alone are others in the dark.
    expect(await violations(page, 'color-contrast')).toEqual([]);
    await page.emulateMedia({ colorScheme: 'light' });
  });
  it('fits into 320 px, and reads from right to left', async () => {
    await page.setViewportSize({ width: 320, height: 640 });
    expect(await overflow(page)).toBe(0);
    await page.evaluate(() => (document.documentElement.dir = 'rtl'));
    expect(await overflow(page)).toBe(0);
    await page.evaluate(() => document.documentElement.removeAttribute('dir'));
    await page.setViewportSize({ width: 1280, height: 800 });
  });
  it('holds text twice as large', async () => {
    await page.evaluate(() => (document.documentElement.style.fontSize = '200%'));
    expect(await overflow(page)).toBe(0);
    await page.evaluate(() => (document.documentElement.style.fontSize = ''));
  });
});

it.each(['', 'patterns/combobox/', 'recipes/trades-field/', 'guides/focus/', 'styling/theme/'])(
  '/%s loads at most 60 kB of script and style on a first visit',
  async (path) => {
    const { page } = await open('about:blank');
    const sizes: Promise<number>[] = [];
    const measure = (response: Response): void => {
      if (/\.(js|css)$/.test(response.url()))
        sizes.push(response.body().then((body) => gzipSync(body).length));
    };
    page.on('response', measure);
    await page.goto(desk(path), { waitUntil: 'networkidle' });
    page.off('response', measure);
    expect((await Promise.all(sizes)).reduce((sum, size) => sum + size, 0)).toBeLessThanOrEqual(60_000);
  },
);

it('finds by `/`, from the first letter on, and goes there by Enter', async () => {
  const { page } = await open(desk('guides/motion/'));
  await page.keyboard.press('/');
  await page.keyboard.type('long press');
  await page.getByRole('option').first().waitFor();
  await page.getByRole('combobox', { name: 'What are you looking for?' }).fill('unsaved changes');
  await page
    .getByRole('option', { name: /unsaved changes/ })
    .first()
    .waitFor();
  await page.keyboard.press('Enter');
  await page.waitForURL(/recipes\/edit-order\//);
});

it('says so where nothing is found, and Escape leaves the search', async () => {
  const { page } = await open(desk(''));
  await page.getByRole('button', { name: /Search/ }).press('Enter');
  await page.keyboard.type('xylophone');
  await page.getByText('Nothing has these words').waitFor();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('dialog').waitFor({ state: 'hidden' });
});

it('has its contents in a drawer on a phone', async () => {
  const { page } = await open(desk('patterns/tabs/'), { viewport: { width: 375, height: 700 } });
  await page.getByRole('button', { name: 'Contents' }).press('Enter');
  const drawer = page.getByRole('dialog', { name: 'Contents' });
  await drawer.getByRole('link', { name: 'Tabs' }).waitFor();
  await drawer.getByText('Guides', { exact: true }).press('Enter');
  await drawer.getByRole('link', { name: 'Animation' }).click();
  await page.waitForURL(/guides\/motion\//);
});

it('lists what is on the page beside it, or behind a button where there is no room', async () => {
  const { page } = await open(desk('patterns/tabs/'));
  await page.locator('nav.here').getByRole('link', { name: 'Keys' }).click();
  await page.waitForURL(/#keys$/);
  await page.setViewportSize({ width: 1000, height: 800 });
  await page.getByRole('button', { name: 'On this page' }).press('Enter');
  const here = page.getByRole('navigation', { name: 'On this page' });
  await here.getByRole('link', { name: 'Guarantees' }).press('Enter');
  await page.waitForURL(/#guarantees$/);
  await page.setViewportSize({ width: 1280, height: 800 });
});

it('keeps the setting from page to page, and copies code', async () => {
  const { page } = await open(desk('patterns/dialog/'));
  await page.getByRole('tab', { name: 'Vue' }).click();
  await page.goto(desk('recipes/confirmation/'));
  await page.getByRole('tab', { name: 'Vue', selected: true }).waitFor();
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.getByRole('button', { name: 'Copy' }).first().press('Enter');
  await page.getByText('Copied.').waitFor();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('ConfirmDialog');
  await page.evaluate(() => localStorage.clear());
});

it('lights up the keys that are pressed in the example', async () => {
  const { page } = await open(desk('patterns/tabs/'));
  await page.getByRole('tab', { name: 'Overview' }).press('ArrowRight');
  await page.locator('[data-press=ArrowRight][data-lit]').waitFor();
  await page.keyboard.press('Home');
  await page.locator('[data-press=Home][data-lit]').waitFor();
  expect(await page.locator('[data-press=ArrowRight][data-lit]').count()).toBe(0);
});

describe('the theme editor', () => {
  const theme = () => open(desk('styling/theme/'));

  it('follows its sliders, computes the contrast, and prints what to copy', async () => {
    const { page } = await theme();
    const hue = page.getByRole('slider', { name: 'Hue', exact: true });
    await page.locator('[data-contrast] tr').first().waitFor();
    await hue.fill('300');
    await page.getByText('--shell-hue: 300;').waitFor();
    const ground = (selector: string) =>
      page.evaluate((wanted) => getComputedStyle(document.querySelector(wanted)!).backgroundColor, selector);
    expect(await ground('.piece [data-button=primary]')).toBe('oklch(0.43 0.075 300)');
    expect(await page.locator('[data-contrast] [data-low]').count()).toBe(0);
    await page.getByText('All other custom properties').press('Enter');
    await page.getByLabel('--shell-color-accent', { exact: true }).fill('#cccccc');
    await page.locator('[data-contrast] [data-low]').first().waitFor();
    await page.getByRole('button', { name: 'Reset' }).press('Enter');
    await page.getByText('--shell-hue: 300;').waitFor({ state: 'detached' });
    expect(await hue.inputValue()).toBe('220');
  });

  it('is shared by its address', async () => {
    const { page } = await theme();
    await page.getByRole('slider', { name: 'Corners' }).fill('0.75');
    await page.waitForURL(/#radius=0\.75rem$/);
    await page.reload();
    await page.getByText('--shell-radius: 0.75rem;').waitFor();
    expect(await page.getByRole('slider', { name: 'Corners' }).inputValue()).toBe('0.75');
  });
});

describe('a live example', () => {
  it('is switched to dark, right to left, and the width of a phone', async () => {
    const { page } = await open(desk('patterns/tabs/'));
    const example = page.locator('.example');
    for (const name of ['Dark', 'Right to left', 'Phone width'])
      await page.getByRole('button', { name, exact: true }).press('Enter');
    const look = () =>
      example.evaluate((each) => [
        getComputedStyle(each).colorScheme,
        getComputedStyle(each).direction,
        each.getBoundingClientRect().width,
      ]);
    expect(await look()).toEqual(['dark', 'rtl', 375]);
    await example.getByRole('tab', { name: 'Overview' }).press('ArrowLeft');
    await example.getByRole('tab', { name: 'Work', selected: true }).waitFor();
    await page.getByRole('button', { name: 'Right to left', pressed: true }).press('Enter');
    expect((await look())[1]).toBe('ltr');
  });

  it('is edited as text, in a frame that has an origin of its own', async () => {
    const { page } = await open(desk('patterns/disclosure/'));
    await page.getByRole('button', { name: 'Edit' }).press('Enter');
    const text = page.getByRole('textbox', { name: /^HTML/ });
    const frame = page.frameLocator('iframe[title=Result]');
    await frame.getByRole('button').first().press('Enter');
    await frame.locator('[aria-expanded=true]').first().waitFor();
    await text.fill((await text.inputValue()).replace('</button>', ' today</button>'));
    await frame.getByRole('button', { name: /today$/ }).press('Enter');
    await frame.locator('[aria-expanded=true]').first().waitFor();
    expect(await frame.locator('body').evaluate(() => origin)).toBe('null');
    // What the script misses is said where it is missed.
    await text.fill('<p>Nothing</p>');
    await frame.getByRole('alert').waitFor();
    await page.getByRole('button', { name: 'Edit' }).press('Enter');
    await page.locator('.example').getByRole('button').first().waitFor();
  });
});

it('remembers the dark look', async () => {
  const { page } = await open(desk(''));
  await page.getByRole('switch', { name: 'Dark' }).press('Space');
  await page.goto(desk('guides/focus/'));
  await page.getByRole('switch', { name: 'Dark', checked: true }).waitFor();
  expect(await page.evaluate(() => document.documentElement.style.colorScheme)).toBe('dark');
  await page.evaluate(() => localStorage.clear());
});

it('can be read without a script, all code shown', async () => {
  const { page } = await open(desk('patterns/dialog/'), { javaScriptEnabled: false });
  await page.getByRole('heading', { name: 'Dialog', level: 1 }).waitFor();
  for (const words of ['elastic-shell/react', 'elastic-shell/vue', 'elastic-shell-angular'])
    await page.locator('.codes').getByText(words).first().waitFor();
  await page.getByRole('navigation', { name: 'Contents' }).getByText('Guides').waitFor();
});
