// Lists in other settings: a shadow root, a disabled form, a modal dialog, a finger.
import { openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const option = (key: string, name = key): string => `<p role="option" data-key="${key}">${name}</p>`;
const field = (id: string, more = ''): string =>
  `<div id="${id}" data-name="${id}"><input role="combobox" aria-label="${id}" ${more}><div popover="manual"><div role="listbox">${option('ash')}${option('birch')}</div></div></div>`;

it('in a shadow root: rows keep focus, menus open by press and key, comboboxes pick', async () => {
  const { page } = await openBare(open, '<div id="host"></div>');
  await page.evaluate(
    (inner) => {
      const root = document.getElementById('host')!.attachShadow({ mode: 'open' });
      root.innerHTML = inner;
      const find = (id: string) => root.getElementById(id)!;
      shell.wireListbox(find('list'), {
        items: Array.from({ length: 1000 }, (_, at) => ({ key: `${at}`, label: `Row ${at}` })),
      });
      shell.wireMenu(find('menu'), { onPick: ({ key }) => shell.log.push(`pick ${key}`) });
      shell.wireCombobox(find('box'), {
        onChange: ({ name, value }) => shell.log.push(`${name} ${String(value)}`),
      });
    },
    `<div id="list" role="listbox" aria-label="L" style="max-height:200px;overflow:auto"></div><button id="b" commandfor="menu" command="--toggle">M</button><div id="menu" role="menu" popover="manual" aria-label="M"><button role="menuitem" data-key="one">One</button><button role="menuitem" data-key="two">Two</button></div>${field('box')}`,
  );
  const active = () =>
    page.evaluate(() => document.getElementById('host')!.shadowRoot!.activeElement?.textContent);
  await page.focus('#list [tabindex="0"]');
  await page.keyboard.press('End');
  expect(await active()).toBe('Row 999');
  await page.keyboard.press('ArrowUp');
  expect(await active()).toBe('Row 998');
  await page.focus('#b');
  await page.keyboard.press('ArrowUp');
  expect(await active()).toBe('Two');
  await page.keyboard.press('Enter');
  await page.click('#b');
  await page.click('[data-key=one]');
  await page.focus('#box input');
  await page.keyboard.type('bi');
  await page.keyboard.press('Enter');
  expect(await page.evaluate(() => shell.log)).toEqual(
    expect.arrayContaining(['pick two', 'pick one', 'selected birch']),
  );
});

it('in a form: what is disabled sends nothing, what is required holds it up', async () => {
  const { page } = await openBare(
    open,
    `<form id="f">${field('tree', 'required')}<fieldset disabled>${field('wood')}</fieldset></form>`,
  );
  const sent = () =>
    page.evaluate(() => [...new FormData(document.querySelector('form')!).entries()].join(' '));
  const valid = () => page.evaluate(() => document.querySelector('form')!.checkValidity());
  await page.evaluate(() => {
    shell.wire('combobox', 'tree');
    shell.wire('combobox', 'wood', { selected: 'ash' });
  });
  expect([await sent(), await valid()]).toEqual(['', false]);
  await page.focus('#tree input');
  for (const key of ['ArrowDown', 'Enter']) await page.keyboard.press(key);
  expect([await sent(), await valid()]).toEqual(['tree,ash', true]);
  await page.evaluate(() => document.querySelector('fieldset')!.removeAttribute('disabled'));
  expect(await sent()).toBe('tree,ash wood,ash');
});

it('in a modal dialog: Escape closes the list, then clears, then closes the dialog', async () => {
  const { page } = await openBare(
    open,
    `<button id="b" commandfor="d" command="show-modal">Open</button><dialog id="d"><h2>D</h2>${field('box')}<button commandfor="d" command="close">Close</button></dialog>`,
  );
  await page.evaluate(() => {
    shell.wire('dialog', 'd');
    shell.wire('combobox', 'box');
  });
  await page.click('#b');
  await page.focus('#box input');
  // Escape clears what the user has typed since the field got focus; otherwise it is the dialog's.
  await page.keyboard.type('ash');
  for (const key of ['Enter', 'ArrowDown']) await page.keyboard.press(key);
  const state = () =>
    page.evaluate(() => [
      !!document.querySelector('[popover]:popover-open'),
      document.querySelector('input')!.value,
      document.querySelector('dialog')!.open,
    ]);
  const seen = [await state()];
  for (let turn = 0; turn < 3; turn++) {
    await page.keyboard.press('Escape');
    seen.push(await state());
  }
  expect(seen).toEqual([
    [true, 'ash', true],
    [false, 'ash', true],
    [false, '', true],
    [false, '', false],
  ]);
});

it('by touch: rows of a listbox and of a tree', async () => {
  const { page } = await openBare(
    open,
    `<div id="l" role="listbox" aria-label="L">${option('a', 'A')}${option('b', 'B')}</div><ul id="t" aria-label="T"><li data-key="x">X<ul><li data-key="y">Y</li></ul></li></ul>`,
    { hasTouch: true, isMobile: true, viewport: { width: 375, height: 700 } },
  );
  await page.evaluate(() => {
    shell.wire('listbox', 'l');
    shell.wire('tree', 't');
  });
  await page.tap('[data-key=b]');
  await page.tap('[data-key=x]');
  await page.tap('[data-key=y]');
  const log = await page.evaluate(() => shell.log.filter((line) => !line.includes('current')));
  expect(log).toEqual([
    'l selected b press',
    't selected x press',
    't expanded x press',
    't selected y press',
  ]);
});
