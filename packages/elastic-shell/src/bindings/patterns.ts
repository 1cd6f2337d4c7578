// Every pattern as bindings take it: its outline, its wire function, and the names of its methods.
import {
  accordionMethods,
  carouselMethods,
  comboboxMethods,
  dialogMethods,
  disclosureMethods,
  drawerMethods,
  listboxMethods,
  menuMethods,
  popoverMethods,
  switchMethods,
  tabsMethods,
  tooltipMethods,
  treeMethods,
} from '../core/contract/methods.js';
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
  methods: accordionMethods,
} as const;
/** The carousel. */
export const carouselPattern = {
  outline: carouselOutline,
  wire: wireCarousel,
  methods: carouselMethods,
} as const;
/** The combobox. */
export const comboboxPattern = {
  outline: comboboxOutline,
  wire: wireCombobox,
  methods: comboboxMethods,
} as const;
/** The dialog, and the alert dialog. */
export const dialogPattern = {
  outline: dialogOutline,
  wire: wireDialog,
  methods: dialogMethods,
} as const;
/** The disclosure. */
export const disclosurePattern = {
  outline: disclosureOutline,
  wire: wireDisclosure,
  methods: disclosureMethods,
} as const;
/** The drawer. */
export const drawerPattern = {
  outline: drawerOutline,
  wire: wireDrawer,
  methods: drawerMethods,
} as const;
/** The listbox. */
export const listboxPattern = {
  outline: listboxOutline,
  wire: wireListbox,
  methods: listboxMethods,
} as const;
/** The menu. */
export const menuPattern = {
  outline: menuOutline,
  wire: wireMenu,
  methods: menuMethods,
} as const;
/** The popover. */
export const popoverPattern = {
  outline: popoverOutline,
  wire: wirePopover,
  methods: popoverMethods,
} as const;
/** The switch. */
export const switchPattern = {
  outline: switchOutline,
  wire: wireSwitch,
  methods: switchMethods,
} as const;
/** Tabs. */
export const tabsPattern = { outline: tabsOutline, wire: wireTabs, methods: tabsMethods } as const;
/** The tooltip. */
export const tooltipPattern = {
  outline: tooltipOutline,
  wire: wireTooltip,
  methods: tooltipMethods,
} as const;
/** The tree. */
export const treePattern = {
  outline: treeOutline,
  wire: wireTree,
  methods: treeMethods,
} as const;
