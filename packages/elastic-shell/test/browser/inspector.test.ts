// The inspector over the desk and over a bare page: what it tells, and that the page is the same with it.
import type { Page } from 'playwright-core';
import violations from './support/axe';
import { desk, focused, openFresh, useBrowser } from './support/browser';
import { seeded } from './support/hand';

const { open } = useBrowser();

/** The text of the view that shows. */
const view = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const { shadowRoot } = document.querySelector('[data-shell-inspector]')!;
    return shadowRoot!.querySelector<HTMLElement>('[role=tabpanel]:not([hidden])')!.innerText;
  });

/** Where something in the inspector is, by what it is called, once it is there. */
const placeIn = async (page: Page, name: RegExp): Promise<[number, number]> => {
  const place = await page.waitForFunction(
    ([source, flags]) => {
      const { shadowRoot } = document.querySelector('[data-shell-inspector]')!;
      const called = new RegExp(source!, flags);
      const found = [...shadowRoot!.querySelectorAll('button,summary,[role=treeitem]')].find(
        (each) =>
          called.test(each.getAttribute('aria-label') ?? each.textContent ?? '') && each.checkVisibility(),
      );
      if (!found) return undefined;
      found.scrollIntoView({ block: 'nearest' });
      const { left, top, width, height } = found.getBoundingClientRect();
      return [left + width / 2, top + height / 2] as [number, number];
    },
    [name.source, name.flags],
  );
  return (await place.jsonValue())!;
};

/** Presses something in the inspector by the pointer. */
const pressIn = async (page: Page, name: RegExp): Promise<void> => {
  const [x, y] = await placeIn(page, name);
  await page.mouse.click(x, y);
};

/** Waits until the view that shows says something. */
async function hear(page: Page, says: RegExp): Promise<string> {
  await page.waitForFunction(
    ([source]) =>
      new RegExp(source!).test(
        document
          .querySelector('[data-shell-inspector]')!
          .shadowRoot!.querySelector<HTMLElement>('[role=tabpanel]:not([hidden])')!.innerText,
      ),
    [says.source],
  );
  return view(page);
}

/** Shows a view, and waits until it says something. */
async function look(page: Page, name: string, says: RegExp): Promise<string> {
  await pressIn(page, new RegExp(`^${name}\\d*$`));
  return hear(page, says);
}

/** The desk with the inspector open. */
async function openDesk(
  path = 'desk.html',
  options = { viewport: { width: 1800, height: 800 } } as object,
): Promise<Page> {
  const { page } = await open(desk(`${path}?inspect`), options);
  await page.waitForSelector('[data-shell-inspector]', { state: 'attached' });
  await pressIn(page, /^Open the inspector$/);
  await page.waitForFunction(
    () =>
      !document.querySelector('[data-shell-inspector]')!.shadowRoot!.querySelector<HTMLElement>('.panel')!
        .hidden,
  );
  return page;
}

