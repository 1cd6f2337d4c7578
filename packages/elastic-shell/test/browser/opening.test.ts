// Ways in and out of layers beyond the plain press: hover, focus, modal popovers, stepping aside, frames, native widgets.
import type { Page } from 'playwright-core';
import { changes, desk, focused, itIn, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const shown = (id: string) => `#${id}:popover-open`;
const gone = (page: Page, id: string) =>
  page.waitForFunction((name) => !document.getElementById(name)!.matches(':popover-open'), id);

describe('a popover opened by hover', () => {
  const opener = '[commandfor=hover-popover]';

  it('opens when the pointer rests, lets it cross over, and closes when it has left both', async () => {
    const { page } = await gallery();
    await page.hover(opener);
    await page.waitForSelector(shown('hover-popover'));
    await page.hover('#hover-popover a');
    expect(await page.getAttribute(opener, 'aria-expanded')).toBe('true');
    await page.hover('#popover-heading');
    await gone(page, 'hover-popover');
  });

  it('stays when its opener is pressed, and the next press closes it', async () => {
    const { page } = await gallery();
    await page.hover(opener);
    await page.waitForSelector(shown('hover-popover'));
    await page.click(opener);
    await page.hover('#popover-heading');
    await page.focus('#hover-popover a');
    expect(await page.isVisible(shown('hover-popover'))).toBe(true);
    await page.click(opener);
    await gone(page, 'hover-popover');
  });

  it('opens by keyboard focus, and closes when that goes on', async () => {
    const { page } = await gallery();
    await page.focus('[commandfor=fit-popover]');
    await page.keyboard.press('Tab');
    await page.waitForSelector(shown('hover-popover'));
    await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('A link to reach');
    await page.keyboard.press('Tab');
    await gone(page, 'hover-popover');
    expect(await focused(page)).toBe('Modal');
  });

  it('opens by a tap, where nothing hovers', async () => {
    const { page } = await gallery({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
    await page.tap(opener);
    await page.waitForSelector(shown('hover-popover'));
  });
});

describe('a modal popover', () => {
  it('stands beside its opener, holds focus, and closes by a press on its backdrop', async () => {
    const { page } = await gallery();
    const opener = '[commandfor=modal-popover][command="--open"]';
    await page.click(opener);
    await page.waitForSelector('#modal-popover:modal');
    expect(await focused(page)).toBe('Understood');
    for (let turn = 0; turn < 2; turn++) await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('Understood');
    const gap = await page.evaluate((selector) => {
      const { bottom } = document.querySelector(selector)!.getBoundingClientRect();
      return document.getElementById('modal-popover')!.getBoundingClientRect().top - bottom;
    }, opener);
    expect(Math.round(gap)).toBe(8);
    await page.mouse.click(5, 5);
    await page.waitForSelector('#modal-popover', { state: 'hidden' });
    expect(await focused(page)).toBe('Modal');
  });

  it('needs a <dialog>', async () => {
    const { page } = await openBare(open, '<div id="p"></div>');
    const said = await page.evaluate(() => {
      try {
        shell.wire('popover', 'p', { modal: true });
      } catch (error) {
        return (error as Error).message;
      }
    });
    expect(said).toMatch(/a modal popover needs a <dialog>, got <div id="p">/);
  });
});

describe('a dialog opened from a popover', () => {
  it('takes its place when that is told to close behind it, and gives focus to the popover’s own opener', async () => {
    const { page } = await gallery();
    await page.focus('[commandfor=behind-popover]');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('Tide times…');
    await page.keyboard.press('Enter');
    await page.waitForSelector('#plain-dialog:modal');
    await gone(page, 'behind-popover');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#plain-dialog', { state: 'hidden' });
    expect(await focused(page)).toBe('Closes behind a dialog');
  });

  it('leaves it open by default, and returns into it', async () => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="p" command="--toggle">O</button><div id="p" popover="manual"><button id="in" commandfor="d" command="show-modal">D</button></div><dialog id="d"><h2>T</h2></dialog>',
    );
    await page.evaluate(() => {
      shell.wire('popover', 'p');
      shell.wire('dialog', 'd');
    });
    await page.click('#o');
    await page.click('#in');
    await page.keyboard.press('Escape');
    expect(await focused(page)).toBe('in');
    expect(await page.isVisible(shown('p'))).toBe(true);
  });
});

describe('what the page holds', () => {
  const markup = `<button id="o" commandfor="p" command="--toggle">O</button><iframe id="f" title="Frame" srcdoc="<button>In the frame</button>" style="position:fixed;left:300px;top:200px"></iframe>
    <div id="p" popover="manual"><select id="s"><option>1</option></select><input id="q" type="search"></div>`;
  const start = async (): Promise<Page> => {
    const { page } = await openBare(open, markup);
    await page.evaluate(() => void shell.wire('popover', 'p'));
    await page.waitForFunction(
      () => !!document.querySelector('iframe')!.contentDocument?.querySelector('button'),
    );
    await page.click('#o');
    await page.waitForSelector(shown('p'));
    return page;
  };

  it('a press into a frame is a click outside', async () => {
    const page = await start();
    await page.mouse.click(330, 220);
    await gone(page, 'p');
    expect((await changes(page)).at(-1)).toBe('p open false outside null');
  });

  it('Escape on a closed select in a popover closes that', async () => {
    const page = await start();
    await page.focus('#s');
    await page.keyboard.press('Escape');
    await gone(page, 'p');
    expect(await focused(page)).toBe('o');
  });

  it('Escape empties a search field in a popover first', async () => {
    const page = await start();
    await page.fill('#q', 'abc');
    await page.keyboard.press('Escape');
    expect([await page.inputValue('#q'), await page.isVisible(shown('p'))]).toEqual(['', true]);
    await page.keyboard.press('Escape');
    await gone(page, 'p');
  });

  it('an opener with aria-disabled keeps its focus, opens nothing, and a tooltip says why', async () => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="p" command="--toggle" aria-disabled="true" aria-describedby="t">O</button><div id="t" popover="manual">Not before noon</div><div id="p" popover="manual">P</div>',
    );
    await page.evaluate(() => {
      shell.wire('popover', 'p');
      shell.wire('tooltip', 't');
    });
    await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('o');
    await page.waitForSelector(shown('t'));
    await page.keyboard.press('Enter');
    expect(await page.isVisible('#p')).toBe(false);
  });

  it('the journal tells of a layer that opens over a modal it stands outside of', async () => {
    const { page } = await openBare(
      open,
      '<dialog id="d"><h2>T</h2><button id="b">B</button></dialog><div id="p" popover="manual">P</div>',
    );
    const told = await page.evaluate(() => {
      const dialog = shell.wire('dialog', 'd') as unknown as { show(): void };
      const popover = shell.wire('popover', 'p', { anchor: { x: 9, y: 9 } }) as unknown as {
        open: { set(value: boolean): void };
      };
      dialog.show();
      popover.open.set(true);
      return shell.journal.entries.find(({ code }) => code === 'layer-inert')?.sentence;
    });
    expect(told).toMatch(/<div id="p"> has opened outside <dialog id="d">, which is modal/);
  });
});

