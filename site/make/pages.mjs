// All pages of the site, in the order of its contents. A page is its route and a function that creates it;
// that function gets another one, which returns the address of a route.
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../../scripts/setup.mjs';
import { diagnosticPages } from './diagnostics.mjs';
import { render } from './markdown.mjs';
import { patternPage } from './patterns.mjs';
import { readRecipes, textOf } from './read.mjs';
import { recipePage } from './recipes.mjs';
import { startPage } from './start.mjs';
import { stylingExtras, themePage } from './theme.mjs';

const starts = ['html', 'elements', 'react', 'vue', 'svelte', 'solid', 'angular', 'server', 'server-pages'];
const guides = [
  'controlled-state',
  'guards',
  'focus',
  'layers',
  'placement',
  'forms',
  'form-errors',
  'routing',
  'notifications',
  'motion',
  'long-lists',
  'lazy-content',
  'internationalisation',
  'server-components',
  'partial-updates',
  'dynamic-pages',
  'shadow-roots',
  'content-security-policy',
  'testing',
  'check',
  'rehearse',
  'inspector',
  'native-elements',
  'faq',
  'glossary',
  'migrating',
  'upgrading',
  'custom-patterns',
];

/** Documents as pages: `[path, route]`. */
const documents = [
  ...starts.map((name) => [`docs/frameworks/${name}.md`, `start/${name}/`]),
  ['docs/frameworks/index.md', 'start/'],
  ['docs/frameworks/server-attributes.md', 'start/server-attributes/'],
  ...guides.map((name) => [`docs/guides/${name}.md`, `guides/${name}/`]),
  ['docs/concepts.md', 'guides/concepts/'],
  ['docs/reading-state.md', 'guides/reading-state/'],
  ['docs/lifecycle.md', 'guides/lifecycle/'],
  ['docs/styling.md', 'styling/'],
  ['docs/browsers.md', 'support/'],
  ['docs/conformance/rows.md', 'support/rows/'],
  ['docs/conformance/heard.md', 'support/heard/'],
  ['docs/conformance/spoken.md', 'support/spoken/'],
  ['docs/frameworks/conformance.md', 'support/settings/'],
  ['docs/accessibility.md', 'accessibility/'],
  ['docs/reliability.md', 'support/reliability/'],
  ['docs/command-line.md', 'reference/command-line/'],
  ['docs/patterns/names.md', 'reference/names/'],
  ['docs/architecture.md', 'guides/architecture/'],
  ['docs/errors.md', 'support/errors/'],
  ['docs/quality.md', 'support/quality/'],
  ['CHANGELOG.md', 'changelog/'],
];

/** The entries of the package as TypeDoc names them, by the names that people import. */
const entryOf = (name) =>
  name === 'index'
    ? 'elastic-shell'
    : `elastic-shell/${name.replace(/^(bindings|engine|journal)\//, '').replace(/^described$/, 'describe')}`;

/** The reference, one document an entry, as TypeDoc has written it. */
function referenceDocuments() {
  const folder = 'site/built/reference';
  if (!existsSync(join(root, folder))) return [];
  return readdirSync(join(root, folder), { recursive: true })
    .filter((name) => name.endsWith('.md') && name !== 'README.md')
    .map((name) => name.slice(0, -3))
    .sort((one, other) => entryOf(one).localeCompare(entryOf(other)))
    .map((name) => [`${folder}/${name}.md`, `reference/${name}/`, entryOf(name)])
    .concat([['site/built/reference-angular/README.md', 'reference/angular/', 'elastic-shell-angular']]);
}

