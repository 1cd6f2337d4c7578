// Elements as controls of a form: what it sends, its labels, a reset, what is missing, and a disabled fieldset; in a document and in a
// shadow root.
import type { Page } from 'playwright-core';
import { focused, openBare, useBrowser } from '../browser/support/browser';

const { open } = useBrowser();

const options = ['gaff', 'lug', 'cutter']
  .map((key) => `<div role="option" data-key="${key}">${key}</div>`)
  .join('');
const form = `<form id="f"><fieldset id="set">
  <label id="rig-label" for="rig">Rig</label><shell-listbox id="rig" name="rig"><div role="listbox" id="rigs">${options}</div></shell-listbox>
  <label for="boats">Boats</label><shell-listbox id="boats" name="boats" multiple><div role="listbox" id="several">${options}</div></shell-listbox>
  <label for="lights">Lights</label><shell-switch id="lights" name="lights" value="all"><button role="switch" type="button" id="box"></button></shell-switch>
  <label for="berth">Berth</label><shell-combobox id="berth" name="berth" required><div id="holder" role="combobox" tabindex="0"><span data-value>Choose</span></div><div popover="manual"><div role="listbox" id="berths">${options}</div></div></shell-combobox>
  <label for="town">Town</label><shell-combobox id="town" name="town" free-text><input role="combobox" id="field"><div popover="manual"><div role="listbox" id="towns">${options}</div></div></shell-combobox>
  </fieldset><button id="send">Send</button></form>`;

/** Opens the form in the document, or in a shadow root. */
const start = async (where: string): Promise<Page> => {
  const { page } = await openBare(open, '<div id="host"></div>');
  await page.evaluate(
    async ([markup, place]) => {
      const host = document.getElementById('host')!;
      const tree = place === 'document' ? host : host.attachShadow({ mode: 'open' });
      tree.innerHTML = markup!;
      const get = (id: string) => tree.querySelector<HTMLElement>(`#${id}`)!;
      Object.assign(globalThis, {
        get,
        sent: () => [...new FormData(get('f') as HTMLFormElement)].map((entry) => entry.join('=')).join(' '),
      });
      await new Promise((resolve) => setTimeout(resolve));
    },
    [form, where],
  );
  return page;
};
interface Tools {
  get(id: string): HTMLElement & Record<string, unknown>;
  sent(): string;
}
const sent = (page: Page): Promise<string> => page.evaluate(() => (globalThis as unknown as Tools).sent());
const click = (page: Page, id: string, inside = ''): Promise<void> =>
  page.click(`#${id}${inside && ` ${inside}`}`);
const has = (page: Page, id: string, property: string): Promise<unknown> =>
  page.evaluate(([at, name]) => (globalThis as unknown as Tools).get(at!)[name!], [id, property]);

