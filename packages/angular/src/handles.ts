// The handle of each pattern by name: what its inject function answers with, and what its directive is besides.
import type {
  Accordion,
  Carousel,
  Combobox,
  Dialog,
  Disclosure,
  Drawer,
  Item,
  Listbox,
  Menu,
  Popover,
  Switch,
  Tabs,
  Tooltip,
  Tree,
  TreeNode,
} from 'elastic-shell';
import type {
  accordionPattern,
  carouselPattern,
  comboboxPattern,
  dialogPattern,
  disclosurePattern,
  drawerPattern,
  listboxPattern,
  menuPattern,
  popoverPattern,
  switchPattern,
  tabsPattern,
  tooltipPattern,
  treePattern,
} from 'elastic-shell/bindings';
import type { Handle } from './handle.js';

/** One accordion. */
export interface AccordionHandle extends Handle<Accordion, typeof accordionPattern> {}
/** One carousel. */
export interface CarouselHandle extends Handle<Carousel, typeof carouselPattern> {}
/** One combobox, of rows made of `I`. */
export interface ComboboxHandle<I extends Item = Item, Multiple extends boolean = false> extends Handle<
  Combobox<Multiple>,
  typeof comboboxPattern,
  I
> {}
/** One dialog. */
export interface DialogHandle extends Handle<Dialog, typeof dialogPattern> {}
/** One disclosure. */
export interface DisclosureHandle extends Handle<Disclosure, typeof disclosurePattern> {}
/** One drawer. */
export interface DrawerHandle extends Handle<Drawer, typeof drawerPattern> {}
/** One listbox, of rows made of `I`. */
export interface ListboxHandle<I extends Item = Item, Multiple extends boolean = false> extends Handle<
  Listbox<Multiple>,
  typeof listboxPattern,
  I
> {}
/** One menu. */
export interface MenuHandle extends Handle<Menu, typeof menuPattern> {}
/** One popover. */
export interface PopoverHandle extends Handle<Popover, typeof popoverPattern> {}
/** One switch. */
export interface SwitchHandle extends Handle<Switch, typeof switchPattern> {}
/** One tabs. */
export interface TabsHandle extends Handle<Tabs, typeof tabsPattern> {}
/** One tooltip. */
export interface TooltipHandle extends Handle<Tooltip, typeof tooltipPattern> {}
/** One tree, of rows made of `I`. */
export interface TreeHandle<I extends TreeNode = TreeNode, Multiple extends boolean = false> extends Handle<
  Tree<Multiple>,
  typeof treePattern,
  I
> {}
