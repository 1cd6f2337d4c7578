// The sections of the gallery as HTML, as an author writes it by hand, with the texts of all galleries.
import {
  berths,
  boatParts,
  gear,
  type Place,
  plates,
  rigs,
  sheets,
  steps,
  tides,
  trades,
  yard,
} from '../../gallery/src/data.ts';

type Text = { key: string; title: string; text: string };

const section = (id: string, title: string, ...parts: string[]): string =>
  `<section id="${id}" aria-labelledby="${id}-heading"><h2 id="${id}-heading">${title}</h2>${parts.join('')}</section>`;
const each = <T>(list: readonly T[], make: (item: T, at: number) => string): string =>
  list.map(make).join('');
const control = (id: string, command: string, words: string, more = ''): string =>
  `<button type="button" commandfor="${id}" command="${command}"${more}>${words}</button>`;

const dialogs = section(
  'dialog',
  'Dialog',
  control('tides', 'show-modal', 'Open a dialog'),
  `<shell-dialog><dialog id="tides"><header><h3>Tide times</h3>${control('tides', 'close', '×', ' aria-label="Close"')}</header>
    <div><p>High water is at 06:12 and again at 18:40.</p></div>
    <footer>${control('tides', 'close', 'Understood', ' value="read" data-button="primary"')}</footer></dialog></shell-dialog>`,
  '<h3>Dialogs in dialogs</h3>',
  control('outer', 'show-modal', 'Open the outer dialog'),
  `<shell-dialog><dialog id="outer"><header><h4>Outer</h4></header><div><p>A click outside the inner one, but inside this one, closes the inner one alone.</p>
    ${control('inner', 'show-modal', 'Open the inner dialog')}
    <shell-dialog size="narrow"><dialog id="inner"><header><h5>Inner</h5></header><div><p>Escape closes this one first.</p></div>
    <footer>${control('inner', 'close', 'Close the inner dialog')}</footer></dialog></shell-dialog></div>
    <footer>${control('outer', 'close', 'Close the outer dialog')}</footer></dialog></shell-dialog>`,
);

const alert = section(
  'alertdialog',
  'Alert dialog',
  control('cut', 'show-modal', 'Cut the line…'),
  `<shell-dialog size="narrow"><dialog id="cut" role="alertdialog"><header><h3>Cut the mooring line?</h3></header>
    <div><p>The boat will drift with the ebb until somebody takes a line ashore.</p></div>
    <footer>${control('cut', 'close', 'Leave it', ' value="cancel"')}${control('cut', 'close', 'Cut the line', ' value="cut" data-button="danger"')}</footer></dialog></shell-dialog>`,
);

const drawer = section(
  'drawer',
  'Drawer',
  control('sections', 'show-modal', 'Open a drawer'),
  `<shell-drawer><dialog id="sections"><header><h3>Sections</h3>${control('sections', 'close', '×', ' aria-label="Close"')}</header>
    <div><p><a href="#dialog">Dialog</a></p></div></dialog></shell-drawer>`,
  '<h3>Beside the live page</h3>',
  control('side', '--toggle', 'Toggle the side drawer'),
  `<shell-drawer edge="inline-end" modal="false"><dialog id="side" popover="manual"><header><h4>Beside the page</h4></header>
    <div><p>The page stays live.</p>${control('side', '--close', 'Close the side drawer')}</div></dialog></shell-drawer>`,
);

const popover = section(
  'popover',
  'Popover',
  control('berth', 'toggle-popover', 'Berth four'),
  '<shell-popover><div id="berth" popover="manual"><p>Lies along the old quay wall; dries to mud at springs. <a href="#popover">The chart</a> shows it.</p></div></shell-popover>',
  '<h3>Content that comes later</h3>',
  control('log', 'toggle-popover', 'Harbour log'),
  '<shell-popover data-given="log"><div id="log" popover="manual"><h4>Harbour log</h4><div data-content></div></div></shell-popover>',
);

const tooltip = section(
  'tooltip',
  'Tooltip',
  '<button type="button" aria-describedby="haul">Haul out</button>',
  '<shell-tooltip><div id="haul" popover="manual">Lifts the boat onto the slip</div></shell-tooltip>',
);

const disclosure = section(
  'disclosure',
  'Disclosure',
  `<shell-disclosure>${control('ladder', '--toggle', 'Where the ladder is')}
    <div id="ladder" hidden><p>Behind the sail loft, chained to the third post. The key is on the hook.</p></div></shell-disclosure>`,
  '<h3>Words that follow the state</h3>',
  `<shell-disclosure elastic="block"><button type="button" commandfor="crane" command="--toggle"><span data-when="closed">Show more</span><span data-when="open">Show less</span></button>
    <div id="crane" hidden><p>The crane lifts nine tonnes on a still day and seven in a breeze.</p></div></shell-disclosure>`,
);

