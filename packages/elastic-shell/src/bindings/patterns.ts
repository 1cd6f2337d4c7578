// Every pattern as bindings take it: its outline, its wire function, and the names of its verbs.
import { comboboxOutline, listboxOutline, switchOutline } from '../core/outline/choices.js';
import { accordionOutline, carouselOutline, tabsOutline, treeOutline } from '../core/outline/collections.js';
import {
  dialogOutline,
  disclosureOutline,
  drawerOutline,
  menuOutline,
  popoverOutline,
  tooltipOutline,
} from '../core/outline/layers.js';
import { wireAccordion } from '../patterns/accordion/wire.js';
import { wireCarousel } from '../patterns/carousel/wire.js';
import { wireCombobox } from '../patterns/combobox/wire.js';
import { wireDialog } from '../patterns/dialog/wire.js';
import { wireDisclosure } from '../patterns/disclosure/wire.js';
import { wireDrawer } from '../patterns/drawer/wire.js';
import { wireListbox } from '../patterns/listbox/wire.js';
import { wireMenu } from '../patterns/menu/wire.js';
import { wirePopover } from '../patterns/popover/wire.js';
import { wireSwitch } from '../patterns/switch/wire.js';
import { wireTabs } from '../patterns/tabs/wire.js';
import { wireTooltip } from '../patterns/tooltip/wire.js';
import { wireTree } from '../patterns/tree/wire.js';

const open = ['show', 'close', 'toggle'] as const;
const select = ['select', 'deselect', 'clear'] as const;

/** The accordion. */
export const accordionPattern = {
  outline: accordionOutline,
  wire: wireAccordion,
  verbs: ['expand', 'collapse'],
} as const;
/** The carousel. */
export const carouselPattern = {
  outline: carouselOutline,
  wire: wireCarousel,
  verbs: ['select', 'next', 'previous'],
} as const;
/** The combobox. */
export const comboboxPattern = {
  outline: comboboxOutline,
  wire: wireCombobox,
  verbs: ['show', 'close', 'toggle', 'select', 'deselect', 'clear'],
} as const;
/** The dialog, and the alert dialog. */
export const dialogPattern = {
  outline: dialogOutline,
  wire: wireDialog,
  verbs: ['show', 'close', 'toggle', 'ask'],
} as const;
/** The disclosure. */
export const disclosurePattern = { outline: disclosureOutline, wire: wireDisclosure, verbs: open } as const;
/** The drawer. */
export const drawerPattern = {
  outline: drawerOutline,
  wire: wireDrawer,
  verbs: ['show', 'close', 'toggle', 'ask'],
} as const;
/** The listbox. */
export const listboxPattern = { outline: listboxOutline, wire: wireListbox, verbs: select } as const;
/** The menu. */
export const menuPattern = {
  outline: menuOutline,
  wire: wireMenu,
  verbs: ['show', 'close', 'toggle', 'check', 'uncheck'],
} as const;
/** The popover. */
export const popoverPattern = { outline: popoverOutline, wire: wirePopover, verbs: open } as const;
/** The switch. */
export const switchPattern = {
  outline: switchOutline,
  wire: wireSwitch,
  verbs: ['check', 'uncheck', 'toggle'],
} as const;
/** Tabs. */
export const tabsPattern = { outline: tabsOutline, wire: wireTabs, verbs: ['select', 'close'] } as const;
/** The tooltip. */
export const tooltipPattern = { outline: tooltipOutline, wire: wireTooltip, verbs: open } as const;
/** The tree. */
export const treePattern = {
  outline: treeOutline,
  wire: wireTree,
  verbs: ['select', 'deselect', 'clear', 'expand', 'collapse', 'expandTo', 'check', 'uncheck'],
} as const;
