// The page of the orders, as text. The library returns roles, ids and states. The rest is plain HTML.
import { html as attributes, partsOf } from 'elastic-shell/server';
import { boatNames, ordersOf } from '../yard.js';
import { escape } from './text.js';

const order = ({ id, title, boat, state, due }) => {
  const dialog = partsOf('dialog', { id: `strike-${id}`, size: 'narrow' });
  return `
    <li id="${id}">
      <p><b>${escape(title)}</b><br>${escape(boat)}, ${state}, due <time>${due}</time></p>
      <button ${attributes(dialog.opener())} aria-label="Strike ${escape(title)}">Strike…</button>
      <dialog ${attributes(dialog.root, { role: 'alertdialog' })}>
        <header><h3 ${attributes(dialog.title)}>Strike ${id}?</h3></header>
        <div><p>${escape(title)} on ${escape(boat)}.</p></div>
        <footer>
          <form method="post" action="/pages/strike" data-part="orders">
            <input type="hidden" name="order" value="${id}">
            <button ${attributes(dialog.closer('cancel'))}>Keep it</button>
            <button data-button="danger">Strike it</button>
          </form>
        </footer>
      </dialog>
    </li>`;
};

const count = (orders) => `<p role="status" id="count">${orders.length} orders</p>`;

/** The list of orders of the boats whose name contains `boat`. */
export function ordersPart(visit, search) {
  const left = ordersOf(visit, search.get('boat') ?? '');
  return `${count(left)}<ol class="orders" id="order-list">${left.map(order).join('')}</ol>`;
}

/**
 * The same, streamed: each element replaces the one with its id, and elements that are not sent are removed.
 */
export function ordersStream(visit, search) {
  const left = ordersOf(visit, search.get('boat') ?? '');
  const keep = left.map(({ id }) => id).join(' ');
  return [`<ol id="order-list" data-keep="${keep}"></ol>`, ...left.map(order), count(left)];
}

const filter = (search) => {
  const boat = search.get('boat') ?? '';
  const box = partsOf('combobox', { id: 'boat', text: boat, freeText: true });
  return `
    <form action="/pages/" data-part="orders" class="row">
      <div ${attributes(box.root)}>
        <label ${attributes(box.label)}>Boat</label>
        <div ${attributes(box.box)}><input ${attributes(box.field, { name: 'boat', value: boat })}></div>
        <div ${attributes(box.popup)}><div ${attributes(box.list)}>${boatNames
          .map((name) => `<div ${attributes(box.option(name))}>${escape(name)}</div>`)
          .join('')}</div></div>
      </div>
      <button id="show">Show</button>
    </form>`;
};

const notices = [
  ['tides', 'Tides', 'High at 06:12 and at 18:40.'],
  ['weather', 'Weather', 'South-west, five, easing by noon.'],
  ['slips', 'Slips', 'The great slip is free from Thursday.'],
];

/**
 * Tabs that are links: without script the server shows the panel of the followed link. Each warning is a new
 * revision, which selects the weather tab even if the user has selected another.
 */
const noticeBoard = ({ warnings }, search) => {
  const asked = search.get('notice');
  const selected = notices.some(([key]) => key === asked) ? asked : warnings ? 'weather' : 'tides';
  const tabs = partsOf('tabs', { id: 'board', selected });
  const tab = ([key, title]) => {
    const { type: _, ...link } = tabs.tab(key);
    return `<a href="?notice=${key}#board" ${attributes(link)}>${title}</a>`;
  };
  return `
    <div ${attributes(tabs.root, { 'data-wire-revision': `${warnings}` })}>
      <div ${attributes(tabs.list, { 'aria-label': 'Notices' })}>${notices.map(tab).join('')}</div>
      ${notices.map(([key, , text]) => `<div class="section" ${attributes(tabs.panel(key))}><p>${text}</p></div>`).join('')}
    </div>`;
};

/** Whether the lights are on. */
export const lightsPart = ({ lights }) => (lights ? 'on' : 'off');

const lights = ({ lights: isOn }) => {
  const box = partsOf('switch', { id: 'lights', checked: isOn }).box;
  return `
    <form method="post" action="/pages/lights" data-part="lights" class="row">
      <label><input ${attributes(box, { name: 'lights' })}> Yard lights</label>
      <button id="save-lights">Save</button>
      <output>${lightsPart({ lights: isOn })}</output>
    </form>`;
};

/** Sent open, so that everything can be reached without script. */
const about = () => {
  const disclosure = partsOf('disclosure', { id: 'about', open: true });
  return `
    <p><button ${attributes(disclosure.opener())}>About the yard</button></p>
    <div ${attributes(disclosure.root)}><p>Ten berths, two slips and a crane, on a river that dries at springs.</p></div>`;
};

/** The content of `<main>`. */
export const ordersMain = (visit, search) => `
  <h1>Orders</h1>
  ${filter(search)}
  <section id="orders" aria-label="Orders">${ordersPart(visit, search)}</section>
  <h2>Notices</h2>
  ${noticeBoard(visit, search)}
  <div class="row">
    <form action="/pages/" data-part="main"><button id="refresh">Refresh</button></form>
    <form method="post" action="/pages/warning" data-part="main"><button id="warn">Storm warning</button></form>
  </div>
  <h2>Yard</h2>
  ${lights(visit)}
  ${about()}
  <details id="hours" data-wire="disclosure"><summary>Opening hours</summary><p>From first light to last.</p></details>`;
