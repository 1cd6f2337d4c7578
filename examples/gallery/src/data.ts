// The texts of the galleries in all frameworks, which are the same so that one test suite can run in each of
// them.
import type { Item, TreeNode } from 'elastic-shell';

/** Returns `value` after a number of milliseconds. */
export const later = <T>(milliseconds: number, value: T): Promise<T> =>
  new Promise((resolve) => setTimeout(() => resolve(value), milliseconds));

/** Returns a number of items with numbered labels. */
export const numbered = (count: number, name: string): Item[] =>
  Array.from({ length: count }, (_, at) => ({
    key: `${name.toLowerCase()}-${at}`,
    label: `${name} ${at + 1}`,
  }));

/** The galleries, from any page one folder down. */
export const links = [
  ['../gallery.html', 'Plain'],
  ['../gallery/elements.html', 'Elements'],
  ['../gallery/react.html', 'React'],
  ['../gallery/vue.html', 'Vue'],
  ['../gallery/svelte.html', 'Svelte'],
  ['../gallery/solid.html', 'Solid'],
  ['../gallery/angular.html', 'Angular'],
] as const;

export const steps = [
  { key: 'before', title: 'Before the lift', text: 'Take the mast lights off and the loose gear ashore.' },
  { key: 'lift', title: 'The lift', text: 'Slings at the marks on the rail, never at the shaft.' },
  { key: 'ashore', title: 'Ashore', text: 'Chocks first, then props. The bilge plug comes out last.' },
];

export const tides = [
  { key: 'morning', title: 'Morning tide', text: 'High at 06:12.' },
  { key: 'evening', title: 'Evening tide', text: 'High at 18:40.' },
  { key: 'night', title: 'Night', text: 'Nobody on the slip.' },
];

export const boatParts = [
  { key: 'hull', title: 'Hull', text: 'Larch on oak, copper fastened.' },
  { key: 'rig', title: 'Rig', text: 'Gaff cutter.' },
  { key: 'engine', title: 'Engine', text: 'One cylinder, most days.' },
];

export const sheets = Array.from({ length: 6 }, (_, at) => ({
  key: `sheet-${at + 1}`,
  title: `Sheet ${at + 1} of the log`,
  text: `What was written on sheet ${at + 1}.`,
}));

export const plates = ['1', '2', '3', '4'];

/** A yard as nested lists. */
export interface Place {
  key: string;
  label: string;
  places?: Place[];
}

export const yard: Place[] = [
  {
    key: 'sheds',
    label: 'Sheds',
    places: [
      {
        key: 'loft',
        label: 'Sail loft',
        places: [
          { key: 'benches', label: 'Benches' },
          { key: 'machines', label: 'Machines' },
        ],
      },
      { key: 'smithy', label: 'Smithy' },
    ],
  },
  {
    key: 'slips',
    label: 'Slips',
    places: [
      { key: 'great', label: 'Great slip' },
      { key: 'little', label: 'Little slip' },
    ],
  },
  { key: 'quay', label: 'Quay' },
];

/** A store of ten thousand parts as data. */
export const stores: TreeNode[] = Array.from({ length: 10 }, (_, shed) => ({
  key: `${shed}`,
  label: `Shed ${shed + 1}`,
  children: Array.from({ length: 10 }, (__, rack) => ({
    key: `${shed}.${rack}`,
    label: `Rack ${rack + 1}`,
    children: Array.from({ length: 100 }, (___, part) => ({
      key: `${shed}.${rack}.${part}`,
      label: `Part ${part + 1}`,
    })),
  })),
}));

export const rigs: Item[] = [
  { key: 'sloop', label: 'Sloop' },
  { key: 'cutter', label: 'Cutter' },
  { key: 'ketch', label: 'Ketch' },
  { key: 'yawl', label: 'Yawl', disabled: true },
  { key: 'schooner', label: 'Schooner' },
];

export const gear: Item[] = [
  { key: 'anchor', label: 'Anchor' },
  { key: 'boathook', label: 'Boathook' },
  { key: 'fender', label: 'Fender' },
  { key: 'stove', label: 'Stove' },
];

export const berths: Item[] = [
  { key: 'quay', label: 'Quay' },
  { key: 'slip', label: 'Slip' },
  { key: 'mole', label: 'Mole' },
  { key: 'mooring', label: 'Mooring' },
];

export const trades: Item[] = [
  { key: 'rigger', label: 'Rigger', group: 'Aloft' },
  { key: 'sailmaker', label: 'Sailmaker', group: 'Aloft' },
  { key: 'shipwright', label: 'Shipwright', group: 'Hull' },
  { key: 'caulker', label: 'Caulker', group: 'Hull' },
  { key: 'painter', label: 'Painter', group: 'Hull' },
  { key: 'fitter', label: 'Fitter', group: 'Engine' },
];

export const rivets: Item[] = numbered(10_000, 'Rivet');
