// `npm run docs`: writes the documents that are made from contracts and rules. With --check it only says
// which are out of date, and ends with 1 when one is.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { conformancePages } from './docs-conformance.mjs';
import { heardPage, heardSection } from './docs-heard.mjs';
import { errorCodes } from './production.mjs';
import { outdated, writeGenerated } from './generated/index.mjs';
import { root, setUp } from './setup.mjs';

setUp();
if (!process.argv.includes('--check')) await writeGenerated();
await build(['library', 'cli']);
const { notes: contracts } = await import('../packages/elastic-shell/dist/core/index.js');
const { formats } = await import('../packages/cli/dist/contract/format.js');
const { allRules } = await import('../packages/elastic-shell/dist/journal/rules/index.js');
const rules = allRules();
const { commandLinePage } = await import('./docs-command-line.mjs');
const { runtimeCodes } = await import('../packages/elastic-shell/dist/journal/codes.js');

const origin = '<!-- Made by `npm run docs` from the contracts and rules. Change those, not this. -->\n\n';
const cell = (text) => text.replaceAll('|', '\\|').replaceAll('<', '&lt;');

const diagnostics = [
  '# Diagnostics',
  '',
  'The same rules run in the journal, in `elastic-shell check` and in tests. The site has a page for each, with an example.',
  '',
  '| code | severity | finding | standard |',
  '| --- | --- | --- | --- |',
  ...rules.map(
    ({ code, severity, summary: says, clause }) =>
      `| \`${code}\` | ${severity} | ${cell(says)} | ${cell(clause)} |`,
  ),
  '',
  '## At run time',
  '',
  'The journal also records events. The entries `change`, `refused` and `busy` contain the change.',
  '',
  '| code | severity | event |',
  '| --- | --- | --- |',
  ...runtimeCodes.map(({ code, severity, summary: says }) => `| \`${code}\` | ${severity} | ${cell(says)} |`),
  '',
].join('\n');

/** One table of all patterns: a row for each name in `of(notes)`, a column for each pattern that has any. */
function across(title, says, of) {
  const columns = contracts.filter((notes) => of(notes).length);
  const names = [...new Set(columns.flatMap((notes) => of(notes).map(([name]) => name)))].sort();
  const row = (name) => columns.map((notes) => cell(of(notes).find(([other]) => other === name)?.[1] ?? ''));
  return [
    `## ${title}`,
    '',
    says,
    '',
    `| | ${columns.map(({ name }) => name).join(' | ')} |`,
    `| --- | ${columns.map(() => '---').join(' | ')} |`,
    ...names.map((name) => `| \`${name}\` | ${row(name).join(' | ')} |`),
    '',
  ];
}

const tables = [
  '# All names: options, states, methods, commands',
  '',
  'An option, state, method or command has the same name and the same type in every pattern that has it. The page of each pattern',
  'explains them.',
  '',
  ...across('Options', 'The table contains the defaults.', ({ options }) =>
    options.map(({ name, default: otherwise }) => [name, otherwise]),
  ),
  ...across(
    'States',
    'The table contains the types. Each state is a cell of that name on the handle.',
    ({ states }) => states.map(({ name, type }) => [name, type]),
  ),
  ...across('Methods', 'Your code calls them on the handle.', ({ methods }) =>
    methods.map(({ name }) => [name, 'yes']),
  ),
  ...across(
    'Commands',
    'A control sends them with `commandfor` and `command`. The table contains the meaning of its `value`.',
    ({ commands }) => commands.map(({ name, value = 'yes' }) => [name, value]),
  ),
  '## Why some defaults differ',
  '',
  '- `activation` is automatic in tabs and listboxes, and manual in a tree, where moving must not select (WAI-ARIA Authoring',
  '  Practices).',
  '- `wrap` is true for short series (tabs, slides, menu items) and false in a listbox, whose ends help users to find their place.',
  '- `elastic` is `block` in an accordion and `none` in a disclosure, which then loads no animation.',
  '- `multiple` allows several selected items. `exclusive` is the standard’s word for sections of which one may be open, and `checks`',
  '  adds checkboxes, of which several can be checked.',
  '- `checked` is a boolean for a switch, and a set of keys for patterns with items.',
  '- The methods are `show` and `close`, because `open` is the state. Their commands are `--open` and `--close`.',
  '',
].join('\n');

