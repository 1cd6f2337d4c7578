// Every pattern's wire function, and the defaults for all of their instances.
export { wireAccordion, type Accordion, type AccordionOptions } from './accordion/wire.js';
export { wireCarousel, type Carousel, type CarouselOptions } from './carousel/wire.js';
export { wireDialog, type Dialog, type DialogOptions } from './dialog/wire.js';
export { wireDisclosure, type Disclosure, type DisclosureOptions } from './disclosure/wire.js';
export { wireDrawer, type Drawer, type DrawerOptions } from './drawer/wire.js';
export { wirePopover, type Popover, type PopoverOptions } from './popover/wire.js';
export { wireTooltip, type Tooltip, type TooltipOptions } from './tooltip/wire.js';
export { wireSwitch, type Switch, type SwitchOptions } from './switch/wire.js';
export { wireTabs, type Tabs, type TabsOptions } from './tabs/wire.js';
export { wireCombobox, type Combobox, type ComboboxOptions } from './combobox/wire.js';
export { wireListbox, type Listbox, type ListboxOptions } from './listbox/wire.js';
export { wireMenu, type Menu, type MenuOptions, type Pick } from './menu/wire.js';
export { wireTree, type Tree, type TreeOptions } from './tree/wire.js';