describe.each(['document', 'shadow root'])('in a %s', (where) => {
  it('sends what is selected, on and typed, under its name', async () => {
    const page = await start(where);
    expect(await sent(page)).toBe('');
    await page.evaluate(() => {
      const { get } = globalThis as unknown as Tools;
      get('rigs').querySelector<HTMLElement>('[data-key=lug]')!.click();
      get('several').querySelector<HTMLElement>('[data-key=gaff]')!.click();
      get('several').querySelector<HTMLElement>('[data-key=cutter]')!.click();
      get('box').click();
      get('berth')['selected'] = 'lug';
      get('field').focus();
    });
    await page.keyboard.type('Saltmere');
    await page.keyboard.press('Tab');
    await page.evaluate(() => new Promise((resolve) => setTimeout(resolve)));
    expect(await sent(page)).toBe('rig=lug boats=gaff boats=cutter lights=on berth=lug town=Saltmere');
    expect(
      await page.evaluate(() => {
        const { get } = globalThis as unknown as Tools;
        return (get('rig')['form'] as Element).id;
      }),
    ).toBe('f');
  });

  it('a reset brings back how it began', async () => {
    const page = await start(where);
    await page.evaluate(() => {
      const { get } = globalThis as unknown as Tools;
      get('rigs').querySelector<HTMLElement>('[data-key=lug]')!.click();
      get('box').click();
      (get('f') as unknown as HTMLFormElement).reset();
    });
    await page.evaluate(() => new Promise((resolve) => setTimeout(() => setTimeout(resolve))));
    expect([
      await sent(page),
      await has(page, 'rig', 'selected'),
      await has(page, 'lights', 'checked'),
    ]).toEqual(['', undefined, false]);
  });

  it('says what is missing, and does not send', async () => {
    const page = await start(where);
    const asked = await page.evaluate(() => {
      const { get } = globalThis as unknown as Tools;
      let times = 0;
      get('f').addEventListener('submit', (event) => {
        event.preventDefault();
        times++;
      });
      const { valueMissing } = get('berth')['validity'] as ValidityState;
      (get('f') as unknown as HTMLFormElement).requestSubmit();
      const root = get('f').getRootNode() as Document;
      const before = [times, valueMissing, root.activeElement!.id];
      get('berth')['selected'] = 'gaff';
      (get('f') as unknown as HTMLFormElement).requestSubmit();
      return [...before, times, (get('berth')['checkValidity'] as () => boolean).call(get('berth'))];
    });
    expect(asked).toEqual([0, true, 'holder', 1, true]);
  });

  it('a disabled fieldset disables it: it is not sent, and cannot be used', async () => {
    const page = await start(where);
    const seen = await page.evaluate(() => {
      const { get, sent: now } = globalThis as unknown as Tools;
      const press = (): void => get('rigs').querySelector<HTMLElement>('[data-key=gaff]')!.click();
      get('rig')['selected'] = 'lug';
      (get('set') as unknown as HTMLFieldSetElement).disabled = true;
      press();
      const off = [now(), get('rig')['selected'], get('rigs').ariaDisabled, get('rig').matches(':disabled')];
      (get('set') as unknown as HTMLFieldSetElement).disabled = false;
      get('rig')['disabled'] = true;
      press();
      const own = [now(), get('rig')['selected']];
      get('rig')['disabled'] = false;
      press();
      return [...off, ...own, now(), get('rigs').ariaDisabled];
    });
    expect(seen).toEqual(['', 'lug', 'true', true, '', 'lug', 'rig=gaff', null]);
  });

  it('a label names the control, and a press on it goes there', async () => {
    const page = await start(where);
    const seen = await page.evaluate(() => {
      const { get } = globalThis as unknown as Tools;
      const names = ['rigs', 'box', 'holder', 'field'].map((id) => {
        const control = get(id);
        const ids = control.getAttribute('aria-labelledby') ?? '';
        return ids
          .split(' ')
          .map((each) => (each ? get(each).textContent : ''))
          .join(' ');
      });
      const label = (id: string): void => get('f').querySelector<HTMLElement>(`label[for=${id}]`)!.click();
      label('lights');
      const isOn = get('lights')['checked'];
      label('town');
      return [...names, isOn, (get('f').getRootNode() as Document).activeElement!.id];
    });
    expect(seen).toEqual(['Rig', 'Lights', 'Berth', 'Town', true, 'field']);
  });
});

it('what the browser has kept is given back', async () => {
  const page = await start('document');
  await page.evaluate(() => {
    const { get } = globalThis as unknown as Tools;
    const restore = (id: string, kept: string): void =>
      (get(id)['formStateRestoreCallback'] as (kept: string, mode: string) => void).call(
        get(id),
        kept,
        'restore',
      );
    restore('rig', '["cutter"]');
    restore('boats', '["gaff","lug"]');
    restore('lights', '["on"]');
    restore('town', 'not ours');
  });
  expect(await sent(page)).toBe('rig=cutter boats=gaff boats=lug lights=on');
});

it('without a name on the element what is inside is sent as before', async () => {
  const { page } = await openBare(
    open,
    `<form id="f"><shell-switch><button role="switch" type="button" id="box" name="lights" aria-label="Lights"></button></shell-switch><shell-listbox><div role="listbox" data-name="rig" aria-label="Rig">${options}</div></shell-listbox></form>`,
  );
  await click(page, 'box');
  await page.click('[data-key=lug]');
  expect(
    await page.evaluate(() =>
      [...new FormData(document.querySelector('form')!)].map((entry) => entry.join('=')).join(' '),
    ),
  ).toBe('lights=on rig=lug');
  expect(await focused(page)).not.toBe('body');
});
