// Pictures as tests: every pattern in each state that has a look of its own, and sheets of all patterns in dark, forced colours, right to
// left, on a phone and with text twice as large. They are compared with the pictures that are kept in `looks/`; what differs is shown side by
// side in `looks/built/<browser>.html`. `npm run test:looks -- --write` keeps the pictures of this run.
//
// A picture depends on the browser's version and on the machine's fonts: with another version than the kept pictures name, the tests say so and
// compare nothing. Text is set in a font that ships in a package.
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { BrowserContextOptions, Page } from 'playwright-core';
import compare from 'pixelmatch';
import { PNG } from 'pngjs';
import { browserName, desk, useBrowser } from '../browser/support/browser';
import { looks } from './support/looks';

const { open, version } = useBrowser();
const isWriting = !!process.env['LOOKS_WRITE'];
const kept = join(__dirname, 'looks', browserName);
const built = join(__dirname, 'looks/built', browserName);
const font = join(
  require.resolve('@fontsource-variable/commissioner/package.json'),
  '../files/commissioner-latin-wght-normal.woff2',
);

/** How many of a million points may differ: edges of letters fall otherwise now and then. */
const tolerated = 300;

const versionFile = join(kept, 'version.txt');
const keptVersion = existsSync(versionFile) ? readFileSync(versionFile, 'utf8').trim() : '';
const isComparable = (): boolean => isWriting || version() === keptVersion;

const differing: string[] = [];

beforeAll(() => {
  rmSync(built, { recursive: true, force: true });
  for (const folder of [built, ...(isWriting ? [kept] : [])]) mkdirSync(folder, { recursive: true });
  if (isWriting) writeFileSync(versionFile, `${version()}\n`);
  else if (!isComparable())
    console.log(
      `The kept pictures are of ${keptVersion || 'no browser'}, and this is ${version()}: nothing is compared.`,
    );
});

afterAll(() => {
  if (!differing.length) return;
  const rows = differing.map(
    (name) =>
      `<h2>${name}</h2><p><img src="../../${browserName}/${name}.png" alt="kept"> <img src="${browserName}/${name}.png" alt="now"> <img src="${browserName}/${name}-difference.png" alt="difference"></p>`,
  );
  writeFileSync(
    join(built, `../${browserName}.html`),
    `<!doctype html><meta charset="utf-8"><title>Pictures that differ, ${browserName}</title><style>img { max-inline-size: 32%; vertical-align: top; outline: 1px solid #888 }</style><h1>Kept, now, difference</h1>${rows.join('\n')}`,
  );
});

/** Sets all text in the font of the pictures, and hides what moves by itself. */
async function dress(page: Page): Promise<void> {
  // As bytes: the page's policy lets it load no font.
  await page.evaluate(async (base64) => {
    const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
    document.fonts.add(await new FontFace('Looks', bytes, { weight: '100 900' }).load());
    const sheet = new CSSStyleSheet();
    sheet.replaceSync('* { font-family: Looks !important; caret-color: transparent !important }');
    document.adoptedStyleSheets = [sheet];
    await document.fonts.ready;
  }, readFileSync(font).toString('base64'));
}

/** Compares a picture with the kept one, or keeps it. Returns how many of a million points differ. */
function differenceOf(name: string, picture: Buffer): number {
  const file = join(kept, `${name}.png`);
  if (isWriting) {
    writeFileSync(file, picture);
    return 0;
  }
  const [before, now] = [PNG.sync.read(readFileSync(file)), PNG.sync.read(picture)];
  const { width, height } = before;
  const isSame = now.width === width && now.height === height;
  const difference = new PNG({ width, height });
  const count = isSame
    ? compare(before.data, now.data, difference.data, width, height, { threshold: 0.1 })
    : width * height;
  const share = Math.round((count / (width * height)) * 1_000_000);
  if (share > tolerated) {
    differing.push(name);
    writeFileSync(join(built, `${name}.png`), picture);
    writeFileSync(join(built, `${name}-difference.png`), PNG.sync.write(difference));
  }
  return share;
}

const inChromium = browserName === 'chromium' ? describe : describe.skip;

