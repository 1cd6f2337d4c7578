// The accordion in Chromium: its contract by real keys and pointer, and its elastic panels.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { canMove, changes, desk, focused, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const gallery = (options = {}) => open(desk('gallery.html'), options);
const header = (id: string, key: string) => `#${id} [data-key=${key}]`;
const panel = (id: string, key: string) => `#${id} :is(h3,h4):has([data-key=${key}]) + div`;
const opened = (page: Page, id: string) =>
  page.evaluate(
    (name) =>
      [...document.querySelectorAll<HTMLElement>(`#${name} [aria-expanded=true]`)].map(
        ({ dataset }) => dataset['key'],
      ),
    id,
  );

describe('the plain accordion', () => {
  it.each(['Enter', 'Space'])('opens and closes by %s, each section for itself', async (key) => {
    const { page } = await gallery();
    await page.focus(header('plain-accordion', 'lift'));
    await page.keyboard.press(key);
    expect(await opened(page, 'plain-accordion')).toEqual(['before', 'lift']);
    expect(await page.isVisible(panel('plain-accordion', 'lift'))).toBe(true);
    await page.keyboard.press(key);
    await page.waitForSelector(`${panel('plain-accordion', 'lift')}[hidden=until-found]`, {
      state: 'attached',
    });
    expect(await focused(page)).toBe('The lift');
  });

  it.each([
    ['mouse', {}],
    ['touch', { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } }],
  ])('opens by %s, and is named and announced as regions', async (_, options) => {
    const { page } = await gallery(options);
    const press = (selector: string) => ('hasTouch' in options ? page.tap(selector) : page.click(selector));
    await press(header('plain-accordion', 'ashore'));
    expect(await page.locator('#plain-accordion').ariaSnapshot()).toContain('region "Ashore"');
    await press(header('plain-accordion', 'ashore'));
    await page.waitForSelector(panel('plain-accordion', 'ashore'), { state: 'hidden' });
  });

  it('find-in-page opens the section it finds', async () => {
    const { page } = await gallery();
    await page.evaluate(
      (selector) => {
        const event = new Event('beforematch', { bubbles: true });
        document.querySelector(selector)!.firstElementChild!.dispatchEvent(event);
      },
      panel('plain-accordion', 'lift'),
    );
    expect(await opened(page, 'plain-accordion')).toEqual(['before', 'lift']);
  });

  it('has no accessibility fault', async () => {
    const { page } = await gallery();
    expect(await violations(page, '#accordion')).toEqual([]);
  });
});

describe('one at a time, one always open, with arrows', () => {
  it('moves between headers by arrows, Home and End, and Tab goes to each', async () => {
    const { page } = await gallery();
    await page.focus(header('exclusive-accordion', 'morning'));
    const seen: string[] = [];
    for (const key of ['ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowUp', 'Home', 'End']) {
      await page.keyboard.press(key);
      seen.push(await focused(page));
    }
    expect(seen).toEqual(['Evening tide', 'Night', 'Morning tide', 'Night', 'Morning tide', 'Night']);
  });

  it('closes the open one when another opens, and holds the last one open', async () => {
    const { page } = await gallery();
    expect(await page.getAttribute(header('exclusive-accordion', 'morning'), 'aria-disabled')).toBe('true');
    await page.focus(header('exclusive-accordion', 'evening'));
    await page.keyboard.press('Enter');
    expect(await opened(page, 'exclusive-accordion')).toEqual(['evening']);
    await page.keyboard.press('Enter');
    expect(await opened(page, 'exclusive-accordion')).toEqual(['evening']);
    expect(await page.getAttribute(header('exclusive-accordion', 'morning'), 'aria-disabled')).toBeNull();
  });
});

it('a run of details opens one at a time, also when the platform opens one; the nested one keeps to itself', async () => {
  const { page } = await gallery();
  const open = () =>
    page.evaluate(() =>
      [...document.querySelectorAll<HTMLDetailsElement>('#details-accordion > details')].map(
        (each) => each.open,
      ),
    );
  await page.click('#details-accordion summary >> nth=1');
  expect(await open()).toEqual([false, true]);
  await page.click(header('nested-accordion', 'seventh').replace('[data-key=seventh]', 'button'));
  expect([await open(), await page.isVisible('text=That one shines.')]).toEqual([[false, true], true]);
  await page.evaluate(() => {
    document.querySelector<HTMLDetailsElement>('#details-accordion > details')!.open = true;
  });
  await page.waitForFunction(
    () => !document.querySelectorAll<HTMLDetailsElement>('#details-accordion > details')[1]!.open,
  );
});

