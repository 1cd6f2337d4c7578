// The rows of every pattern that is rehearsed.
import type { PatternName } from '../facts.js';
import { comboboxRows, selectRows } from './fields.js';
import { dialogRows, popoverRows, tooltipRows } from './layers.js';
import { listboxRows, menuRows, treeRows } from './lists.js';
import type { Row } from './row.js';
import { accordionRows, carouselRows, disclosureRows, switchRows, tabsRows } from './sections.js';

/** By the name of the pattern. */
export const rowsOf: Readonly<Record<PatternName, readonly Row[]>> = {
  accordion: accordionRows,
  carousel: carouselRows,
  combobox: comboboxRows,
  dialog: dialogRows,
  disclosure: disclosureRows,
  listbox: listboxRows,
  menu: menuRows,
  popover: popoverRows,
  select: selectRows,
  switch: switchRows,
  tabs: tabsRows,
  tooltip: tooltipRows,
  tree: treeRows,
};
