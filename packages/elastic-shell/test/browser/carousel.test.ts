// The carousel in Chromium: by buttons, pickers, keys and swipes, turning by itself, in both directions.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { changes, desk, focused, itIn, openBare, swipe, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const button = (id: string, command: string) => `[commandfor=${id}][command="--${command}"]`;
/** Waits until exactly these slides of a carousel, from 1, can be reached. */
const reachable = (page: Page, id: string, slides: number[]) =>
  page.waitForFunction(
    ([name, wanted]) =>
      [...document.querySelectorAll(`#${name} [data-slides] > *`)]
        .flatMap((slide, at) => (slide.hasAttribute('inert') ? [] : [at + 1]))
        .join() === wanted,
    [id, slides.join()] as const,
  );
const markup = (count: number) =>
  `<section id="c" aria-label="C"><button commandfor="c" command="--rotate">R</button><button commandfor="c" command="--next">N</button><div data-slides>${'<div><a href="#x">Link</a></div>'.repeat(count)}</div></section>`;

it.each(['ltr', 'rtl'])(
  'goes on and back by its buttons, wraps, and only what is in view can be reached, in %s',
  async (direction) => {
    const { page } = await gallery();
    if (direction === 'rtl') await page.click('#direction');
    // WebKit leaves a scroller whose direction turns where it was, which is its end then.
    await page.evaluate(() => document.querySelector('#plain-carousel [data-slides]')!.scrollTo({ left: 0 }));
    await page.locator('#plain-carousel').scrollIntoViewIfNeeded();
    await reachable(page, 'plain-carousel', [1]);
    await page.click(button('plain-carousel', 'next'));
    await reachable(page, 'plain-carousel', [2]);
    await page.click(button('plain-carousel', 'previous'));
    await reachable(page, 'plain-carousel', [1]);
    await page.click(button('plain-carousel', 'previous'));
    await reachable(page, 'plain-carousel', [4]);
  },
);

it('is named, announced as slides, and polite while it stands', async () => {
  const { page } = await gallery();
  await page.locator('#plain-carousel').scrollIntoViewIfNeeded();
  await reachable(page, 'plain-carousel', [1]);
  expect(await page.locator('#plain-carousel').ariaSnapshot()).toContain('group "1 of 4"');
  const roles = await page.evaluate(() => {
    const root = document.getElementById('plain-carousel')!;
    const slides = root.querySelector('[data-slides]')!;
    const region = root.querySelector('[data-spoken]')!;
    return [
      root.ariaRoleDescription,
      region.ariaLive,
      slides.ariaLive,
      slides.firstElementChild!.ariaRoleDescription,
    ];
  });
  // Not the slides themselves: they would be read out at each load.
  expect(roles).toEqual(['carousel', 'polite', null, 'slide']);
  expect(await violations(page, '#carousel')).toEqual([]);
});

it('announces the slide that was asked for, and its links are the tab stops then, not the slides', async () => {
  const { page } = await openBare(open, markup(3));
  await page.evaluate(() => void shell.wire('carousel', 'c'));
  await reachable(page, 'c', [1]);
  expect(await page.evaluate(() => document.querySelector('[data-spoken]')!.textContent)).toBe('');
  await page.click(button('c', 'next'));
  await page.waitForFunction(() => document.querySelector('[data-spoken]')!.textContent === '2 of 3, Link');
  await reachable(page, 'c', [2]);
  expect(await page.getAttribute('[data-slides]', 'tabindex')).toBe('-1');
});

it.each([1, 2])(
  'reads nothing out by itself as it loads and as a slide is added, with %i in view',
  async (across) => {
    const { page } = await openBare(open, '');
    const lines = await page.evaluate(async (count) => {
      document.body.innerHTML = `<section id="c" aria-label="C"><button commandfor="c" command="--next">N</button><div data-slides style="display: flex; overflow: auto; inline-size: 400px">${`<div style="flex: none; inline-size: ${400 / count}px">Plate</div>`.repeat(5)}</div></section>`;
      const slides = document.querySelector('[data-slides]')!;
      const said: string[] = [];
      // What a polite region adds is read out: a slide that can be reached again, as much as one that is new.
      new MutationObserver((records) => {
        for (const { target, oldValue } of records)
          if (oldValue !== null && target instanceof Element && !target.hasAttribute('inert'))
            said.push(`${[...slides.children].indexOf(target) + 1} is no longer inert`);
      }).observe(slides, { subtree: true, attributeFilter: ['inert'], attributeOldValue: true });
      shell.wire('carousel', 'c');
      const seen = () =>
        new Promise((resolve) =>
          new IntersectionObserver(resolve, { root: slides }).observe(slides.children[0]!),
        );
      await seen();
      await seen();
      slides.append(slides.lastElementChild!.cloneNode(true));
      await seen();
      await seen();
      return [...said, [...slides.children].map((slide) => Number(slide.hasAttribute('inert'))).join('')];
    }, across);
    expect(lines).toEqual([across === 1 ? '011111' : '001111']);
  },
);

