// What a screen reader has to announce: one walk for each pattern, on the page that its document shows, and one for each job.

/** Words of which each has to be said, in this order; more may be said before, after and between. None: nothing needs to be said. */
export type Words = readonly string[];

/** One key, and what has to be announced then. */
export interface Step {
  key: string;
  /** Default: something, whatever it is. */
  hears?: Words;
  /** What one browser has to say instead; the reason is in docs/browsers.md. */
  but?: { readonly [browser: string]: Words };
}

/** A page, where it begins, and the keys from there. */
export interface Walk {
  name: string;
  /** The pattern whose document shows the transcript. */
  pattern?: string;
  /** The address: of the desk, or of the test pages if it begins with `heard.html`. */
  page: string;
  /** Tab leads here first. */
  before: string;
  steps: readonly Step[];
  /** What must not be said at any time, or while the page loads. */
  never?: Words;
  notAtLoad?: Words;
}

const on = (key: string, ...hears: string[]): Step => (hears.length ? { key, hears } : { key });
/** A key after which nothing needs to be said. */
const quiet = (key: string): Step => ({ key, hears: [] });
const but = (step: Step, browser: string, ...hears: string[]): Step => ({
  ...step,
  but: { ...step.but, [browser]: hears },
});
/** A key that closes a modal layer: Chromium does not announce where focus has gone. */
const closes = (key: string, ...hears: string[]): Step => but(on(key, ...hears), 'chromium');

const recipe = (pattern: string, before: string, steps: Step[], more: Partial<Walk> = {}): Walk => ({
  name: pattern,
  pattern,
  page: `live/${pattern}/html.html`,
  before,
  steps,
  ...more,
});

const job = (name: string, page: string, before: string, steps: Step[], more: Partial<Walk> = {}): Walk => ({
  name,
  page: page.includes('/') ? page : `heard.html?${page}`,
  before,
  steps,
  ...more,
});