const sizes = JSON.parse(readFileSync(join(root, 'docs/sizes.json'), 'utf8'));
const kilo = (bytes) => `${(bytes / 1000).toFixed(1)} kB`;

/** What is loaded by itself once it is asked for, by its module. */
const laterWords = {
  'announce/say-for': 'announcing a pending guard or its error',
  'content/loading': 'lazy content (`content`)',
  'layer/late-hover': 'opening by hover (`openOn: hover`, tooltips)',
  'list/highlight': 'highlighting matches',
  'motion/expand-details': 'animating a `<details>`, in browsers that can’t animate to `auto` with CSS',
  'motion/expand-fallback': 'animating, in browsers that can’t animate to `auto` with CSS',
  'motion/expand-root': 'animating to the measured size (`elastic`)',
  'patterns/drawer/swipe': 'closing with a swipe, after a drawer is wired',
  'patterns/toolbar/overflow': 'hiding buttons that don’t fit (`overflow`)',
};

/** What a pattern costs a page. */
function weight({ name }) {
  const { gzip, checked, beside, later } = sizes[name];
  const other = name === 'dialog' ? 'a disclosure' : 'a dialog';
  const modules = Object.entries(later);
  return [
    '## Size',
    `Minified and gzipped: ${kilo(gzip)}. On a page that already has ${other}, it adds ${kilo(beside)}. With option checks and full messages, without the condition \`production\`: ${kilo(checked)}.`,
    ...(modules.length
      ? [
          'Loaded only when used:',
          modules.map(([module, bytes]) => `- ${laterWords[module]}: ${kilo(bytes)}`).join('\n'),
        ]
      : []),
  ].join('\n\n');
}

/** The document of a pattern: what it is for, and its recipe in plain HTML, before what its contract says. */
function patternPage(notes) {
  const recipe = `examples/recipes/${notes.name}/html.html`;
  const { for: good, not: bad } = notes;
  const [title, says, ...rest] = formats.markdown([notes], true).split('\n\n');
  return [
    title,
    says,
    `**Use it for**: ${good[0].toLowerCase()}${good.slice(1)}`,
    `**Don’t use it for**: ${bad[0].toLowerCase()}${bad.slice(1)}`,
    '## Markup',
    `<!-- in ${recipe} -->`,
    `\`\`\`html\n${readFileSync(join(root, recipe), 'utf8').trim()}\n\`\`\``,
    `For other frameworks, run \`npx elastic-shell new ${notes.name} --for react\`.`,
    ...rest.slice(0, -1),
    rest.at(-1).trimEnd(),
    ...[heardSection(notes.name)].filter(Boolean),
    `${weight(notes)}\n`,
  ].join('\n\n');
}

/** A text in a cell of a table. */
const cellText = (text) => text.replaceAll('|', '\\|').replaceAll('<', '&lt;');

const { laws } = await import('../packages/elastic-shell/test/laws.js');
const patterns = laws[0].patterns;
const lawsPage = [
  '# Lifecycle guarantees',
  '',
  'These guarantees apply to every wired element, whatever happens to it. Each cell is two tests',
  '(`packages/elastic-shell/test/browser/laws.test.ts`): the pattern as a wire function, and as an element. A dash means that the',
  'guarantee doesn’t apply to the pattern.',
  '',
  `| | ${patterns.join(' | ')} |`,
  `| --- | ${patterns.map(() => '---').join(' | ')} |`,
  ...laws.map(
    ({ name, patterns: bound }) =>
      `| ${name} | ${patterns.map((pattern) => (bound.includes(pattern) ? 'yes, yes' : '–')).join(' | ')} |`,
  ),
  '',
  ...laws.flatMap(({ name, says }) => [`- **${name}**: ${says}`]),
  '',
].join('\n');

