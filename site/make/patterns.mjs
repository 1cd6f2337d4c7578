// The page of a pattern: what it is for, a live example, its code in every setting, its keys, and everything that it has.
import { heardRows, heardWith } from '../../scripts/docs-heard.mjs';
import { escaped } from './markdown.mjs';
import { codeTabs, example } from './recipes.mjs';

const table = (head, rows, attributes = '') =>
  `<div class="table" tabindex="0"><table${attributes}><thead><tr>${head.map((words) => `<th>${words}</th>`).join('')}</tr></thead><tbody>${rows.join('')}</tbody></table></div>`;
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

/** A part of the page: its title, its anchor, its HTML; nothing where there are no rows. */
const part = (title, html) =>
  html ? { title, id: title.toLowerCase().replaceAll(' ', '-'), html } : undefined;

const listOf = (items) => items.length > 0 && `<ul>${items.map((item) => `<li>${item}</li>`).join('')}</ul>`;

/** Everything that a contract says, in the order in which it is asked for. */
function partsOf(notes, { recipe, related, rules, events, to }) {
  const { parts, presses, states, methods, commands, options, guarantees } = notes;
  const spoken = heardRows(notes.name);
  return [
    part('Code', codeTabs(recipe)),
    part(
      'When to use it',
      `<p>${escaped(notes.for)}</p><p><strong>Not for:</strong> ${escaped(notes.not)}</p><p class="soft">Standard: ${escaped(notes.standard)}.</p>`,
    ),
    part(
      'Keys',
      `<p class="soft">Rows light up as you press their keys in the example above.</p>${keyTable(notes)}`,
    ),
    part(
      'Presses',
      table(
        ['on', 'what it does'],
        presses.map(({ on, does }) => row(escaped(on), escaped(does))),
      ),
    ),
    part(
      'Parts',
      table(
        ['part', 'what it is', 'needed', 'why'],
        Object.entries(parts).map(([name, { is, required, why }]) =>
          row(code(name), escaped(is), required ? 'yes' : 'no', escaped(why)),
        ),
      ),
    ),
    part(
      'States',
      table(
        ['state', 'type', 'first', 'shown by'],
        states.map(({ name, type, first, shown }) =>
          row(code(name), escaped(type), escaped(first), escaped(shown)),
        ),
      ),
    ),
    part(
      'Screen-reader output',
      spoken &&
        `<p>What the screen reader Orca says after each key, on the example above; Chromium’s accessibility tree is beside it. ${escaped(heardWith())} <a href="${to('support/heard/')}">All walks</a>.</p>${table(
          spoken.head,
          spoken.rows.map((cells) => row(...cells.map(escaped))),
        )}`,
    ),
    part(
      'Options',
      table(
        ['option', 'values', 'default', 'what it does'],
        options.map(({ name, values, default: otherwise, does }) =>
          row(code(name), escaped(values), escaped(otherwise), escaped(does)),
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
    part('Events', listOf(events)),
    part(
      'Styling',
      `<p>What is open, busy or selected stands in attributes: <a href="${to('styling/')}">tokens and hooks</a>.</p>`,
    ),
    part('Guarantees', listOf(guarantees.map(escaped))),
    part(
      'Bad input',
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
    live: [given.recipe.name],
    headings: all.map(({ title, id }) => ({ depth: 2, words: title, id })),
    html: `<h1>${title}</h1>
<p class="lead">${escaped(notes.summary)}</p>
${example(given.recipe)}
${all.map(({ title, id, html }) => `<h2 id="${id}">${title}</h2>\n${html}`).join('\n')}`,
  };
}
