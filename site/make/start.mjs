// The first page, and what the styling page has besides its document: the tokens with their values, and the editor of a theme.
import { codeTabs } from './recipes.mjs';
import { textOf } from './read.mjs';
import { escaped } from './markdown.mjs';

/** The first page of the site. */
export function startPage({ to, patterns, recipes }) {
  const dialog = recipes.find(({ name }) => name === 'dialog');
  const cards = patterns
    .map(({ route, title, says }) => `<li><a href="${to(route)}">${title}</a><p>${escaped(says)}</p></li>`)
    .join('');
  return {
    route: '',
    title: 'Elastic Shell',
    description:
      'One engine that wires standard HTML into dialogs, menus, tabs, trees and more, in every setting.',
    headings: [],
    html: `<h1>Elastic Shell</h1>
<p class="lead">You write the elements and roles of the open standards. One engine completes and drives them: focus, keyboard, Escape and
presses outside, states that never lie. In plain scripts, as custom elements, in five frameworks, and on pages that a server makes.</p>
<p class="row"><a data-button="primary" href="${to('start/')}">Start</a> <a data-button href="${to('recipes/')}">Recipes</a> <a data-button href="${to('desk')}">A whole desk made of it</a></p>
<h2 id="first-dialog">A first dialog</h2>
<p><code>npm install elastic-shell</code>, and this is all of it:</p>
${codeTabs(dialog)}
<h2 id="patterns">Patterns</h2>
<ul class="cards">${cards}</ul>`,
  };
}

/** The tokens of the skin's first rule, with their values. */
const tokens = () =>
  [
    ...textOf('packages/elastic-shell/src/styles/skin/tokens.css').matchAll(
      /^ {4}(--shell-[a-z-]+): ([^;]+);/gm,
    ),
  ].map(([, name, value]) => ({ name, value }));

/** What the styling page has besides. */
export function stylingExtras() {
  const colours = tokens().filter(({ value }) => value.startsWith('light-dark(#'));
  const fields = colours
    .map(
      ({ name }) =>
        `<label>${name.replace('--shell-color-', '')} <input type="color" data-sets="${name}"></label>`,
    )
    .join('');
  const rows = tokens()
    .map(({ name, value }) => `<tr><td><code>${name}</code></td><td><code>${escaped(value)}</code></td></tr>`)
    .join('');
  return {
    headings: [
      { depth: 2, words: 'A theme of your own', id: 'theme' },
      { depth: 2, words: 'Every token with its value', id: 'every-token' },
    ],
    html: `<h2 id="theme">A theme of your own</h2>
<p>Change the colours; this page follows, and below stands what to copy. Nothing is kept.</p>
<div class="theme" data-theme-editor><div class="swatches">${fields}</div>
<label>corners <input type="range" min="0" max="1.2" step="0.1" value="0.3" data-sets="--shell-radius" data-unit="rem"></label>
<p class="row"><button type="button" data-button="primary">Primary</button> <button type="button" data-button="danger">Danger</button> <button type="button" data-button>Plain</button></p>
<figure class="code"><button type="button" class="copy" hidden>Copy</button><pre tabindex="0"><code data-theme-code>:root {
}</code></pre></figure><p><button type="button" data-button data-theme-reset>As it was</button></p></div>
<h2 id="every-token">Every token with its value</h2>
<div class="table" tabindex="0"><table><thead><tr><th>token</th><th>value</th></tr></thead><tbody>${rows}</tbody></table></div>`,
  };
}
