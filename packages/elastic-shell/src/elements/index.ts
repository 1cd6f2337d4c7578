// Every element.
import '../patterns/dialog/element.js';
import '../patterns/disclosure/element.js';
import '../patterns/drawer/element.js';
import '../patterns/popover/element.js';
import '../patterns/tooltip/element.js';
import '../patterns/accordion/element.js';
import '../patterns/carousel/element.js';
import '../patterns/switch/element.js';
import '../patterns/tabs/element.js';
import '../patterns/combobox/element.js';
import '../patterns/listbox/element.js';
import '../patterns/menu/element.js';
import '../patterns/tree/element.js';
