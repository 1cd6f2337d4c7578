// The walk through the plain gallery on which each browser is asked what it tells: where focus is put, the keys pressed from there,
// and what has to be told then. What a browser tells otherwise stands beside it, with the reason in docs/browsers.md.

interface Wanted {
  role?: string;
  name?: string;
  states?: string;
  place?: string;
  said?: string;
}

interface Stop {
  name: string;
  focus: string;
  keys: string[];
  /** What a live region has to say before it is asked. */
  says?: string;
  told: Wanted;
  but?: { chromium?: Wanted; firefox?: Wanted; webkit?: Wanted };
}

const opener = (id: string) => `[commandfor=${id}]`;

export const walk: Stop[] = [
  {
    name: 'the button of a dialog',
    focus: opener('plain-dialog'),
    keys: [],
    told: { role: 'button', name: 'Open a dialog' },
  },
  {
    name: 'in a dialog',
    focus: opener('plain-dialog'),
    keys: ['Enter'],
    told: { role: 'button', name: 'Understood' },
  },
  { name: 'in an alert', focus: opener('plain-alert'), keys: ['Enter'], told: { role: 'button' } },
  { name: 'in a drawer', focus: opener('plain-drawer'), keys: ['Enter'], told: {} },
  {
    name: 'the button of a popover',
    focus: opener('plain-popover'),
    keys: [],
    told: { role: 'button', name: 'Berth four', states: 'collapsed' },
  },
  {
    name: 'the same, open',
    focus: opener('plain-popover'),
    keys: ['Enter'],
    told: { role: 'button', name: 'Berth four', states: 'expanded' },
  },
  {
    name: 'a control with a tooltip',
    focus: '[aria-describedby=plain-tooltip]',
    keys: [],
    told: { role: 'button', name: 'Haul out' },
  },
  {
    name: 'a disclosure',
    focus: opener('plain-panel'),
    keys: ['Enter'],
    told: { role: 'button', states: 'expanded' },
  },
  {
    name: 'a section of an accordion',
    focus: '#plain-accordion button',
    keys: [],
    told: { role: 'button', name: 'Before the lift', states: 'expanded' },
  },
  {
    name: 'a tab',
    focus: '#plain-tabs [role=tab]',
    keys: ['ArrowRight'],
    told: { role: 'tab', name: 'Rig', states: 'selected' },
  },
  {
    name: 'a picker of slides',
    focus: '#picked-carousel [role=tab]',
    keys: ['ArrowRight'],
    told: { role: 'tab', states: 'selected' },
  },
  {
    name: 'a closed branch',
    focus: '#plain-tree [role=treeitem]',
    // WebKitGTK tells nothing of a row that a program has focused, until a key has moved focus within the tree.
    keys: ['End', 'Home'],
    told: { role: 'treeitem', name: 'Sheds', states: 'collapsed' },
  },
  {
    name: 'a row in a branch',
    focus: '#plain-tree [role=treeitem]',
    keys: ['ArrowRight', 'ArrowRight'],
    told: { role: 'treeitem', name: 'Sail loft', states: 'collapsed' },
  },
  {
    name: 'the button of a menu',
    focus: '#plain-menu-button',
    keys: [],
    told: { role: 'button', name: 'Boat', states: 'collapsed' },
  },
  {
    name: 'the first item of a menu',
    focus: '#plain-menu-button',
    keys: ['Enter'],
    told: { role: 'menuitem', name: 'Lift' },
  },
  {
    name: 'an item that checks',
    focus: '#plain-menu-button',
    keys: ['Enter', 'p'],
    told: { role: 'menuitemcheckbox', name: 'Pump', states: 'unchecked' },
    but: { webkit: { states: 'unchecked selected' } },
  },
  {
    name: 'an item that opens another menu',
    focus: '#plain-menu-button',
    keys: ['Enter', 'm'],
    told: { role: 'menuitem', name: 'Move to', states: 'collapsed' },
    but: { webkit: { states: 'collapsed selected' } },
  },
  {
    name: 'an option',
    focus: '#plain-listbox [role=option]',
    keys: ['ArrowDown'],
    told: { role: 'option', name: 'Cutter', states: 'selected' },
  },
  {
    name: 'an option of 10,000',
    focus: '#long-listbox [role=option]',
    keys: ['End'],
    told: { role: 'option', states: 'selected', place: '10000 of 10000' },
  },
  {
    name: 'a combobox, closed',
    focus: '#plain-field',
    keys: [],
    told: { role: 'combobox', name: 'Berth', states: 'collapsed' },
  },
  {
    name: 'an option of it',
    focus: '#plain-field',
    keys: ['ArrowDown', 'ArrowDown'],
    told: { role: 'option', name: 'Slip' },
  },
  {
    name: 'what was found',
    focus: '#plain-field',
    keys: ['m'],
    says: '2 matches',
    told: { said: '2 matches' },
  },
  {
    name: 'a combobox to choose from',
    focus: '#select-field',
    keys: [],
    told: { role: 'combobox', states: 'collapsed' },
  },
  {
    name: 'a token',
    focus: '#several-field',
    keys: ['Backspace'],
    told: { role: 'button', name: 'Remove Rigger' },
  },
  {
    name: 'a switch',
    focus: '#plain-switch',
    keys: [],
    told: { role: 'switch', name: 'Quay lights', states: 'unchecked' },
  },
  {
    name: 'the same, on',
    focus: '#plain-switch',
    keys: ['Space'],
    told: { role: 'switch', name: 'Quay lights', states: 'checked' },
  },
];
