// What others do to open layers and to what is wired: frames that go, elements that move, attributes that are rewritten.
import { changes, focused, itIn, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const frames = (): Promise<void> =>
  new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve))));

it('a frame that is removed while its layers are open: they let go of everything', async () => {
  const { page } = await openBare(open, '<iframe></iframe><p>Page</p>');
  const left = await page.evaluate(async () => {
    const frame = document.querySelector('iframe')!;
    const inner = frame.contentDocument!;
    inner.body.innerHTML =
      '<button commandfor="p">O</button><div id="p">W</div><dialog id="d"><h2>T</h2></dialog><div id="m" role="menu" aria-label="M"><p role="menuitem">I</p></div>';
    const get = (id: string) => inner.getElementById(id)!;
    const wired = [shell.wirePopover(get('p')), shell.wireMenu(get('m'), {}), shell.wireDialog(get('d'))];
    wired[0]!.open.set(true);
    wired[2]!.open.set(true);
    frame.remove();
    for (const each of wired) each.unwire();
    await new Promise((resolve) => setTimeout(resolve));
    return [get('d').outerHTML, get('p').outerHTML];
  });
  expect(left).toEqual(['<dialog id="d"><h2>T</h2></dialog>', '<div id="p">W</div>']);
});

it('an open dialog that is put into a frame closes, is told so, and lets the page go', async () => {
  const { page } = await openBare(
    open,
    '<button id="o" commandfor="d" command="--open">O</button><iframe></iframe><dialog id="d"><h2>T</h2></dialog>',
  );
  await page.evaluate(() => void shell.wire('dialog', 'd'));
  await page.click('#o');
  await page.evaluate(() => {
    document.querySelector('iframe')!.contentDocument!.body.append(document.getElementById('d')!);
  });
  await page.waitForFunction(() => shell.log.length === 2);
  expect((await changes(page))[1]).toBe('d open false removed');
  expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
  expect(await focused(page)).toBe('o');
});

itIn('chromium')(
  'a control whose tree is gone is collected, although the rest of the page stays wired',
  async () => {
    const { page } = await openBare(
      open,
      '<button commandfor="stays" command="--toggle">S</button><p id="stays" hidden>S</p><div id="host"></div>',
    );
    await page.evaluate(() => {
      shell.wire('disclosure', 'stays');
      const host = document.getElementById('host')!;
      const shadow = host.attachShadow({ mode: 'open' });
      shadow.innerHTML =
        '<button commandfor="gone" command="--toggle">G</button><p id="gone" hidden>G</p><button commandfor="other">O</button>';
      const wired = shell.wireDisclosure(shadow.getElementById('gone')!);
      shadow.querySelector('button')!.click();
      wired.unwire();
      Object.assign(globalThis, { control: new WeakRef(shadow.lastElementChild!) });
      host.remove();
      // It names what was clicked.
      shell.journal.clear();
    });
    const isThere = () =>
      page.evaluate(() => !!(globalThis as unknown as { control: WeakRef<Element> }).control.deref());
    for (let turn = 0; turn < 20 && (await isThere()); turn++) await page.requestGC();
    expect(await isThere()).toBe(false);
  },
);

it('a dialog that is to open before it is in the document: a clear error, and it stays closed', async () => {
  const { page } = await openBare(open, '');
  const result = await page.evaluate(() => {
    const root = document.createElement('dialog');
    const wired = shell.wireDialog(root);
    let message = '';
    try {
      wired.show();
    } catch (error) {
      message = (error as Error).message;
    }
    const before = wired.open.get();
    document.body.append(root);
    wired.show();
    return [message, before, wired.open.get()];
  });
  expect(result).toEqual([expect.stringContaining('is not in the document; append it'), false, true]);
});

const nested = `<ul><li id="row"><button id="o" commandfor="d" command="--open">O</button><dialog id="d"><h2>Outer</h2><input id="field" aria-label="F"><button id="i" commandfor="p">I</button><div id="p" popover><button id="in" autofocus>In</button></div></dialog></li><li id="other">Other</li></ul>`;

