// A function for each pattern, to call where something is injected: in a component, a directive, a service. What it answers with
// has states as signals, parts for `[shellPart]`, and verbs.
//
// A state is given as a first value; as a signal, which is asked and then holds it; as a function, which nobody sets; or as one
// function that reads it and another that is asked for it, at once or by a promise.
import type { Signal } from '@angular/core';
import type {
  Accordion,
  AccordionOptions,
  Carousel,
  CarouselOptions,
  Combobox,
  ComboboxOptions,
  Dialog,
  DialogOptions,
  Disclosure,
  DisclosureOptions,
  Drawer,
  DrawerOptions,
  Item,
  Listbox,
  ListboxOptions,
  Menu,
  MenuOptions,
  Popover,
  PopoverOptions,
  Switch,
  SwitchOptions,
  Tabs,
  TabsOptions,
  Tooltip,
  TooltipOptions,
  Tree,
  TreeNode,
  TreeOptions,
  Wired,
} from 'elastic-shell';
import {
  type Bindable,
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
  type StateNames,
  type StateOf,
} from 'elastic-shell/bindings';
import { becomeHandle, type Handle } from './handle.js';
import type {
  AccordionHandle,
  CarouselHandle,
  ComboboxHandle,
  DialogHandle,
  DisclosureHandle,
  DrawerHandle,
  ListboxHandle,
  MenuHandle,
  PopoverHandle,
  SwitchHandle,
  TabsHandle,
  TooltipHandle,
  TreeHandle,
} from './handles.js';
import { type Given, instanceOf } from './instance.js';

/** Options that take an element: a signal of one is read when it is wanted. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** A state that Angular holds: a signal, a function that nobody sets, or one that reads it with one that is asked for it. */
export type StateGiven<T> = Signal<T> | (() => T) | readonly [get: () => T, set: (next: T) => unknown];

/** The options of an inject function: the pattern's own; a state may be a signal or a getter; a guard may answer by an observable. */
export type InjectOptions<O, W extends Wired, P extends Bindable<unknown>> = {
  [N in Exclude<keyof O, StateNames<P> | ElementNames | 'content'>]?: O[N] | undefined;
} & {
  [N in StateNames<P> & keyof O]?: O[N] | StateGiven<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | Signal<Element | undefined> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that is made. */
    id?: string | undefined;
  };

function make<O, W extends Wired, P extends Bindable<unknown>, I = unknown>(
  pattern: P,
  options: () => InjectOptions<O, W, P>,
): Handle<W, P, I> {
  const handle = {};
  // The instance is made of this very pattern; options are checked when it is wired.
  const { id } = options();
  becomeHandle(handle, instanceOf(pattern as unknown as Bindable, options as () => Given, id));
  return handle as Handle<W, P, I>;
}

/** Accordion: bind `root`, and `header(key)` with `panel(key)`. Call it where something is injected. */
export const injectAccordion = (
  options: () => InjectOptions<AccordionOptions, Accordion, typeof accordionPattern> = () => ({}),
): AccordionHandle => make<AccordionOptions, Accordion, typeof accordionPattern>(accordionPattern, options);

/** Carousel: bind `root`, `slides`, `slide(key)`, and its controls. Call it where something is injected. */
export const injectCarousel = (
  options: () => InjectOptions<CarouselOptions, Carousel, typeof carouselPattern> = () => ({}),
): CarouselHandle => make<CarouselOptions, Carousel, typeof carouselPattern>(carouselPattern, options);

/** Combobox: bind `root`, `label`, `box`, `field` or `button`, `popup`, `list`. Call it where something is injected. */
export const injectCombobox = <I extends Item = Item, const Multiple extends boolean = false>(
  options: () => InjectOptions<
    ComboboxOptions<I, Multiple>,
    Combobox<Multiple>,
    typeof comboboxPattern
  > = () => ({}),
): ComboboxHandle<I, Multiple> =>
  make<ComboboxOptions<I, Multiple>, Combobox<Multiple>, typeof comboboxPattern, I>(comboboxPattern, options);

/** Dialog: bind `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. Call it where something is injected. */
export const injectDialog = (
  options: () => InjectOptions<DialogOptions, Dialog, typeof dialogPattern> = () => ({}),
): DialogHandle => make<DialogOptions, Dialog, typeof dialogPattern>(dialogPattern, options);

/** Disclosure: bind `opener()`, and `root` or `details`. Call it where something is injected. */
export const injectDisclosure = (
  options: () => InjectOptions<DisclosureOptions, Disclosure, typeof disclosurePattern> = () => ({}),
): DisclosureHandle =>
  make<DisclosureOptions, Disclosure, typeof disclosurePattern>(disclosurePattern, options);

/** Drawer: as a dialog. Call it where something is injected. */
export const injectDrawer = (
  options: () => InjectOptions<DrawerOptions, Drawer, typeof drawerPattern> = () => ({}),
): DrawerHandle => make<DrawerOptions, Drawer, typeof drawerPattern>(drawerPattern, options);

/** Listbox: bind `root`; options by `items` and `*shellRows`, or `option(key)`. Call it where something is injected. */
export const injectListbox = <I extends Item = Item, const Multiple extends boolean = false>(
  options: () => InjectOptions<
    ListboxOptions<I, Multiple>,
    Listbox<Multiple>,
    typeof listboxPattern
  > = () => ({}),
): ListboxHandle<I, Multiple> =>
  make<ListboxOptions<I, Multiple>, Listbox<Multiple>, typeof listboxPattern, I>(listboxPattern, options);

/** Menu: bind `opener()`, `root`, and its items. Call it where something is injected. */
export const injectMenu = (
  options: () => InjectOptions<MenuOptions, Menu, typeof menuPattern> = () => ({}),
): MenuHandle => make<MenuOptions, Menu, typeof menuPattern>(menuPattern, options);

/** Popover: bind `root`, and `opener()` onto buttons. Call it where something is injected. */
export const injectPopover = (
  options: () => InjectOptions<PopoverOptions, Popover, typeof popoverPattern> = () => ({}),
): PopoverHandle => make<PopoverOptions, Popover, typeof popoverPattern>(popoverPattern, options);

/** Switch: bind `root` onto a button, or `box` onto a checkbox. Call it where something is injected. */
export const injectSwitch = (
  options: () => InjectOptions<SwitchOptions, Switch, typeof switchPattern> = () => ({}),
): SwitchHandle => make<SwitchOptions, Switch, typeof switchPattern>(switchPattern, options);

/** Tabs: bind `root`, `list`, `tab(key)` and `panel(key)`. Call it where something is injected. */
export const injectTabs = (
  options: () => InjectOptions<TabsOptions, Tabs, typeof tabsPattern> = () => ({}),
): TabsHandle => make<TabsOptions, Tabs, typeof tabsPattern>(tabsPattern, options);

/** Tooltip: bind `root`, and `described()` or `named()` onto what it is for. Call it where something is injected. */
export const injectTooltip = (
  options: () => InjectOptions<TooltipOptions, Tooltip, typeof tooltipPattern> = () => ({}),
): TooltipHandle => make<TooltipOptions, Tooltip, typeof tooltipPattern>(tooltipPattern, options);

/** Tree: bind `root`; rows by `items` and `*shellRows`, or `leaf(key)` and `branch(key)`. Call it where something is injected. */
export const injectTree = <I extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  options: () => InjectOptions<TreeOptions<I, Multiple>, Tree<Multiple>, typeof treePattern> = () => ({}),
): TreeHandle<I, Multiple> =>
  make<TreeOptions<I, Multiple>, Tree<Multiple>, typeof treePattern, I>(treePattern, options);
