// Every pattern's wire function, with its options and what it returns.
export { wireAccordion, type Accordion, type AccordionOptions } from './accordion/wire.js';
export { wireCarousel, type Carousel, type CarouselOptions } from './carousel/wire.js';
export {
  wireCombobox,
  type AskedItems,
  type Combobox,
  type ComboboxOptions,
  type ComboboxStates,
} from './combobox/wire.js';
export { wireDialog, type Dialog, type DialogOptions } from './dialog/wire.js';
export { wireDisclosure, type Disclosure, type DisclosureOptions } from './disclosure/wire.js';
export { wireDrawer, type Drawer, type DrawerOptions } from './drawer/wire.js';
export { wireListbox, type Listbox, type ListboxOptions, type ListboxState } from './listbox/wire.js';
export { wireMenu, type Menu, type MenuOptions, type MenuPick } from './menu/wire.js';
export { wirePopover, type Popover, type PopoverOptions } from './popover/wire.js';
export { wireSwitch, type Switch, type SwitchOptions } from './switch/wire.js';
export { wireTabs, type Tabs, type TabsOptions } from './tabs/wire.js';
export { wireTooltip, type Tooltip, type TooltipOptions } from './tooltip/wire.js';
export { wireTree, type Tree, type TreeOptions, type TreeStates } from './tree/wire.js';
