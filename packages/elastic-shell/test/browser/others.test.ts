// Others on the page: layers that somebody else has opened, presses that somebody else has kept, trees and frames that tell little.
import { openBare, useBrowser } from './support/browser';
import { closed, dialog, isOpen, popover } from './support/shown';

const { open } = useBrowser();

describe('presses', () => {
  it('a double click on the opener of a dialog leaves it open', async () => {
    const { page } = await openBare(open, dialog);
    await page.evaluate(() => void shell.wireDialog(document.getElementById('d')!));
    await page.dblclick('#o');
    expect(await isOpen(page, 'd')).toBe(true);
    await page.mouse.click(5, 500);
    await closed(page, 'd');
  });

  it('whose end somebody else keeps to himself: a click outside closes all the same', async () => {
    const { page } = await openBare(open, `${popover}<p id="far" style="margin-block-start: 20rem">Far</p>`);
    await page.evaluate(() => {
      addEventListener('pointerup', (event) => event.stopImmediatePropagation(), true);
      shell.wirePopover(document.getElementById('d')!);
    });
    await page.click('#o');
    await page.click('#far');
    await closed(page, 'd');
    await page.click('#o');
    await page.click('#in');
    expect(await isOpen(page, 'd')).toBe(true);
  });
});

describe('a closed shadow root', () => {
  it('around a dialog: a press and focus on its fields leave it open', async () => {
    const { page } = await openBare(open, '<div id="host"></div>');
    await page.evaluate(() => {
      const root = document.getElementById('host')!.attachShadow({ mode: 'closed' });
      root.innerHTML =
        '<dialog style="inline-size: 20rem; block-size: 12rem"><h2>Berths</h2><input><input></dialog>';
      const wired = shell.wireDialog(root.querySelector('dialog')!);
      wired.show();
      Object.assign(globalThis, { wired, root });
    });
    const center = await page.evaluate(() => {
      const { root } = globalThis as unknown as { root: ShadowRoot };
      const { x, y, width, height } = root.querySelectorAll('input')[1]!.getBoundingClientRect();
      return [x + width / 2, y + height / 2] as const;
    });
    await page.mouse.click(...center);
    await page.keyboard.type('x');
    expect(
      await page.evaluate(() => {
        const { root, wired } = globalThis as unknown as {
          root: ShadowRoot;
          wired: { open: { get(): boolean } };
        };
        return [wired.open.get(), root.querySelectorAll('input')[1]!.value];
      }),
    ).toEqual([true, 'x']);
    await page.keyboard.press('Escape');
    await page.waitForFunction(
      () => !(globalThis as unknown as { wired: { open: { get(): boolean } } }).wired.open.get(),
    );
  });
});

describe('a popover in a frame', () => {
  it('closes by a press in the page around it', async () => {
    const { page } = await openBare(
      open,
      '<p id="around">Around</p><iframe width="400" height="300"></iframe>',
    );
    await page.evaluate((html) => {
      const frame = document.querySelector('iframe')!.contentDocument!;
      frame.body.innerHTML = html;
      shell.wirePopover(frame.getElementById('d')!);
    }, popover);
    const inner = page.frameLocator('iframe');
    await inner.locator('#o').click();
    await inner.locator('#d:popover-open').waitFor();
    await page.click('#around');
    await inner.locator('#d:not(:popover-open)').waitFor({ state: 'attached' });
  });
});

describe('names and markup', () => {
  it('fields called `matches`, `closest` and `id` in a form are no trouble', async () => {
    const { page } = await openBare(
      open,
      `<form id="f"><input name="closest"><input name="matches"><input name="id"><p id="bare">Text</p>
        <button type="button" id="b" commandfor="p">More</button><div id="p" hidden>P</div></form>`,
    );
    await page.evaluate(() => void shell.wireDisclosure(document.getElementById('p')!));
    await page.evaluate(() => document.querySelector('form')!.click());
    await page.click('#b');
    expect(await page.isVisible('#p')).toBe(true);
  });

  it('after `document.open()` commands work again', async () => {
    const { page } = await openBare(open, popover);
    await page.evaluate((html) => {
      shell.wirePopover(document.getElementById('d')!);
      document.open();
      document.write(`<!doctype html><title>T</title>${html}`);
      document.close();
      shell.wirePopover(document.getElementById('d')!);
    }, popover);
    await page.click('#o');
    expect(await isOpen(page, 'd')).toBe(true);
    await page.goto('about:blank');
  });
});

describe('CSS zoom', () => {
  it.each(['html', '#w'])('on %s: a popover stands beside its button', async (where) => {
    const { page } = await openBare(
      open,
      '<div id="w" style="padding: 6rem"><button id="o" commandfor="d" command="--toggle">Open</button><div id="d" popover style="margin: 0">In</div></div>',
    );
    await page.evaluate((selector) => {
      document.querySelector<HTMLElement>(selector)!.style.zoom = '1.5';
      shell.wirePopover(document.getElementById('d')!);
    }, where);
    await page.click('#o');
    await page.waitForSelector('#d:popover-open');
    const off = await page.evaluate(() => {
      const [button, popover] = ['o', 'd'].map((id) => document.getElementById(id)!.getBoundingClientRect());
      document.documentElement.removeAttribute('style');
      return [popover!.top - button!.bottom, popover!.left - button!.left];
    });
    // Its gap is 8 pixels of its own.
    expect(off[0]).toBeGreaterThanOrEqual(0);
    expect(off[0]).toBeLessThanOrEqual(14);
    expect(Math.abs(off[1]!)).toBeLessThanOrEqual(60);
  });
});
