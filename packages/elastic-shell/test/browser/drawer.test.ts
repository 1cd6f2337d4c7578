// The drawer in Chromium: at its edge, modal or beside the live page, bound to a breakpoint.
import { browserName, changes, desk, focused, itIn, openBare, swipe, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const hidden = { state: 'hidden' as const };

/** Which edges of the screen the layer touches; a locked page keeps the room of its scrollbar free. */
const edges = (id: string) => {
  const { left, top, right, bottom } = document.getElementById(id)!.getBoundingClientRect();
  const { clientWidth, clientHeight } = document.documentElement;
  return [
    left <= 0 && 'left',
    top <= 0 && 'top',
    right >= clientWidth - 0.5 && 'right',
    bottom >= clientHeight - 0.5 && 'bottom',
  ]
    .filter(Boolean)
    .join(' ');
};

describe('a modal drawer', () => {
  it.each(['Enter', 'Space'])(
    'opens by %s, keeps Tab within, and closes by Escape with focus given back',
    async (key) => {
      const { page } = await gallery();
      await page.focus('[commandfor=plain-drawer][command=show-modal]');
      await page.keyboard.press(key);
      await page.waitForSelector('#plain-drawer:modal');
      expect(await focused(page)).toBe('Dialog');
      for (let turn = 0; turn < 3; turn++) await page.keyboard.press('Tab');
      expect(await focused(page)).toBe('Dialog');
      await page.keyboard.press('Escape');
      await page.waitForSelector('#plain-drawer', hidden);
      expect(await focused(page)).toBe('Open a drawer');
    },
  );

  it('closes by a press on the backdrop', async () => {
    const { page } = await gallery();
    await page.click('[commandfor=plain-drawer][command=show-modal]');
    await page.mouse.click(900, 400);
    await page.waitForSelector('#plain-drawer', hidden);
  });

  it.each([
    ['plain-drawer', 'ltr', 'left top bottom'],
    ['plain-drawer', 'rtl', 'top right bottom'],
    ['end-drawer', 'ltr', 'top right bottom'],
    ['end-drawer', 'rtl', 'left top bottom'],
    ['top-drawer', 'ltr', 'left top right'],
    ['bottom-drawer', 'ltr', 'left right bottom'],
  ])('%s stands at its edge in %s: %s', async (id, direction, expected) => {
    const { page } = await gallery({ viewport: { width: 375, height: 640 } });
    if (direction === 'rtl') await page.click('#direction');
    await page.click(`[commandfor=${id}]`);
    await page.waitForSelector(`#${id}[data-phase=open]`);
    expect(await page.evaluate(edges, id)).toBe(expected);
  });
});

describe('a drawer beside the live page', () => {
  it('takes focus, leaves the page live, stays on a click outside, and closes by Escape and by its opener', async () => {
    const { page } = await gallery();
    const opener = '[commandfor=live-drawer][command="--toggle"]';
    await page.click(opener);
    await page.waitForSelector('#live-drawer:popover-open');
    expect(await focused(page)).toBe('Close the side drawer');
    expect(await page.locator('#live-drawer').ariaSnapshot()).toContain('dialog "Beside the page"');
    await page.click('[commandfor=plain-panel]');
    await page.waitForSelector('#plain-panel:not([hidden])');
    expect(await page.locator('#live-drawer:popover-open').count()).toBe(1);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#live-drawer', hidden);
    expect(await focused(page)).toBe('Where the ladder is');
    await page.click(opener);
    await page.click(opener);
    await page.waitForSelector('#live-drawer', hidden);
  });
});

describe('bound to a breakpoint', () => {
  it.each([true, false])(
    'closes by itself past it, and focus goes somewhere sensible; modal: %s',
    async (modal) => {
      const { page } = await openBare(
        open,
        '<style>@media (min-width: 48rem) { #o { display: none } }</style><button id="o" commandfor="d" command="--open">Menu</button><a id="next" href="#x">Next</a><dialog id="d"><h2>Menu</h2><button id="in">In</button></dialog>',
        { viewport: { width: 400, height: 600 } },
      );
      await page.setViewportSize({ width: 400, height: 600 });
      await page.evaluate(
        (isModal) => void shell.wire('drawer', 'd', { modal: isModal, closedWhen: '(min-width: 48rem)' }),
        modal,
      );
      await page.click('#o');
      await page.waitForFunction(() => document.activeElement!.id === 'in');
      await page.setViewportSize({ width: 1000, height: 600 });
      await page.waitForFunction(() => shell.log.length === 2);
      expect(await changes(page)).toEqual(['d open true command ', 'd open false viewport null']);
      expect(await focused(page)).toBe('next');
      expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
    },
  );
});

it('answers who asked, modal or not, and leaves the markup as it was', async () => {
  const { page } = await openBare(
    open,
    '<dialog id="d"><h2>T</h2><button commandfor="d" command="--close" value="yes">Yes</button></dialog>',
  );
  const seen = await page.evaluate(async () => {
    const before = document.body.innerHTML;
    const results: unknown[] = [];
    for (const modal of [true, false]) {
      const drawer = shell.wireDrawer(document.getElementById('d')!, { modal, edge: 'block-end' });
      const answer = drawer.ask();
      document.querySelector('button')!.click();
      results.push(await answer);
      drawer.show();
      drawer.unwire();
      results.push(document.body.innerHTML === before);
    }
    return results;
  });
  expect(seen).toEqual(['yes', true, 'yes', true]);
});

it('refuses an edge that there is not', async () => {
  const { page } = await openBare(open, '<dialog id="d"><h2>T</h2></dialog>');
  const message = await page.evaluate(() => {
    try {
      shell.wireDrawer(document.getElementById('d')!, { edge: 'left' as never });
      return '';
    } catch (error) {
      return (error as Error).message;
    }
  });
  expect(message).toBe(
    'elastic-shell: drawer option edge must be inline-start or inline-end or block-start or block-end, got left (on <dialog id="d">)',
  );
});

describe('a swipe on a touch screen', () => {
  const touch = { hasTouch: true, isMobile: true, viewport: { width: 375, height: 640 } };

  const opened = async (id: string, direction = 'ltr') => {
    const { page } = await gallery(touch);
    if (direction === 'rtl') await page.tap('#direction');
    await page.tap(`[commandfor=${id}]`);
    await page.waitForSelector(`#${id}[data-phase=open]`);
    return page;
  };

  const towardEdge = [
    ['plain-drawer', 'ltr', [250, 400], [40, 410]],
    ['plain-drawer', 'rtl', [120, 400], [340, 410]],
    ['end-drawer', 'ltr', [120, 400], [340, 410]],
    ['top-drawer', 'ltr', [200, 20], [205, 0]],
  ] as const;
  // The last one ends outside the window, where WebDriver sends no finger; WebKitGTK has no touch here.
  itIn('chromium', 'firefox').each(towardEdge.slice(0, browserName === 'chromium' ? 4 : 3))(
    'toward its edge closes %s in %s',
    async (id, direction, from, to) => {
      const page = await opened(id, direction);
      const box = (await page.locator(`#${id}`).boundingBox())!;
      // At a block edge the header is the handle, and the way is as long as the drawer is high.
      const [start, end] =
        id === 'top-drawer'
          ? [[200, box.y + box.height / 3] as const, [205, 1 - box.height] as const]
          : [from, to];
      await swipe(page, [...start], [...end]);
      await page.waitForSelector(`#${id}`, hidden);
    },
  );

  it.each([
    ['the other way', [120, 400], [240, 410]],
    ['along its edge', [120, 400], [125, 200]],
  ] as const)('%s leaves it where it is', async (_, from, to) => {
    const page = await opened('plain-drawer');
    await swipe(page, [...from], [...to]);
    expect(await page.getAttribute('#plain-drawer', 'data-swiping')).toBeNull();
    expect(await page.isVisible('#plain-drawer')).toBe(true);
  });
});
