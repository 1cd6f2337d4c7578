// A function for each pattern, to call where something is injected: in a component, a directive, a service. What it answers with
// has states as signals, parts for `[shellPart]`, and methods.
//
// `root` is for what is its own root: the element of the component, or one of its view; without it `[shellPart]` says which it is.
// `id` is the id of the root, from which all others follow; one is made without it.
//
// A state is given as a first value; as a signal, which is asked and then holds it; as a function, which nobody sets; or as one
// function that reads it and another that is asked for it, at once or by a promise.
import { type ElementRef, isSignal, type Signal } from '@angular/core';
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
  type Pattern,
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
import { type ShellPartOf, writePart } from './part.js';

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
    : unknown);

/** An element of one's own that is the root: that of the component, or one of its view (`viewChild`). */
export type InjectRoot = ElementRef<HTMLElement> | Signal<ElementRef<HTMLElement> | HTMLElement | undefined>;

const elementIn = (root: InjectRoot): HTMLElement | undefined => {
  const now = isSignal(root) ? root() : root;
  return now && 'nativeElement' in now ? now.nativeElement : now;
};

function make<O, W extends Wired, P extends Bindable<unknown>, I = unknown>(
  pattern: P,
  options: () => InjectOptions<O, W, P>,
  root?: InjectRoot,
  id?: string,
): Handle<W, P, I> {
  // The instance is made of this very pattern, and has its states, parts and methods; options are checked when it is wired.
  const handle = {} as Handle<W, P, I> & { root: ShellPartOf };
  becomeHandle(handle, instanceOf(pattern as unknown as Bindable, options as () => Given, id));
  if (root)
    writePart(
      () => handle.root,
      () => elementIn(root),
    );
  return handle;
}

/** Any pattern, such as one of your own made with `definePattern`: bind its parts. Call it where something is injected. */
export const injectPattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options: () => InjectOptions<O, W, Pattern<O, W, N, Out>> = () => ({}),
  root?: InjectRoot,
  id?: string,
): Handle<W, Pattern<O, W, N, Out>> => make<O, W, Pattern<O, W, N, Out>>(pattern, options, root, id);

/** Accordion: bind `root`, and `header(key)` with `panel(key)`. Call it where something is injected. */
export const injectAccordion = (
  options: () => InjectOptions<AccordionOptions, Accordion, typeof accordionPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): AccordionHandle =>
  make<AccordionOptions, Accordion, typeof accordionPattern>(accordionPattern, options, root, id);

/** Carousel: bind `root`, `slides`, `slide(key)`, and its controls. Call it where something is injected. */
export const injectCarousel = (
  options: () => InjectOptions<CarouselOptions, Carousel, typeof carouselPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): CarouselHandle =>
  make<CarouselOptions, Carousel, typeof carouselPattern>(carouselPattern, options, root, id);

/** Combobox: bind `root`, `label`, `box`, `field` or `button`, `popup`, `list`. Call it where something is injected. */
export const injectCombobox = <I extends Item = Item, const Multiple extends boolean = false>(
  options: () => InjectOptions<
    ComboboxOptions<I, Multiple>,
    Combobox<Multiple>,
    typeof comboboxPattern
  > = () => ({}),
  root?: InjectRoot,
  id?: string,
): ComboboxHandle<I, Multiple> =>
  make<ComboboxOptions<I, Multiple>, Combobox<Multiple>, typeof comboboxPattern, I>(
    comboboxPattern,
    options,
    root,
    id,
  );

/** Dialog: bind `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. Call it where something is injected. */
export const injectDialog = (
  options: () => InjectOptions<DialogOptions, Dialog, typeof dialogPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): DialogHandle => make<DialogOptions, Dialog, typeof dialogPattern>(dialogPattern, options, root, id);

/** Disclosure: bind `opener()`, and `root` or `details`. Call it where something is injected. */
export const injectDisclosure = (
  options: () => InjectOptions<DisclosureOptions, Disclosure, typeof disclosurePattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): DisclosureHandle =>
  make<DisclosureOptions, Disclosure, typeof disclosurePattern>(disclosurePattern, options, root, id);

/** Drawer: as a dialog. Call it where something is injected. */
export const injectDrawer = (
  options: () => InjectOptions<DrawerOptions, Drawer, typeof drawerPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): DrawerHandle => make<DrawerOptions, Drawer, typeof drawerPattern>(drawerPattern, options, root, id);

/** Listbox: bind `root`; options by `items` and `*shellRows`, or `option(key)`. Call it where something is injected. */
export const injectListbox = <I extends Item = Item, const Multiple extends boolean = false>(
  options: () => InjectOptions<
    ListboxOptions<I, Multiple>,
    Listbox<Multiple>,
    typeof listboxPattern
  > = () => ({}),
  root?: InjectRoot,
  id?: string,
): ListboxHandle<I, Multiple> =>
  make<ListboxOptions<I, Multiple>, Listbox<Multiple>, typeof listboxPattern, I>(
    listboxPattern,
    options,
    root,
    id,
  );

/** Menu: bind `opener()`, `root`, and its items. Call it where something is injected. */
export const injectMenu = (
  options: () => InjectOptions<MenuOptions, Menu, typeof menuPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): MenuHandle => make<MenuOptions, Menu, typeof menuPattern>(menuPattern, options, root, id);

/** Popover: bind `root`, and `opener()` onto buttons. Call it where something is injected. */
export const injectPopover = (
  options: () => InjectOptions<PopoverOptions, Popover, typeof popoverPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): PopoverHandle => make<PopoverOptions, Popover, typeof popoverPattern>(popoverPattern, options, root, id);

/** Switch: bind `root` onto a button, or `box` onto a checkbox. Call it where something is injected. */
export const injectSwitch = (
  options: () => InjectOptions<SwitchOptions, Switch, typeof switchPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): SwitchHandle => make<SwitchOptions, Switch, typeof switchPattern>(switchPattern, options, root, id);

/** Tabs: bind `root`, `list`, `tab(key)` and `panel(key)`. Call it where something is injected. */
export const injectTabs = (
  options: () => InjectOptions<TabsOptions, Tabs, typeof tabsPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): TabsHandle => make<TabsOptions, Tabs, typeof tabsPattern>(tabsPattern, options, root, id);

/** Tooltip: bind `root`, and `described()` or `named()` onto what it is for. Call it where something is injected. */
export const injectTooltip = (
  options: () => InjectOptions<TooltipOptions, Tooltip, typeof tooltipPattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): TooltipHandle => make<TooltipOptions, Tooltip, typeof tooltipPattern>(tooltipPattern, options, root, id);

/** Tree: bind `root`; rows by `items` and `*shellRows`, or `leaf(key)` and `branch(key)`. Call it where something is injected. */
export const injectTree = <I extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  options: () => InjectOptions<TreeOptions<I, Multiple>, Tree<Multiple>, typeof treePattern> = () => ({}),
  root?: InjectRoot,
  id?: string,
): TreeHandle<I, Multiple> =>
  make<TreeOptions<I, Multiple>, Tree<Multiple>, typeof treePattern, I>(treePattern, options, root, id);
