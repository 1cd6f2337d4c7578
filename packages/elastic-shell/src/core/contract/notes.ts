// The words about every pattern, in the order in which they are shown.
import { accordionNotes } from './accordion-notes.js';
import { carouselNotes } from './carousel-notes.js';
import { comboboxNotes } from './combobox-notes.js';
import type { Notes } from './contract.js';
import { dialogNotes } from './dialog-notes.js';
import { disclosureNotes } from './disclosure-notes.js';
import { drawerNotes } from './drawer-notes.js';
import { listboxNotes } from './listbox-notes.js';
import { menuNotes } from './menu-notes.js';
import { popoverNotes } from './popover-notes.js';
import { switchNotes } from './switch-notes.js';
import { tabsNotes } from './tabs-notes.js';
import { tooltipNotes } from './tooltip-notes.js';
import { treeNotes } from './tree-notes.js';

/** Each pattern by its notes. */
export const notes: readonly Notes[] = [
  dialogNotes,
  drawerNotes,
  popoverNotes,
  tooltipNotes,
  disclosureNotes,
  accordionNotes,
  tabsNotes,
  carouselNotes,
  treeNotes,
  menuNotes,
  listboxNotes,
  comboboxNotes,
  switchNotes,
];
