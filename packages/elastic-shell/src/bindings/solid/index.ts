// Elastic Shell for Solid: a primitive for each pattern. What it answers with has the parts to spread, the states to read, and
// the methods. States are given as first values, as the pair of an accessor and a setter, or as an accessor.
import { type Accessor, createComponent, type JSX, useContext } from 'solid-js';
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
import { createInstance, DefaultsContext, type Given, type PartProps } from './create.js';

export type { Given, PartProps } from './create.js';
export { Content, type PlaceProps, Rows, Tokens } from './places.js';

/** A state that Solid holds: its accessor, and who is asked when it is to be another. He may answer with a promise. */
export type StatePair<T> = readonly [Accessor<T>, (value: T, change: Change<T>) => unknown];

/** The options of a primitive: the pattern's own; a state may be a pair or an accessor, and content anything that is rendered. */
export type CreateOptions<O, W extends Wired, P extends Bindable<unknown>> = Loose<
  Omit<O, StateNames<P> | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?: O[N] | StatePair<StateOf<W, N>> | Accessor<StateOf<W, N>> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that Solid makes. */
    id?: string | undefined;
  };

type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, PartProps>;

type P = typeof patterns;

/** Types a primitive by its options and by what is wired. */
function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<CreateOptions<O, W, B>> | undefined,
): HandleOf<W, B> {
  // The instance is made of this very pattern; options are checked when it is wired.
  return createInstance(pattern as unknown as Bindable, options) as HandleOf<W, B>;
}

/** An accordion: spread `root`, and `header(key)` with `panel(key)`, or `details(key)` with `summary(key)`. */
export const createAccordion = (
  options?: Given<CreateOptions<AccordionOptions, Accordion, P['accordionPattern']>>,
) => use<AccordionOptions, Accordion, P['accordionPattern']>(patterns.accordionPattern, options);

/** A carousel: spread `root`, `slides`, `slide(key)`, and its controls. */
export const createCarousel = (
  options?: Given<CreateOptions<CarouselOptions, Carousel, P['carouselPattern']>>,
) => use<CarouselOptions, Carousel, P['carouselPattern']>(patterns.carouselPattern, options);

/** A combobox: spread `root`, `label`, `box`, `field` or `button`, `popup`, `list`; options by `items` and `Rows`, or `option(key)`. */
export const createCombobox = <I extends Item = Item, const Multiple extends boolean = false>(
  options?: Given<CreateOptions<ComboboxOptions<I, Multiple>, Combobox<Multiple>, P['comboboxPattern']>>,
) =>
  use<ComboboxOptions<I, Multiple>, Combobox<Multiple>, P['comboboxPattern']>(
    patterns.comboboxPattern,
    options,
  );

/** A dialog, or an alert dialog: spread `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const createDialog = (options?: Given<CreateOptions<DialogOptions, Dialog, P['dialogPattern']>>) =>
  use<DialogOptions, Dialog, P['dialogPattern']>(patterns.dialogPattern, options);

/** A disclosure: spread `root` onto the panel (`details` onto a `<details>`), `opener()` onto a button. */
export const createDisclosure = (
  options?: Given<CreateOptions<DisclosureOptions, Disclosure, P['disclosurePattern']>>,
) => use<DisclosureOptions, Disclosure, P['disclosurePattern']>(patterns.disclosurePattern, options);

/** A drawer: spread `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const createDrawer = (options?: Given<CreateOptions<DrawerOptions, Drawer, P['drawerPattern']>>) =>
  use<DrawerOptions, Drawer, P['drawerPattern']>(patterns.drawerPattern, options);

/** A listbox: spread `root`; options by `items` and `Rows`, or `option(key)`. */
export const createListbox = <I extends Item = Item, const Multiple extends boolean = false>(
  options?: Given<CreateOptions<ListboxOptions<I, Multiple>, Listbox<Multiple>, P['listboxPattern']>>,
) =>
  use<ListboxOptions<I, Multiple>, Listbox<Multiple>, P['listboxPattern']>(patterns.listboxPattern, options);

/** A menu: spread `root`, `opener()`, and `item(key)`, `checkbox(key)`, `radio(key)`; a submenu's `branch()` onto its item. */
export const createMenu = (options?: Given<CreateOptions<MenuOptions, Menu, P['menuPattern']>>) =>
  use<MenuOptions, Menu, P['menuPattern']>(patterns.menuPattern, options);

/** A popover: spread `root` and `opener()`. */
export const createPopover = (options?: Given<CreateOptions<PopoverOptions, Popover, P['popoverPattern']>>) =>
  use<PopoverOptions, Popover, P['popoverPattern']>(patterns.popoverPattern, options);

/** A switch: spread `root` onto a button, or `box` onto a checkbox. */
export const createSwitch = (options?: Given<CreateOptions<SwitchOptions, Switch, P['switchPattern']>>) =>
  use<SwitchOptions, Switch, P['switchPattern']>(patterns.switchPattern, options);

/** Tabs: spread `root`, `list`, `tab(key)` and `panel(key)`. */
export const createTabs = (options?: Given<CreateOptions<TabsOptions, Tabs, P['tabsPattern']>>) =>
  use<TabsOptions, Tabs, P['tabsPattern']>(patterns.tabsPattern, options);

/** A tooltip: spread `root`, and `described()` or `named()` onto its control. */
export const createTooltip = (options?: Given<CreateOptions<TooltipOptions, Tooltip, P['tooltipPattern']>>) =>
  use<TooltipOptions, Tooltip, P['tooltipPattern']>(patterns.tooltipPattern, options);

/** A tree: spread `root`; rows by `items` and `Rows`, or `branch(key)` and `leaf(key)` in nested `group`s. */
export const createTree = <N extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  options?: Given<CreateOptions<TreeOptions<N, Multiple>, Tree<Multiple>, P['treePattern']>>,
) => use<TreeOptions<N, Multiple>, Tree<Multiple>, P['treePattern']>(patterns.treePattern, options);

/** Any pattern, such as one of your own made with `definePattern`: spread its parts. */
export const createPattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options?: Given<CreateOptions<O, W, Pattern<O, W, N, Out>>>,
) => use<O, W, Pattern<O, W, N, Out>>(pattern, options);

/** Options for every instance in the components within, by pattern; those of an instance itself win. */
export function Defaults(props: Partial<PatternOptions> & { children?: JSX.Element }): JSX.Element {
  const around = useContext(DefaultsContext);
  // Children are made within what is provided here, not before: they are not touched.
  const own = Object.entries(Object.getOwnPropertyDescriptors(props)).flatMap(([name, { get, value }]) =>
    name === 'children' ? [] : [[name, get ? get() : value] as const],
  );
  const merged: Record<string, object> = { ...around };
  for (const [name, options] of own) merged[name] = { ...around[name], ...options };
  return createComponent(DefaultsContext.Provider, {
    value: merged,
    get children() {
      return props.children;
    },
  });
}
