// The frame around every page: the bar, the contents, the list of sections, the footer.
import { escaped } from './markdown.mjs';
import { grouped, shortName } from './names.mjs';

/** The contents: parts of the site with their pages, by short names. */
const contentsOf = (parts, here, to) =>
  parts
    .map((part) => {
      const isOpen = part.pages.some(({ route }) => route === here);
      const lists = grouped(part)
        .map(([name, pages]) => {
          const links = pages
            .map(
              (page) =>
                `<li><a href="${to(page.route)}"${page.route === here ? ' aria-current="page"' : ''}>${escaped(shortName(page))}</a></li>`,
            )
            .join('');
          return name ? `<p>${name}</p><ul aria-label="${name}">${links}</ul>` : `<ul>${links}</ul>`;
        })
        .join('');
      return `<details${isOpen ? ' open' : ''}><summary><span data-marker aria-hidden="true"></span>${part.title}</summary><div>${lists}</div></details>`;
    })
    .join('');

/** The list of sections: beside the page if there is space, or behind a button below the bar. */
function onThisPage(headings) {
  const links = headings
    .filter(({ depth }) => depth === 2)
    .map(({ words, id }) => `<li><a href="#${id}">${words}</a></li>`)
    .join('');
  if (!links) return { beside: '', behind: '' };
  return {
    beside: `<nav class="here" aria-labelledby="site-here-title"><h2 id="site-here-title">On this page</h2><ul>${links}</ul></nav>`,
    behind: `<span class="here-opener"><button type="button" commandfor="site-here" command="toggle-popover">On this page</button>
<nav id="site-here" popover="manual" aria-label="On this page"><ul>${links}</ul></nav></span>`,
  };
}

/**
 * A whole page. `assets` names the built script and styles, `live` what only this page loads: its examples, and styles of its own; `parts` are
 * the contents.
 */
export function frame(
  { route, title, html, headings = [], description = '', live = [] },
  { parts, assets, to },
) {
  const scripts = [assets.script, ...live.map((name) => assets.live[name].script)]
    .map((file) => `<script type="module" src="${to(file)}"></script>`)
    .join('\n    ');
  const { beside, behind } = onThisPage(headings);
  return `<!doctype html>
<html lang="en" data-root="${to('')}">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>${escaped(title)}${route ? ' · Elastic Shell' : ''}</title>
    <meta name="description" content="${escaped(description)}" />
    <link rel="icon" href="${to('mark.svg')}" />
    <script src="${to('look.js')}"></script>
    ${[...assets.styles, ...live.flatMap((name) => assets.live[name].styles)].map((file) => `<link rel="stylesheet" href="${to(file)}" />`).join('\n    ')}
    ${scripts}
  </head>
  <body data-controls>
    <a class="skip" href="#page-content">Skip to content</a>
    <header class="bar">
      <a class="brand" href="${to('')}"><img src="${to('mark.svg')}" alt="" width="26" height="26" /> Elastic Shell</a>
      <button type="button" class="find" commandfor="site-search" command="show-modal" hidden>Search <kbd>/</kbd></button>
      <a class="quiet" href="${to('desk')}">Demo</a>
      <span class="look" hidden><button type="button" role="switch" id="site-look" aria-labelledby="site-look-name"></button> <span id="site-look-name">Dark</span></span>
    </header>
    <div class="sub-bar">
      <button type="button" class="only-narrow" commandfor="site-contents-drawer" command="show-modal">Contents</button>
      ${behind}
    </div>
    <dialog id="site-contents-drawer">
      <header>
        <h2>Contents</h2>
        <button type="button" commandfor="site-contents-drawer" command="close" aria-label="Close">×</button>
      </header>
      <div data-content></div>
    </dialog>
    <div class="columns">
      <nav class="contents" id="site-contents" aria-label="Contents">${contentsOf(parts, route, to)}</nav>
      <main id="page-content" tabindex="-1">
${html}
      </main>
      ${beside}
    </div>
    <footer class="foot">
      <p>Elastic Shell, MIT licence. All boats, berths and people are made up.</p>
      <p><a href="${to('support/reliability/')}">Reliability</a> <a href="${to('accessibility/')}">Accessibility</a> <a href="${to('support/')}">Browser support</a> <a href="${to('changelog/')}">Changelog</a> <a href="${to('desk')}">Demo</a></p>
      <!-- versions -->
    </footer>
    <dialog id="site-search">
      <header>
        <h2>Search</h2>
        <button type="button" commandfor="site-search" command="close" aria-label="Close">×</button>
      </header>
      <div class="search-body" id="site-search-box">
        <label for="site-search-text">What are you looking for?</label>
        <div data-box><input id="site-search-text" role="combobox" autofocus spellcheck="false" autocomplete="off" /></div>
        <div popover="manual"><div role="listbox" aria-label="Results"></div></div>
        <p class="soft">Use the arrow keys to choose, Enter to open, Escape to close.</p>
      </div>
    </dialog>
  </body>
</html>
`;
}
