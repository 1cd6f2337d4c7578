// Every directive at once, for the imports of a component.
import { ShellAccordion } from './accordion.js';
import { ShellCarousel } from './carousel.js';
import { ShellCombobox } from './combobox.js';
import { ShellDialog } from './dialog.js';
import { ShellDisclosure } from './disclosure.js';
import { ShellDrawer } from './drawer.js';
import { ShellListbox } from './listbox.js';
import { ShellMenu } from './menu.js';
import { ShellPopover } from './popover.js';
import { ShellSwitch } from './switch.js';
import { ShellTabs } from './tabs.js';
import { ShellTooltip } from './tooltip.js';
import { ShellTree } from './tree.js';
import { ShellPart } from './part.js';
import { ShellContent, ShellRows, ShellTokens } from './places.js';

/** Every directive: `imports: [shellDirectives]`. */
export const shellDirectives = [
  ShellPart,
  ShellRows,
  ShellTokens,
  ShellContent,
  ShellAccordion,
  ShellCarousel,
  ShellCombobox,
  ShellDialog,
  ShellDisclosure,
  ShellDrawer,
  ShellListbox,
  ShellMenu,
  ShellPopover,
  ShellSwitch,
  ShellTabs,
  ShellTooltip,
  ShellTree,
] as const;
