// Four ways to insert a response of the server into the page. Each wires what was inserted. Removed elements
// unwire themselves.
import { authorId, isOurs, keepOurs, wirePage } from 'elastic-shell/page';
import { Idiomorph } from '/pages/built/idiomorph.js';
import morphdom from '/pages/built/morphdom.js';

/** Only this policy turns responses of the server into markup. */
const served = globalThis.trustedTypes?.createPolicy('served', { createHTML: (html) => html }) ?? {
  createHTML: (html) => html,
};

/** Returns a copy of `part` with the response in it. */
function freshPart(part, html) {
  const fresh = part.cloneNode(false);
  fresh.innerHTML = served.createHTML(html);
  return fresh;
}

/** Replaces a part with new markup. Focus is restored by id. */
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

/** The way that this page uses. */
export const way = document.documentElement.dataset.way;

/** Inserts the response of the server into `part`. */
export async function show(part, html) {
  (ways[way] ?? replace)(part, html);
  await wirePage(part);
}

/**
 * Each element of a stream replaces the element with its id, or is inserted after the previous one. A list
 * declares which of its rows remain.
 */
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

/** Inserts the elements of a stream as they arrive. */
export async function showStream({ body }) {
  let text = '';
  let before;
  for await (const chunk of chunksOf(body.pipeThrough(new TextDecoderStream()))) {
    const elements = (text + chunk).split('<!--next-->');
    text = elements.pop() ?? '';
    for (const html of elements) before = await place(html, before);
  }
}

/** Some browsers can't iterate over a stream. */
async function* chunksOf(stream) {
  const reader = stream.getReader();
  for (let read = await reader.read(); !read.done; read = await reader.read()) yield read.value;
}
