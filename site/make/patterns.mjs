// The page of a pattern: its purpose, a live example, its code for each framework, a cheat sheet, and its whole contract.
import { heardRows, heardWith } from '../../scripts/docs-heard.mjs';
import { escaped } from './markdown.mjs';
import { codeTabs, example } from './recipes.mjs';

const table = (head, rows, attributes = '') =>
  `<div class="table" tabindex="0"><table${attributes}>${head.length ? `<thead><tr>${head.map((words) => `<th>${words}</th>`).join('')}</tr></thead>` : ''}<tbody>${rows.join('')}</tbody></table></div>`;
const cells = (...all) => all.map((each) => `<td>${each}</td>`).join('');
const code = (text) => (text ? `<code>${escaped(text)}</code>` : '');
const row = (...all) => `<tr>${cells(...all)}</tr>`;

/** Keys as a table whose rows light up while the key is pressed in the example. */
const keyTable = ({ keys }) =>
  table(
    ['on', 'key', 'what it does'],
    keys.map(
      ({ on, key, does }) =>
        `<tr data-press="${escaped(key)}">${cells(escaped(on), `<kbd>${escaped(key)}</kbd>`, escaped(does))}</tr>`,
    ),
    ' class="keys"',
  );

/** A section of the page: its title, anchor and HTML. Undefined if it is empty. */
const part = (title, html) =>
  html ? { title, id: title.toLowerCase().replaceAll(' ', '-'), html } : undefined;

const listOf = (items) => items.length > 0 && `<ul>${items.map((item) => `<li>${item}</li>`).join('')}</ul>`;

/** The most important facts, in one table. */
function cheatSheet({ name, title, notes, events, to }) {
  const list = (items) => items.join('<br>');
  const openers = notes.commands.map(({ name: command }) => code(command)).join(', ');
  const keys = notes.keys.map(
    ({ on, key, does }) =>
      `<kbd>${escaped(key)}</kbd> <span class="soft">(${escaped(on)})</span> ${escaped(does)}`,
  );
  const looks = notes.states.map(({ name: state, shown }) => `${code(state)}: ${escaped(shown)}`);
  const rows = [
    ['Function', code(`wire${title}(root, options)`)],
    [
      'Hooks',
      `${code(`use${title}()`)} in React, Vue and Svelte, ${code(`create${title}()`)} in Solid, ${code(`shell${title}`)} in Angular`,
    ],
    ['Element', code(`<shell-${name}>`)],
    ['Markup', code(`data-wire="${name}"`)],
    [
      'Style sheets',
      `${code(`elastic-shell/structure/${name}.css`)}, ${code(`elastic-shell/skin/${name}.css`)}, or <a href="${to('styling/')}">the complete ones</a>`,
    ],
    ['Keys', list(keys)],
    ['Attributes for CSS', list(looks)],
    ['Events of the element', list(events)],
    ...(openers ? [['Commands', openers]] : []),
  ];
  return table(
    [],
    rows.map(([head, html]) => `<tr><th scope="row">${head}</th><td>${html}</td></tr>`),
    ' class="sheet"',
  );
}

/** All sections of a pattern's page, in order. */
function partsOf(notes, { recipe, related, rules, events, title, to }) {
  const { parts, presses, states, methods, commands, options, guarantees } = notes;
  const spoken = heardRows(notes.name);
  return [
    part('Code', codeTabs(recipe)),
    part('Cheat sheet', cheatSheet({ name: notes.name, title, notes, events, to })),
    part(
      'When to use it',
      `<p>${escaped(notes.for)}</p><p><strong>Don’t use it for:</strong> ${escaped(notes.not)}</p><p class="soft">Standard: ${escaped(notes.standard)}.</p>`,
    ),
    part(
      'Keys',
      `<p class="soft">Press a key in the example above to highlight its row.</p>${keyTable(notes)}`,
    ),
    part(
      'Pointer',
      table(
        ['on', 'what it does'],
        presses.map(({ on, does }) => row(escaped(on), escaped(does))),
      ),
    ),
    part(
      'Parts',
      table(
        ['part', 'element', 'required', 'why'],
        Object.entries(parts).map(([name, { is, required, why }]) =>
          row(code(name), escaped(is), required ? 'yes' : 'no', escaped(why)),
        ),
      ),
    ),
    part(
      'States',
      table(
        ['state', 'type', 'initial value', 'attributes'],
        states.map(({ name, type, first, shown }) =>
          row(code(name), escaped(type), escaped(first), escaped(shown)),
        ),
      ),
    ),
    part(
      'Screen-reader output',
      spoken &&
        `<p>The announcements of the screen reader Orca after each key, for the example above, beside Chromium’s accessibility tree. ${escaped(heardWith())} <a href="${to('support/heard/')}">All recordings</a>.</p>${table(
          spoken.head,
          spoken.rows.map((cells) => row(...cells.map(escaped))),
        )}`,
    ),
    part(
      'Options',
      table(
        ['option', 'type', 'default', 'what it does', 'example'],
        options.map(({ name, type, default: otherwise, does, example }) =>
          row(code(name), code(type), escaped(otherwise), escaped(does), code(example)),
        ),
      ),
    ),
    part(
      'Methods',
      table(
        ['method', 'what it does'],
        methods.map(({ name, does }) => row(code(name), escaped(does))),
      ),
    ),
    part(
      'Commands',
      commands.length > 0 &&
        table(
          ['command', 'value', 'what it does'],
          commands.map(({ name, value = '', does }) => row(code(name), escaped(value), escaped(does))),
        ),
    ),
    part('Guarantees', listOf(guarantees.map(escaped))),
    part(
      'Diagnostics',
      listOf(
        rules.map(
          ({ code: name, summary: says }) =>
            `<a href="${to(`diagnostics/${name}/`)}"><code>${name}</code></a>: ${escaped(says)}`,
        ),
      ),
    ),
    part(
      'Related recipes',
      listOf(related.map(({ name, title }) => `<a href="${to(`recipes/${name}/`)}">${escaped(title)}</a>`)),
    ),
  ].filter(Boolean);
}

/** The page of a pattern. */
export function patternPage(notes, given) {
  const all = partsOf(notes, given);
  const { title } = given;
  return {
    route: `patterns/${notes.name}/`,
    title,
    description: notes.summary,
    keywords: notes.keywords,
    live: [given.recipe.name],
    headings: all.map(({ title, id }) => ({ depth: 2, words: title, id })),
    html: `<h1>${title}</h1>
<p class="lead">${escaped(notes.summary)}</p>
${example(given.recipe)}
${all.map(({ title, id, html }) => `<h2 id="${id}">${title}</h2>\n${html}`).join('\n')}`,
  };
}
