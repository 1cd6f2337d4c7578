// What each row of the contracts comes to in a gallery: what is done, and what the page then says. The rows themselves are read
// from the contracts: one that has no script here fails the suite.

/** Something done: a key, a press, focus put on a control. */
export type Step =
  | `key ${string}`
  | `press ${string}`
  | `focus ${string}`
  | `marker ${string}`
  | 'outside'
  | 'hover'
  | 'swipe'
  | `drag ${string}`;

/** What is true afterwards, as far as it is said. */
export interface Facts {
  /** The name of what has focus, or of the item that the focused field names as current. */
  at?: string;
  /** How many layers are open. */
  layers?: number;
  /** Names of what is expanded, selected, checked, in the instance. */
  expanded?: string[];
  selected?: string[];
  checked?: string[];
  /** The names of the items that there are. */
  items?: string[];
  /** What the field says. */
  value?: string;
  /** The names of the slides in view. */
  slides?: string[];
}

/** What is done for a row, in which instance of its section, and what comes of it. */
export interface Script {
  /** The selector of the instance in its section. Default: the first of it. */
  in?: string;
  do: Step[];
  then: Facts;
  /** Where alone it can be driven: WebDriver's finger scrolls nothing. */
  only?: 'chromium';
}

type Scripts = Record<string, Script>;

const opener = 'press Open a dialog';
const dialog: Scripts = {
  'opener Enter': { do: ['focus Open a dialog', 'key Enter'], then: { layers: 1, at: 'Understood' } },
  'opener Space': { do: ['focus Open a dialog', 'key Space'], then: { layers: 1, at: 'Understood' } },
  'root Escape': { do: [opener, 'key Escape'], then: { layers: 0, at: 'Open a dialog' } },
  'root Tab': { do: [opener, 'key Tab'], then: { layers: 1, at: 'Close' } },
  'root Shift+Tab': { do: [opener, 'key Shift+Tab', 'key Shift+Tab'], then: { layers: 1, at: 'Understood' } },
  'click opener': { do: [opener], then: { layers: 1, expanded: ['Open a dialog'] } },
  'click outside': { do: [opener, 'outside'], then: { layers: 0, at: 'Open a dialog', expanded: [] } },
};

const drawerOpener = 'press Open a drawer';
const drawer: Scripts = {
  'opener Enter': { do: ['focus Open a drawer', 'key Enter'], then: { layers: 1 } },
  'opener Space': { do: ['focus Open a drawer', 'key Space'], then: { layers: 1 } },
  'root Escape': { do: [drawerOpener, 'key Escape'], then: { layers: 0, at: 'Open a drawer' } },
  'root Tab': { do: [drawerOpener, 'key Tab', 'key Tab', 'key Tab'], then: { layers: 1 } },
  'click opener': { do: [drawerOpener], then: { layers: 1, expanded: ['Open a drawer'] } },
  'click outside': { do: [drawerOpener, 'outside'], then: { layers: 0, at: 'Open a drawer' } },
};

const berth = 'press Berth four';
const popover: Scripts = {
  'opener Enter': { do: ['focus Berth four', 'key Enter'], then: { layers: 1, expanded: ['Berth four'] } },
  'opener Space': { do: ['focus Berth four', 'key Space', 'key Space'], then: { layers: 0, expanded: [] } },
  'opener Tab': { do: ['focus Berth four', 'key Enter', 'key Tab'], then: { layers: 1, at: 'The chart' } },
  'root Tab': { do: ['focus Berth four', 'key Enter', 'key Tab', 'key Tab'], then: { expanded: [] } },
  'root Shift+Tab': {
    do: ['focus Berth four', 'key Enter', 'key Tab', 'key Shift+Tab'],
    then: { at: 'Berth four' },
  },
  'root Escape': {
    do: ['focus Berth four', 'key Enter', 'key Tab', 'key Escape'],
    then: { layers: 0, at: 'Berth four' },
  },
  'click opener': { do: [berth, berth], then: { layers: 0, expanded: [] } },
  'click outside': { do: [berth, 'outside'], then: { layers: 0 } },
};