const sectionsOf = (all: readonly Text[], level: number): string =>
  each(
    all,
    ({ key, title, text }, at) =>
      `<h${level}><button type="button" data-key="${key}"><span data-marker="plus" aria-hidden="true"></span>${title}</button></h${level}>
       <div class="section"${at ? ' hidden' : ''}><p>${text}</p></div>`,
  );

const accordion = section(
  'accordion',
  'Accordion',
  `<shell-accordion>${sectionsOf(steps, 3)}</shell-accordion>`,
  '<h3>One at a time, one always open, with arrow keys</h3>',
  `<div><shell-accordion exclusive keep-one arrows>${sectionsOf(tides, 4)}</shell-accordion><output>morning</output></div>`,
);

const tabsOf = (name: string, all: readonly Text[], attributes = '', mark = ''): string =>
  `<shell-tabs${attributes}><div><div role="tablist" aria-label="${name}">${each(all, ({ key, title }) => `<button type="button" role="tab" data-key="${key}">${title}${mark}</button>`)}</div>
   <div class="panels">${each(all, ({ text }, at) => `<div role="tabpanel" class="section"${at ? ' hidden' : ''}><p>${text}</p></div>`)}</div></div></shell-tabs>`;

const tabs = section(
  'tabs',
  'Tabs',
  tabsOf('Plain tabs', boatParts),
  '<h3>Manual and closable</h3>',
  tabsOf(
    'Closable tabs',
    sheets,
    ' activation="manual" closable',
    ' <span data-close aria-hidden="true">×</span>',
  ),
);

const slides = `<div data-slides>${each(plates, (plate) => `<div data-key="${plate}"><p class="slide">Plate ${plate}</p><p><a href="#carousel">More of plate ${plate}</a></p></div>`)}</div>`;
const carousel = section(
  'carousel',
  'Carousel',
  `<shell-carousel><section id="plates" aria-label="Plates"><div class="row">${control('plates', '--previous', 'Previous')}${control('plates', '--next', 'Next')}</div>${slides}</section></shell-carousel>`,
  '<h3>Pickers as tabs, no wrapping</h3>',
  `<shell-carousel wrap="false"><section id="picked" aria-label="Picked plates"><div role="tablist" aria-label="Choose a plate">${each(plates, (plate) => control('picked', '--select', plate, ` role="tab" value="${plate}"`))}</div>${slides}</section></shell-carousel>`,
);

const rows = (places: readonly Place[]): string =>
  each(
    places,
    ({ key, label, places: within }) =>
      `<li data-key="${key}">${label}${within ? `<ul>${rows(within)}</ul>` : ''}</li>`,
  );
const tree = section(
  'tree',
  'Tree',
  `<shell-tree><ul aria-label="Yard">${rows(yard)}</ul></shell-tree>`,
  '<h3>10,000 rows by a function</h3>',
  '<p class="row"><label>Find <input type="search" aria-controls="stores"></label></p>',
  '<shell-tree checks data-given="stores"><div role="tree" id="stores" aria-label="Stores" class="box tall"></div></shell-tree>',
);

const item = (key: string, words: string, role = 'menuitem', more = ''): string =>
  `<button type="button" role="${role}" data-key="${key}"${more}>${words}</button>`;
const menu = section(
  'menu',
  'Menu',
  control('boat', '--toggle', 'Boat'),
  `<shell-menu><div role="menu" popover="manual" id="boat" aria-label="Boat">
    ${item('lift', 'Lift')}${item('launch', 'Launch')}${item('scrap', 'Break up', 'menuitem', ' aria-disabled="true"')}
    ${item('move', 'Move to', 'menuitem', ' aria-controls="move"')}
    <shell-menu><div role="menu" popover="manual" id="move" aria-label="Move to">${item('slip', 'Great slip')}${item('shed', 'Shed')}</div></shell-menu>
    <hr role="separator">${item('lights', 'Lights', 'menuitemcheckbox', ' aria-checked="true"')}${item('pump', 'Pump', 'menuitemcheckbox')}
    <div role="group" aria-label="State">${item('waiting', 'Waiting', 'menuitemradio', ' aria-checked="true"')}${item('hand', 'In hand', 'menuitemradio')}${item('held', 'Held', 'menuitemradio')}</div></div></shell-menu>`,
);

const toolbar = section(
  'toolbar',
  'Toolbar',
  `<shell-toolbar><div role="toolbar" aria-label="Chart" class="row"><button type="button">Zoom in</button><button type="button" aria-disabled="true">Zoom out</button>
    <input aria-label="Depth" size="4"><button type="button" role="checkbox" aria-checked="false">Grid</button></div></shell-toolbar>`,
);

const barMenu = (id: string, name: string, ...items: string[]): string =>
  `<shell-menu><div role="menu" popover="manual" id="${id}" aria-label="${name}">${items.join('')}</div></shell-menu>`;
const menubar = section(
  'menubar',
  'Menubar',
  `<shell-menubar><div role="menubar" aria-label="Yard" class="row">${control('order-menu', '--toggle', 'Order', ' role="menuitem"')}${control('berth-menu', '--toggle', 'Berth', ' role="menuitem"')}
    <button type="button" role="menuitem">Help</button></div></shell-menubar>`,
  barMenu('order-menu', 'Order', item('new', 'New'), item('strike', 'Strike')),
  barMenu('berth-menu', 'Berth', item('free', 'Free'), item('move', 'Move')),
);

