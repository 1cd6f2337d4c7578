// The search index: each page and each of its sections, with their words.
import { keywords } from './keywords.mjs';
import { decoded } from './markdown.mjs';

/** The text of HTML. */
const plain = (html) =>
  decoded(
    html
      .replaceAll(/<(script|style|svg|pre|button)\b[\s\S]*?<\/\1>/g, ' ')
      .replaceAll(/<[^>]*>/g, ' ')
      .replaceAll(/\s+/g, ' ')
      .trim(),
  );

/** The first sentence or two of a section, never from a table or code. */
const saysOf = (html) => {
  const [, first = ''] = /<p(?: class="lead")?>([\s\S]*?)<\/p>/.exec(html) ?? [];
  const words = plain(first);
  return words.length > 110 ? `${words.slice(0, words.lastIndexOf(' ', 108))}…` : words;
};

/** The sections of a page: before its first heading, and after each. */
function partsOf({ route, title, html, keywords: own }) {
  const [first, ...rest] = html.split(/<h2 id="/);
  return [
    {
      route,
      title: decoded(title),
      says: saysOf(first),
      keywords: own ?? keywords[route] ?? '',
      words: plain(first),
    },
    ...rest.map((each) => ({
      route: `${route}#${each.slice(0, each.indexOf('"'))}`,
      title: `${plain(each.slice(each.indexOf('>') + 1, each.indexOf('</h2>'))).replace(/ #$/, '')}, ${title}`,
      says: saysOf(each),
      keywords: '',
      words: plain(each.slice(each.indexOf('</h2>'))).slice(0, 1500),
    })),
  ];
}

/** The index as JSON: addresses from the root, titles, keywords and words. */
export const searchIndex = (pages) => {
  const to = (route) => route;
  return JSON.stringify(pages.flatMap((page) => partsOf(page.at(to))).map((each, id) => ({ id, ...each })));
};
