// Every pattern's notes, in the order in which they are shown.
import {
  dialogNotes,
  disclosureNotes,
  drawerNotes,
  popoverNotes,
  accordionNotes,
  carouselNotes,
  comboboxNotes,
  listboxNotes,
  menuNotes,
  switchNotes,
  tabsNotes,
  treeNotes,
  tooltipNotes,
  type Notes,
} from 'elastic-shell/core';

export const contracts: readonly Notes[] = [
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
