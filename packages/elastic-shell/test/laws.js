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
    says: 'Unwired in a listener, in a subscriber of its cell, or in the task in which it has changed, it leaves the author’s markup, and nothing is written afterwards.',
    patterns: all,
  },
  {
    name: 'unwired while a guard waits',
    says: 'Unwired while a guard makes up its mind, or within the guard, it is busy no more, and the answer changes nothing.',
    patterns: guarded,
  },
  {
    name: 'unwired while it moves',
    says: 'Unwired while a motion of its style sheet opens or closes it, it leaves no phase, no inertness and no inline style.',
    patterns: ['disclosure', 'dialog', 'drawer', 'popover', 'accordion'],
  },
  {
    name: 'unwired by what its opening calls',
    says: 'Unwired in a handler of beforetoggle or of the focus that its opening moves, it is closed, and the page is live and scrolls.',
    patterns: layers,
  },
  {
    name: 'removed, in any order',
    says: 'Removed and unwired, or unwired and removed, with its opener or alone, focus is not lost, and no lock, layer or index entry stays.',
    patterns: all,
  },
  {
    name: 'wired twice',
    says: 'Wired again right after it was unwired, with the same cell, it is as if it had been wired once, and the first one never touches the second.',
    patterns: all,
  },
  {
    name: 'moved',
    says: 'Moved in the document while it is open or selected, it is so still, shown, with focus where it was, and its controls work.',
    patterns: all,
  },
  {
    name: 'moved into a shadow root',
    says: 'Moved into a shadow root with its controls, these work there, and nothing is half open.',
    patterns: all,
  },
  {
    name: 'replaced',
    says: 'Its inside replaced by the same markup, it keeps its state where keys are the same, and the new inside works.',
    patterns: all,
  },
  {
    name: 'rewritten',
    says: 'All its attributes put back as the author wrote them, page and state agree again at once, its controls work, and unwiring leaves the newer values.',
    patterns: all,
  },
  {
    name: 'restored',
    says: 'Told to restore, it writes its state again when its attributes are put back, and nobody hears of a change.',
    patterns: all,
  },
  {
    name: 'adopted',
    says: 'What the platform or a user has done before it was wired stands whatever first value is given, and its owner hears of it.',
    patterns: ['dialog', 'drawer', 'popover', 'menu', 'switch', 'combobox', 'tree'],
  },
  {
    name: 'reset',
    says: 'A reset of its form gives back the first value, from the markup, an option or a cell.',
    patterns: ['switch', 'listbox', 'combobox'],
  },
  {
    name: 'the author’s own',
    says: 'No text, child or role=alert of the author’s is emptied or overwritten, also when a guard fails.',
    patterns: all,
  },
  {
    name: 'late',
    says: 'A guard or an owner that answers later decides: until then nothing changes, and afterwards page and state agree. A guard that never answers can be replaced.',
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
    says: 'Escape and clicks in a native dialog that another script has opened above it close neither.',
    patterns: all,
  },
  {
    name: 'another copy',
    says: 'A second copy of the library on the page can’t wire the same root, gives other ids, and works beside it.',
    patterns: all,
  },
  {
    name: 'cloned',
    says: 'A copy of its markup can be wired, and no id exists twice.',
    patterns: all,
  },
  {
    name: 'never touched',
    says: 'After many others in one task it waits for its first use, and is then as if it had been wired at once.',
    patterns: all,
  },
];
