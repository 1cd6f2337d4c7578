// Elements in Vue: properties of the first render, refusals that the owner follows, and a page that is taken over.
import { type App, createApp, createSSRApp, defineComponent, h, nextTick, ref } from 'vue';
import 'elastic-shell/elements';
import type { Change, Refusal } from 'elastic-shell';
import { settle } from './page';

let app: App;
let place: HTMLElement;
beforeEach(() => document.body.replaceChildren((place = document.createElement('div'))));
afterEach(() => app.unmount());

const rigs = [
  { key: 'gaff', label: 'Gaff' },
  { key: 'lug', label: 'Lug' },
];
const press = async (selector: string): Promise<void> => {
  place.querySelector<HTMLElement>(selector)!.click();
  await settle();
  await nextTick();
};

it('takes data and functions of the first render', async () => {
  app = createApp({
    render: () =>
      h(
        'shell-listbox',
        { items: rigs, selected: 'lug', render: ({ label }: { label: string }) => `${label} rig` },
        [h('div', { role: 'listbox', 'aria-label': 'Rig' })],
      ),
  });
  app.mount(place);
  await settle();
  const listbox = place.querySelector('shell-listbox')!;
  expect([listbox.textContent, listbox.selected]).toEqual(['Gaff rigLug rig', 'lug']);
});

it('tells the owner of a change and of a refusal, so that both hold the same', async () => {
  const open = ref(true);
  let answer: unknown = true;
  app = createApp({
    render: () =>
      h(
        'shell-disclosure',
        {
          open: open.value,
          guard: () => answer,
          onShellChange: ({ detail }: CustomEvent<Change<boolean>>) => (open.value = detail.value),
          onShellRefuse: ({ detail }: CustomEvent<Refusal>) => (open.value = detail.previous as boolean),
        },
        [h('button', { 'aria-controls': 'crane' }, 'Crane'), h('div', { id: 'crane' }, 'Nine tonnes')],
      ),
  });
  app.mount(place);
  const element = place.querySelector('shell-disclosure')!;
  expect(element.open).toBe(true);
  await press('[aria-controls]');
  expect([element.open, open.value]).toEqual([false, false]);
  for (const refusal of [false, Promise.resolve(false)]) {
    answer = refusal;
    open.value = true;
    await settle();
    expect([element.open, open.value]).toEqual([false, false]);
  }
});

it('takes over a page whose elements were defined before, with nothing to mend', async () => {
  const { renderToString } = await import('@vue/server-renderer');
  const Boat = defineComponent(() => {
    const selected = ref('survey');
    const keys = ['work', 'survey', 'papers'];
    return () =>
      h('shell-tabs', { 'data-wire-selected': selected.value }, [
        h(
          'div',
          { role: 'tablist', 'aria-label': 'Boat' },
          keys.map((key) => h('button', { role: 'tab', 'data-key': key }, key)),
        ),
        ...keys.map(() => h('p', { role: 'tabpanel' }, '…')),
      ]);
  });
  const warned = jest.spyOn(console, 'warn').mockImplementation(() => {});
  place.setAttribute('data-wire-wait', '');
  place.innerHTML = await renderToString(createSSRApp(Boat));
  const tab = place.querySelector('[data-key=survey]')!;
  await settle();
  app = createSSRApp(Boat);
  app.mount(place);
  place.removeAttribute('data-wire-wait');
  await settle();
  expect(warned.mock.calls).toEqual([]);
  const element = place.querySelector('shell-tabs')!;
  expect([element.selected, place.contains(tab), tab.ariaSelected]).toEqual(['survey', true, 'true']);
  warned.mockRestore();
});