const tooltip: Scripts = {
  'opener Escape': { do: ['hover', 'focus Haul out', 'key Escape'], then: { layers: 0, at: 'Haul out' } },
  'click opener': { do: ['hover', 'press Haul out'], then: { layers: 0 } },
};

const ladder = 'Where the ladder is';
const disclosure: Scripts = {
  'opener Enter': { do: [`focus ${ladder}`, 'key Enter'], then: { expanded: [ladder], at: ladder } },
  'opener Space': { do: [`focus ${ladder}`, 'key Space', 'key Space'], then: { expanded: [], at: ladder } },
  'click opener': { do: [`press ${ladder}`], then: { expanded: [ladder] } },
};

const arrows = '[data-wired=accordion] >> nth=1';
const accordion: Scripts = {
  'item Enter': { do: ['focus The lift', 'key Enter'], then: { expanded: ['Before the lift', 'The lift'] } },
  'item Space': { do: ['focus Before the lift', 'key Space'], then: { expanded: [], at: 'Before the lift' } },
  'item ArrowDown': { in: arrows, do: ['focus Night', 'key ArrowDown'], then: { at: 'Morning tide' } },
  'item ArrowUp': { in: arrows, do: ['focus Morning tide', 'key ArrowUp'], then: { at: 'Night' } },
  'item Home': { in: arrows, do: ['focus Night', 'key Home'], then: { at: 'Morning tide' } },
  'item End': { in: arrows, do: ['focus Morning tide', 'key End'], then: { at: 'Night' } },
  'click item': { do: ['press Ashore'], then: { expanded: ['Before the lift', 'Ashore'] } },
};

const closable = '[data-wired=tabs]:has([aria-label="Closable tabs"])';
const tabs: Scripts = {
  'item ArrowRight': { do: ['focus Hull', 'key ArrowRight'], then: { at: 'Rig', selected: ['Rig'] } },
  'item ArrowLeft': { do: ['focus Hull', 'key ArrowLeft'], then: { at: 'Engine', selected: ['Engine'] } },
  'item Home': { do: ['press Engine', 'key Home'], then: { at: 'Hull', selected: ['Hull'] } },
  'item End': { do: ['focus Hull', 'key End'], then: { at: 'Engine', selected: ['Engine'] } },
  'item Enter': {
    in: closable,
    do: ['focus Sheet 1 of the log', 'key ArrowRight', 'key Enter'],
    then: { at: 'Sheet 2 of the log', selected: ['Sheet 2 of the log'] },
  },
  'item Space': {
    in: closable,
    do: ['focus Sheet 1 of the log', 'key End', 'key Space'],
    then: { at: 'Sheet 6 of the log', selected: ['Sheet 6 of the log'] },
  },
  'item Delete': {
    in: closable,
    do: ['focus Sheet 1 of the log', 'key Delete'],
    then: { at: 'Sheet 2 of the log', selected: ['Sheet 2 of the log'] },
  },
  'item Tab': { do: ['focus Hull', 'key Tab'], then: { at: 'Larch on oak, copper fastened.' } },
  'click item': { do: ['press Rig'], then: { selected: ['Rig'] } },
};

const picked = '[data-wire=carousel]:has([role=tablist]), section:has(> [role=tablist])';
const carousel: Scripts = {
  'opener Enter': { in: picked, do: ['focus 3', 'key Enter'], then: { selected: ['3'] } },
  'opener Space': { in: picked, do: ['focus 2', 'key Space'], then: { selected: ['2'] } },
  'opener ArrowRight': { in: picked, do: ['focus 1', 'key ArrowRight'], then: { at: '2', selected: ['2'] } },
  'opener ArrowLeft': { in: picked, do: ['focus 1', 'key ArrowLeft'], then: { at: '4', selected: ['4'] } },
  'opener Home': { in: picked, do: ['press 3', 'key Home'], then: { at: '1', selected: ['1'] } },
  'opener End': { in: picked, do: ['focus 1', 'key End'], then: { at: '4', selected: ['4'] } },
  'click opener': { in: picked, do: ['press 2'], then: { selected: ['2'] } },
};

