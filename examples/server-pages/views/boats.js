// The page of the boats, as text: a form that comes back with errors, in a dialog that is sent open.
import { html as attributes, partsOf } from 'elastic-shell/server';
import { escape } from './text.js';

const field = (name, label, value, wrong) => `
  <p>
    <label for="edit-${name}">${label}</label>
    <input ${attributes({
      id: `edit-${name}`,
      name,
      value,
      autocomplete: 'off',
      ...(wrong && { 'aria-invalid': 'true', 'aria-describedby': `edit-${name}-wrong`, autofocus: '' }),
    })}>
    ${wrong ? `<strong id="edit-${name}-wrong" class="wrong">${escape(wrong)}</strong>` : ''}
  </p>`;

/**
 * The dialog, open for the edited boat, with the fields that were sent and their errors. Without script it is
 * part of the page.
 */
const editor = ({ boat, sent = boat, wrong = {} } = {}) => {
  const dialog = partsOf('dialog', { id: 'edit', open: !!boat, size: 'narrow' });
  return `
    <dialog ${attributes(dialog.root)}>
      <form method="post" action="/pages/boats/edit" data-part="boats">
        <header><h2 ${attributes(dialog.title)}>${boat ? `Edit ${escape(boat.name)}` : 'Edit'}</h2></header>
        <div>
          <input type="hidden" name="boat" value="${boat?.id ?? ''}">
          ${field('name', 'Name', sent?.name ?? '', wrong.name)}
          ${field('berth', 'Berth', sent?.berth ?? '', wrong.berth)}
        </div>
        <footer>
          <a href="/pages/boats" data-part="boats" id="edit-cancel">Cancel</a>
          <button id="edit-save" data-button="primary">Save</button>
        </footer>
      </form>
    </dialog>`;
};

const row = ({ id, name, kind, berth }) => {
  const menu = partsOf('menu', { id: `more-${id}` });
  return `
    <li id="${id}">
      <p><b>${escape(name)}</b><br>${escape(kind)}, berth ${escape(berth)}</p>
      <button ${attributes(menu.opener(), { id: `more-${id}-button` })} aria-label="${escape(name)}: more">More</button>
      <div ${attributes(menu.root, { 'aria-label': `${escape(name)}: more` })}>
        <a ${attributes(menu.item('edit'), { href: `/pages/boats?edit=${id}`, type: null })} data-part="boats">Edit…</a>
        <button ${attributes(menu.item('release'), { form: `release-${id}`, type: 'submit' })}>Let it go</button>
      </div>
      <form id="release-${id}" method="post" action="/pages/boats/release" data-part="boats">
        <input type="hidden" name="boat" value="${id}">
      </form>
    </li>`;
};

/** The list of boats, and the dialog that edits one. */
export const boatsPart = (visit, search, edited) => {
  const boat = visit.boats.find(({ id }) => id === search.get('edit'));
  return `
    ${editor(edited ?? { boat })}
    <p role="status" id="boat-count">${visit.boats.length} boats</p>
    <ul class="orders" id="boat-list">${visit.boats.map(row).join('')}</ul>`;
};

/** The same, streamed. */
export const boatsStream = (visit, search, edited) => [
  `<ul id="boat-list" data-keep="${visit.boats.map(({ id }) => id).join(' ')}"></ul>`,
  ...visit.boats.map(row),
  `<p role="status" id="boat-count">${visit.boats.length} boats</p>`,
  editor(edited ?? { boat: visit.boats.find(({ id }) => id === search.get('edit')) }),
];

/** The content of `<main>`. */
export const boatsMain = (visit, search, edited) => `
  <h1>Boats</h1>
  <section id="boats" aria-label="Boats">${boatsPart(visit, search, edited)}</section>`;
