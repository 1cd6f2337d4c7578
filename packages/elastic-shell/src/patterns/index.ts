// Every pattern's wire function, and the defaults for all of their instances.
export { wireAccordion, type Accordion, type AccordionOptions } from './accordion.js';
export { wireCarousel, type Carousel, type CarouselOptions } from './carousel.js';
export { wireDialog, type Dialog, type DialogOptions } from './dialog.js';
export { wireDisclosure, type Disclosure, type DisclosureOptions } from './disclosure.js';
export { wireDrawer, type Drawer, type DrawerOptions } from './drawer.js';
export { wirePopover, type Popover, type PopoverOptions } from './popover.js';
export { wireTooltip, type Tooltip, type TooltipOptions } from './tooltip.js';
export { wireSwitch, type Switch, type SwitchOptions } from './switch.js';
export { wireTabs, type Tabs, type TabsOptions } from './tabs.js';
export { wireCombobox, type Combobox, type ComboboxOptions } from './combobox.js';
export { wireListbox, type Listbox, type ListboxOptions } from './listbox.js';
export { wireMenu, type Menu, type MenuOptions, type Pick } from './menu.js';
export { wireTree, type Tree, type TreeOptions } from './tree.js';
