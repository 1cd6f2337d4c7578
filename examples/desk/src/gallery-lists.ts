// The gallery's lists: trees, menus, listboxes and comboboxes, plain ones marked with data-wire, others from data.
import type { Item, TreeNode } from 'elastic-shell';
import { drawPennant, make } from './draw';
import { wireCombobox, wireListbox, wireMenu, wireTree } from './gallery-wired';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;
const all = (kind: string): NodeListOf<HTMLElement> => document.querySelectorAll(`[data-wire=${kind}]`);
const later = <T>(milliseconds: number, value: () => T): Promise<T> =>
  new Promise((resolve, reject) => {
    setTimeout(() => {
      try {
        resolve(value());
      } catch (error) {
        reject(error as Error);
      }
    }, milliseconds);
  });
const numbered = (count: number, name: string) =>
  Array.from({ length: count }, (_, at) => ({ key: `${name}-${at}`, label: `${name} ${at + 1}` }));

for (const root of all('tree'))
  wireTree(root, 'multiple' in root.dataset ? { multiple: true, toggleBy: 'marker' } : {});

wireTree<TreeNode>(find('#data-tree'), {
  checks: true,
  items: [
    { key: 'rope', label: 'Rope', children: numbered(4, 'Coil') },
    {
      key: 'paint',
      label: 'Paint',
      children: [
        { key: 'hull', label: 'Hull', children: numbered(3, 'Tin') },
        { key: 'varnish', label: 'Varnish' },
      ],
    },
    { key: 'attic', label: 'In the attic', children: 'lazy' },
    { key: 'closed', label: 'Strongroom', disabled: true },
  ],
  children: () =>
    later(300, () => {
      if (find<HTMLInputElement>('#tree-fails').checked) throw new Error('The attic is locked.');
      return numbered(2, 'Chest');
    }),
});

const branch = (key: string, label: string, children: TreeNode[]): TreeNode => ({ key, label, children });
wireTree(find('#long-tree'), {
  items: Array.from({ length: 10 }, (_, shed) =>
    branch(
      `${shed}`,
      `Shed ${shed + 1}`,
      Array.from({ length: 100 }, (__, rack) =>
        branch(
          `${shed}.${rack}`,
          `Rack ${rack + 1}`,
          Array.from({ length: 100 }, (___, part) => ({
            key: `${shed}.${rack}.${part}`,
            label: `Part ${part + 1}`,
          })),
        ),
      ),
    ),
  ),
});

find('#long-menu').append(
  ...numbered(60, 'Strake').map(({ key, label }) =>
    make('button', { type: 'button', role: 'menuitem', 'data-key': key }, label),
  ),
);
for (const root of all('menu'))
  wireMenu(root, {
    onPick: ({ key }) => {
      find('#menu-said').textContent = key;
    },
  });
wireMenu(find('#context-menu'), {
  context: '#menu-area',
  onPick: ({ key }) => {
    find('#menu-said').textContent = key;
  },
});

const shapes = ['swallowtail', 'triangle', 'square', 'burgee', 'streamer'] as const;
const colours = ['ochre', 'teal', 'brick', 'slate'];
const flags = shapes.flatMap((shape) =>
  colours.map((field) => ({ key: `${shape}-${field}`, label: `${field} ${shape}`, shape, field })),
);
find('#grid-listbox').append(
  ...flags.map(({ key, label, shape, field }) =>
    make(
      'div',
      { role: 'option', 'data-key': key, 'aria-label': label },
      drawPennant({ shape, field, mark: field }),
    ),
  ),
);
for (const root of all('listbox'))
  wireListbox(root, { ...('grid' in root.dataset && { layout: 'grid' as const }) });
wireListbox(find('#long-listbox'), { items: numbered(10_000, 'Rivet') });

for (const root of all('combobox')) wireCombobox(root);
const chandlers = ['Anker & Daughters', 'Brasswick', 'Cordage Hall', 'Dunmore Stores', 'École des Voiles'];
wireCombobox(find('#asked-combobox'), {
  freeText: true,
  items: (query) =>
    later(300, () => {
      if (find<HTMLInputElement>('#asked-fails').checked) throw new Error('Nobody answers.');
      return chandlers
        .filter((name) => name.toLowerCase().includes(query.toLowerCase()))
        .map((name) => ({ key: name, label: name, description: `${name.length} miles off` }));
    }),
});
wireCombobox(find('#inner-combobox'), {
  items: ['Amberholm', 'Brackwater', 'Corrieness', 'Dulse', 'Eelmouth'].map((label) => ({
    key: label.toLowerCase(),
    label,
  })),
});
wireCombobox(find('#long-combobox'), { items: numbered(10_000, 'Rivet') });

const trades: Item[] = [
  { key: 'rigger', label: 'Rigger', group: 'Aloft' },
  { key: 'sailmaker', label: 'Sailmaker', group: 'Aloft' },
  { key: 'shipwright', label: 'Shipwright', group: 'Hull' },
  { key: 'caulker', label: 'Caulker', group: 'Hull' },
  { key: 'painter', label: 'Painter', group: 'Hull' },
  { key: 'diver', label: 'Diver', group: 'Hull', disabled: true },
  { key: 'fitter', label: 'Fitter', group: 'Engine' },
  { key: 'electrician', label: 'Électrician', group: 'Engine' },
];
wireCombobox(find('#several-combobox'), {
  multiple: true,
  limit: 4,
  selected: ['rigger'],
  items: trades,
  create: (label) => ({ key: label.toLowerCase(), label }),
});
find('#several-form').addEventListener('submit', (event) => {
  event.preventDefault();
  const sent = new FormData(event.currentTarget as HTMLFormElement).getAll('trade');
  find('#several-said').textContent = sent.join(', ');
});