const { serverParts } = await import('../packages/cli/dist/contract/server.js');
const { serverFormats } = await import('../packages/cli/dist/contract/format.js');
const serverPage = [
  '# Server-rendered attributes',
  '',
  'These are the attributes of every part of every pattern, for servers in other languages than JavaScript. The root has the id `id`, and the',
  'items have the keys `first` and `other`. The column “when” describes the state of `first`. The parts are explained on the page of',
  '[each pattern](../patterns/index.md). `wireWithin` finds roots by `data-wire`. Every option that a text can set is an attribute',
  '`data-wire-<option>`.',
  '',
  ...contracts.map(({ name }) =>
    serverFormats
      .markdown(name, serverParts(name))
      .replace(/^## .*/, `## ${name}`)
      .replaceAll(/\| ([^|]*="[^|]*) \|$/gm, '| `$1` |'),
  ),
].join('\n');

const statesPage = [
  '# State attributes',
  '',
  'Tests, style sheets and other scripts can read each state from attributes and pseudo-classes, without the library. `data-phase` is',
  '`closed`, `opening`, `open` or `closing`. The root has `aria-busy` while a guard is pending or content is loading. A custom element',
  '(`<shell-tabs>`) also has each state as a property.',
  '',
  ...contracts.flatMap(({ name, states }) => [
    `## ${name}`,
    '',
    '| state | type | attributes |',
    '| --- | --- | --- |',
    ...states.map(
      ({ name: state, type, shown }) => `| \`${state}\` | ${cellText(type)} | ${cellText(shown)} |`,
    ),
    '',
  ]),
].join('\n');

const codes = new Map(errorCodes().map(({ code, text, module }) => [code, { text, module }]));
const errorsPage = [
  '# Production error codes',
  '',
  'Production builds contain codes instead of error messages, and don’t check options. Look up the code here, or run your',
  'application in development to see the whole message.',
  '',
  '| code | message | thrown in |',
  '| --- | --- | --- |',
  ...[...codes].map(
    ([code, { text, module }]) => `| \`${code}\` | ${cellText(text)} | \`${module.replace(/js$/, 'ts')}\` |`,
  ),
  '',
].join('\n');

const files = {
  'docs/command-line.md': commandLinePage(),
  'docs/errors.md': errorsPage,
  'docs/reading-state.md': statesPage,
  'docs/frameworks/server-attributes.md': serverPage,
  'docs/lifecycle.md': lawsPage,
  'docs/patterns/names.md': tables,
  'docs/patterns/index.md': formats.markdown(contracts, false),
  ...Object.fromEntries(contracts.map((notes) => [`docs/patterns/${notes.name}.md`, patternPage(notes)])),
  'docs/diagnostics.md': diagnostics,
  ...conformancePages(contracts),
  ...heardPage(),
};

let stale = 0;
for (const [path, text] of Object.entries(files)) {
  const file = join(root, path);
  // What long runs have left says so itself.
  const wanted = text.startsWith('<!--') ? text : origin + text;
  if (existsSync(file) && readFileSync(file, 'utf8') === wanted) continue;
  stale++;
  console.log(
    `${path} ${process.argv.includes('--check') ? 'is out of date; run "npm run docs"' : 'written'}`,
  );
  if (process.argv.includes('--check')) continue;
  mkdirSync(join(file, '..'), { recursive: true });
  writeFileSync(file, wanted);
}
if (process.argv.includes('--check'))
  for (const { path } of await outdated()) {
    console.error(`${path} is out of date; run "npm run docs"`);
    stale++;
  }
if (stale && process.argv.includes('--check')) process.exit(1);