it('a row that is moved with an open dialog, and a popover open in it: both show as before, with focus and what was typed', async () => {
  const { page } = await openBare(open, nested);
  await page.evaluate(() => {
    shell.wire('dialog', 'd');
    shell.wire('popover', 'p');
  });
  await page.click('#o');
  await page.fill('#field', 'half');
  await page.click('#i');
  await page.evaluate(() => document.querySelector('ul')!.append(document.getElementById('row')!));
  await page.evaluate(frames);
  expect(
    await page.evaluate(() => [
      document.getElementById('d')!.matches(':modal'),
      document.getElementById('p')!.matches(':popover-open'),
      document.querySelector('input')!.value,
    ]),
  ).toEqual([true, true, 'half']);
  expect(await focused(page)).toBe('in');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  expect(await changes(page)).toEqual([
    'd open true command ',
    'p open true press ',
    'p open false escape null',
    'd open false escape null',
  ]);
  expect(await focused(page)).toBe('o');
});

it('the outer of two dialogs is moved: the inner one still stands above it', async () => {
  const { page } = await openBare(
    open,
    '<main><dialog id="d"><h2>D</h2><button id="i" commandfor="e" command="--open">I</button></dialog></main><dialog id="e"><h2>E</h2><button id="in">In</button></dialog>',
  );
  await page.evaluate(() => {
    shell.wire('dialog', 'd');
    shell.wire('dialog', 'e');
    shell.wired['d']!.root.dispatchEvent(new Event('x'));
    (shell.wired['d'] as unknown as { show(): void }).show();
  });
  await page.click('#i');
  await page.evaluate(() => document.body.append(document.querySelector('main')!));
  await page.evaluate(frames);
  await page.click('#in');
  expect(await focused(page)).toBe('in');
  await page.keyboard.press('Escape');
  expect((await changes(page)).at(-1)).toBe('e open false escape null');
  expect(await page.evaluate(() => document.getElementById('d')!.matches(':modal'))).toBe(true);
});

describe('a morph that drops the open attribute of a modal with a half-typed form', () => {
  const form =
    '<button id="o" commandfor="d" command="--open">O</button><dialog id="d"><h2>T</h2><input aria-label="F"></dialog>';

  it('leaves it open', async () => {
    const { page } = await openBare(open, form);
    await page.evaluate(() => void shell.wire('dialog', 'd'));
    await page.click('#o');
    await page.keyboard.type('half');
    await page.evaluate(() => document.querySelector('dialog')!.removeAttribute('open'));
    await page.evaluate(frames);
    expect(
      await page.evaluate(() => [
        document.querySelector('dialog')!.matches(':modal[open]'),
        document.querySelector('input')!.value,
        document.activeElement!.localName,
      ]),
    ).toEqual([true, 'half', 'input']);
    expect(await changes(page)).toHaveLength(1);
  });

  it('asks the guard when it is told to follow, and then closes it', async () => {
    const { page } = await openBare(open, form);
    await page.evaluate(() => {
      let asked = 0;
      shell.wire('dialog', 'd', {
        externalChanges: 'accept',
        guard: ({ value }: { value: unknown }) => value === true || asked++ > 0,
      });
    });
    await page.click('#o');
    const drop = () => page.evaluate(() => document.querySelector('dialog')!.removeAttribute('open'));
    await drop();
    await page.evaluate(frames);
    expect(await page.evaluate(() => document.querySelector('dialog')!.matches(':modal[open]'))).toBe(true);
    await drop();
    await page.waitForFunction(() => shell.log.length === 2);
    expect((await changes(page))[1]).toBe('d open false native null');
    expect(await focused(page)).toBe('o');
  });
});

it('a popover opened by the click handler of its own button is closed by it', async () => {
  const { page } = await openBare(open, '<button id="o">O</button><div id="p"><button>In</button></div>');
  await page.evaluate(() => {
    const wired = shell.wire('popover', 'p') as unknown as { toggle(): void };
    document.getElementById('o')!.addEventListener('click', () => wired.toggle());
  });
  await page.click('#o');
  await page.click('#o');
  expect(await changes(page)).toEqual(['p open true program', 'p open false program']);
});

// WebKit opens nothing by itself.
itIn('chromium', 'firefox')(
  'a dialog that the platform opened before it was wired is no mistake, and gives focus back to its opener',
  async () => {
    const { page } = await openBare(
      open,
      '<button id="o" commandfor="d" command="show-modal">O</button><button id="next">N</button><dialog id="d"><h2>T</h2><button id="in">In</button></dialog>',
    );
    await page.click('#o');
    await page.focus('#in');
    await page.evaluate(() => void shell.wire('dialog', 'd', { open: false }));
    expect(await focused(page)).toBe('in');
    const codes = await page.evaluate(() => shell.journal.check().map(({ code }) => code));
    expect(codes).not.toContain('dialog-open-in-markup');
    await page.keyboard.press('Escape');
    expect(await focused(page)).toBe('o');
    expect(await changes(page)).toEqual(['d open true native', 'd open false escape null']);
  },
);

