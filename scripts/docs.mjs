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
const { runtimeCodes } = await import('../packages/elastic-shell/dist/journal/codes.js');

const origin = '<!-- Made by `npm run docs` from the contracts and rules. Change those, not this. -->\n\n';
const cell = (text) => text.replaceAll('|', '\\|').replaceAll('<', '&lt;');

const diagnostics = [
  '# Diagnostics',
  '',
  'One source for three places: the page’s journal, `elastic-shell check`, and tests.',
  '',
  '| code | severity | what it finds | standard |',
  '| --- | --- | --- | --- |',
  ...rules.map(
    ({ code, severity, summary: says, clause }) => `| \`${code}\` | ${severity} | ${cell(says)} | ${cell(clause)} |`,
  ),
  '',
  '## At run time',
  '',
  'In the page the journal also enters what happens. Of these `change`, `refused` and `busy` carry the change itself.',
  '',
  '| code | severity | when |',
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
  '# Names across patterns',
  '',
  'Like things have one name, one kind of value and, but for what is said below, one default. What each means stands with',
  'its pattern.',
  '',
  ...across('Options', 'With the default of each.', ({ options }) =>
    options.map(({ name, default: otherwise }) => [name, otherwise]),
  ),
  ...across('States', 'With the kind of each. Every state is a cell of the same name.', ({ states }) =>
    states.map(({ name, type }) => [name, type]),
  ),
  ...across('Methods', 'What a program calls.', ({ methods }) => methods.map(({ name }) => [name, 'yes'])),
  ...across(
    'Commands',
    'What a control asks for by `commandfor` and `command`; with what its `value` says, where that counts.',
    ({ commands }) => commands.map(({ name, value = 'yes' }) => [name, value]),
  ),
  '## Why some differ',
  '',
  '- `activation` is automatic in tabs and listboxes, where moving shows what is meant, and manual in a tree, where Space',
  '  selects and moving must not (WAI-ARIA Authoring Practices).',
  '- `wrap` is true where a run of few is gone through (tabs, slides, menu items) and false in a listbox, whose ends say where',
  '  one is.',
  '- `elastic` is `block` in an accordion, which has measured panels anyway, and `none` in a disclosure, which then loads no',
  '  motion.',
  '- Several at once is `multiple` wherever something is selected. `exclusive` is the standard’s word for sections of which',
  '  one may be open; `checks` adds boxes, which are always several.',
  '- `checked` is true or false of a switch, and keys of what has items.',
  '- `show` and `close` are methods, since `open` is the state; their commands are `--open` and `--close`.',
  '',
].join('\n');

const sizes = JSON.parse(readFileSync(join(root, 'docs/sizes.json'), 'utf8'));
const kilo = (bytes) => `${(bytes / 1000).toFixed(1)} kB`;

/** What is loaded by itself once it is asked for, by its module. */
const laterWords = {
  'announce/say-for': 'announcing that a guard waits, or its error',
  'content/loading': 'content that comes later (`content`)',
  'layer/late-hover': 'opening by hover (`openOn: hover`, tooltips)',
  'list/highlight': 'marking what a search has found',
  'motion/expand-details':
    'the motion of a `<details>`, in browsers whose style sheets cannot move a box to `auto`',
  'motion/expand-fallback': 'the motion, in browsers whose style sheets cannot move a box to `auto`',
  'motion/expand-root': 'expanding by its measured size (`elastic`)',
  'patterns/drawer/swipe': 'closing by a swipe, once a drawer is wired',
  'patterns/toolbar/overflow': 'hiding buttons that have no room (`overflow`)',
};

/** What a pattern costs a page. */
function weight({ name }) {
  const { gzip, checked, beside, later } = sizes[name];
  const other = name === 'dialog' ? 'a disclosure' : 'a dialog';
  const modules = Object.entries(later);
  return [
    '## What it costs',
    `Minified and gzip, alone: ${kilo(gzip)}; on a page that has ${other} already: ${kilo(beside)} more. Without the condition \`production\`, with option checks and full messages: ${kilo(checked)}.`,
    ...(modules.length
      ? [
          'Loaded only when it is used:',
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
    `**For** ${good[0].toLowerCase()}${good.slice(1)}`,
    `**Not for** ${bad[0].toLowerCase()}${bad.slice(1)}`,
    '## Markup',
    `<!-- in ${recipe} -->`,
    `\`\`\`html\n${readFileSync(join(root, recipe), 'utf8').trim()}\n\`\`\``,
    `The same in every setting: \`npx elastic-shell new ${notes.name} --for react\`.`,
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
  '# The laws of a life',
  '',
  'What holds for everything wired, whatever happens to it and when. Each cell is two tests',
  '(`packages/elastic-shell/test/browser/laws.test.ts`): the pattern as a wire function, and as an element. A dash: the law says',
  'nothing of that pattern.',
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
  '# Attributes as a server writes them',
  '',
  'For whoever writes HTML in another language than JavaScript: every part of every pattern, its root with the id `id`, its items with the',
  'keys `first` and `other`, of which the first is what `when` says. What each part is stands with [its pattern](../patterns/index.md).',
  'On the root, `data-wire` is what `wireWithin` looks for; any option that a text can say stands beside it as `data-wire-<option>`.',
  '',
  ...contracts.map(({ name }) =>
    serverFormats
      .markdown(name, serverParts(name))
      .replace(/^## .*/, `## ${name}`)
      .replaceAll(/\| ([^|]*="[^|]*) \|$/gm, '| `$1` |'),
  ),
].join('\n');

const statesPage = [
  '# Reading state in a page',
  '',
  'Tests, style sheets and other scripts need no library to know how things stand: each state shows as attributes and pseudo-classes.',
  '`data-phase` is `closed`, `opening`, `open` or `closing`; `aria-busy` stands on the root while a guard has not answered, or content has',
  'not come. An element (`<shell-tabs>`) has each state as a property of the same name as well.',
  '',
  ...contracts.flatMap(({ name, states }) => [
    `## ${name}`,
    '',
    '| state | values | where it shows |',
    '| --- | --- | --- |',
    ...states.map(
      ({ name: state, type, shown }) => `| \`${state}\` | ${cellText(type)} | ${cellText(shown)} |`,
    ),
    '',
  ]),
].join('\n');

const codes = new Map(errorCodes().map(({ code, text, module }) => [code, { text, module }]));
const errorsPage = [
  '# Errors in production',
  '',
  'Production builds have a code in place of each error message, and no option checks. Look up the code here, or run the',
  'application in development to see the message with its values and options checked.',
  '',
  '| code | message | thrown in |',
  '| --- | --- | --- |',
  ...[...codes].map(
    ([code, { text, module }]) => `| \`${code}\` | ${cellText(text)} | \`${module.replace(/js$/, 'ts')}\` |`,
  ),
  '',
].join('\n');

const files = {
  'docs/errors.md': errorsPage,
  'docs/reading-state.md': statesPage,
  'docs/settings/server-attributes.md': serverPage,
  'docs/laws.md': lawsPage,
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
