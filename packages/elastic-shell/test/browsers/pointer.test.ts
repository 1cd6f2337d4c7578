// Pointer, scrolling and layers where browsers differ.
import type { Page } from 'playwright-core';
import { changes, desk, focused, openBare, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();
const shown = (id: string) => `#${id}:popover-open`;

describe('a layer opened right after its anchor was scrolled into view', () => {
  it('stays open', async () => {
    const { page } = await openBare(
      open,
      '<div style="block-size:3000px"></div><button id="o" commandfor="p" command="--toggle">O</button><div id="p" popover="manual">P</div><div style="block-size:3000px"></div>',
    );
    await page.evaluate(() => void shell.wire('popover', 'p'));
    for (let turn = 0; turn < 5; turn++) {
      await page.evaluate(async () => {
        scrollTo(0, 0);
        await new Promise(requestAnimationFrame);
        await new Promise(requestAnimationFrame);
        const button = document.getElementById('o')!;
        button.scrollIntoView({ block: 'center' });
        button.click();
        for (let frame = 0; frame < 6; frame++) await new Promise(requestAnimationFrame);
      });
      expect(await page.isVisible(shown('p'))).toBe(true);
      await page.click('#o');
    }
    expect((await changes(page)).filter((each) => each.includes('viewport'))).toEqual([]);
  });

  it('a combobox that is focused out of view opens and picks', async () => {
    for (let turn = 0; turn < 4; turn++) {
      const { page } = await open(desk('gallery.html'));
      await page.focus('#plain-field');
      for (const key of ['ArrowDown', 'ArrowDown', 'Enter']) await page.keyboard.press(key);
      await page.waitForFunction(() => document.querySelector<HTMLInputElement>('#plain-field')!.value);
    }
  });

  it('and one whose anchor does go out of view closes', async () => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="p" command="--toggle">O</button><div id="p" popover="manual">P</div><div style="block-size:5000px"></div>',
    );
    await page.evaluate(() => void shell.wire('popover', 'p'));
    await page.click('#o');
    await page.waitForSelector(shown('p'));
    await page.evaluate(() => scrollTo(0, 3000));
    await page.waitForFunction(() => shell.log.includes('p open false viewport null'));
  });
});

describe('a tooltip that came by keyboard', () => {
  const start = async (): Promise<Page> => {
    const { page } = await openBare(
      open,
      '<div style="padding:100px"><button id="a" aria-describedby="t">A</button><button id="b">B</button><div id="t" popover="manual">Tip</div><p id="far" style="margin-block-start:60px">Far</p></div>',
    );
    await page.mouse.move(600, 500);
    await page.evaluate(() => void shell.wire('tooltip', 't', { hoverDelay: 1 }));
    await page.keyboard.press('Tab');
    await page.waitForSelector(shown('t'));
    return page;
  };

  it('stays while the pointer goes about, and goes with focus', async () => {
    const page = await start();
    await page.hover('#far');
    await page.hover('#b');
    await page.hover('#far');
    // What would hide it waits for the pointer to cross.
    await page.evaluate(() => shell.runTimers());
    expect(await page.isVisible(shown('t'))).toBe(true);
    await page.keyboard.press('Tab');
    await page.waitForFunction(() => !document.getElementById('t')!.matches(':popover-open'));
    expect(await changes(page)).toEqual(['t open true key', 't open false focus-left']);
  });

  it('goes by Escape, and focus stays', async () => {
    const page = await start();
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => !document.getElementById('t')!.matches(':popover-open'));
    expect(await focused(page)).toBe('a');
  });
});

it('Shift and a press in a multiple listbox mark options, and no text', async () => {
  const { page } = await openBare(
    open,
    `<div id="l" aria-label="L">${['a', 'b', 'c', 'd'].map((key) => `<div data-key="${key}" role="option" id="${key}">Option ${key}</div>`).join('')}</div>`,
  );
  await page.evaluate(() => void shell.wire('listbox', 'l', { multiple: true }));
  await page.click('#a');
  await page.click('#d', { modifiers: ['Shift'] });
  expect(
    await page.evaluate(() => [
      document.querySelectorAll('[aria-selected=true]').length,
      getSelection()!.toString(),
      document.activeElement!.id,
    ]),
  ).toEqual([4, '', 'd']);
});

describe('a carousel', () => {
  const slides = (border: number) =>
    `<section id="c" aria-label="C"><button id="rotate" commandfor="c" command="--rotate">R</button><button id="next" commandfor="c" command="--next">N</button><div data-slides style="border:${border}px solid">${[1, 2, 3, 4].map((at) => `<div style="block-size:60px">${at}</div>`).join('')}</div></section>`;
  const selected = (page: Page) =>
    page.evaluate(() => {
      const all = [...document.querySelectorAll('[data-slides] > *')];
      return all.flatMap((slide, at) => (slide.hasAttribute('inert') ? [] : [at])).join();
    });

  it.each([1, 20])('with a border of %i px goes one slide at a time', async (border) => {
    const { page } = await openBare(open, slides(border));
    await page.evaluate(() => void shell.wire('carousel', 'c'));
    for (const at of ['1', '2', '3']) {
      await page.click('#next');
      await page.waitForFunction(
        (wanted) => shell.log.some((line) => line.startsWith(`c selected ${wanted}`)),
        at,
      );
      await page.waitForFunction((wanted) => {
        const all = [...document.querySelectorAll('[data-slides] > *')];
        return all.flatMap((slide, each) => (slide.hasAttribute('inert') ? [] : [each])).join() === wanted;
      }, at);
      expect(await selected(page)).toBe(at);
    }
    expect((await changes(page)).map((line) => line.split(' ')[2])).toEqual(['1', '2', '3']);
  });

  it('with reduced motion never turns by itself, and turns when it is asked to', async () => {
    const { page } = await openBare(open, slides(0));
    await page.mouse.move(700, 600);
    await page.evaluate(() => void shell.wire('carousel', 'c', { interval: 100 }));
    expect(await page.getAttribute('#rotate', 'data-rotating')).toBe('false');
    await page.focus('#rotate');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => shell.log.some((line) => line.endsWith('timer')));
    expect(await page.getAttribute('#rotate', 'data-rotating')).toBe('true');
    await page.keyboard.press('Enter');
    expect(await page.getAttribute('#rotate', 'data-rotating')).toBe('false');
  });
});

describe('beside a modal', () => {
  it('no strip of the page is left unshaded, and nothing in it moves', async () => {
    const { page } = await openBare(
      open,
      '<h1 id="h" style="text-align:end">Page</h1><button id="o" commandfor="d" command="show-modal">O</button><dialog id="d"><h2>T</h2><button id="x">X</button></dialog><div style="block-size:3000px"></div>',
    );
    await page.evaluate(() => void shell.wire('drawer', 'd', { edge: 'inline-end' }));
    const look = () =>
      page.evaluate(() => {
        const { left, right } = document.getElementById('h')!.getBoundingClientRect();
        return { left, right, y: scrollY };
      });
    await page.evaluate(() => scrollTo(0, 20));
    const before = await look();
    await page.click('#o');
    await page.waitForSelector('#d:modal');
    expect(await look()).toEqual(before);
    const seen = await page.evaluate(() => [
      document.elementFromPoint(innerWidth - 2, 300)?.id,
      Math.round(document.getElementById('d')!.getBoundingClientRect().right) === innerWidth,
      getComputedStyle(document.documentElement).overflowY,
    ]);
    expect(seen).toEqual(['d', true, 'hidden']);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d', { state: 'hidden' });
    expect(await look()).toEqual(before);
    expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
  });
});
