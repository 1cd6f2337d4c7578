// Every element by its tag, for the types of templates: what it is, what its options take, what it tells.
import type { Item } from '../core/collection/items.js';
import type { TreeNode } from '../core/collection/tree.js';
import type { ShellEvents } from '../engine/element-types.js';
import type { ShellAccordion } from '../patterns/accordion/element.js';
import type { Accordion, AccordionOptions } from '../patterns/accordion/wire.js';
import type { ShellCarousel } from '../patterns/carousel/element.js';
import type { Carousel, CarouselOptions } from '../patterns/carousel/wire.js';
import type { ShellCombobox } from '../patterns/combobox/element.js';
import type { Combobox, ComboboxOptions } from '../patterns/combobox/wire.js';
import type { ShellDialog } from '../patterns/dialog/element.js';
import type { Dialog, DialogOptions } from '../patterns/dialog/wire.js';
import type { ShellDisclosure } from '../patterns/disclosure/element.js';
import type { Disclosure, DisclosureOptions } from '../patterns/disclosure/wire.js';
import type { ShellDrawer } from '../patterns/drawer/element.js';
import type { Drawer, DrawerOptions } from '../patterns/drawer/wire.js';
import type { ShellListbox } from '../patterns/listbox/element.js';
import type { Listbox, ListboxOptions } from '../patterns/listbox/wire.js';
import type { ShellMenu, ShellMenuEvents } from '../patterns/menu/element.js';
import type { MenuOptions } from '../patterns/menu/types.js';
import type { ShellPopover } from '../patterns/popover/element.js';
import type { Popover, PopoverOptions } from '../patterns/popover/wire.js';
import type { ShellSwitch } from '../patterns/switch/element.js';
import type { Switch, SwitchOptions } from '../patterns/switch/wire.js';
import type { ShellTabs } from '../patterns/tabs/element.js';
import type { Tabs, TabsOptions } from '../patterns/tabs/wire.js';
import type { ShellTooltip } from '../patterns/tooltip/element.js';
import type { Tooltip, TooltipOptions } from '../patterns/tooltip/wire.js';
import type { ShellTree } from '../patterns/tree/element.js';
import type { Tree, TreeOptions } from '../patterns/tree/wire.js';

/** What is known of one element. */
interface Row<Element, Options, Events> {
  element: Element;
  options: Options;
  events: Events;
}

/** Every element by its tag. */
export interface ElementTable {
  'shell-accordion': Row<ShellAccordion, AccordionOptions, ShellEvents<Accordion>>;
  'shell-carousel': Row<ShellCarousel, CarouselOptions, ShellEvents<Carousel>>;
  'shell-combobox': Row<ShellCombobox, ComboboxOptions<Item, boolean>, ShellEvents<Combobox<boolean>>>;
  'shell-dialog': Row<ShellDialog, DialogOptions, ShellEvents<Dialog>>;
  'shell-disclosure': Row<ShellDisclosure, DisclosureOptions, ShellEvents<Disclosure>>;
  'shell-drawer': Row<ShellDrawer, DrawerOptions, ShellEvents<Drawer>>;
  'shell-listbox': Row<ShellListbox, ListboxOptions<Item, boolean>, ShellEvents<Listbox<boolean>>>;
  'shell-menu': Row<ShellMenu, MenuOptions, ShellMenuEvents>;
  'shell-popover': Row<ShellPopover, PopoverOptions, ShellEvents<Popover>>;
  'shell-switch': Row<ShellSwitch, SwitchOptions, ShellEvents<Switch>>;
  'shell-tabs': Row<ShellTabs, TabsOptions, ShellEvents<Tabs>>;
  'shell-tooltip': Row<ShellTooltip, TooltipOptions, ShellEvents<Tooltip>>;
  'shell-tree': Row<ShellTree, TreeOptions<TreeNode, boolean>, ShellEvents<Tree<boolean>>>;
}

/** What a template gives to an element: its options. Of a number or of true and false the text will do. */
export type ElementProps<Tag extends keyof ElementTable> = {
  [
    N in keyof ElementTable[Tag]['options'] as N extends 'onChange' | 'onRefuse' | 'onPick' | 'children'
      ? never
      : N
  ]?:
    | ElementTable[Tag]['options'][N]
    | (ElementTable[Tag]['options'][N] extends boolean | number | undefined ? string : never)
    | null
    | undefined;
} & (Tag extends 'shell-tree' ? { childrenOf?: TreeOptions['children'] | null | undefined } : unknown);

/** What a template hears of an element, under names that begin with `Prefix`. */
export type ElementListeners<Tag extends keyof ElementTable, Prefix extends string> = {
  [N in keyof ElementTable[Tag]['events'] as `${Prefix}${N & string}`]?:
    ((event: ElementTable[Tag]['events'][N]) => unknown) | undefined;
};