/** Every page, and the parts of the contents. */
export async function allPages() {
  const { notes } = await import('../../packages/elastic-shell/dist/core/index.js');
  const recipes = readRecipes();
  await import('../../packages/elastic-shell/dist/described/index.js');
  const { descriptionOf } = await import('../../packages/elastic-shell/dist/described/description.js');
  const { allRules } = await import('../../packages/elastic-shell/dist/journal/rules/index.js');
  const rules = allRules();
  const { runtimeCodes } = await import('../../packages/elastic-shell/dist/journal/codes.js');
  const all = [...documents, ...referenceDocuments()];
  const routes = new Map([
    ...all.map(([path, route]) => [path, route]),
    ['docs/diagnostics.md', 'diagnostics/'],
    ['docs/patterns/index.md', 'patterns/'],
    ...notes.map(({ name }) => [`docs/patterns/${name}.md`, `patterns/${name}/`]),
    ['README.md', ''],
  ]);
  const fromDocument = ([path, route, entry]) => {
    // An entry has the name under which it is imported.
    const text = entry ? textOf(path).replace(/^# .*/, `# ${entry}`) : textOf(path);
    const { title } = render(text, { path });
    const at = (to) => {
      const { html, headings } = render(text, { path, routes, to });
      const more = route === 'styling/' ? stylingExtras({ to }) : { html: '', headings: [] };
      return {
        route,
        title,
        description: title,
        html: html + more.html,
        headings: [...headings.filter(({ depth }) => depth > 1), ...more.headings],
      };
    };
    return { route, title, at };
  };
  const byRoute = new Map(all.map((each) => [each[1], fromDocument(each)]));
  const listPage = (route, title, words, items) => ({
    route,
    title,
    at: (to) => ({
      route,
      title,
      description: words,
      html: `<h1>${title}</h1><p>${words}</p><ul class="cards">${items
        .map(({ route: at, title: name, says }) => `<li><a href="${to(at)}">${name}</a><p>${says}</p></li>`)
        .join('')}</ul>`,
    }),
  });
  const patterns = notes.map((of) => {
    const { name } = of;
    const title = name[0].toUpperCase() + name.slice(1);
    const given = {
      recipe: recipes.find((recipe) => recipe.name === name),
      related: recipes.filter((recipe) => recipe.name !== name && recipe.patterns.includes(name)),
      rules: descriptionOf(name).rules,
      events: eventsOf(of),
    };
    return {
      route: `patterns/${name}/`,
      title,
      says: of.says,
      group: of.group,
      at: (to) => patternPage(of, { ...given, title, to }),
    };
  });
  const recipePages = recipes.map((recipe) => ({
    route: `recipes/${recipe.name}/`,
    title: recipe.title,
    says: `Uses ${recipe.patterns.join(', ')}.`,
    at: (to) => recipePage(recipe, { to }),
  }));
  const diagnostics = diagnosticPages({ rules, runtimeCodes });
  const pick = (wanted) => wanted.map((route) => byRoute.get(route)).filter(Boolean);
  const references = referenceDocuments().map(([, route]) => byRoute.get(route));
  const parts = [
    {
      title: 'Start',
      pages: pick(['start/', ...starts.map((name) => `start/${name}/`), 'start/server-attributes/']),
    },
    {
      title: 'Patterns',
      pages: [
        listPage(
          'patterns/',
          'All patterns',
          'Choose a pattern for its markup, keys, options and guarantees.',
          patterns,
        ),
        ...patterns,
      ],
    },
    {
      title: 'Recipes',
      pages: [
        listPage(
          'recipes/',
          'All recipes',
          'Small complete components that you copy into your project.',
          recipePages,
        ),
        ...recipePages,
      ],
    },
    {
      title: 'Guides',
      pages: [
        ...pick(guides.map((name) => `guides/${name}/`)),
        ...pick(['guides/concepts/', 'guides/reading-state/', 'guides/lifecycle/', 'guides/architecture/']),
      ],
    },
    {
      title: 'Styling',
      pages: [
        ...pick(['styling/']),
        { route: 'styling/theme/', title: 'Theme editor', at: () => themePage() },
      ],
    },
    { title: 'Reference', pages: [...pick(['reference/command-line/', 'reference/names/']), ...references] },
    { title: 'Diagnostics', pages: diagnostics },
    {
      title: 'Support',
      pages: pick([
        'support/reliability/',
        'support/',
        'support/rows/',
        'support/heard/',
        'support/spoken/',
        'support/settings/',
        'support/quality/',
        'support/errors/',
        'accessibility/',
        'changelog/',
      ]),
    },
  ];
  const home = { route: '', title: 'Elastic Shell', at: (to) => startPage({ to, patterns, recipes }) };
  return { pages: [home, ...parts.flatMap(({ pages }) => pages)], parts };
}

/** The events of a pattern's element. */
function eventsOf({ name }) {
  return [
    '<code>shell-change</code>: fired after each change. <code>detail</code> is the change, with its reason',
    '<code>shell-guard</code>: fired before each change. <code>preventDefault()</code> blocks it, and <code>detail.wait(promise)</code> delays it',
    '<code>shell-refuse</code>: fired after a change was refused. <code>detail</code> is the change, with <code>by</code> and <code>error</code>',
    ...(name === 'menu'
      ? [
          '<code>shell-pick</code>: fired after an item was activated. <code>detail</code> has its key, and the element that the menu is about',
        ]
      : []),
  ];
}
