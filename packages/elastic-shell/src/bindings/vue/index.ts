// Elastic Shell for Vue: a composable for each pattern. What it answers with has the parts for `v-bind`, the states to read and
// to set, and the methods. States are given as first values, as refs, as `defineModel`, or as getters.
import { inject, provide, type Ref } from 'vue';
import type { Item } from '../../core/collection/items.js';
import type { TreeNode } from '../../core/collection/tree.js';
import type { PatternOptions } from '../../engine/defaults.js';
import type { Pattern } from '../../engine/pattern.js';
import type { Wired } from '../../engine/types.js';
import type { Accordion, AccordionOptions } from '../../patterns/accordion/wire.js';
import type { Carousel, CarouselOptions } from '../../patterns/carousel/wire.js';
import type { Combobox, ComboboxOptions } from '../../patterns/combobox/wire.js';
import type { Dialog, DialogOptions } from '../../patterns/dialog/wire.js';
import type { Disclosure, DisclosureOptions } from '../../patterns/disclosure/wire.js';
import type { Drawer, DrawerOptions } from '../../patterns/drawer/wire.js';
import type { Listbox, ListboxOptions } from '../../patterns/listbox/wire.js';
import type { Menu, MenuOptions } from '../../patterns/menu/wire.js';
import type { Popover, PopoverOptions } from '../../patterns/popover/wire.js';
import type { Switch, SwitchOptions } from '../../patterns/switch/wire.js';
import type { Tabs, TabsOptions } from '../../patterns/tabs/wire.js';
import type { Tooltip, TooltipOptions } from '../../patterns/tooltip/wire.js';
import type { Tree, TreeOptions } from '../../patterns/tree/wire.js';
import type { Bindable } from '../bound.js';
import type { Handle, StateNames, StateOf } from '../handle.js';
import * as patterns from '../patterns.js';
import { defaultsKey, type Given, type PartProps, useInstance } from './use.js';

export { type DefaultsMap, defaultsKey, type Given, installDefaults, type PartProps } from './use.js';
export { Content, Rows, Tokens } from './places.js';

/** A state that Vue holds: a ref, which is asked when it is to be another; or a getter, which nobody but its owner changes. */
export type StateRef<T> = Ref<T> | Ref<T | undefined> | (() => T);

/** Options that take an element. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** The options of a composable: the pattern's own, or refs of them; a state may be a ref or a getter. */
export type UseOptions<O, W extends Wired, P extends Bindable<unknown>> = {
  [N in Exclude<keyof O, StateNames<P> | ElementNames | 'render' | 'content'>]?: O[N] | Ref<O[N]> | undefined;
} & {
  [N in StateNames<P> & keyof O]?: O[N] | StateRef<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | Readonly<Ref<Element | null>> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that Vue makes. */
    id?: string | undefined;
  };

type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, PartProps>;

type P = typeof patterns;

/** Types a composable by its options and by what is wired. */
function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<UseOptions<O, W, B>> | undefined,
): HandleOf<W, B> {
  // The instance is made of this very pattern; options are checked when it is wired.
  return useInstance(pattern as unknown as Bindable, options) as HandleOf<W, B>;
}

/** An accordion: bind `root`, and `header(key)` with `panel(key)`, or `details(key)` with `summary(key)`. */
export const useAccordion = (
  options?: Given<UseOptions<AccordionOptions, Accordion, P['accordionPattern']>>,
) => use<AccordionOptions, Accordion, P['accordionPattern']>(patterns.accordionPattern, options);

/** A carousel: bind `root`, `slides`, `slide(key)`, and its controls. */
export const useCarousel = (options?: Given<UseOptions<CarouselOptions, Carousel, P['carouselPattern']>>) =>
  use<CarouselOptions, Carousel, P['carouselPattern']>(patterns.carouselPattern, options);

/** A combobox: bind `root`, `label`, `box`, `field` or `button`, `popup`, `list`; options by `items` and `Rows`, or `option(key)`. */
export const useCombobox = <I extends Item = Item, const Multiple extends boolean = false>(
  options?: Given<UseOptions<ComboboxOptions<I, Multiple>, Combobox<Multiple>, P['comboboxPattern']>>,
) =>
  use<ComboboxOptions<I, Multiple>, Combobox<Multiple>, P['comboboxPattern']>(
    patterns.comboboxPattern,
    options,
  );