const sections = (count: number) =>
  Array.from(
    { length: count },
    (_, at) =>
      `<h3><button data-key="k${at}">S${at}</button></h3><div hidden><p style="margin:0;height:${100 + at}px">T</p></div>`,
  ).join('');

describe('elastic panels', () => {
  const moving = { reducedMotion: 'no-preference' as const };
  const start = async (count = 1): Promise<Page> => {
    const { page } = await openBare(open, `<div id="a">${sections(count)}</div>`, moving);
    await page.evaluate(() => {
      shell.wire('accordion', 'a');
      // A move begins from a style that has been computed.
      return document.body.offsetHeight;
    });
    await canMove(page);
    return page;
  };

  it('turn round half way from where they stand, and leave no size behind', async () => {
    const page = await start();
    const heights = await page.evaluate(async () => {
      const root = document.getElementById('a')!;
      root.style.setProperty('--shell-elastic', '2000ms');
      const [button, box] = [root.querySelector('button')!, root.querySelector('div')!];
      // Moved by script, it sets out once everything is written.
      const written = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
      const animation = (): Animation =>
        box.getAnimations().find(({ effect }) => {
          const [, last] = (effect as KeyframeEffect).getKeyframes();
          return 'blockSize' in last! || 'height' in last!;
        })!;
      button.click();
      await written();
      animation().pause();
      animation().currentTime = 1000;
      const half = box.offsetHeight;
      animation().play();
      button.click();
      await written();
      const turned = box.offsetHeight;
      box.getAnimations().forEach((each) => each.finish());
      while (box.dataset['phase'] !== 'closed') await new Promise(requestAnimationFrame);
      return [half, turned, box.getAttribute('hidden'), box.getAttribute('style')];
    });
    expect(heights[0]).toBeGreaterThan(10);
    expect(heights[0]).toBeLessThan(100);
    expect(Math.abs((heights[0] as number) - (heights[1] as number))).toBeLessThan(20);
    expect(heights.slice(2)).toEqual(['until-found', null]);
  });

  it('follow content that grows on the way and afterwards', async () => {
    const page = await start();
    const heights = await page.evaluate(async () => {
      const root = document.getElementById('a')!;
      root.style.setProperty('--shell-elastic', '2000ms');
      const box = root.querySelector('div')!;
      root.querySelector('button')!.click();
      await new Promise((resolve) => setTimeout(resolve));
      box.firstElementChild!.setAttribute('style', 'margin:0;height:300px');
      box.getAnimations().forEach((each) => each.finish());
      while (box.dataset['phase'] !== 'open') await new Promise(requestAnimationFrame);
      const open = box.offsetHeight;
      box.firstElementChild!.setAttribute('style', 'margin:0;height:500px');
      return [open, box.offsetHeight, box.dataset['phase']];
    });
    expect(heights).toEqual([300, 500, 'open']);
  });

  it('after any storm of presses each is as high as its content, or nothing', async () => {
    const page = await start(12);
    await page.evaluate(() => {
      const buttons = [...document.querySelectorAll('button')];
      for (let turn = 0; turn < 200; turn++) buttons[(turn * 7) % 12]!.click();
    });
    await page.waitForFunction(() =>
      [...document.querySelectorAll<HTMLElement>('#a > div')].every(({ dataset }) =>
        /^(open|closed)$/.test(dataset['phase']!),
      ),
    );
    const faults = await page.evaluate(
      () =>
        [...document.querySelectorAll<HTMLElement>('#a > div')].filter((box) => {
          const isOpen = box.previousElementSibling!.firstElementChild!.ariaExpanded === 'true';
          return box.offsetHeight !== (isOpen ? box.scrollHeight : 0) || box.hasAttribute('style');
        }).length,
    );
    expect(faults).toBe(0);
  });

  it('unfold by script where the platform cannot, turned round and to the end', async () => {
    const { page } = await openBare(open, `<div id="a">${sections(1)}</div>`, moving);
    const ends = await page.evaluate(async () => {
      CSS.supports = () => false;
      shell.wire('accordion', 'a');
      document.getElementById('a')!.style.setProperty('--shell-elastic', '60ms');
      document.querySelectorAll('style').forEach((style) => style.remove());
      const [button, box] = [
        document.querySelector('button')!,
        document.querySelector<HTMLElement>('#a > div')!,
      ];
      const phase = async (wanted: string): Promise<number> => {
        while (box.dataset['phase'] !== wanted)
          await new Promise((resolve) => requestAnimationFrame(resolve));
        return box.offsetHeight;
      };
      button.click();
      const open = await phase('open');
      button.click();
      button.click();
      await phase('open');
      button.click();
      return [open, await phase('closed')];
    });
    expect(ends).toEqual([100, 0]);
  });

  it('a disclosure moves along either axis, and grows the panel around it', async () => {
    const { page } = await openBare(
      open,
      '<div id="a"><h3><button>A</button></h3><div><button aria-controls="d" id="o">More</button><div id="d" hidden><p style="margin:0;width:120px;height:90px">T</p></div></div></div>',
      moving,
    );
    await page.evaluate(() => {
      shell.wire('accordion', 'a');
      shell.wire('disclosure', 'd', { elastic: 'inline' });
    });
    await page.waitForSelector('#d[data-elastic=inline]', { state: 'attached' });
    await canMove(page);
    const sizes = await page.evaluate(async () => {
      document.body.style.setProperty('--shell-elastic', '2000ms');
      const [box, around] = [document.getElementById('d')!, document.querySelector<HTMLElement>('#a > div')!];
      const before = around.offsetHeight;
      void getComputedStyle(box).blockSize;
      document.getElementById('o')!.click();
      while (!box.getAnimations().length) await new Promise(requestAnimationFrame);
      const animations = box.getAnimations();
      for (const each of animations) {
        each.pause();
        each.currentTime = 200;
      }
      const early = box.offsetWidth;
      animations.forEach((each) => each.finish());
      while (box.dataset['phase'] !== 'open') await new Promise(requestAnimationFrame);
      const full = box.offsetWidth;
      return {
        early,
        full,
        grown: around.offsetHeight - before,
        style: box.getAttribute('style'),
        phase: box.dataset['phase'],
      };
    });
    expect(sizes.early).toBeGreaterThan(0);
    expect(sizes.early).toBeLessThan(sizes.full);
    expect(sizes).toMatchObject({ grown: 90, style: null, phase: 'open' });
  });

  it('do not move with reduced motion', async () => {
    const { page } = await openBare(open, `<div id="a">${sections(1)}</div>`);
    const moved = await page.evaluate(() => {
      shell.wire('accordion', 'a');
      document.querySelector('button')!.click();
      return document.querySelector('#a > div')!.getAnimations().length;
    });
    expect(moved).toBe(0);
  });
});