describe('five questions on the desk', () => {
  it('why did this dialog close? Because of a click outside', async () => {
    const page = await openDesk();
    await page.click('[data-order=W1041] button[commandfor=edit]');
    await page.waitForSelector('#edit:modal');
    await page.mouse.click(4, 500);
    await page.waitForSelector('#edit', { state: 'hidden' });
    const told = await look(page, 'Happened', /Closed/);
    expect(told).toMatch(/Edit order W1041/);
    expect(told).toMatch(
      /Closed because you clicked outside: on <dialog id="edit">, [\d.]+ m?s after it opened\./,
    );
    expect(told).toMatch(/The click began and ended outside\./);
    expect(told).toMatch(
      /Opened because you used <button> “Edit order W1041”, which has the command “show-modal”\./,
    );
  });

  it('why does this button do nothing? It names what is not there, and which id was meant', async () => {
    const page = await openDesk();
    await page.evaluate(() => {
      document
        .querySelector('[data-order=W1041] button[commandfor=edit]')!
        .setAttribute('commandfor', 'edti');
    });
    await page.click('[data-order=W1041] button[commandfor=edti]');
    await page.click('[data-order=W1041] button[commandfor=edti]');
    const told = await look(page, 'Wrong', /was clicked, but its target "edti"/);
    expect(told).toMatch(/\(2 times\)/);
    expect(await look(page, 'Wrong', /no element has that id/)).toMatch(/Did you mean "edit"\?/);
    await page.click('[data-order=W1041] button[commandfor=edti]');
    await hear(page, /\(3 times\)/);
    expect(
      await page.evaluate(() =>
        document
          .querySelector('[data-shell-inspector]')!
          .shadowRoot!.querySelector('a[href*=invoker-target-missing]')!
          .getAttribute('href'),
      ),
    ).toBe('/diagnostics/invoker-target-missing/');
  });

  it('why did it stay? Its guard has refused, with an error, after a while', async () => {
    const page = await openDesk();
    await page.check('#failing');
    await page.focus('[data-order=W1041] button[commandfor=strike]');
    await page.keyboard.press('Enter');
    await page.click('#strike [value=strike]');
    await page.waitForSelector('#strike [role=alert]:not(:empty)');
    const told = await look(page, 'Happened', /Refused/);
    expect(told).toMatch(/Strike order W1041|Strike this order/);
    expect(told).toMatch(/Refused: its guard did not let it close\./);
    expect(told).toMatch(/It failed after [\d.]+ m?s: /);
  });

  it('why did this popover close? Because focus left it', async () => {
    const page = await openDesk();
    await page.click('[data-order=W1041] .berth');
    await page.waitForSelector('#tide:popover-open');
    await page.focus('[data-order=W1044] .berth');
    await page.waitForSelector('#tide', { state: 'hidden' });
    expect(await look(page, 'Happened', /focus left/)).toMatch(
      /Closed because focus left it: it moved from <button> to <button>, [\d.]+ m?s after it opened\./,
    );
  });

  it('where has this tab stop gone? It stands in a panel that is hidden', async () => {
    const page = await openDesk();
    await page.click('[data-order=W1041] button[commandfor=edit]');
    await page.waitForSelector('#edit:modal');
    const told = await look(page, 'Focus', /that Tab does not reach/);
    expect(told).toMatch(/Tab stays within “Edit order W1041”, which is modal\./);
    expect(told).toMatch(/When “Edit order W1041” closes, focus returns to <button> “Edit order W1041”\./);
    await pressIn(page, /that Tab does not reach/);
    expect(await view(page)).toMatch(
      /<textarea[^>]*>[^\n]*\s+Tab does not reach it: <div id="edit-notes">.* is hidden\./,
    );
  });
});

describe('what can be pressed', () => {
  it('what does this key do in a pattern of my own? What its description says', async () => {
    const page = await openDesk('own.html');
    await page.focus('#lines');
    const told = await look(page, 'Keys', /stepper “Mooring lines”/);
    expect(told).toMatch(/ArrowUp[\s\S]*becomes 5/);
    expect(told).toMatch(/End[\s\S]*becomes 12/);
  });

  it('tells what each key would do now, by the contract itself, and does nothing', async () => {
    const page = await openDesk('gallery.html');
    const tab = page.locator('#tabs-plain, [data-wire=tabs]').first().getByRole('tab').first();
    await tab.focus();
    const told = await look(page, 'Keys', /moves to/);
    expect(told).toMatch(/tab, Hull, selected, 1 of 3/);
    expect(told).toMatch(/ArrowRight\s+moves to “Rig”, and selects “Rig”/);
    expect(told).toMatch(/End\s+moves to “Engine”, and selects “Engine”/);
    expect(told).toMatch(/Enter\s+nothing now: it already has this state/);
    expect(await tab.getAttribute('aria-selected')).toBe('true');
    // The key may scroll the page, sooner or later: for the tabs it has done nothing all the same.
    await page.evaluate(() => addEventListener('keydown', () => scrollBy(0, 40), { once: true }));
    await page.keyboard.press('ArrowDown');
    expect(await look(page, 'Keys', /did nothing/)).toMatch(
      /ArrowDown did nothing: tabs “.*” has another orientation, so other arrow keys move\./,
    );
    await page.keyboard.press('ArrowRight');
    await look(page, 'Keys', /^(?![\s\S]*did nothing)[\s\S]*tab, Rig/);
    expect(await look(page, 'Heard', /tab, Rig/)).toMatch(/place\s+2 of 3/);
  });
});

