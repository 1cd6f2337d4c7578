// Every element.
import './dialog.js';
import './disclosure.js';
import './drawer.js';
import './popover.js';
import './tooltip.js';
import './accordion.js';
import './carousel.js';
import './switch.js';
import './tabs.js';
import './combobox.js';
import './listbox.js';
import './menu.js';
import './tree.js';
