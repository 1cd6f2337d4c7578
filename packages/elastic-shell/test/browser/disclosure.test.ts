// The disclosure in Chromium: every row of its contract by real keys and pointer.
import { disclosureNotes } from '../../src/core/contract/disclosure-notes';
import { bare, changes, desk, focused, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = () => open(desk('gallery.html'));

const shown = '#plain-panel:not([hidden])';
const hidden = '#plain-panel[hidden="until-found"]';
const opener = '[commandfor=plain-panel]';

describe('the plain disclosure', () => {
  it.each(disclosureNotes.keys.map(({ key, does }) => [key, does] as const))('%s: %s', async (key) => {
    const { page } = await gallery();
    await page.focus(opener);
    await page.keyboard.press(key);
    await page.waitForSelector(shown);
    expect(await page.getAttribute(opener, 'aria-expanded')).toBe('true');
    await page.keyboard.press(key);
    await page.waitForSelector(hidden, { state: 'attached' });
    expect(await page.getAttribute(opener, 'aria-expanded')).toBe('false');
  });

  it('opens by mouse and by touch', async () => {
    for (const options of [{}, { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } }]) {
      const { page } = await open(desk('gallery.html'), options);
      if ('hasTouch' in options) await page.tap(opener);
      else await page.click(opener);
      await page.waitForSelector(shown);
    }
  });

  it('keeps what is closed out of the tab order, and takes no room for it', async () => {
    const { page } = await gallery();
    await page.focus('[aria-controls=words-panel]');
    await page.keyboard.press('Tab');
    expect(await page.evaluate(() => document.activeElement!.localName)).toBe('summary');
    expect(await page.evaluate(() => document.getElementById('words-panel')!.offsetHeight)).toBe(0);
  });

  it('has words that tell the truth and keep their place', async () => {
    const { page } = await gallery();
    const button = page.locator('[aria-controls=words-panel]');
    const nameAndWidth = async () => [await button.innerText(), (await button.boundingBox())!.width] as const;
    const [closed, width] = await nameAndWidth();
    await button.click();
    await page.waitForSelector('#words-panel:not([hidden])');
    const [opened, sameWidth] = await nameAndWidth();
    expect([closed.trim(), opened.trim()]).toEqual(['Show more', 'Show less']);
    expect(sameWidth).toBe(width);
  });

  it('grows the panel around it', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=outer-panel]');
    const height = () => page.evaluate(() => document.getElementById('outer-panel')!.offsetHeight);
    const before = await height();
    await page.click('[commandfor=inner-panel]');
    await page.waitForSelector('#inner-panel:not([hidden])');
    expect(await height()).toBeGreaterThan(before);
    expect(await page.evaluate(() => document.getElementById('outer-panel')!.hasAttribute('style'))).toBe(
      false,
    );
  });

  it('runs a details by key and press', async () => {
    const { page } = await gallery();
    await page.focus('#plain-details summary');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#plain-details[open]');
    await page.keyboard.press('Space');
    await page.waitForSelector('#plain-details:not([open])');
    await page.click('#plain-details summary');
    await page.waitForSelector('#plain-details[open]');
  });

  it('keeps two in step by one cell', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=twin-a]');
    await page.waitForSelector('#twin-b:not([hidden])');
    await page.click('[commandfor=twin-b]');
    await page.waitForSelector('#twin-a[hidden]', { state: 'attached' });
  });

  it('is wired by its element too', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=element-panel]');
    await page.waitForSelector('#element-panel:not([hidden])');
    expect(
      await page.evaluate(
        () => (document.querySelector('shell-disclosure') as HTMLElement & { open: boolean }).open,
      ),
    ).toBe(true);
  });
});

describe('what the browser finds', () => {
  it('opens on a link to what is inside, with the reason "found"', async () => {
    const { page } = await openBare(
      open,
      '<button commandfor="p" command="--toggle">More</button><div id="p" hidden><p id="deep">Deep</p></div>',
    );
    await page.evaluate(() => {
      shell.wire('disclosure', 'p');
      location.hash = 'deep';
    });
    await page.waitForFunction(() => shell.log.length > 0);
    expect(await changes(page)).toEqual(['p open true found']);
    expect(await page.getAttribute('button', 'aria-expanded')).toBe('true');
  });
});

describe('many of them', () => {
  it('share their listeners, and leave none behind', async () => {
    const { page } = await open(bare());
    await page.waitForFunction(() => 'shell' in globalThis);
    const counts = await page.evaluate(() => {
      let listeners = 0;
      const { addEventListener } = EventTarget.prototype;
      EventTarget.prototype.addEventListener = function (type, listener, options) {
        listeners++;
        (options as AddEventListenerOptions | undefined)?.signal?.addEventListener(
          'abort',
          () => (listeners -= 1),
          { once: true },
        );
        if (this instanceof AbortSignal) listeners--;
        return addEventListener.call(this, type, listener, options);
      };
      document.body.innerHTML = Array.from(
        { length: 1000 },
        (_, at) =>
          `<button commandfor="p${at}" command="--toggle">${at}</button><div id="p${at}" hidden>Text</div>`,
      ).join('');
      const before = document.body.innerHTML;
      const wired = [...document.querySelectorAll('div')].map((panel) => shell.wireDisclosure(panel));
      const during = listeners;
      wired.forEach((each) => each.unwire());
      EventTarget.prototype.addEventListener = addEventListener;
      return { during, after: listeners, same: document.body.innerHTML === before };
    });
    expect(counts.during).toBeLessThan(10);
    expect(counts).toMatchObject({ after: 0, same: true });
  });
});

it('the keyboard alone opens every disclosure of the gallery', async () => {
  const { page } = await gallery();
  await page.focus(opener);
  while (await page.evaluate(() => !!document.activeElement!.closest('#disclosure'))) {
    if (await page.evaluate(() => document.activeElement!.matches('button, summary')))
      await page.keyboard.press('Enter');
    if ((await focused(page)) === 'Right gauge') await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
  }
  expect(
    await page.evaluate(
      () => document.querySelectorAll('#disclosure [hidden], #disclosure details:not([open])').length,
    ),
  ).toBe(0);
});
