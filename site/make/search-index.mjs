// What can be searched: each page and each of its parts, with their words.
const plain = (html) =>
  html
    .replaceAll(/<(script|style|svg|pre|button)\b[\s\S]*?<\/\1>/g, ' ')
    .replaceAll(/<[^>]*>/g, ' ')
    .replaceAll(/&[a-z]+;/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();

/** What a part is about, in a sentence or so: its first paragraph, never a piece of a table or of code. */
const saysOf = (html) => {
  const [, first = ''] = /<p(?: class="lead")?>([\s\S]*?)<\/p>/.exec(html) ?? [];
  const words = plain(first);
  return words.length > 110 ? `${words.slice(0, words.lastIndexOf(' ', 108))}…` : words;
};

/** The parts of a page: before its first heading, and after each. */
function partsOf({ route, title, html }) {
  const [first, ...rest] = html.split(/<h2 id="/);
  return [
    { route, title, says: saysOf(first), words: plain(first) },
    ...rest.map((each) => ({
      route: `${route}#${each.slice(0, each.indexOf('"'))}`,
      title: `${plain(each.slice(each.indexOf('>') + 1, each.indexOf('</h2>'))).replace(/ #$/, '')}, ${title}`,
      says: saysOf(each),
      words: plain(each.slice(each.indexOf('</h2>'))).slice(0, 1500),
    })),
  ];
}

/** The documents that the page searches, as JSON: their addresses from the root, titles and words. */
export const searchIndex = (pages) => {
  const to = (route) => route;
  return JSON.stringify(pages.flatMap((page) => partsOf(page.at(to))).map((each, id) => ({ id, ...each })));
};
