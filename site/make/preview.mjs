// Every pattern drawn open and closed, as markup that the skin styles: nothing of it is wired. The theme editor shows it.

const item = (role, words, more = '') => `<div role="${role}" ${more}>${words}</div>`;

const pieces = [
  [
    'Buttons and fields',
    `<p class="row"><button type="button" data-button="primary">Save order</button> <button type="button" data-button>Cancel</button> <button type="button" data-button="quiet">Notes</button> <button type="button" data-button="danger">Strike order</button> <button type="button" disabled>Disabled</button></p>
<p class="row"><input aria-label="Name" value="Marsh Lark"> <input aria-label="Hours" value="none" aria-invalid="true"> <select aria-label="Berth"><option>Berth 4</option></select> <label><input type="checkbox" checked> Lights</label></p>`,
  ],
  [
    'Dialog',
    `<dialog open data-layer data-phase="open" aria-label="Dialog"><header><h3>Tide times</h3><button type="button" aria-label="Close">×</button></header><div><p>High water is at 06:12 and at 18:40.</p><p role="alert">The office did not answer. Try again.</p></div><footer><button type="button">Cancel</button><button type="button" data-button="primary">Understood</button></footer></dialog>`,
  ],
  [
    'Drawer',
    `<dialog open data-layer data-edge="inline-start" data-phase="open" aria-label="Drawer"><header><h3>Sections</h3></header><div><p><a href="#theme-preview">Orders</a></p><p><a href="#theme-preview">Boats</a></p></div></dialog>`,
  ],
  [
    'Popover, tooltip',
    `<div data-area="block-end" data-layer><h3>Berth 4</h3><p>2.9 m at low water.</p></div> <div role="tooltip" data-area="block-end" data-layer>Lifts the boat onto the slip</div>`,
  ],
  [
    'Disclosure, accordion',
    `<div data-wired="accordion"><h3><button type="button" aria-expanded="true"><span data-marker aria-hidden="true"></span>Before the lift</button></h3><p>Take the loose gear ashore.</p><h3><button type="button" aria-expanded="false"><span data-marker aria-hidden="true"></span>The lift</button></h3><h3><button type="button" aria-expanded="false"><span data-marker="plus" aria-hidden="true"></span>Ashore</button></h3></div>`,
  ],
  [
    'Tabs',
    `<div data-wired="tabs"><div role="tablist" aria-label="Record"><button type="button" role="tab" aria-selected="true">Overview</button><button type="button" role="tab" aria-selected="false">Work</button><button type="button" role="tab" aria-selected="false" disabled>Papers</button></div><p>Larch on oak, copper fastened.</p></div>`,
  ],
  [
    'Carousel, toolbar',
    `<div role="toolbar" aria-label="Plates" class="row"><button type="button" aria-label="Previous">‹</button><button type="button" aria-pressed="true">1</button><button type="button" aria-pressed="false">2</button><button type="button" aria-label="Next">›</button></div>`,
  ],
  [
    'Listbox',
    `<div role="listbox" data-wired="listbox" aria-label="Rig">${item('option', 'Sloop', 'aria-selected="false"')}${item('option', 'Cutter', 'aria-selected="true"')}${item('option', 'Ketch', 'aria-selected="false"')}${item('option', 'Yawl', 'aria-disabled="true" aria-selected="false"')}</div>`,
  ],
  [
    'Combobox',
    `<div data-wired="combobox"><div data-box><button type="button" data-token>Rigger</button><input aria-label="Trades" value="ca"><button type="button" aria-label="Show trades" aria-expanded="true"><span data-marker aria-hidden="true"></span></button></div><div data-area="block-end" data-layer><div role="listbox" aria-label="Trades">${item('option', 'Carpenter', 'aria-selected="false" data-current')}${item('option', 'Caulker', 'aria-selected="true"')}</div></div></div>`,
  ],
  [
    'Menu, menubar',
    `<div role="menu" data-wired="menu" data-layer data-area="block-end" aria-label="Boat">${item('menuitem', 'Edit order')}${item('menuitem', 'Move to', 'aria-haspopup="menu" aria-expanded="true"')}<hr>${item('menuitemcheckbox', 'Notes', 'aria-checked="true"')}${item('menuitemradio', 'in hand', 'aria-checked="true"')}${item('menuitemradio', 'held', 'aria-checked="false"')}</div>`,
  ],
  [
    'Switch',
    `<p class="row"><button type="button" role="switch" data-wired="switch" data-checked="true" aria-checked="true">Lights</button> <button type="button" role="switch" data-wired="switch" data-checked="false" aria-checked="false">Crane</button></p>`,
  ],
  [
    'Tree',
    `<div role="tree" data-wired="tree" aria-label="Parts">${['Hull', 'Deck', 'Rig']
      .map(
        (name, at) =>
          `<div role="treeitem" data-row aria-expanded="${at === 0}" aria-selected="${at === 1}" aria-checked="${['mixed', 'true', 'false'][at]}"><span data-marker aria-hidden="true"></span><span data-check></span>${name}</div>`,
      )
      .join('')}</div>`,
  ],
];

/** All pieces, each under its name. */
export const preview = () =>
  pieces
    .map(
      ([name, html]) =>
        `<section class="piece" aria-label="${name}"><h3 class="piece-name">${name}</h3>${html}</section>`,
    )
    .join('\n');
