// Every element.
import './dialog.js';
import './disclosure.js';
import './drawer.js';
import './popover.js';
import './tooltip.js';