describe('what is wired', () => {
  it('tells states, parts, and where each option came from; it is live, and a pick finds it', async () => {
    const { page } = await openFresh(
      open,
      '<button commandfor="d" command="--toggle">More</button><div id="d" data-wire="disclosure" data-wire-elastic="none" hidden>Text</div><div id="t"><h3>Sail plan</h3></div>',
    );
    await page.evaluate(async () => {
      const { inspector } = await shell.inspect();
      shell.setDefaults('disclosure', { externalChanges: 'accept' });
      shell.wireWithin(document.body);
      shell.wire('accordion', 't');
      inspector.about(document.querySelector('button')!);
    });
    expect(await look(page, 'Wired', /States/)).toMatch(/disclosure “More”/);
    const told = await view(page);
    expect(told).toMatch(/open\s+false/);
    expect(told).toMatch(/opener\s+there/);
    expect(told).toMatch(/elastic\s+“none”\s+attribute/);
    expect(told).toMatch(/externalChanges\s+“accept”\s+default of the page/);
    await page.click('[commandfor=d]');
    expect(await look(page, 'Wired', /open\s+true/)).toMatch(/open\s+true/);
    await pressIn(page, /^Pick on the page$/);
    await page.click('#t');
    expect(await look(page, 'Wired', /accordion “t”/)).toMatch(/item\s+missing: /);
    await page.click('[commandfor=d]');
    await pressIn(page, /^Pick on the page$/);
    await page.keyboard.press('Escape');
    await look(page, 'Happened', /Closed because you used/);
    await pressIn(page, /^Undo: Closed/);
    await page.waitForSelector('#d', { state: 'visible' });
    expect(await look(page, 'Happened', /because code has set it/)).toMatch(/Opened because code/);
  });

  it('opens with 10,000 of them, and shows those in view', async () => {
    const { page } = await openFresh(open, '');
    await page.evaluate(async () => {
      document.body.innerHTML = Array.from(
        { length: 10_000 },
        (_, at) =>
          `<section><button commandfor="x${at}" command="--toggle">More ${at}</button><div id="x${at}" data-wire="disclosure" hidden>Text</div></section>`,
      ).join('');
      shell.wireWithin(document.body);
      const { inspector } = await shell.inspect();
      inspector.open();
    });
    await look(page, 'Wired', /disclosure \(10000\)/);
    await pressIn(page, /^disclosure \(10000\)$/);
    await look(page, 'Wired', /More 3/);
    const rows = await page.evaluate(
      () =>
        document.querySelector('[data-shell-inspector]')!.shadowRoot!.querySelectorAll('[role=treeitem]')
          .length,
    );
    expect(rows).toBeLessThan(100);
  });
});

