// The home page: introduction, live example, frameworks, sizes, first dialog, patterns.
import { codeTabs, example } from './recipes.mjs';
import { codeBlock, escaped } from './markdown.mjs';
import { textOf } from './read.mjs';

/** The keys of the live example. */
const keys = [
  ['Enter', 'on “⋯” opens the menu'],
  ['ArrowDown', 'moves through the menu'],
  ['ArrowRight', 'opens the submenu, ArrowLeft closes it'],
  ['letters', 'move to the item that begins with them'],
  ['Escape', 'closes the innermost layer'],
  ['Shift+F10', 'opens the menu for a row, like a right click'],
];

const frameworks = [
  ['start/html/', 'Plain HTML'],
  ['start/elements/', 'Custom elements'],
  ['start/react/', 'React'],
  ['start/vue/', 'Vue'],
  ['start/svelte/', 'Svelte'],
  ['start/solid/', 'Solid'],
  ['start/angular/', 'Angular'],
  ['start/server-pages/', 'Server pages'],
];

/** Kilobytes of a few patterns alone, minified and gzipped, as `npm run size` measures them. */
function sizes() {
  const all = JSON.parse(textOf('docs/sizes.json'));
  return ['switch', 'disclosure', 'accordion', 'dialog', 'menu', 'combobox']
    .map((name) => `<div><dt>${name}</dt><dd>${(all[name].gzip / 1000).toFixed(1)} kB</dd></div>`)
    .join('');
}

/** The home page. */
export function startPage({ to, patterns, recipes }) {
  const of = (wanted) => recipes.find(({ name }) => name === wanted);
  const cards = patterns
    .map(({ route, title, says }) => `<li><a href="${to(route)}">${title}</a><p>${escaped(says)}</p></li>`)
    .join('');
  const rows = keys.map(([key, does]) => `<li data-press="${key}"><kbd>${key}</kbd> ${does}</li>`).join('');
  return {
    route: '',
    title: 'Elastic Shell',
    description: 'Accessible dialogs, menus, tabs, trees and more from standard HTML, for every framework.',
    live: ['order-rows', 'home'],
    headings: [],
    html: `<div class="hero">
<div class="hero-words">
<h1>Elastic Shell</h1>
<p class="lead">Write standard HTML. Elastic Shell adds focus management, keyboard support, dismissal and ARIA states. The same dialogs, menus, tabs and trees work in plain pages, custom elements, five frameworks and server-rendered HTML.</p>
<p class="row"><a data-button="primary" href="${to('start/')}">Get started</a> <a data-button href="${to('recipes/')}">Recipes</a> <a data-button="quiet" href="${to('desk')}">Demo application</a></p>
<p><code class="install">npm install elastic-shell</code></p>
</div>
<div class="hero-piece">
${example(of('order-rows'), { editable: false })}
<ul class="keys" aria-label="Keys to try">${rows}</ul>
</div>
</div>
<section class="strip" aria-labelledby="frameworks"><h2 id="frameworks">Works in</h2><ul>${frameworks.map(([route, name]) => `<li><a href="${to(route)}">${name}</a></li>`).join('')}</ul></section>
<section class="strip" aria-labelledby="sizes"><h2 id="sizes">Size of one pattern, gzipped</h2><dl>${sizes()}</dl></section>
<h2 id="first-dialog">A first dialog</h2>
<p>Install the library and, for the command line, the second package. Import the style sheets once in your application. For Angular, also install <code>elastic-shell-angular</code>.</p>
${codeBlock('npm install elastic-shell\nnpm install --save-dev elastic-shell-cli', 'sh')}
${codeBlock("import 'elastic-shell/structure.css'; // the layout that dialogs need\nimport 'elastic-shell/skin.css'; // optional: a look", 'js')}
${codeTabs(of('dialog'))}
<p><a href="${to('start/')}">Getting started</a> continues with controlled state, waiting for a server, and tests.</p>
<h2 id="patterns">Patterns</h2>
<ul class="cards">${cards}</ul>`,
  };
}