it('is picked by tabs: a press, arrows, Home and End; at its end it stops', async () => {
  const { page } = await gallery();
  const picker = (n: number) => `${button('picked-carousel', 'select')}[value="${n}"]`;
  await page.click(picker(3));
  await reachable(page, 'picked-carousel', [3]);
  await page.keyboard.press('ArrowRight');
  await reachable(page, 'picked-carousel', [4]);
  expect([await focused(page), await page.getAttribute(picker(4), 'aria-selected')]).toEqual(['4', 'true']);
  expect(await page.getAttribute(button('picked-carousel', 'next'), 'aria-disabled')).toBe('true');
  await page.keyboard.press('Home');
  await reachable(page, 'picked-carousel', [1]);
  expect(await page.locator('#picked-carousel [role=tab][tabindex="0"]').count()).toBe(1);
});

it('follows where a scroll comes to rest', async () => {
  const { page } = await openBare(open, markup(4));
  await page.evaluate(() => {
    shell.wire('carousel', 'c');
    const slides = document.querySelector('[data-slides]')!;
    slides.scrollBy({ left: slides.clientWidth * 2 });
  });
  await page.waitForFunction(() => shell.log.includes('c selected 2 native'));
  await reachable(page, 'c', [3]);
});

// A finger of WebDriver scrolls nothing.
itIn('chromium')('follows a finger', async () => {
  const { page } = await gallery({ hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } });
  const slides = page.locator('#plain-carousel [data-slides]');
  await slides.scrollIntoViewIfNeeded();
  const box = (await slides.boundingBox())!;
  const y = box.y + box.height / 2;
  await swipe(page, [box.x + box.width * 0.9, y], [box.x + box.width * 0.1, y]);
  await reachable(page, 'plain-carousel', [2]);
});

it('shows several at once, and only those can be reached', async () => {
  const { page } = await gallery();
  await page.locator('#turning-carousel').scrollIntoViewIfNeeded();
  await reachable(page, 'turning-carousel', [1, 2]);
  await page.click(button('turning-carousel', 'next'));
  await reachable(page, 'turning-carousel', [2, 3]);
});

describe('rotation', () => {
  const moving = { reducedMotion: 'no-preference' as const };
  const start = async (options = moving as object): Promise<Page> => {
    const { page } = await openBare(open, markup(3), options);
    await page.mouse.move(700, 700);
    await page.evaluate(() => void shell.wire('carousel', 'c', { interval: 150 }));
    return page;
  };
  const live = (page: Page, value: string) =>
    page.waitForFunction((wanted) => document.querySelector('[data-spoken]')!.ariaLive === wanted, value);
  const turns = (page: Page) =>
    page.evaluate(() => shell.log.filter((line) => line.endsWith('timer')).length);

  it('turns, pauses for the pointer and for focus, and stops for good when it is told to', async () => {
    const page = await start();
    await page.waitForFunction(() => shell.log.some((line) => line.endsWith('timer')));
    await live(page, 'off');
    await page.hover('#c');
    await live(page, 'polite');
    await page.mouse.move(700, 700);
    await live(page, 'off');
    await page.focus(button('c', 'next'));
    await live(page, 'polite');
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await live(page, 'off');
    await page.locator(button('c', 'rotate')).dispatchEvent('click');
    expect(await page.getAttribute(button('c', 'rotate'), 'aria-label')).toBe('Start rotation');
    const before = await turns(page);
    await page.hover('#c');
    await page.mouse.move(700, 700);
    expect(await page.evaluate(() => document.querySelector('[data-spoken]')!.ariaLive)).toBe('polite');
    expect(await turns(page)).toBe(before);
  });

  it('never starts with reduced motion', async () => {
    const page = await start({});
    expect(await page.evaluate(() => document.querySelector('[data-spoken]')!.ariaLive)).toBe('polite');
    expect(await page.getAttribute(button('c', 'rotate'), 'data-rotating')).toBe('false');
  });

  it('pauses while the page is hidden', async () => {
    const page = await start();
    await live(page, 'off');
    await page.evaluate(() => {
      Object.defineProperty(document, 'hidden', { configurable: true, value: true });
      document.dispatchEvent(new Event('visibilitychange'));
    });
    await live(page, 'polite');
  });
});

it.each([0, 1])('of %i slides it does nothing, and does not break', async (count) => {
  const { page } = await openBare(open, markup(count));
  await page.evaluate(() => void shell.wire('carousel', 'c'));
  await page.click(button('c', 'next'));
  expect(await changes(page)).toEqual([]);
});

it('takes up slides that come, follows when they go, tells reasons, and leaves no trace', async () => {
  const { page } = await openBare(open, markup(2));
  const same = await page.evaluate(async () => {
    const before = document.body.innerHTML;
    const wired = shell.wire('carousel', 'c', { selected: '1' });
    const slides = document.querySelector('[data-slides]')!;
    const late = document.createElement('div');
    slides.append(late);
    await new Promise((resolve) => setTimeout(resolve));
    const label = late.ariaLabel;
    late.remove();
    const second = slides.lastElementChild!;
    second.remove();
    await new Promise((resolve) => setTimeout(resolve));
    wired.unwire();
    slides.append(second);
    return [label, document.body.innerHTML === before];
  });
  expect(same).toEqual(['3 of 3', true]);
  expect(await changes(page)).toEqual(['c selected 0 removed']);
});
