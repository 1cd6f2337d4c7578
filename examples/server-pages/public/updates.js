// Four ways to put what the server has sent into the page. Each wires what has come; what has gone unwires itself.
import { authorId, isOurs, keepOurs, wirePage } from 'elastic-shell/page';
import { Idiomorph } from '/pages/built/idiomorph.js';
import morphdom from '/pages/built/morphdom.js';

/** What the server sends is made into markup by this policy alone. */
const served = globalThis.trustedTypes?.createPolicy('served', { createHTML: (html) => html }) ?? {
  createHTML: (html) => html,
};

/** A copy of `part` with what the server has sent in it. */
function freshPart(part, html) {
  const fresh = part.cloneNode(false);
  fresh.innerHTML = served.createHTML(html);
  return fresh;
}

/** A part is thrown away and written anew: what had focus is found again by its id. */
function replace(part, html) {
  const { id } = document.activeElement;
  part.innerHTML = served.createHTML(html);
  if (id && document.activeElement === document.body) document.getElementById(id)?.focus();
}

const ways = {
  replace,
  morphdom: (part, html) =>
    morphdom(part, freshPart(part, html), {
      childrenOnly: true,
      getNodeKey: authorId,
      onBeforeElUpdated: keepOurs,
      onBeforeNodeDiscarded: (node) => !isOurs(node),
    }),
  idiomorph: (part, html) =>
    Idiomorph.morph(part, [...freshPart(part, html).childNodes], {
      morphStyle: 'innerHTML',
      callbacks: { beforeNodeMorphed: keepOurs, beforeNodeRemoved: (node) => !isOurs(node) },
    }),
};

/** How this page does it. */
export const way = document.documentElement.dataset.way;

/** Puts the answer of the server into `part`. */
export async function show(part, html) {
  (ways[way] ?? replace)(part, html);
  await wirePage(part);
}

/** One element of a stream takes the place of the one with its id, or comes after the one before it. A list says what of it stays. */
async function place(html, before) {
  const template = document.createElement('template');
  template.innerHTML = served.createHTML(html);
  const [fresh] = template.content.children;
  const old = document.getElementById(fresh.id);
  if (fresh.dataset.keep !== undefined) {
    const stay = fresh.dataset.keep.split(' ');
    for (const row of [...old.children]) if (!stay.includes(row.id)) row.remove();
    return { list: old };
  }
  if (old) old.replaceWith(fresh);
  else if (before.last) before.last.after(fresh);
  else before.list.prepend(fresh);
  await wirePage(fresh);
  return { ...before, last: fresh };
}

/** Puts the elements of a stream into the page as they come. */
export async function showStream({ body }) {
  let text = '';
  let before;
  for await (const chunk of chunksOf(body.pipeThrough(new TextDecoderStream()))) {
    const elements = (text + chunk).split('<!--next-->');
    text = elements.pop() ?? '';
    for (const html of elements) before = await place(html, before);
  }
}

/** Not every browser iterates over a stream. */
async function* chunksOf(stream) {
  const reader = stream.getReader();
  for (let read = await reader.read(); !read.done; read = await reader.read()) yield read.value;
}