/** A dialog, or an alert dialog: bind `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const useDialog = (options?: Given<UseOptions<DialogOptions, Dialog, P['dialogPattern']>>) =>
  use<DialogOptions, Dialog, P['dialogPattern']>(patterns.dialogPattern, options);

/** A disclosure: bind `root` onto the panel (`details` onto a `<details>`), `opener()` onto a button. */
export const useDisclosure = (
  options?: Given<UseOptions<DisclosureOptions, Disclosure, P['disclosurePattern']>>,
) => use<DisclosureOptions, Disclosure, P['disclosurePattern']>(patterns.disclosurePattern, options);

/** A drawer: bind `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const useDrawer = (options?: Given<UseOptions<DrawerOptions, Drawer, P['drawerPattern']>>) =>
  use<DrawerOptions, Drawer, P['drawerPattern']>(patterns.drawerPattern, options);

/** A listbox: bind `root`; options by `items` and `Rows`, or `option(key)`. */
export const useListbox = <I extends Item = Item, const Multiple extends boolean = false>(
  options?: Given<UseOptions<ListboxOptions<I, Multiple>, Listbox<Multiple>, P['listboxPattern']>>,
) =>
  use<ListboxOptions<I, Multiple>, Listbox<Multiple>, P['listboxPattern']>(patterns.listboxPattern, options);

/** A menu: bind `root`, `opener()`, and `item(key)`, `checkbox(key)`, `radio(key)`; a submenu's `branch()` onto its item. */
export const useMenu = (options?: Given<UseOptions<MenuOptions, Menu, P['menuPattern']>>) =>
  use<MenuOptions, Menu, P['menuPattern']>(patterns.menuPattern, options);

/** A popover: bind `root` and `opener()`. */
export const usePopover = (options?: Given<UseOptions<PopoverOptions, Popover, P['popoverPattern']>>) =>
  use<PopoverOptions, Popover, P['popoverPattern']>(patterns.popoverPattern, options);

/** A switch: bind `root` onto a button, or `box` onto a checkbox. */
export const useSwitch = (options?: Given<UseOptions<SwitchOptions, Switch, P['switchPattern']>>) =>
  use<SwitchOptions, Switch, P['switchPattern']>(patterns.switchPattern, options);

/** Tabs: bind `root`, `list`, `tab(key)` and `panel(key)`. */
export const useTabs = (options?: Given<UseOptions<TabsOptions, Tabs, P['tabsPattern']>>) =>
  use<TabsOptions, Tabs, P['tabsPattern']>(patterns.tabsPattern, options);

/** A tooltip: bind `root`, and `described()` or `named()` onto its control. */
export const useTooltip = (options?: Given<UseOptions<TooltipOptions, Tooltip, P['tooltipPattern']>>) =>
  use<TooltipOptions, Tooltip, P['tooltipPattern']>(patterns.tooltipPattern, options);

/** A tree: bind `root`; rows by `items` and `Rows`, or `branch(key)` and `leaf(key)` in nested `group`s. */
export const useTree = <N extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  options?: Given<UseOptions<TreeOptions<N, Multiple>, Tree<Multiple>, P['treePattern']>>,
) => use<TreeOptions<N, Multiple>, Tree<Multiple>, P['treePattern']>(patterns.treePattern, options);

/** Any pattern, such as one of your own made with `definePattern`: bind its parts. */
export const usePattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: Given<UseOptions<O, W, Pattern<O, W, N, Out>>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/** Options for every instance in the component that calls it and within, by pattern; those of an instance itself win. */
export function provideDefaults(own: Partial<PatternOptions>): void {
  const around = inject(defaultsKey, {});
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of Object.entries(own)) merged[name] = { ...around[name], ...options };
  provide(defaultsKey, merged);
}

declare module 'vue' {
  interface ButtonHTMLAttributes {
    /** The id of the element that the button asks for something. */
    commandfor?: string | undefined;
    /** What it asks for. */
    command?: string | undefined;
  }
}