const options = (all: readonly { key: string; label?: string; disabled?: boolean }[], chosen = ''): string =>
  each(
    all,
    ({ key, label = key, disabled }) =>
      `<div role="option" data-key="${key}"${disabled ? ' aria-disabled="true"' : ''}${key === chosen ? ' aria-selected="true"' : ''}>${label}</div>`,
  );
const listbox = section(
  'listbox',
  'Listbox',
  `<shell-listbox><div role="listbox" aria-label="Rig" class="box">${options(rigs)}</div></shell-listbox>`,
  '<h3>Several</h3>',
  `<div><shell-listbox multiple><div role="listbox" aria-label="Gear" aria-multiselectable="true" class="box">${options(gear, 'anchor')}</div></shell-listbox><output>anchor</output></div>`,
  '<h3>10,000 options by a function</h3>',
  '<shell-listbox data-given="rivets"><div role="listbox" aria-label="Rivets" class="box tall"></div></shell-listbox>',
);

const combobox = section(
  'combobox',
  'Combobox',
  `<shell-combobox><label for="berth-field">Berth</label><div data-box><input id="berth-field" role="combobox"></div>
    <div popover="manual"><div role="listbox" aria-label="Berths">${options(berths)}</div></div></shell-combobox>`,
  '<h3>To choose only</h3>',
  `<shell-combobox selected="cutter"><span id="kind">Kind</span>
    <button type="button" role="combobox" aria-labelledby="kind kind-value"><span data-value id="kind-value">Cutter</span><span data-marker aria-hidden="true"></span></button>
    <div popover="manual"><div role="listbox" aria-labelledby="kind">${options(rigs)}</div></div></shell-combobox>`,
);

const several = section(
  'combobox-multiple',
  'Combobox for several',
  `<shell-combobox multiple limit="4" selected="rigger"><label for="trades-field">Trades</label><div data-box><input id="trades-field" role="combobox"></div>
    <div popover="manual"><div role="listbox" aria-label="Trades">${options(trades)}</div></div></shell-combobox>`,
);

const switches = section(
  'switch',
  'Switch',
  '<p class="row"><shell-switch><button type="button" role="switch" aria-labelledby="lights-name"></button></shell-switch><span id="lights-name">Quay lights</span></p>',
  '<h3>On a checkbox</h3>',
  '<p class="row"><shell-switch><label><input type="checkbox" role="switch" name="pump" checked> Pump</label></shell-switch></p>',
);

const owned = (name: string, title: string, ...parts: string[]): string =>
  `${title && `<h3>${title}</h3>`}<div data-case="${name}">${parts.join('')}</div>`;
const owners = section(
  'owners',
  'Who owns the state',
  owned(
    'refused',
    '',
    control('held', 'show-modal', 'Open what stays open'),
    `<output>closed, refused 0</output><shell-dialog><dialog id="held"><h4>Held</h4><label><input type="checkbox"> It may close</label>${control('held', 'close', 'Close the held one')}</dialog></shell-dialog>`,
  ),
  owned(
    'later',
    'An owner who answers later',
    control('later', '--open', 'Open when the owner says so'),
    `<output>closed</output><shell-dialog><dialog id="later"><h4>Later</h4>${control('later', 'close', 'Close it later')}</dialog></shell-dialog>`,
  ),
  owned(
    'outside',
    'Changed from outside',
    '<button type="button">Turn it over from outside</button>',
    `<shell-disclosure>${control('table', '--toggle', 'Turn it over')}<div id="table" hidden>The tide table hangs by the door.</div></shell-disclosure><output></output>`,
  ),
  owned(
    'several',
    'Two states at once',
    `<shell-combobox><label for="free-field">Berth, not the slip</label><div data-box><input id="free-field" role="combobox"></div>
     <div popover="manual"><div role="listbox" aria-label="Free berths">${options(berths)}</div></div></shell-combobox><output>quay, closed</output>`,
  ),
  owned(
    'options',
    'Options that change while it is open',
    control('changing', 'show-modal', 'Open what changes'),
    `<shell-dialog size="narrow"><dialog id="changing"><h4>Changes while it is open</h4><button type="button">Other size</button>
     <button type="button">Escape: close</button>${control('changing', 'close', 'Close what changes')}</dialog></shell-dialog>`,
  ),
  owned('mounted', 'Gone while it waits', '<button type="button">Mount what waits</button>'),
);

/** All sections, in the order of every gallery. */
export const sections = (): string =>
  [
    dialogs,
    alert,
    drawer,
    popover,
    tooltip,
    disclosure,
    accordion,
    tabs,
    carousel,
    tree,
    menu,
    toolbar,
    menubar,
    listbox,
    combobox,
    several,
    switches,
    owners,
  ].join('\n');