const tree: Scripts = {
  'item ArrowDown': { do: ['focus Sheds', 'key ArrowDown'], then: { at: 'Slips' } },
  'item ArrowUp': { do: ['focus Sheds', 'key ArrowDown', 'key ArrowUp'], then: { at: 'Sheds' } },
  'item ArrowRight': {
    do: ['focus Sheds', 'key ArrowRight', 'key ArrowRight'],
    then: { at: 'Sail loft', expanded: ['Sheds'] },
  },
  'item ArrowLeft': {
    do: ['focus Sheds', 'key ArrowRight', 'key ArrowRight', 'key ArrowLeft', 'key ArrowLeft'],
    then: { at: 'Sheds', expanded: [] },
  },
  'item Home': { do: ['focus Sheds', 'key End', 'key Home'], then: { at: 'Sheds' } },
  'item End': { do: ['focus Sheds', 'key End'], then: { at: 'Quay' } },
  'item PageDown': { do: ['focus Sheds', 'key PageDown'], then: { at: 'Quay' } },
  'item PageUp': { do: ['focus Sheds', 'key End', 'key PageUp'], then: { at: 'Sheds' } },
  'item letters': { do: ['focus Sheds', 'key q'], then: { at: 'Quay' } },
  'item *': { do: ['focus Sheds', 'key *'], then: { at: 'Sheds', expanded: ['Sheds', 'Slips'] } },
  'item Enter': { do: ['focus Sheds', 'key Enter'], then: { expanded: ['Sheds'], selected: [] } },
  'item Space': { do: ['focus Sheds', 'key Space'], then: { expanded: [], selected: ['Sheds'] } },
  'click item': { do: ['press Slips'], then: { expanded: ['Slips'], selected: ['Slips'] } },
};

const boat = 'focus Boat';
const menu: Scripts = {
  'opener Enter': { do: [boat, 'key Enter'], then: { layers: 1, at: 'Lift' } },
  'opener Space': { do: [boat, 'key Space'], then: { layers: 1, at: 'Lift' } },
  'opener ArrowDown': { do: [boat, 'key ArrowDown'], then: { layers: 1, at: 'Lift' } },
  'opener ArrowUp': { do: [boat, 'key ArrowUp'], then: { layers: 1, at: 'Held' } },
  'item ArrowDown': { do: [boat, 'key ArrowUp', 'key ArrowDown'], then: { at: 'Lift' } },
  'item ArrowUp': { do: [boat, 'key Enter', 'key ArrowUp'], then: { at: 'Held' } },
  'item Home': { do: [boat, 'key ArrowUp', 'key Home'], then: { at: 'Lift' } },
  'item End': { do: [boat, 'key Enter', 'key End'], then: { at: 'Held' } },
  'item PageDown': { do: [boat, 'key Enter', 'key PageDown'], then: { at: 'Held' } },
  'item PageUp': { do: [boat, 'key ArrowUp', 'key PageUp'], then: { at: 'Lift' } },
  'item letters': { do: [boat, 'key Enter', 'key m'], then: { at: 'Move to' } },
  'item ArrowRight': {
    do: [boat, 'key Enter', 'key m', 'key ArrowRight'],
    then: { layers: 2, at: 'Great slip' },
  },
  'item ArrowLeft': {
    do: [boat, 'key Enter', 'key m', 'key Enter', 'key ArrowLeft'],
    then: { layers: 1, at: 'Move to' },
  },
  'item Enter': { do: [boat, 'key Enter', 'key Enter'], then: { layers: 0, at: 'Boat' } },
  'item Space': {
    do: [boat, 'key Enter', 'key p', 'key Space'],
    then: { layers: 1, at: 'Pump', checked: ['Lights', 'Pump', 'Waiting'] },
  },
  'item Escape': {
    do: [boat, 'key Enter', 'key m', 'key Enter', 'key Escape'],
    then: { layers: 1, at: 'Move to' },
  },
  'item Tab': { do: [boat, 'key Enter', 'key Tab'], then: { layers: 0 } },
  'click opener': { do: ['drag Launch'], then: { layers: 0, at: 'Boat' } },
  'click item': { do: ['press Boat', 'press Lift'], then: { layers: 0, at: 'Boat' } },
  'click outside': { do: ['press Boat', 'outside'], then: { layers: 0 } },
};