it('a dialog in a shadow root: Escape, the back gesture and its form close it', async () => {
  const { page } = await openBare(open, '<div id="host"></div>');
  await page.evaluate(() => {
    const shadow = document.getElementById('host')!.attachShadow({ mode: 'open' });
    shadow.innerHTML =
      '<button commandfor="d" command="--open">O</button><dialog id="d"><h2>T</h2><form method="dialog"><button value="sent">Send</button></form></dialog>';
    shell.wireDialog(shadow.getElementById('d')!, {
      onChange: ({ value, reason, result }) => shell.log.push(`${value} ${reason} ${result}`),
    });
  });
  await page.click('#host >> button >> nth=0');
  await page.keyboard.press('Escape');
  await page.click('#host >> button >> nth=0');
  await page.click('#host >> text=Send');
  expect(await changes(page)).toEqual([
    'true command ',
    'false escape null',
    'true command ',
    'false command sent',
  ]);
  expect(
    await page.evaluate(() => document.getElementById('host')!.shadowRoot!.activeElement!.textContent),
  ).toBe('O');
});

it('rows that live: filled a tick later they are measured then, and as many live as are on the page', async () => {
  const { page } = await openBare(
    open,
    '<div id="l" role="listbox" aria-label="L" style="block-size:300px;overflow:auto"></div>',
  );
  await page.evaluate(() => {
    const counted = globalThis as unknown as { alive: number };
    counted.alive = 0;
    shell.wireListbox(document.getElementById('l')!, {
      items: Array.from({ length: 2000 }, (_, at) => ({ key: `${at}`, label: `Row ${at}` })),
      rowHeight: 'measured',
      render({ key, label }) {
        const node = document.createElement('div');
        counted.alive++;
        const fill = (text: string, number: number): void => {
          setTimeout(() => {
            node.textContent = text;
            node.style.blockSize = `${20 + (number % 3) * 15}px`;
          });
        };
        fill(label!, Number(key));
        return {
          node,
          update: (item) => fill(item.label!, Number(item.key)),
          release: () => void counted.alive--,
        };
      },
    });
  });
  const gaps = () =>
    page.evaluate(() => {
      const rows = [...document.querySelectorAll<HTMLElement>('[role=option]')].map((row) =>
        row.getBoundingClientRect(),
      );
      rows.sort((one, other) => one.top - other.top);
      return rows
        .slice(1)
        .map(({ top }, at) => Math.round(top - rows[at]!.bottom))
        .filter((gap) => gap !== 0);
    });
  const still = async (): Promise<void> => {
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[role=option]')].every((row) => row.textContent),
    );
    await page.evaluate(frames);
  };
  await still();
  expect(await gaps()).toEqual([]);
  for (let screen = 0; screen < 30; screen++) {
    await page.evaluate(() => document.getElementById('l')!.scrollBy(0, 300));
    await page.evaluate(frames);
  }
  await still();
  // The row with the tab stop stays, above all that are in view.
  expect((await gaps()).length).toBeLessThanOrEqual(1);
  const [alive, rows] = await page.evaluate(() => [
    (globalThis as unknown as { alive: number }).alive,
    document.querySelectorAll('[role=option]').length,
  ]);
  expect(alive).toBe(rows);
});

it('a dialog that is rendered again while it is open, at once and while it still moves: open, with focus in it, and the page scrolls after it', async () => {
  const { page } = await openBare(open, '<button id="before">Before</button><main></main>');
  const render = () =>
    page.evaluate(() => {
      const main = document.querySelector('main')!;
      for (let times = 0; times < 2; times++) {
        main.innerHTML =
          '<dialog id="d" data-wire="dialog" data-wire-open="true"><h2>Tides</h2><button id="shut" commandfor="d" command="close">Shut</button></dialog>';
        shell.wireWithin(main);
      }
    });
  for (let times = 0; times < 3; times++) {
    await render();
    await page.waitForSelector('#d:modal');
    // Two frames: everybody has heard of what was taken away.
    await page.evaluate(
      () =>
        new Promise<void>((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => resolve()))),
    );
    expect([await page.locator('#d:modal').count(), await focused(page)]).toEqual([1, 'shut']);
  }
  await page.keyboard.press('Escape');
  await page.waitForSelector('#d', { state: 'hidden' });
  expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
});
