// Elastic Shell for React: a hook for each pattern. What a hook answers with has the parts to spread, the states to read, and
// the methods. States are given as first values, or as the pair of a value and its setter.
import { createElement, type ReactNode, type Ref, type RefObject, useContext } from 'react';
import type { Item } from '../../core/collection/items.js';
import type { TreeNode } from '../../core/collection/tree.js';
import type { PatternOptions } from '../../engine/defaults.js';
import type { Pattern } from '../../engine/pattern.js';
import type { Change, Wired } from '../../engine/types.js';
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
import type { Handle, Loose, StateNames, StateOf } from '../handle.js';
import * as patterns from '../patterns.js';
import { DefaultsContext, type PartProps, useInstance } from './hook.js';

export type { PartProps } from './hook.js';
export { Content, type PlaceProps, Rows, Tokens } from './places.js';

/** A state that React holds: its value, and who is asked when it is to be another. He may answer with a promise. */
export type StatePair<T> = readonly [T, (value: T, change: Change<T>) => unknown];

/** Options that take an element. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** The options of a hook: the pattern's own; a state may be a pair, an element a ref, and content anything that is rendered. */
export type HookOptions<O, W extends Wired, P extends Bindable<unknown>> = Loose<
  Omit<O, StateNames<P> | ElementNames | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?: O[N] | StatePair<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | RefObject<Element | null> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that React makes. */
    id?: string | undefined;
    /** Is given the root as well: a `ref` beside the spread parts would replace theirs. Default: none. */
    ref?: Ref<HTMLElement> | undefined;
  };

type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, PartProps>;

type P = typeof patterns;

/** Types a hook by its options and by what is wired. */
function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: HookOptions<O, W, B> | undefined,
): HandleOf<W, B> {
  // The instance is made of this very pattern; options are checked when it is wired.
  return useInstance(pattern as unknown as Bindable, options) as HandleOf<W, B>;
}

/** An accordion: spread `root`, and `header(key)` with `panel(key)`, or `details(key)` with `summary(key)`. */
export const useAccordion = (options?: HookOptions<AccordionOptions, Accordion, P['accordionPattern']>) =>
  use<AccordionOptions, Accordion, P['accordionPattern']>(patterns.accordionPattern, options);

/** A carousel: spread `root`, `slides`, `slide(key)`, and its controls. */
export const useCarousel = (options?: HookOptions<CarouselOptions, Carousel, P['carouselPattern']>) =>
  use<CarouselOptions, Carousel, P['carouselPattern']>(patterns.carouselPattern, options);

/** A combobox: spread `root`, `label`, `box`, `field` or `button`, `popup`, `list`; options by `items` and `Rows`, or `option(key)`. */
export const useCombobox = <I extends Item = Item, const Multiple extends boolean = false>(
  options?: HookOptions<ComboboxOptions<I, Multiple>, Combobox<Multiple>, P['comboboxPattern']>,
) =>
  use<ComboboxOptions<I, Multiple>, Combobox<Multiple>, P['comboboxPattern']>(
    patterns.comboboxPattern,
    options,
  );

/** A dialog, or an alert dialog: spread `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const useDialog = (options?: HookOptions<DialogOptions, Dialog, P['dialogPattern']>) =>
  use<DialogOptions, Dialog, P['dialogPattern']>(patterns.dialogPattern, options);

/** A disclosure: spread `root` onto the panel (`details` onto a `<details>`), `opener()` onto a button. */
export const useDisclosure = (options?: HookOptions<DisclosureOptions, Disclosure, P['disclosurePattern']>) =>
  use<DisclosureOptions, Disclosure, P['disclosurePattern']>(patterns.disclosurePattern, options);

/** A drawer: spread `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const useDrawer = (options?: HookOptions<DrawerOptions, Drawer, P['drawerPattern']>) =>
  use<DrawerOptions, Drawer, P['drawerPattern']>(patterns.drawerPattern, options);

/** A listbox: spread `root`; options by `items` and `Rows`, or `option(key)`. */
export const useListbox = <I extends Item = Item, const Multiple extends boolean = false>(
  options?: HookOptions<ListboxOptions<I, Multiple>, Listbox<Multiple>, P['listboxPattern']>,
) =>
  use<ListboxOptions<I, Multiple>, Listbox<Multiple>, P['listboxPattern']>(patterns.listboxPattern, options);

/** A menu: spread `root`, `opener()`, and `item(key)`, `checkbox(key)`, `radio(key)`; a submenu's `branch()` onto its item. */
export const useMenu = (options?: HookOptions<MenuOptions, Menu, P['menuPattern']>) =>
  use<MenuOptions, Menu, P['menuPattern']>(patterns.menuPattern, options);

/** A popover: spread `root` and `opener()`. */
export const usePopover = (options?: HookOptions<PopoverOptions, Popover, P['popoverPattern']>) =>
  use<PopoverOptions, Popover, P['popoverPattern']>(patterns.popoverPattern, options);

/** A switch: spread `root` onto a button, or `box` onto a checkbox. */
export const useSwitch = (options?: HookOptions<SwitchOptions, Switch, P['switchPattern']>) =>
  use<SwitchOptions, Switch, P['switchPattern']>(patterns.switchPattern, options);

/** Tabs: spread `root`, `list`, `tab(key)` and `panel(key)`. */
export const useTabs = (options?: HookOptions<TabsOptions, Tabs, P['tabsPattern']>) =>
  use<TabsOptions, Tabs, P['tabsPattern']>(patterns.tabsPattern, options);

/** A tooltip: spread `root`, and `described()` or `named()` onto its control. */
export const useTooltip = (options?: HookOptions<TooltipOptions, Tooltip, P['tooltipPattern']>) =>
  use<TooltipOptions, Tooltip, P['tooltipPattern']>(patterns.tooltipPattern, options);

/** A tree: spread `root`; rows by `items` and `Rows`, or `branch(key)` and `leaf(key)` in nested `group`s. */
export const useTree = <N extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  options?: HookOptions<TreeOptions<N, Multiple>, Tree<Multiple>, P['treePattern']>,
) => use<TreeOptions<N, Multiple>, Tree<Multiple>, P['treePattern']>(patterns.treePattern, options);

/** Any pattern, such as one of your own made with `definePattern`: spread its parts. */
export const usePattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: HookOptions<O, W, Pattern<O, W, N, Out>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/** Options for every instance in the components within, by pattern; those of an instance itself win. */
export function Defaults({
  children,
  ...own
}: Partial<PatternOptions> & { children?: ReactNode }): ReactNode {
  const around = useContext(DefaultsContext);
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of Object.entries(own)) merged[name] = { ...around[name], ...options };
  return createElement(DefaultsContext.Provider, { value: merged }, children);
}

declare module 'react' {
  // The parameter stands in React's own declaration.
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface ButtonHTMLAttributes<T> {
    /** The id of the element that the button asks for something. */
    commandfor?: string | undefined;
    /** What it asks for. */
    command?: string | undefined;
  }
}