it('1,000 sections are wired with as many listeners as one', async () => {
  const { page } = await openBare(open, '');
  const counts = await page.evaluate(
    async (html) => {
      const { addEventListener } = EventTarget.prototype;
      let added = 0;
      EventTarget.prototype.addEventListener = function (...args: Parameters<typeof addEventListener>) {
        added++;
        return addEventListener.apply(this, args);
      };
      const counted: number[] = [];
      for (const count of [1, 1000]) {
        document.body.innerHTML = `<div id="a">${html.slice(0, count).join('')}</div>`;
        added = 0;
        const wired = shell.wire('accordion', 'a');
        counted.push(added);
        wired.unwire();
      }
      EventTarget.prototype.addEventListener = addEventListener;
      return counted;
    },
    Array.from({ length: 1000 }, (_, at) => `<h3><button>S${at}</button></h3><div hidden>T</div>`),
  );
  expect(counts[1]).toBe(counts[0]);
});

it('tells keys and reasons, follows a cell, keeps to its rules, leaves what comes later to the owner of the cell, leaves no trace', async () => {
  const { page } = await openBare(open, `<div id="a">${sections(3)}</div>`);
  const same = await page.evaluate(async () => {
    const before = document.body.innerHTML;
    const expanded = shell.cell<ReadonlySet<string>>(new Set());
    const wired = shell.wire('accordion', 'a', { expanded }) as unknown as {
      unwire(): void;
      expand(key: string): void;
    };
    wired.expand('k1');
    expanded.set(new Set(['k0', 'k1']));
    document.querySelector('button')!.click();
    const late = document.createElement('h3');
    late.innerHTML = '<button data-key="late">Late</button>';
    const box = document.createElement('div');
    document.getElementById('a')!.append(late, box);
    await new Promise((resolve) => setTimeout(resolve));
    const taken = late.firstElementChild!.getAttribute('aria-expanded');
    late.remove();
    box.remove();
    wired.unwire();
    return [taken, document.body.innerHTML === before];
  });
  expect(same).toEqual(['false', true]);
  expect(await changes(page)).toEqual([
    'a expanded k1 program',
    'a expanded k0 k1 program',
    'a expanded k1 key',
  ]);
});