const several = '[role=listbox][aria-multiselectable=true]';
const listbox: Scripts = {
  'item ArrowDown': { do: ['focus Sloop', 'key ArrowDown'], then: { at: 'Cutter', selected: ['Cutter'] } },
  'item ArrowUp': { do: ['press Ketch', 'key ArrowUp'], then: { at: 'Cutter', selected: ['Cutter'] } },
  'item Home': { do: ['press Ketch', 'key Home'], then: { at: 'Sloop', selected: ['Sloop'] } },
  'item End': { do: ['press Sloop', 'key End'], then: { at: 'Schooner', selected: ['Schooner'] } },
  'item PageDown': { do: ['press Sloop', 'key PageDown'], then: { at: 'Schooner' } },
  'item PageUp': { do: ['press Schooner', 'key PageUp'], then: { at: 'Sloop' } },
  'item letters': { do: ['focus Sloop', 'key c'], then: { at: 'Cutter', selected: ['Cutter'] } },
  'item Enter': { do: ['focus Sloop', 'key Enter'], then: { selected: ['Sloop'] } },
  'item Space': {
    in: several,
    do: ['press Fender', 'key Space'],
    then: { at: 'Fender', selected: ['Anchor'] },
  },
  'item Shift+Arrow': {
    in: several,
    do: ['focus Anchor', 'key Shift+ArrowDown'],
    then: { selected: ['Anchor', 'Boathook'] },
  },
  'item Control+Shift+Home': {
    in: several,
    do: ['press Boathook', 'key Control+Shift+Home'],
    then: { selected: ['Anchor', 'Boathook'] },
  },
  'item Control+Shift+End': {
    in: several,
    do: ['press Boathook', 'key Control+Shift+End'],
    then: { at: 'Stove', selected: ['Boathook', 'Fender', 'Stove'] },
  },
  'item Control+a': {
    in: several,
    do: ['focus Anchor', 'key Control+a'],
    then: { selected: ['Anchor', 'Boathook', 'Fender', 'Stove'] },
  },
  'click item': { do: ['press Schooner'], then: { at: 'Schooner', selected: ['Schooner'] } },
};

const field = 'focus Berth';
const select = '[data-wired=combobox]:has(button[role=combobox])';
const kind = 'focus Kind';
const tokens = '#combobox-multiple [data-wired=combobox]';
const trades: Step[] = ['focus Trades', 'key Backspace'];
const combobox: Scripts = {
  'field ArrowDown': { do: [field, 'key ArrowDown', 'key ArrowDown'], then: { layers: 1, at: 'Slip' } },
  'field ArrowUp': { do: [field, 'key ArrowUp', 'key ArrowUp'], then: { layers: 1, at: 'Mole' } },
  'field Alt+ArrowDown': { do: [field, 'key Alt+ArrowDown'], then: { layers: 1, at: 'Berth' } },
  'field Alt+ArrowUp': { do: [field, 'key ArrowDown', 'key Alt+ArrowUp'], then: { layers: 0, at: 'Berth' } },
  'field Enter': { do: [field, 'key ArrowDown', 'key Enter'], then: { layers: 0, value: 'Quay' } },
  'field Space': {
    in: select,
    do: [kind, 'key Space', 'key Home', 'key Space'],
    then: { layers: 0, value: 'Sloop' },
  },
  'field Escape': { do: [field, 'key m', 'key Escape'], then: { layers: 0, value: '' } },
  'field Home': { in: select, do: [kind, 'key Enter', 'key Home'], then: { layers: 1, at: 'Sloop' } },
  'field End': { in: select, do: [kind, 'key Enter', 'key End'], then: { layers: 1, at: 'Schooner' } },
  'field PageDown': { do: [field, 'key ArrowDown', 'key PageDown'], then: { at: 'Mooring' } },
  'field PageUp': { do: [field, 'key ArrowUp', 'key PageUp'], then: { at: 'Quay' } },
  'field letters': { in: select, do: [kind, 'key k'], then: { value: 'Ketch' } },
  'field Tab': {
    in: select,
    do: [kind, 'key Enter', 'key Home', 'key Tab'],
    then: { layers: 0, value: 'Sloop' },
  },
  'field Backspace': { in: tokens, do: trades, then: { at: 'Remove Rigger' } },
  'tokens ArrowLeft': { in: tokens, do: [...trades, 'key ArrowLeft'], then: { at: 'Remove Rigger' } },
  'tokens ArrowRight': { in: tokens, do: [...trades, 'key ArrowRight'], then: { at: 'Trades' } },
  'tokens Home': { in: tokens, do: [...trades, 'key Home'], then: { at: 'Remove Rigger' } },
  'tokens End': { in: tokens, do: [...trades, 'key End'], then: { at: 'Trades' } },
  'tokens Delete': { in: tokens, do: [...trades, 'key Delete'], then: { at: 'Trades', items: [] } },
  'tokens Backspace': { in: tokens, do: [...trades, 'key Backspace'], then: { at: 'Trades', items: [] } },
  'click field': { do: ['press Berth'], then: { layers: 1, at: 'Berth' } },
  'click item': { do: ['press Berth', 'press Mole'], then: { layers: 0, value: 'Mole' } },
  'click tokens': { in: tokens, do: ['press Remove Rigger'], then: { items: [] } },
  'click outside': { do: ['press Berth', 'outside'], then: { layers: 0 } },
};

