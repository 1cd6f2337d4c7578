// Every element.
import './dialog.js';
import './disclosure.js';
import './popover.js';
