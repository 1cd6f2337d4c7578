// All the script that the pages have: what the server wrote is wired, and forms are answered by a part of the page.
import { isOurs, unwireWithin, wiredOf, wireWithin } from '/pages/lib/browser/elastic-shell.js';
import morphdom from '/pages/built/morphdom.js';

/** What the server sends is made into markup by this policy alone. */
const served = globalThis.trustedTypes?.createPolicy('served', { createHTML: (html) => html }) ?? {
  createHTML: (html) => html,
};

/** `?replace` throws a part away and writes it anew; without it the old one is morphed into what came. */
const replaces = new URLSearchParams(location.search).has('replace');

/** Puts what the server has sent in the place of a part. */
function show(part, html) {
  const trusted = served.createHTML(html);
  if (replaces) {
    unwireWithin(part);
    part.innerHTML = trusted;
  } else {
    const fresh = part.cloneNode(false);
    fresh.innerHTML = trusted;
    morphdom(part, fresh, {
      childrenOnly: true,
      onBeforeNodeDiscarded: (node) => !isOurs(node),
      onBeforeElUpdated(old, next) {
        for (const { name, value } of old.attributes) if (isOurs(old, name)) next.setAttribute(name, value);
        return true;
      },
    });
  }
  wireWithin(part);
}

/** Asks the server what a form asks for; answers with the part of the page that it names. */
async function ask(form, submitter) {
  const data = new URLSearchParams(new FormData(form, submitter));
  const isPost = form.method === 'post';
  const answer = await fetch(isPost ? form.action : `${form.action}?${data}`, {
    method: form.method,
    headers: { 'x-part': form.dataset.part },
    ...(isPost && { body: data }),
  });
  if (!answer.ok) throw new Error(`the server said ${answer.status}`);
  return answer.text();
}

/** The order that comes where this one stood. */
const after = (row) => row?.nextElementSibling?.id ?? row?.previousElementSibling?.id;

document.addEventListener('submit', async (event) => {
  const form = event.target;
  const { part } = form.dataset;
  if (!part) return;
  event.preventDefault();
  const next = after(form.closest('li'));
  const dialog = form.closest('dialog');
  const html = await ask(form, event.submitter);
  if (part === 'lights') return void (form.querySelector('output').textContent = html);
  if (dialog) wiredOf(dialog)?.close('struck');
  show(document.getElementById(part), html);
  if (dialog) document.querySelector(`#${CSS.escape(next ?? '')} > button`)?.focus();
});

wireWithin(document);

// The switch waits for the server, and saves without a button.
const lights = document.getElementById('lights');
document.getElementById('save-lights').hidden = true;
wiredOf(lights).update({
  onChange: () => lights.form.requestSubmit(),
});