const lights = 'Quay lights';
const switching: Scripts = {
  'root Space': { do: [`focus ${lights}`, 'key Space'], then: { checked: [lights], at: lights } },
  'root Enter': { do: [`focus ${lights}`, 'key Enter', 'key Enter'], then: { checked: [] } },
  'click root': { do: [`press ${lights}`], then: { checked: [lights] } },
};

const zoom = 'focus Zoom in';
const toolbar: Scripts = {
  'item Tab': { do: [zoom, 'key ArrowRight', 'key Shift+Tab', 'key Tab'], then: { at: 'Zoom out' } },
  'item ArrowRight': { do: [zoom, 'key ArrowRight'], then: { at: 'Zoom out' } },
  'item ArrowLeft': { do: ['focus Grid', 'key ArrowLeft'], then: { at: 'Depth' } },
  'item Home': { do: ['focus Grid', 'key Home'], then: { at: 'Zoom in' } },
  'item End': { do: [zoom, 'key End'], then: { at: 'Grid' } },
  'item Enter': { do: ['focus Grid', 'key Enter'], then: { at: 'Grid', checked: ['Grid'] } },
  'item Space': { do: ['focus Grid', 'key Space', 'key Space'], then: { checked: [] } },
  'click item': { do: ['press Grid'], then: { at: 'Grid', checked: ['Grid'] } },
};

const order = 'focus Order';
const menubar: Scripts = {
  'item Tab': { do: [order, 'key ArrowRight', 'key Shift+Tab', 'key Tab'], then: { at: 'Berth', layers: 0 } },
  'item ArrowRight': { do: [order, 'key ArrowRight'], then: { at: 'Berth', layers: 0 } },
  'item ArrowLeft': { do: [order, 'key ArrowLeft'], then: { at: 'Help' } },
  'item ArrowDown': { do: [order, 'key ArrowDown'], then: { at: 'New', layers: 1, expanded: ['Order'] } },
  'item ArrowUp': { do: [order, 'key ArrowUp'], then: { at: 'Strike', layers: 1 } },
  'item Enter': { do: [order, 'key Enter'], then: { at: 'New', layers: 1 } },
  'item Space': { do: [order, 'key Space'], then: { at: 'New', layers: 1 } },
  'item Home': { do: ['focus Help', 'key Home'], then: { at: 'Order' } },
  'item End': { do: [order, 'key End'], then: { at: 'Help' } },
  'item letters': { do: [order, 'key b'], then: { at: 'Berth' } },
  'menu ArrowRight': {
    do: [order, 'key ArrowDown', 'key ArrowRight'],
    then: { at: 'Free', layers: 1, expanded: ['Berth'] },
  },
  'menu ArrowLeft': {
    do: ['focus Berth', 'key ArrowDown', 'key ArrowLeft'],
    then: { at: 'New', layers: 1, expanded: ['Order'] },
  },
  'menu Escape': { do: [order, 'key ArrowDown', 'key Escape'], then: { at: 'Order', layers: 0 } },
  'click item': { do: ['press Order'], then: { at: 'New', layers: 1 } },
  'click outside': { do: ['press Order', 'outside'], then: { layers: 0, expanded: [] } },
};