describe('how a popover stands', () => {
  it('as wide as its anchor, with an arrow that points at it', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=fit-popover]');
    const widths = await page.evaluate(() =>
      ['#fit-popover', '[commandfor=fit-popover]'].map((part) =>
        Math.round(document.querySelector(part)!.getBoundingClientRect().width),
      ),
    );
    expect(widths[0]).toBe(widths[1]);
    await page.click('[commandfor=arrow-popover]');
    const apart = await page.evaluate(() => {
      const middle = (part: string): number => {
        const { left, width } = document.querySelector(part)!.getBoundingClientRect();
        return left + width / 2;
      };
      return middle('[data-arrow]') - middle('[commandfor=arrow-popover]');
    });
    expect(Math.abs(apart)).toBeLessThan(1.5);
  });

  // The window of WebKitGTK’s browser is at least 447 px wide.
  itIn('chromium', 'firefox').each(['ltr', 'rtl'])(
    'within a screen of 320 px and beside its anchor at 200 %% text, %s',
    async (dir) => {
      const { page } = await gallery({ viewport: { width: 320, height: 640 } });
      await page.evaluate((direction) => {
        document.documentElement.dir = direction;
        document.documentElement.style.fontSize = '200%';
      }, dir);
      for (const name of ['plain', 'start', 'above', 'end', 'arrow', 'fit']) {
        const opener = page.locator(`[commandfor=${name}-popover]`);
        await opener.evaluate((element) => element.scrollIntoView({ block: 'center' }));
        await opener.focus();
        await page.keyboard.press('Enter');
        await page.waitForSelector(shown(`${name}-popover`));
        const { left, right, top, bottom } = await page.evaluate(
          (id) => document.getElementById(id)!.getBoundingClientRect().toJSON(),
          `${name}-popover`,
        );
        expect([name, left >= 0, right <= 320, top >= 0, bottom <= 640]).toEqual([
          name,
          true,
          true,
          true,
          true,
        ]);
        await page.keyboard.press('Escape');
        await gone(page, `${name}-popover`);
      }
    },
  );
});

describe('sizes of a dialog', () => {
  const box = (page: Page, id: string) =>
    page.evaluate((name) => {
      const { left, top, width, height } = document.getElementById(name)!.getBoundingClientRect();
      return [left, top, width, height].map(Math.round);
    }, id);

  it('full is the whole screen, with its footer at the bottom; wide keeps its offset', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=full-dialog]');
    const [left, top, , height] = await box(page, 'full-dialog');
    expect([left, top, height]).toEqual([0, 0, 800]);
    const footer = await page.locator('#full-dialog footer').boundingBox();
    expect(Math.round(footer!.y + footer!.height)).toBeGreaterThan(795);
    await page.keyboard.press('Escape');
    await page.click('[commandfor=wide-dialog]');
    expect((await box(page, 'wide-dialog'))[1]).toBe(60);
  });

  it('fills a phone when asked, and only a phone', async () => {
    const narrow = await gallery({ viewport: { width: 375, height: 640 } });
    await narrow.page.click('[commandfor=phone-dialog]');
    expect((await box(narrow.page, 'phone-dialog'))[3]).toBe(640);
    const wide = await gallery();
    await wide.page.click('[commandfor=phone-dialog]');
    expect((await box(wide.page, 'phone-dialog'))[3]).toBeLessThan(400);
  });

  it('leaves out the backdrop', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=clear-dialog]');
    const shade = await page.evaluate(
      () => getComputedStyle(document.getElementById('clear-dialog')!, '::backdrop').backgroundColor,
    );
    expect(shade).toBe('rgba(0, 0, 0, 0)');
  });
});
