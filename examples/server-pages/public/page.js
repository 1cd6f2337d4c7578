// The only script of the pages: it wires the markup from the server, and requests only the changed part of a
// page for links and forms.
import { wirePage, wiredOf } from 'elastic-shell/page';
import { show, showStream, way } from '/pages/updates.js';

/** Requests a part from the server. */
async function ask(address, part, body) {
  const answer = await fetch(address, {
    headers: { 'x-part': part, ...(way === 'stream' && { 'x-stream': '1' }) },
    ...(body && { method: 'post', body }),
  });
  if (!answer.ok) throw new Error(`the server said ${answer.status}`);
  return answer;
}

/** Requests a part, and inserts it into the page. */
async function update(address, name, body) {
  const answer = await ask(address, name, body);
  if (name === 'lights') {
    document.querySelector('form:has(#lights) output').textContent = await answer.text();
    return;
  }
  if (answer.headers.has('x-stream')) await showStream(answer);
  else await show(document.getElementById(name), await answer.text());
  if (name === 'main') setUp();
  // A form came back with errors: focuses the first invalid field.
  document.querySelector('dialog:modal [aria-invalid=true]')?.focus();
}

/** The switch waits for the server, and saves without a button. */
function setUp() {
  const lights = document.getElementById('lights');
  if (!lights) return;
  document.getElementById('save-lights').hidden = true;
  wiredOf(lights).update({ onChange: () => lights.form.requestSubmit() });
}

/** Another page: its `<main>` replaces that of this one. */
async function go(address, isBack) {
  const main = document.getElementById('main');
  const answer = await ask(address, 'main');
  if (!isBack) history.pushState(null, '', address);
  document.title = `${answer.headers.get('x-title')} · Quillhaven`;
  for (const link of document.querySelectorAll('nav a'))
    link.toggleAttribute('aria-current', link.pathname === location.pathname);
  await show(main, await answer.text());
  setUp();
  const heading = main.querySelector('h1');
  heading.tabIndex = -1;
  heading.focus();
}

document.addEventListener('submit', (event) => {
  const form = event.target;
  const { part } = form.dataset;
  if (!part) return;
  event.preventDefault();
  const data = new URLSearchParams(new FormData(form, event.submitter));
  const dialog = form.closest('dialog');
  // Removes the request from the address. A form that comes back opens its dialog again.
  if (dialog && dialog.id !== 'edit') wiredOf(dialog)?.close('sent');
  const isPost = form.method === 'post';
  void update(isPost ? form.action : `${form.action}?${data}`, part, isPost ? data : undefined);
});

document.addEventListener('click', (event) => {
  const link = event.target.closest('a[href]');
  const isElsewhere = event.ctrlKey || event.metaKey || event.shiftKey || event.altKey || event.button;
  if (!link || isElsewhere || event.defaultPrevented) return;
  const { part } = link.dataset;
  if (part) {
    event.preventDefault();
    void update(link.href, part);
  } else if (link.closest('nav')) {
    event.preventDefault();
    void go(link.href);
  }
});

addEventListener('popstate', () => void go(location.href, true));
document.getElementById('way').addEventListener('change', ({ target }) => target.form.requestSubmit());

await wirePage();
setUp();
document.documentElement.dataset.ready = '';
