// Markdown to HTML: headings with anchors, highlighted code, links to documents as links to their pages.
import { posix } from 'node:path';
import hljs from 'highlight.js';
import { Marked } from 'marked';
import { textOf } from './read.mjs';

/** Returns a text that is safe in HTML. */
export const escaped = (text) =>
  String(text)
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');

const entities = { amp: '&', lt: '<', gt: '>', quot: '"', '#39': "'", nbsp: ' ' };

/** Returns the text of HTML, with its entities as characters. */
export const decoded = (text) => text.replaceAll(/&(#39|[a-z]+);/g, (whole, name) => entities[name] ?? whole);

/** Returns the anchor of a heading. */
export const slug = (text) =>
  text
    .toLowerCase()
    .replaceAll(/<[^>]*>|&[a-z]+;/g, '')
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-|-$/g, '');

const dialects = {
  vue: 'xml',
  svelte: 'xml',
  html: 'xml',
  tsx: 'typescript',
  ts: 'typescript',
  js: 'javascript',
  sh: 'bash',
};

/** A block of code, with a button that copies it. */
export function codeBlock(text, language = 'text', name) {
  const dialect = dialects[language] ?? language;
  const words = hljs.getLanguage(dialect) ? hljs.highlight(text, { language: dialect }).value : escaped(text);
  const label = name ? `<figcaption>${escaped(name)}</figcaption>` : '';
  return `<figure class="code">${label}<button type="button" class="copy" hidden>Copy</button><pre tabindex="0"><code>${words.trimEnd()}</code></pre></figure>\n`;
}

/**
 * Returns an SVG file of the documents as markup, so that it follows the colour scheme of the site. Its own
 * scheme is for hosts that show the file as an image.
 */
function drawing(path, words) {
  const svg = textOf(path).replace(
    'style="color-scheme: light dark"',
    `role="img" aria-label="${escaped(words)}"`,
  );
  return `<span class="drawing" tabindex="0">${svg}</span>`;
}

/**
 * Renders Markdown. `path` is the path of the document, `routes` the pages by path, and `to` returns the
 * address of a route. Returns the HTML, the title and the headings.
 */
export function render(text, { path = '', routes = new Map(), to = (route) => route }) {
  const headings = [];
  const seen = new Map();
  const anchorOf = (words) => {
    const plain = slug(words) || 'part';
    const count = seen.get(plain) ?? 0;
    seen.set(plain, count + 1);
    return count ? `${plain}-${count}` : plain;
  };
  const link = (href) => {
    if (/^[a-z]+:|^#|^\//.test(href)) return href;
    const [file, anchor] = href.split('#');
    const route = routes.get(posix.join(posix.dirname(path), file));
    return route === undefined ? undefined : to(route) + (anchor ? `#${anchor}` : '');
  };
  const marked = new Marked({
    renderer: {
      heading({ tokens, depth }) {
        const words = this.parser.parseInline(tokens);
        if (depth === 1) {
          headings.unshift({ depth, words: words.replaceAll(/<[^>]*>/g, ''), id: '' });
          return `<h1>${words}</h1>\n`;
        }
        const id = anchorOf(words);
        headings.push({ depth, words: words.replaceAll(/<[^>]*>/g, ''), id });
        return `<h${depth} id="${id}">${words} <a class="anchor" href="#${id}" aria-label="Link to this part">#</a></h${depth}>\n`;
      },
      code: ({ text: code, lang }) => codeBlock(code, lang),
      link({ href, tokens }) {
        const words = this.parser.parseInline(tokens);
        const target = link(href);
        // A document that is only in the repository is named, not linked.
        return target === undefined ? words : `<a href="${escaped(target)}">${words}</a>`;
      },
      // Markup in a docstring is shown as text. Anchors from TypeDoc are kept.
      html: ({ text: markup }) => (/^<\/?a\b/.test(markup) ? markup : escaped(markup)),
      image: ({ href, text: words }) =>
        href.endsWith('.svg') ? drawing(posix.join(posix.dirname(path), href), words) : '',
      table(token) {
        const cells = (row, tag) =>
          row.map(({ tokens }) => `<${tag}>${this.parser.parseInline(tokens)}</${tag}>`).join('');
        const body = token.rows.map((row) => `<tr>${cells(row, 'td')}</tr>`).join('');
        return `<div class="table" tabindex="0"><table><thead><tr>${cells(token.header, 'th').replaceAll('<th></th>', '<td></td>')}</tr></thead><tbody>${body}</tbody></table></div>\n`;
      },
    },
  });
  // The documents' comments for tests and generators are removed. Comments in code stay.
  const html = marked.parse(text.replaceAll(/^<!-- (?:in|Made|Generated) [\s\S]*?-->\n*/gm, ''));
  return { html, title: decoded(headings.find(({ depth }) => depth === 1)?.words ?? path), headings };
}