const patterns: readonly Walk[] = [
  recipe(
    'dialog',
    '[commandfor]',
    [
      on('Tab', 'Tide times'),
      on('Enter', 'Tide times', 'Understood push button'),
      on('Tab', 'Close push button'),
      closes('Escape', 'Tide times'),
    ],
    { never: ['banner', 'information'] },
  ),
  recipe('drawer', '[commandfor]', [
    on('Tab', 'Sections'),
    on('Enter', 'Sections', 'Orders link'),
    on('Tab', 'Berths link'),
    closes('Escape', 'Sections'),
  ]),
  recipe('popover', '[commandfor]', [
    on('Tab', 'Berth four'),
    on('Enter', 'expanded'),
    on('Tab', 'The chart link'),
    on('Escape', 'collapsed'),
  ]),
  recipe('tooltip', '[aria-describedby]', [
    on('Tab', 'Haul out push button', 'Lifts the boat onto the slip'),
    quiet('Escape'),
  ]),
  recipe('disclosure', '[commandfor]', [
    on('Tab', 'Where the ladder is'),
    on('Enter', 'expanded'),
    on('Space', 'collapsed'),
  ]),
  recipe('accordion', '#haul-out-steps button', [
    on('Tab', 'Before the haul', 'heading level 3'),
    on('Enter', 'collapsed'),
    on('Tab', 'On the slip'),
    on('Enter', 'expanded'),
  ]),
  recipe('tabs', '[role=tab]', [
    on('Tab', 'Overview page tab', '1 of 3'),
    on('ArrowRight', 'Work page tab', '2 of 3'),
    on('End', 'Papers page tab', '3 of 3'),
    on('Home', 'Overview page tab', '1 of 3'),
    on('Tab'),
  ]),
  recipe(
    'carousel',
    '#survey-plates button',
    [
      on('Tab', 'Survey plates', 'Previous plate push button'),
      on('Tab', 'Next plate push button'),
      on('Enter', '2 of 3', 'The keel: two bolts weep'),
      on('Enter', '3 of 3', 'The stern: the rudder is new'),
    ],
    { notAtLoad: ['1 of 3', 'The stern'] },
  ),
  recipe('tree', '#yard-places', [
    on('Tab', 'Yard tree', 'Sheds', 'collapsed', '1 of 3', 'tree level 1'),
    on('ArrowRight', 'expanded'),
    on('ArrowRight', 'Sail loft', '1 of 2', 'tree level 2'),
    on('ArrowDown', 'Smithy', '2 of 2'),
    on('ArrowLeft', 'Sheds', 'expanded'),
    on('ArrowLeft', 'collapsed'),
    on('End', 'Quay', '3 of 3'),
  ]),
  recipe('listbox', '#rig-list', [
    on('Tab', 'Rig', 'Cutter', '1 of 4'),
    on('ArrowDown', 'Ketch', '2 of 4'),
    on('End', 'Sloop', '3 of 4'),
    on('Home', 'Cutter', '1 of 4'),
  ]),
  recipe('menu', '[commandfor]', [
    on('Tab', 'Boat'),
    on('ArrowDown', 'menu', 'Lift'),
    on('ArrowDown', 'Launch'),
    on('ArrowDown', 'Break up grayed'),
    on('End', 'Lights check menu item not checked'),
    on('Space', 'checked'),
    on('ArrowDown', 'Lift'),
    on('Escape', 'collapsed'),
  ]),
  recipe('menubar', '#yard-bar button', [
    on('Tab', 'Order', '1 of 3'),
    on('ArrowRight', 'Boat', '2 of 3'),
    on('ArrowDown', 'menu', 'Lift', '1 of 2'),
    on('ArrowRight', 'Help', '3 of 3'),
  ]),
  recipe('toolbar', '#chart-tools button', [
    on('Tab', 'Chart tool bar', 'Zoom in push button'),
    on('ArrowRight', 'Zoom out push button'),
    on('ArrowRight', 'Depths toggle button not pressed'),
    on('Space', 'pressed'),
    on('End', 'Unit combo box', 'Metres'),
  ]),
  recipe('combobox', '#berth-text', [
    on('Tab', 'Berth', 'combo box'),
    on('m', 'Mole', '1 of 2', '2 matches'),
    on('ArrowDown', 'Mooring', '2 of 2'),
    on('Enter', 'Mooring'),
    on('ArrowDown', 'Mooring', '4 of 4'),
    on('Escape', 'Berth', 'Mooring'),
  ]),
  recipe('switch', '[role=switch]', [
    on('Tab', 'Yard lights switch off'),
    on('Space', 'on'),
    on('Enter', 'off'),
  ]),
];

const rows = Array.from({ length: 24 }, (_, at) => on('ArrowDown', `Rivet ${at + 2}. / ${at + 2} of 10000`));