describe('beside the page', () => {
  it('is used by keyboard alone: the chord brings focus in, Tab stays, Escape gives it back, also over a modal dialog', async () => {
    const { page } = await open(desk('desk.html?inspect'));
    await page.waitForSelector('[data-shell-inspector]', { state: 'attached' });
    await page.click('[data-order=W1041] button[commandfor=edit]');
    await page.waitForSelector('#edit:modal');
    const before = await focused(page);
    await page.keyboard.press('Alt+Shift+Y');
    const active = () =>
      page.evaluate(
        () =>
          document.querySelector('[data-shell-inspector]')!.shadowRoot!.activeElement?.textContent ?? 'none',
      );
    expect(await active()).toBe('Wired');
    for (const name of ['Happened', 'Keys', 'Focus']) {
      await page.keyboard.press('ArrowRight');
      expect(await active()).toBe(name);
    }
    for (let at = 0; at < 12; at++) {
      await page.keyboard.press('Tab');
      expect(await active()).not.toBe('none');
    }
    await page.keyboard.press('Escape');
    expect(await focused(page)).toBe(before);
    expect(await page.locator('#edit:modal').count()).toBe(1);
    await page.keyboard.press('Alt+Shift+Y');
    await page.keyboard.press('Alt+Shift+Y');
    expect(await focused(page)).toBe(before);
    expect(await placeIn(page, /^Open the inspector$/)).toHaveLength(2);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#edit', { state: 'hidden' });
    await page.waitForFunction(
      () => document.querySelector('[data-shell-inspector]')!.parentElement === document.documentElement,
    );
  });

  it('gives the page room at the edge where it is docked, also below, and takes none when it floats', async () => {
    const { page } = await open(desk('desk.html?inspect'));
    const panel = page.getByRole('region', { name: 'Inspector' });
    await page.getByRole('button', { name: 'Open the inspector' }).click();
    /** Whether the panel covers a button of a row, or a modal dialog. */
    const covers = (selector: string) =>
      page.evaluate((wanted) => {
        const shown = document.querySelector('[data-shell-inspector]')!.shadowRoot!.querySelector('.panel')!;
        const [one, other] = [shown, document.querySelector(wanted)!].map((each) =>
          each.getBoundingClientRect(),
        );
        return (
          one!.left < other!.right &&
          other!.left < one!.right &&
          one!.top < other!.bottom &&
          other!.top < one!.bottom
        );
      }, selector);
    const more = '[data-order=W1042] .more';
    expect(await covers(more)).toBe(false);
    await panel.getByRole('button', { name: 'Dock at the start' }).click();
    expect(await covers('[data-order=W1042] .number')).toBe(false);
    await page.click('[data-order=W1042] .edit');
    await page.waitForSelector('#edit:modal');
    expect(await covers('#edit')).toBe(false);
    await page.keyboard.press('Escape');
    await panel.getByRole('button', { name: 'Dock below' }).click();
    await page.evaluate(() => scrollTo(0, document.body.scrollHeight));
    expect(await covers('.order:last-child .more')).toBe(false);
    const room = () => page.evaluate(() => getComputedStyle(document.documentElement).padding);
    await panel.getByRole('button', { name: 'Float' }).click();
    expect(await room()).toBe('0px');
    await panel.getByRole('button', { name: 'Dock at the end' }).click();
    expect(await room()).not.toBe('0px');
    await panel.getByRole('button', { name: 'Close the inspector' }).click();
    expect(await room()).toBe('0px');
  });

  it('gives way to what it points at', async () => {
    const { page } = await openFresh(
      open,
      '<button commandfor="p" command="--toggle">Open</button><div id="p">In it</div>',
    );
    const seen = await page.evaluate(async () => {
      shell.wire('disclosure', 'p', { open: true });
      const root = document.getElementById('p')!;
      Object.assign(root.style, {
        position: 'fixed',
        inset: 'auto 0 0 auto',
        inlineSize: '9rem',
        blockSize: '9rem',
      });
      const { inspector } = await shell.inspect();
      inspector.set({ side: 'float' });
      inspector.open();
      const panel = document.querySelector('[data-shell-inspector]')!.shadowRoot!.querySelector('.panel')!;
      const isFree = (): boolean => panel.getBoundingClientRect().right <= root.getBoundingClientRect().left;
      const before = isFree();
      inspector.about(root);
      const all = panel.parentElement!;
      const result = [before, isFree(), all.dataset['side']];
      inspector.set({ side: 'end' });
      return result;
    });
    expect(seen).toEqual([false, true, 'start']);
  });

  it('closes nothing: presses and focus in it are neither inside nor outside', async () => {
    const { page } = await openFresh(
      open,
      '<button commandfor="p" command="--toggle">Open</button><div id="p"><button>In it</button></div>',
    );
    await page.evaluate(async () => {
      shell.wire('popover', 'p', { focusOut: 'close' });
      const { inspector } = await shell.inspect();
      inspector.open();
    });
    await page.click('[commandfor=p]');
    await page.keyboard.press('Tab');
    expect(await focused(page)).toBe('In it');
    await look(page, 'Happened', /Opened/);
    expect(await focused(page)).toBe('In it');
    await page.evaluate(() =>
      document
        .querySelector('[data-shell-inspector]')!
        .shadowRoot!.querySelector<HTMLElement>('[aria-label="Show"]')!
        .focus(),
    );
    expect(await page.evaluate(() => document.getElementById('p')!.matches(':popover-open'))).toBe(true);
    expect(await page.evaluate(() => shell.log)).toEqual(['p open true command ']);
  });

  it('is passed over by Tab, and leaves no trace in the body', async () => {
    const { page } = await openFresh(open, '<button>One</button><button>Two</button>');
    const markup = await page.evaluate(() => document.body.outerHTML);
    await page.evaluate(async () => (await shell.inspect()).inspector.open());
    await page.focus('button');
    for (let at = 0; at < 4; at++) {
      await page.keyboard.press('Tab');
      expect(['One', 'Two', 'body']).toContain(
        await focused(page).then((name) => (/^(One|Two)$/.test(name) ? name : 'body')),
      );
      expect(await page.evaluate(() => document.activeElement!.localName)).not.toBe('div');
    }
    expect(await page.evaluate(() => document.body.outerHTML)).toBe(markup);
    expect(
      await page.evaluate(() => shell.journal.entries.filter(({ severity }) => severity !== 'note')),
    ).toEqual([]);
  });

  it.each([
    ['light', 'on a desk', { width: 1280, height: 800 }],
    ['dark', 'on a phone', { width: 375, height: 700 }],
  ] as const)('axe finds nothing in any view, in %s, %s', async (colorScheme, _, viewport) => {
    const page = await openDesk('gallery.html', { colorScheme, viewport, bypassCSP: true });
    for (const name of ['Wired', 'Happened', 'Keys', 'Focus', 'Heard', 'Wrong']) {
      await pressIn(page, new RegExp(`^${name}\\d*$`));
      expect([name, await violations(page, '[data-shell-inspector]')]).toEqual([name, []]);
    }
  });

  it('changes nothing of what keys do: a seeded hand comes by the same way with it and without', async () => {
    const keys = [
      'Tab',
      'Tab',
      'Shift+Tab',
      'ArrowDown',
      'ArrowUp',
      'ArrowLeft',
      'ArrowRight',
      'Home',
      'End',
      'Enter',
      'Space',
      'Escape',
    ];
    const walk = async (query: string): Promise<string[]> => {
      const { page } = await open(desk(`gallery.html${query}`));
      if (query) {
        await page.waitForSelector('[data-shell-inspector]', { state: 'attached' });
        await pressIn(page, /^Open the inspector$/);
      }
      await page.evaluate(() =>
        addEventListener('click', (event) => {
          if ((event.target as Element).closest('a')) event.preventDefault();
        }),
      );
      const random = seeded(20261);
      const way: string[] = [];
      await page.focus('h1 ~ * button, main button');
      for (let turn = 0; turn < 150; turn++) {
        const key = keys[Math.floor(random() * keys.length)]!;
        await page.keyboard.press(key);
        const open = await page.evaluate(async () => {
          while (document.querySelector('[aria-busy=true]')) await new Promise(requestAnimationFrame);
          return [
            ...document.querySelectorAll(':popover-open:not([data-shell-inspector], [role=tooltip]),:modal'),
          ]
            .map(({ id }) => id)
            .join();
        });
        way.push(`${key}: ${await focused(page)} ${open}`);
      }
      return way;
    };
    expect(await walk('?inspect')).toEqual(await walk(''));
  });
});
