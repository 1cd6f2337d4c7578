// Pages whose parts a server renders again: what is open, where focus goes, and what is left behind.
import type { Page } from 'playwright-core';
import { earlyScript } from 'elastic-shell/server';
import { changes, focused, openBare, openFresh, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

/** Puts markup into an element and wires it, as a page does with what its server sends. */
const send = (page: Page, id: string, html: string): Promise<void> =>
  page.evaluate(
    ([into, markup]) => {
      const part = document.getElementById(into!)!;
      part.innerHTML = markup!;
      for (const wired of shell.wireWithin(part))
        wired.update({
          onChange: ({ name, value, reason }: { name: string; value: unknown; reason: string }) =>
            shell.log.push(`${wired.root.id} ${name} ${String(value)} ${reason}`),
        });
    },
    [id, html],
  );

const tasks = (page: Page): Promise<unknown> =>
  page.evaluate(() => new Promise((resolve) => setTimeout(() => setTimeout(resolve))));

describe('a dialog that is sent open', () => {
  const form = (name: string, more = ''): string =>
    `<button id="o" commandfor="d" command="show-modal">Edit</button><dialog id="d" data-wire="dialog" data-wire-open="true"><h2 id="h">Edit</h2><input id="name" aria-label="Name" value="${name}">${more}<button id="x" commandfor="d" command="close">Close</button></dialog>`;

  it('stays open when it is sent once more, with its field in focus, and goes back to its opener', async () => {
    const { page } = await openBare(open, '<button id="first">First</button><main id="m"></main>');
    await send(page, 'm', form(''));
    await page.waitForSelector('#d:modal[data-phase=open]');
    expect(await focused(page)).toBe('name');
    await send(page, 'm', form('', '<p id="error">It needs a name.</p>'));
    await send(page, 'm', form('', '<p id="error">It still needs a name.</p>'));
    await tasks(page);
    await page.waitForSelector('#d:modal[data-phase=open]');
    expect([await page.locator('dialog:modal').count(), await focused(page)]).toEqual([1, 'name']);
    // What was taken away has closed; what came in its place has not changed.
    expect(await changes(page)).toEqual(['d open false removed', 'd open false removed']);
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d:not([open])', { state: 'attached' });
    expect(await focused(page)).toBe('o');
  });

  it('goes back to its only opener, though that stands after other controls', async () => {
    const { page } = await openBare(
      open,
      '<button id="first">First</button><main id="m"></main><button id="o" commandfor="d" command="show-modal">Edit</button>',
    );
    await send(
      page,
      'm',
      '<dialog id="d" data-wire="dialog" data-wire-open="true"><h2>Edit</h2><button id="x" commandfor="d" command="close">Close</button></dialog>',
    );
    await page.waitForSelector('#d:modal[data-phase=open]');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d:not([open])', { state: 'attached' });
    expect(await focused(page)).toBe('o');
  });

  it('sent with the plain attribute, which shows it without script, it goes back to its opener too', async () => {
    const { page } = await openBare(
      open,
      '<button id="first">First</button><button id="o" commandfor="d" command="show-modal">Edit</button><main id="m"></main>',
    );
    await send(
      page,
      'm',
      '<dialog open id="d" data-wire="dialog" data-wire-open="true"><h2>Edit</h2><input id="name" aria-label="Name"><button id="x" commandfor="d" command="close">Close</button></dialog>',
    );
    await page.waitForSelector('#d:modal[data-phase=open]');
    expect(await focused(page)).toBe('name');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d:not([open])', { state: 'attached' });
    expect(await focused(page)).toBe('o');
  });

  it('of several openers focus goes back to one that shows', async () => {
    const { page } = await openBare(
      open,
      '<div hidden><button commandfor="d" command="show-modal">Edit</button></div><button id="first">First</button><button id="o" commandfor="d" command="show-modal">Edit</button><main id="m"></main>',
    );
    await send(page, 'm', form('').replace(/<button id="o".*?<\/button>/, ''));
    await page.waitForSelector('#d:modal[data-phase=open]');
    await page.keyboard.press('Escape');
    await page.waitForSelector('#d:not([open])', { state: 'attached' });
    expect(await focused(page)).toBe('o');
  });
});

it('a dialog that a menu item opened before the script goes back to what opened the menu', async () => {
  const { page } = await openBare(
    open,
    '<button id="first">First</button><button id="more" commandfor="m" command="toggle-popover">More</button><div id="m" role="menu" popover="auto"><button id="edit" role="menuitem" commandfor="d" command="show-modal">Edit</button></div><dialog id="d"><h2>Edit</h2><button id="x" commandfor="d" command="close">Close</button></dialog>',
  );
  await page.evaluate(() => {
    const get = (id: string) => document.getElementById(id)!;
    get('more').focus();
    get('m').showPopover();
    get('edit').focus();
    // The platform hides the menu behind the dialog.
    (get('d') as HTMLDialogElement).showModal();
    shell.wireMenu(get('m'));
    shell.wireDialog(get('d'));
  });
  await page.keyboard.press('Escape');
  await page.waitForSelector('#d:not([open])', { state: 'attached' });
  expect(await focused(page)).toBe('more');
});

it('a field that is replaced by one with its id in an open dialog keeps focus and caret', async () => {
  const { page } = await openBare(open, '<main id="m"></main>');
  const fields = (error: string): string =>
    `<p>${error}</p><input id="name" aria-label="Name" value="Reedmace">`;
  await send(
    page,
    'm',
    `<dialog id="d" data-wire="dialog" data-wire-open="true"><h2 id="h">Edit</h2><form id="f">${fields('')}</form></dialog>`,
  );
  await page.waitForSelector('#d:modal[data-phase=open]');
  expect(await focused(page)).toBe('name');
  await page.evaluate(() => document.querySelector('input')!.setSelectionRange(4, 4));
  await send(page, 'f', fields('It has that name already.'));
  await tasks(page);
  expect(await focused(page)).toBe('name');
  await page.keyboard.type('s');
  expect(await page.evaluate(() => document.querySelector('input')!.value)).toBe('Reedsmace');
});

describe('a row that is gone', () => {
  const row = (id: string): string =>
    `<li id="${id}"><b>${id}</b> <button id="${id}-b" commandfor="${id}-d" command="show-modal">Strike</button><dialog id="${id}-d" data-wire="dialog"><h2>Strike ${id}?</h2><button id="${id}-x" commandfor="${id}-d" command="close" value="yes">Strike it</button></dialog></li>`;
  const rows = (...ids: string[]): string => ids.map(row).join('');
  /** The same without an id on a row or a control. */
  const bare = (html: string): string =>
    html.replace(/<li id="\w+">/g, '<li>').replace(/<button id="\w-[bx]"/g, '<button');

  /** A list of rows, with the dialog of the second open. */
  const asked = async (html: string): Promise<Page> => {
    const { page } = await openBare(
      open,
      '<button id="first">First</button><ul id="m"></ul><button id="end">End</button>',
    );
    await send(page, 'm', html);
    await page.click('[commandfor=b-d]');
    await page.waitForSelector('#b-d:modal[data-phase=open]');
    return page;
  };

  it.each([
    ['with ids', (html: string) => html],
    ['without ids', bare],
  ])('by innerHTML, %s: focus goes to the next row', async (_, made) => {
    const page = await asked(made(rows('a', 'b', 'c')));
    await page.keyboard.press('Enter');
    await page.waitForSelector('#b-d:not([open])', { state: 'attached' });
    await send(page, 'm', made(rows('a', 'c')));
    await tasks(page);
    expect(await page.evaluate(() => document.activeElement!.getAttribute('commandfor'))).toBe('c-d');
  });

  it('by innerHTML while its dialog is open: the dialog closes, and focus goes to the next row', async () => {
    const page = await asked(rows('a', 'b', 'c'));
    await send(page, 'm', rows('a', 'c'));
    await tasks(page);
    expect(await focused(page)).toBe('c-b');
    expect(await page.evaluate(() => document.documentElement.hasAttribute('style'))).toBe(false);
  });

  it('the last one: focus goes to what follows the list', async () => {
    const page = await asked(rows('a', 'b'));
    await send(page, 'm', rows('a'));
    await tasks(page);
    expect(await focused(page)).toBe('end');
  });

  it('each row is made anew, and only then the old one goes: focus goes to the next row', async () => {
    const page = await asked(rows('a', 'b', 'c'));
    await page.evaluate(
      (html) => {
        const list = document.getElementById('m')!;
        const old = [...list.children];
        const fresh = document.createElement('ul');
        fresh.innerHTML = html;
        list.prepend(...fresh.children);
        for (const each of old) each.remove();
        shell.wireWithin(list);
      },
      rows('a', 'c'),
    );
    await tasks(page);
    expect(await focused(page)).toBe('c-b');
  });
});

it('unwired and removed in one task, what was open gives focus to what follows', async () => {
  const { page } = await openBare(open, '<main id="m"></main><button id="end">End</button>');
  await send(
    page,
    'm',
    '<section id="s"><button id="o" commandfor="d" command="show-modal">O</button><dialog id="d" data-wire="dialog"><h2>T</h2><button commandfor="d" command="close">Close</button></dialog></section>',
  );
  await page.click('#o');
  await page.waitForSelector('#d:modal[data-phase=open]');
  await page.evaluate(() => {
    const part = document.getElementById('s')!;
    shell.unwireWithin(part);
    part.remove();
  });
  await tasks(page);
  expect(await focused(page)).toBe('end');
});

it('a focused tab that is moved keeps focus', async () => {
  const { page } = await openBare(open, '<main id="m"></main>');
  await send(
    page,
    'm',
    '<div id="t" data-wire="tabs"><div role="tablist" aria-label="T"><button role="tab" id="one" aria-controls="p1">One</button><button role="tab" id="two" aria-controls="p2">Two</button></div><p id="p1" role="tabpanel">1</p><p id="p2" role="tabpanel">2</p></div>',
  );
  await page.click('#two');
  await page.evaluate(() =>
    document.querySelector('[role=tablist]')!.prepend(document.getElementById('two')!),
  );
  await tasks(page);
  expect(await focused(page)).toBe('two');
});

describe('what is not unwired', () => {
  const part = (at: number): string =>
    `<button commandfor="p${at}" command="toggle-popover">P</button><div id="p${at}" data-wire="popover">P</div><div data-wire="accordion"><h3><button aria-controls="s${at}">S</button></h3><p id="s${at}">S</p></div>`;

  it('unwires itself when it has gone, and not when it was only moved', async () => {
    const { page } = await openBare(open, '<main id="m"></main><aside id="n"></aside>');
    await send(page, 'm', part(1));
    const seen = await page.evaluate(async (html) => {
      const get = (id: string) => document.getElementById(id)!;
      const later = () => new Promise((resolve) => setTimeout(() => setTimeout(resolve)));
      const [popover, accordion] = document.querySelectorAll('[data-wire]');
      const isWired = () => [popover!, accordion!].map((each) => !!shell.wiredOf(each));
      get('n').append(...get('m').childNodes);
      await later();
      const moved = isWired();
      // Taken out in one task, and put back in it.
      const nodes = [...get('n').childNodes];
      get('n').replaceChildren();
      get('n').append(...nodes);
      await later();
      const back = isWired();
      get('n').innerHTML = html;
      await later();
      return [moved, back, isWired(), popover!.outerHTML];
    }, part(2));
    expect(seen).toEqual([
      [true, true],
      [true, true],
      [false, false],
      '<div id="p1" data-wire="popover">P</div>',
    ]);
  });

  it('what is wired before it is put into the page waits for that', async () => {
    const { page } = await openBare(open, '<main id="m"></main>');
    const seen = await page.evaluate(async (html) => {
      const later = () => new Promise((resolve) => setTimeout(() => setTimeout(resolve)));
      const fresh = document.createElement('section');
      fresh.innerHTML = html;
      shell.wireWithin(fresh);
      const root = fresh.querySelector('[data-wire]')!;
      const main = document.getElementById('m')!;
      main.append('Text');
      await later();
      const before = !!shell.wiredOf(root);
      main.append(fresh);
      await later();
      const during = !!shell.wiredOf(root);
      fresh.remove();
      await later();
      return [before, during, !!shell.wiredOf(root)];
    }, part(1));
    expect(seen).toEqual([true, true, false]);
  });

  it('two parts that arrive in one task, a part within a part, and one that is still streamed into', async () => {
    const { page } = await openBare(open, '<main id="m"></main><aside id="n"></aside>');
    const seen = await page.evaluate(
      ([one, two]) => {
        const get = (id: string) => document.getElementById(id)!;
        const names = (wired: { root: Element }[]) => wired.map(({ root }) => root.id || root.localName);
        get('m').innerHTML = one!;
        get('n').innerHTML = two!;
        const both = [names(shell.wireWithin(get('n'))), names(shell.wireWithin(get('m')))];
        const again = names(shell.wireWithin(document));
        // A popover within the panel of an accordion.
        get('s1').innerHTML = '<span id="inner" data-wire="popover">I</span>';
        const inner = [names(shell.wireWithin(get('s1'))), names(shell.wireWithin(get('m')))];
        get('m').insertAdjacentHTML('beforeend', '<div id="late" data-wire="popover">L</div>');
        return [...both, again, ...inner, names(shell.wireWithin(document))];
      },
      [part(1), part(2)],
    );
    expect(seen).toEqual([['p2', 'div'], ['p1', 'div'], [], ['inner'], [], ['late']]);
  });
});

it('a description that goes while the dialog is closed is not referred to any more, and a new one is', async () => {
  const { page } = await openBare(open, '<main id="m"></main>');
  await send(
    page,
    'm',
    '<dialog id="d" role="alertdialog" data-wire="dialog"><h2>Strike it?</h2><p id="p">All of it.</p><button commandfor="d" command="close">Keep</button></dialog><button commandfor="d" command="show-modal">O</button>',
  );
  await page.click('[command=show-modal]');
  await page.keyboard.press('Escape');
  const described = (): Promise<string | null> =>
    page.evaluate(async () => {
      await new Promise((resolve) => setTimeout(resolve));
      return document.getElementById('d')!.getAttribute('aria-describedby');
    });
  expect(await described()).toBe('p');
  await page.evaluate(() => document.getElementById('p')!.remove());
  expect(await described()).toBe(null);
  await page.evaluate(() => document.querySelector('h2')!.insertAdjacentHTML('afterend', '<p id="q">Q</p>'));
  expect(await described()).toBe('q');
});

it.each([
  ['is still there', ['a', 'b', 'c'], 'b'],
  ['is gone', ['a', 'c'], 'c'],
])('options that are rendered again: focus stays in the list if the option %s', async (_, keys, then) => {
  const { page } = await openBare(open, '<main id="m"></main><button id="end">End</button>');
  const options = (all: readonly string[]): string =>
    all.map((key) => `<div role="option" data-key="${key}">${key}</div>`).join('');
  await send(
    page,
    'm',
    `<div id="l" role="listbox" aria-label="L" data-wire="listbox">${options(['a', 'b', 'c'])}</div>`,
  );
  await page.click('[data-key=b]');
  await send(page, 'l', options(keys));
  await tasks(page);
  expect(await page.evaluate(() => document.activeElement!.getAttribute('data-key'))).toBe(then);
});

it('what was closed before the script came stays closed', async () => {
  const { page } = await openFresh(open, '');
  await page.evaluate((script) => {
    document.head.append(Object.assign(document.createElement('script'), { textContent: script }));
    document.body.innerHTML =
      '<details id="hours" open data-wire="disclosure" data-wire-open="true"><summary>Hours</summary><p>All day</p></details><details id="tides" open data-wire="disclosure" data-wire-open="true"><summary>Tides</summary><p>High</p></details>';
  }, earlyScript);
  await page.waitForSelector('#hours[data-wire-open=true]');
  await page.click('#hours summary');
  await page.waitForSelector('#hours[data-wire-open=false]');
  const isOpen = await page.evaluate(() => {
    shell.wireWithin(document);
    return ['hours', 'tides'].map((id) => document.getElementById(id)!.hasAttribute('open'));
  });
  expect(isOpen).toEqual([false, true]);
});