inChromium('a pattern', () => {
  it.each(looks.map((look) => [look.name, look] as const))('%s', async (name, { shows, acts }) => {
    if (!isComparable()) return;
    const { page } = await open(desk('gallery.html'), {
      viewport: { width: 800, height: 600 },
      bypassCSP: true,
    });
    await dress(page);
    await page.mouse.move(0, 0);
    for (const act of acts) await act(page);
    const { x, y, width, height } = await page.evaluate((selectors) => {
      const room = 10;
      const found = selectors.flatMap((selector) => [...document.querySelectorAll(selector)]);
      const outside = found.find((each) => {
        const { top, bottom } = each.getBoundingClientRect();
        return top < 0 || bottom > innerHeight;
      });
      if (outside && outside !== document.documentElement) outside.scrollIntoView({ block: 'center' });
      if (selectors.includes('html')) return { x: 0, y: 0, width: innerWidth, height: innerHeight };
      const boxes = found
        .map((each) => each.getBoundingClientRect())
        .filter((box) => box.width && box.height);
      const left = Math.max(0, Math.floor(Math.min(...boxes.map((box) => box.left)) - room));
      const top = Math.max(0, Math.floor(Math.min(...boxes.map((box) => box.top)) - room));
      return {
        x: left,
        y: top,
        width: Math.min(innerWidth, Math.ceil(Math.max(...boxes.map((box) => box.right)) + room)) - left,
        height: Math.min(innerHeight, Math.ceil(Math.max(...boxes.map((box) => box.bottom)) + room)) - top,
      };
    }, shows);
    const picture = await page.screenshot({ clip: { x, y, width, height }, animations: 'disabled' });
    await page.mouse.up();
    expect(differenceOf(name, picture)).toBeLessThanOrEqual(tolerated);
  });
});

/** WebKit's picture is one of the display: without the window's bar, which shows the port, and without its scrollbar. */
function cropped(picture: Buffer): Buffer {
  if (browserName !== 'webkit') return picture;
  const whole = PNG.sync.read(picture);
  const page = new PNG({ width: 1240, height: 900 });
  PNG.bitblt(whole, page, 0, 48, page.width, page.height);
  return PNG.sync.write(page);
}

/** A picture of the window, once it is drawn: three that are the same, one after the other. */
async function atRest(page: Page): Promise<Buffer> {
  const seen: Buffer[] = [];
  for (;;) {
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
    );
    const now = cropped(await page.screenshot());
    seen.push(now);
    if (seen.length > 3 && seen.slice(-3).every((each) => each.equals(now))) return now;
  }
}

/** The sheets, and the browsers whose driver can show them. */
const sheets: [name: string, options: BrowserContextOptions, change: string][] = [
  ['light', {}, ''],
  ['dark', {}, 'dark'],
  ...(browserName === 'webkit'
    ? []
    : [['forced-colours', { forcedColors: 'active' }, ''] as [string, BrowserContextOptions, string]]),
  ['right-to-left', {}, 'dir'],
  ['twice-as-large', {}, '200%'],
  ...(browserName === 'chromium'
    ? [
        ['phone', { viewport: { width: 375, height: 800 }, hasTouch: true, isMobile: true }, ''] as [
          string,
          BrowserContextOptions,
          string,
        ],
      ]
    : []),
];

describe('a sheet of all patterns', () => {
  it.each(sheets)('%s', async (name, options, change) => {
    if (!isComparable()) return;
    const { page } = await open(desk('styling/theme/'), {
      viewport: { width: 1280, height: 1000 },
      ...options,
    });
    await page.waitForSelector('[data-contrast] tr');
    await dress(page);
    await page.evaluate((wanted) => {
      const root = document.documentElement;
      if (wanted === 'dir') root.dir = 'rtl';
      else if (wanted === 'dark') root.style.colorScheme = 'dark';
      else if (wanted) root.style.fontSize = wanted;
      // The patterns alone.
      for (const each of document.querySelectorAll('.bar,.sub-bar,.contents,.theme-choices,.foot,h1,.lead'))
        each.remove();
      document.querySelector<HTMLElement>('.columns')!.style.display = 'block';
    }, change);
    const picture =
      browserName === 'chromium'
        ? await page.screenshot({ fullPage: true, animations: 'disabled' })
        : await atRest(page);
    await page.evaluate(() => (document.documentElement.style.fontSize = ''));
    expect(differenceOf(`sheet-${name}`, picture)).toBeLessThanOrEqual(tolerated);
  });
});
