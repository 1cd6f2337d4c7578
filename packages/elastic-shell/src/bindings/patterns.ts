// Every pattern as bindings take it: its outline, its wire function, and the names of its methods.
import {
  accordionVerbs,
  carouselVerbs,
  comboboxVerbs,
  dialogVerbs,
  disclosureVerbs,
  drawerVerbs,
  listboxVerbs,
  menuVerbs,
  popoverVerbs,
  switchVerbs,
  tabsVerbs,
  tooltipVerbs,
  treeVerbs,
} from '../core/contract/verbs.js';
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

/** The accordion. */
export const accordionPattern = {
  outline: accordionOutline,
  wire: wireAccordion,
  methods: accordionVerbs,
} as const;
/** The carousel. */
export const carouselPattern = {
  outline: carouselOutline,
  wire: wireCarousel,
  methods: carouselVerbs,
} as const;
/** The combobox. */
export const comboboxPattern = {
  outline: comboboxOutline,
  wire: wireCombobox,
  methods: comboboxVerbs,
} as const;
/** The dialog, and the alert dialog. */
export const dialogPattern = {
  outline: dialogOutline,
  wire: wireDialog,
  methods: dialogVerbs,
} as const;
/** The disclosure. */
export const disclosurePattern = {
  outline: disclosureOutline,
  wire: wireDisclosure,
  methods: disclosureVerbs,
} as const;
/** The drawer. */
export const drawerPattern = {
  outline: drawerOutline,
  wire: wireDrawer,
  methods: drawerVerbs,
} as const;
/** The listbox. */
export const listboxPattern = { outline: listboxOutline, wire: wireListbox, methods: listboxVerbs } as const;
/** The menu. */
export const menuPattern = {
  outline: menuOutline,
  wire: wireMenu,
  methods: menuVerbs,
} as const;
/** The popover. */
export const popoverPattern = { outline: popoverOutline, wire: wirePopover, methods: popoverVerbs } as const;
/** The switch. */
export const switchPattern = {
  outline: switchOutline,
  wire: wireSwitch,
  methods: switchVerbs,
} as const;
/** Tabs. */
export const tabsPattern = { outline: tabsOutline, wire: wireTabs, methods: tabsVerbs } as const;
/** The tooltip. */
export const tooltipPattern = { outline: tooltipOutline, wire: wireTooltip, methods: tooltipVerbs } as const;
/** The tree. */
export const treePattern = {
  outline: treeOutline,
  wire: wireTree,
  methods: treeVerbs,
} as const;