/** The scripts of every pattern, by the words of its rows. */
export const scripts: Record<string, Scripts> = {
  accordion,
  carousel,
  combobox,
  dialog,
  disclosure,
  drawer,
  listbox,
  menu,
  menubar,
  popover,
  switch: switching,
  tabs,
  toolbar,
  tooltip,
  tree,
};

const sheets = '#many-tabs';
const timber = '#multiple-tree';
const flags = '#grid-listbox';
const pump = 'Bilge pump';

/** What differs in the plain gallery: where an instance stands, what it holds more, and rows that it alone has an instance for. */
export const inPlain: Record<string, Partial<Script>> = {
  'tabs item Enter': { in: sheets },
  'tabs item Space': {
    in: sheets,
    then: { at: 'Sheet 12 of the log', selected: ['Sheet 12 of the log'] },
  },
  'tabs item Delete': { in: sheets },
  'listbox item Space': { then: { at: 'Fender', selected: ['Anchor', pump] } },
  'listbox item Control+Shift+End': {
    then: { at: pump, selected: ['Boathook', 'Fender', 'Stove', pump] },
  },
  'listbox item Control+a': { then: { selected: ['Anchor', 'Boathook', 'Fender', 'Stove', pump] } },
  'combobox field Space': { then: { layers: 0, value: 'Cutter' } },
  'combobox field Home': { then: { layers: 1, at: 'Cutter' } },
  'combobox field Tab': { then: { layers: 0, value: 'Cutter' } },
  'tabs click opener': { in: sheets, do: ['press Next sheet'], then: { selected: ['Sheet 2 of the log'] } },
  'carousel click slide': {
    in: '#plain-carousel',
    do: ['swipe'],
    then: { slides: ['2 of 4'] },
    only: 'chromium',
  },
  'tree item Shift+Arrow': {
    in: timber,
    do: ['focus Oak', 'key Shift+ArrowDown'],
    then: { at: 'Planks', selected: ['Oak', 'Planks'] },
  },
  'tree item Control+a': {
    in: timber,
    do: ['focus Oak', 'key Control+a'],
    then: { selected: ['Oak', 'Planks', 'Knees', 'Treenails', 'Larch'] },
  },
  'tree click marker': { in: timber, do: ['marker Oak'], then: { expanded: [] } },
  'listbox item ArrowRight': {
    in: flags,
    do: ['focus ochre swallowtail', 'key ArrowRight'],
    then: { at: 'teal swallowtail' },
  },
  'listbox item ArrowLeft': {
    in: flags,
    do: ['press teal swallowtail', 'key ArrowLeft'],
    then: { at: 'ochre swallowtail' },
  },
};

/** The rows that `npm test` looks at in every setting: open, move, choose, close, focus. The long run looks at all. */
export const brief = new Set([
  'accordion item Enter',
  'accordion item ArrowDown',
  'carousel opener ArrowRight',
  'carousel click opener',
  'combobox field ArrowDown',
  'combobox field Enter',
  'combobox field Escape',
  'combobox tokens Delete',
  'combobox click item',
  'dialog opener Enter',
  'dialog root Escape',
  'dialog root Tab',
  'dialog click outside',
  'disclosure opener Enter',
  'disclosure click opener',
  'drawer opener Enter',
  'drawer root Escape',
  'menubar item ArrowDown',
  'menubar menu ArrowRight',
  'menubar menu Escape',
  'menubar click item',
  'toolbar item Tab',
  'toolbar item ArrowRight',
  'toolbar item Enter',
  'listbox item ArrowDown',
  'listbox item Space',
  'listbox click item',
  'menu opener ArrowDown',
  'menu item ArrowRight',
  'menu item Enter',
  'menu item Escape',
  'popover opener Tab',
  'popover root Escape',
  'popover click outside',
  'switch root Space',
  'switch click root',
  'tabs item ArrowRight',
  'tabs item Delete',
  'tabs click item',
  'tooltip opener Escape',
  'tree item ArrowRight',
  'tree item letters',
  'tree click item',
]);
