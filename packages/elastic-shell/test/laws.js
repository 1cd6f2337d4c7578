// The laws of a life: what holds for everything wired, whatever happens to it and when. The tests run each for each
// pattern it concerns, as a wire function and as an element; the documents print the table.
// @ts-check

const all = [
  'disclosure',
  'dialog',
  'drawer',
  'popover',
  'tooltip',
  'menu',
  'combobox',
  'listbox',
  'tree',
  'tabs',
  'accordion',
  'carousel',
  'switch',
  'toolbar',
  'menubar',
];
/** What asks a guard. Where the tab stop is, nobody is asked. */
const guarded = all.filter((name) => !/bar$/.test(name));
const layers = ['dialog', 'drawer', 'popover', 'tooltip', 'menu', 'combobox'];

/** @type {{ name: string; says: string; patterns: string[] }[]} */
export const laws = [
  {
    name: 'unwired while it changes',
    says: 'If it is unwired in a listener, in a subscriber of its cell, or in the task of a change, the author’s markup is restored, and nothing is written afterwards.',
    patterns: all,
  },
  {
    name: 'unwired while a guard waits',
    says: 'If it is unwired while a guard is pending, or in the guard, it is no longer busy, and the result of the guard changes nothing.',
    patterns: guarded,
  },
  {
    name: 'unwired while it moves',
    says: 'If it is unwired during an opening or closing animation, it leaves no phase, no inertness and no inline style.',
    patterns: ['disclosure', 'dialog', 'drawer', 'popover', 'accordion'],
  },
  {
    name: 'unwired by what its opening calls',
    says: 'If it is unwired in a listener for beforetoggle, or for the focus that opening moves, it is closed, and the page is usable and scrolls.',
    patterns: layers,
  },
  {
    name: 'removed, in any order',
    says: 'If it is removed and unwired, in either order, with or without its opener, focus isn’t lost, and no scroll lock, layer or index entry remains.',
    patterns: all,
  },
  {
    name: 'wired twice',
    says: 'If it is wired again right after it was unwired, with the same cell, it works as if it had been wired once, and the first handle has no effect on the second.',
    patterns: all,
  },
  {
    name: 'moved',
    says: 'If it is moved in the document while it is open or selected, it keeps its state and focus, and its controls work.',
    patterns: all,
  },
  {
    name: 'moved into a shadow root',
    says: 'If it is moved into a shadow root with its controls, the controls work there, and it is either open or closed.',
    patterns: all,
  },
  {
    name: 'replaced',
    says: 'If its content is replaced with the same markup, items with the same key keep their state, and the new content works.',
    patterns: all,
  },
  {
    name: 'rewritten',
    says: 'If all its attributes are reset to the author’s values, the page and the state agree again at once, its controls work, and unwiring keeps the newer values.',
    patterns: all,
  },
  {
    name: 'restored',
    says: "With externalChanges: 'revert', it restores its state when its attributes are reset, and no listener is called.",
    patterns: all,
  },
  {
    name: 'adopted',
    says: 'Changes that the browser or a user made before wiring are kept, whatever the initial value, and a controlling store is notified.',
    patterns: ['dialog', 'drawer', 'popover', 'menu', 'switch', 'combobox', 'tree'],
  },
  {
    name: 'reset',
    says: 'A reset of its form restores the initial value, from the markup, an option or a cell.',
    patterns: ['switch', 'listbox', 'combobox'],
  },
  {
    name: 'the author’s own',
    says: 'The author’s texts, children and role=alert elements are never emptied or overwritten, even if a guard fails.',
    patterns: all,
  },
  {
    name: 'late',
    says: 'A pending guard or controlling store decides later: until then nothing changes, and afterwards the page and the state agree. A guard that never resolves can be replaced.',
    patterns: guarded,
  },
  {
    name: 'throwing',
    says: 'If a guard, a listener or a store throws, the error is reported once, and the next use works.',
    patterns: all,
  },
  {
    name: 'repeated',
    says: 'A call, an update or a held key that is repeated changes the state once, and listeners are called once.',
    patterns: all,
  },
  {
    name: 'another’s layer',
    says: 'Escape and clicks in a native dialog that another script has opened above it don’t close it.',
    patterns: all,
  },
  {
    name: 'another copy',
    says: 'A second copy of the library on the page can’t wire the same root, generates other ids, and works beside the first.',
    patterns: all,
  },
  {
    name: 'cloned',
    says: 'A copy of its markup can be wired, and no id is duplicated.',
    patterns: all,
  },
  {
    name: 'never touched',
    says: 'If many others were wired in the same task, it is wired in full on its first use, and works as if it had been wired at once.',
    patterns: all,
  },
];