const jobs: readonly Walk[] = [
  job('confirm and fail', 'confirm', '[commandfor]', [
    on('Tab', 'Strike order'),
    on('Enter', 'Strike order W1041?', 'The order is taken off the list', 'Keep it push button'),
    on('Tab', 'Strike it push button'),
    on('Enter', 'Striking…', 'The office did not answer.'),
    on('Enter', 'Striking…', 'Struck.'),
    on('Enter', 'Strike order W1041?', 'Keep it push button'),
    closes('Enter', 'Strike order'),
  ]),
  job(
    'edit and cancel',
    'live/edit-order/html.html',
    '[commandfor]',
    [
      on('Tab', 'Edit order'),
      on('Enter', 'Edit order W1041', 'Title entry'),
      on('Tab', 'Notes entry'),
      quiet('x'),
      on('Escape', 'Throw the changes away?', 'What you typed is not saved yet', 'Go on editing push button'),
      on('Tab', 'Throw away push button'),
      but(but(on('Enter', 'Edit order'), 'firefox'), 'chromium'),
    ],
    { never: ['banner', 'information'] },
  ),
  job('choose from a large combobox', 'search', '#text', [
    on('Tab', 'Rivet', 'combo box'),
    on('ArrowDown', 'Rivet 1.', '1 of 10000'),
    on('ArrowDown', 'Rivet 2.', '2 of 10000'),
    on('Escape', 'Rivet'),
    on('9', 'Rivet 9.', '3439 matches'),
    on('9', 'Rivet 99.', '280 matches'),
    on('ArrowDown', 'Rivet 199.', '2 of 280'),
    on('Enter', 'Rivet 199'),
  ]),
  job('check parts of a tree', 'live/parts-tree/html.html', '#parts-tree', [
    on('Tab', 'Parts of Curlew tree', 'Hull', 'collapsed', '1 of 2'),
    on('Space', 'hull'),
    on('ArrowRight', 'expanded', 'planks, keel'),
    on('ArrowDown', 'Planks', '1 of 2', 'tree level 2'),
    on('Space', 'keel'),
  ]),
  job('what a guard refuses', 'refused', '#lights', [
    on('Tab', 'Lights switch off'),
    on('Space', 'The lights are locked.'),
    on('Tab', 'Work page tab'),
    on('ArrowRight', 'Papers page tab', 'The papers are locked.'),
    on('Tab'),
    on('Tab', 'Rig', 'Cutter'),
    on('Enter', 'The rig is sealed.'),
  ]),
  job('a menu with a submenu', 'submenu', '[commandfor]', [
    on('Tab', 'Boat'),
    on('Enter', 'menu', 'Lift', '1 of 2'),
    on('ArrowDown', 'Move to collapsed', '2 of 2', 'opens menu'),
    on('ArrowRight', 'menu', 'Quay', '1 of 2'),
    on('ArrowLeft', 'Move to'),
    on('Escape', 'Boat'),
  ]),
  job(
    'moving through 10,000 rows',
    'rows',
    '#list',
    [on('Tab', 'Rivets', '10000 items', 'Rivet 1.', '1 of 10000'), ...rows],
    { never: ['After the list', 'List with 10000 items.'] },
  ),
  job(
    'a carousel that turns',
    'carousel',
    '#plates button',
    [
      on('Tab', 'Survey plates', 'Start rotation push button'),
      quiet('Enter'),
      on('Tab', 'Previous plate push button'),
      on('Tab', 'Next plate push button'),
      on('Enter', '2 of 4, The keel'),
      on('Enter', '3 of 4, The stern'),
      on('Tab', 'The stern link'),
      on('Tab', 'Note'),
      on('Enter', 'Note'),
      closes('Escape', 'Note'),
    ],
    { notAtLoad: ['1 of 4', 'The stern'] },
  ),
  job('content that takes long', 'waiting', '[commandfor]', [
    on('Tab', 'Log'),
    on('Enter', 'expanded', 'Reading the log…'),
    on('Escape', 'collapsed'),
    on('Tab', 'Before the haul'),
    on('Enter', 'expanded', 'Loading…', 'The steps did not come.'),
  ]),
  job('another route', 'route', '[commandfor]', [
    on('Tab', 'Sections'),
    on('Enter', 'Sections', 'Close push button'),
    on('Tab', 'Orders link'),
    closes('Enter', 'Orders heading level 1'),
  ]),
  job('a form in a dialog', 'form', '[commandfor]', [
    on('Tab', 'Name the tender'),
    on('Enter', 'Name the tender', 'Name entry'),
    on('Tab', 'Name it push button'),
    closes('Escape', 'Name the tender'),
  ]),
  job('selected tabs beside a modal', 'selected', '[role=tab]', [
    on('Tab', 'Work page tab'),
    on('Tab', 'One'),
    on('Tab', 'Rig', 'Ketch', '2 of 2'),
    on('Tab', 'Note'),
    on('Enter', 'Note'),
    closes('Escape', 'Note'),
  ]),
  job('right to left', 'mirrored', '[role=tab]', [
    on('Tab', 'Work page tab'),
    on('ArrowLeft', 'Papers page tab', '2 of 2'),
    on('Tab', 'Two'),
    on('Tab', 'Boat'),
    on('Enter', 'menu', 'Lift', '1 of 2'),
    on('ArrowDown', 'Move to collapsed'),
    on('ArrowLeft', 'menu', 'Quay', '1 of 1'),
    on('ArrowRight', 'Move to'),
  ]),
];

/** All walks: those of the patterns first. */
export const walks: readonly Walk[] = [...patterns, ...jobs];
