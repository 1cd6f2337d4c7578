// A whole page, around the content of its `<main>`.
import { earlyScript } from 'elastic-shell/server';

/** The ways of inserting responses of the server, with their labels. */
export const ways = {
  morphdom: 'morphed by morphdom',
  idiomorph: 'morphed by idiomorph',
  replace: 'replaced by innerHTML',
  stream: 'streamed, an element at a time',
};

/** The import map, for a page without a build step. */
export const importMap = JSON.stringify({ imports: { 'elastic-shell/page': '/pages/lib/browser/page.js' } });

const pages = [
  ['/pages/', 'Orders'],
  ['/pages/boats', 'Boats'],
];

const links = (path) =>
  pages
    .map(([href, name]) => `<a href="${href}"${href === path ? ' aria-current="page"' : ''}>${name}</a>`)
    .join(' ');

const choice = (way) =>
  Object.entries(ways)
    .map(([name, words]) => `<option value="${name}"${name === way ? ' selected' : ''}>${words}</option>`)
    .join('');

/**
 * Returns the page with `main` in it. `late`: milliseconds by which the script is delayed. `way`: how parts
 * are inserted.
 */
export const page = ({ title, path, main, late, way }) => `<!doctype html>
<html lang="en" data-way="${way}">
  <head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>${title} · Quillhaven</title>
    <script>${earlyScript}</script>
    <script type="importmap">${importMap}</script>
    <link rel="icon" href="/pages/mark.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/pages/lib/styles/structure.css">
    <link rel="stylesheet" href="/pages/lib/styles/skin.css">
    <link rel="stylesheet" href="/pages/lib/styles/controls.css">
    <link rel="stylesheet" href="/pages/page.css">
    <script type="module" src="/pages/page.js${late ? `?late=${late}` : ''}"></script>
  </head>
  <body data-controls>
    <header>
      <p><b>Quillhaven</b> yard, from a server</p>
      <nav aria-label="Office">${links(path)}</nav>
      <form class="row" action="${path}">
        <label>Parts are <select name="way" id="way">${choice(way)}</select></label>
        <button>Set</button>
      </form>
    </header>
    <main id="main">${main}</main>
  </body>
</html>
`;
