// Elements in React: properties of the first render, refusals that the owner follows, and a page that is taken over.
import { act, createElement as h, type ReactNode, useState } from 'react';
import { createRoot, hydrateRoot, type Root } from 'react-dom/client';
import 'elastic-shell/elements';
import type { Change, Refusal } from 'elastic-shell';
import { settle } from './page';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

let root: Root;
let place: HTMLElement;
beforeEach(() => document.body.replaceChildren((place = document.createElement('div'))));
afterEach(() => act(async () => root.unmount()));

const rigs = [
  { key: 'gaff', label: 'Gaff' },
  { key: 'lug', label: 'Lug' },
];

function Ladder({ first, guard }: { first: boolean; guard: () => unknown }) {
  const [open, setOpen] = useState(first);
  return h(
    'div',
    null,
    h('button', { onClick: () => setOpen(!open), className: 'owner' }, open ? 'open' : 'closed'),
    h(
      'shell-disclosure',
      {
        open,
        guard,
        'onshell-change': ({ detail }: CustomEvent<Change>) => setOpen(detail.value as boolean),
        'onshell-refuse': ({ detail }: CustomEvent<Refusal>) => setOpen(detail.previous as boolean),
      } as object,
      h('button', { 'aria-controls': 'crane' }, 'Crane'),
      h('div', { id: 'crane' }, 'Nine tonnes'),
    ),
  );
}

const show = (node: ReactNode): Promise<void> =>
  act(async () => {
    root = createRoot(place);
    root.render(node);
  });
const press = (selector: string): Promise<void> =>
  act(async () => {
    place.querySelector<HTMLElement>(selector)!.click();
    await settle();
  });

it('takes data and functions of the first render, and follows what the owner says', async () => {
  await show(
    h(
      'shell-listbox',
      { items: rigs, selected: 'lug', render: ({ label }: { label: string }) => `${label} rig` } as object,
      h('div', { role: 'listbox', 'aria-label': 'Rig' }),
    ),
  );
  const listbox = place.querySelector('shell-listbox')!;
  expect([listbox.textContent, listbox.selected]).toEqual(['Gaff rigLug rig', 'lug']);
});

it('tells the owner of a change and of a refusal, so that both hold the same', async () => {
  let answer: unknown = true;
  await show(h(Ladder, { first: true, guard: () => answer }));
  const element = place.querySelector('shell-disclosure')!;
  expect([element.open, place.querySelector('.owner')!.textContent]).toEqual([true, 'open']);
  await press('[aria-controls]');
  expect([element.open, place.querySelector('.owner')!.textContent]).toEqual([false, 'closed']);
  answer = false;
  await press('.owner');
  expect([element.open, place.querySelector('.owner')!.textContent]).toEqual([false, 'closed']);
  answer = Promise.resolve(false);
  await press('.owner');
  expect([element.open, place.querySelector('.owner')!.textContent]).toEqual([false, 'closed']);
  answer = true;
  await press('.owner');
  expect([element.open, place.querySelector('.owner')!.textContent]).toEqual([true, 'open']);
});

it('takes over a page whose elements were defined before, with nothing to mend', async () => {
  const { renderToString } = await import('react-dom/server');
  const app = h(
    'shell-tabs',
    { 'data-wire-selected': 'survey' } as object,
    h(
      'div',
      { role: 'tablist', 'aria-label': 'Boat' },
      ['work', 'survey'].map((key) => h('button', { role: 'tab', key, 'data-key': key }, key)),
    ),
    h('p', { role: 'tabpanel' }, 'Work'),
    h('p', { role: 'tabpanel' }, 'Survey'),
  );
  const said = jest.spyOn(console, 'error').mockImplementation(() => {});
  place.setAttribute('data-wire-wait', '');
  place.innerHTML = renderToString(app);
  const element = place.querySelector('shell-tabs')!;
  const tab = place.querySelector('[data-key=survey]')!;
  await settle();
  expect(element.wired).toBeUndefined();
  await act(async () => {
    root = hydrateRoot(place, app, { onRecoverableError: (error) => console.error(error) });
  });
  place.removeAttribute('data-wire-wait');
  await settle();
  expect(said.mock.calls).toEqual([]);
  expect([element.selected, place.contains(tab), tab.ariaSelected]).toEqual(['survey', true, 'true']);
  said.mockRestore();
});
