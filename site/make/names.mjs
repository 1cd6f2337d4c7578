// Short names of pages, for the contents beside every page. A document's own title is a sentence; there it is a word or two.

/** By route; a page without one goes by its title. */
const short = {
  'start/': 'Overview',
  'start/html/': 'Plain HTML',
  'start/elements/': 'Custom elements',
  'start/server/': 'Server rendering',
  'start/server-pages/': 'Server pages',
  'start/server-attributes/': 'Server attributes',
  'patterns/': 'All patterns',
  'recipes/': 'All recipes',
  'guides/state-and-owners/': 'Controlled state',
  'guides/guards-and-waiting/': 'Guards',
  'guides/focus/': 'Focus',
  'guides/layers-and-dismissal/': 'Layers, dismissal',
  'guides/motion/': 'Motion',
  'guides/long-lists/': 'Long lists',
  'guides/content-later/': 'Lazy content',
  'guides/server-rendering/': 'Server rendering',
  'guides/partial-updates/': 'Partial updates',
  'guides/form-errors/': 'Form errors',
  'guides/shadow-roots/': 'Shadow roots',
  'guides/strict-policies/': 'Strict policies',
  'guides/inspecting/': 'Inspector',
  'guides/testing/': 'Testing',
  'guides/checking/': 'Checking',
  'guides/rehearsing/': 'Rehearsing',
  'guides/own-pattern/': 'Custom patterns',
  'guides/moving-over/': 'Moving over',
  'guides/messages/': 'Messages',
  'guides/reading-state/': 'Reading state',
  'guides/living-pages/': 'Changing pages',
  'guides/laws/': 'Lifecycle laws',
  'guides/grammar/': 'Markup grammar',
  'guides/architecture/': 'Architecture',
  'styling/': 'Styling',
  'styling/theme/': 'Theme editor',
  'reference/names/': 'All names',
  'diagnostics/': 'All diagnostics',
  'support/': 'Browsers',
  'support/rows/': 'Conformance',
  'support/heard/': 'Screen readers',
  'support/spoken/': 'Exposed to readers',
  'support/settings/': 'Frameworks',
  'support/quality/': 'Quality, sizes',
  'support/errors/': 'Error codes',
  'accessibility/': 'Accessibility',
  'changelog/': 'Changelog',
};

/** What a page is called in the contents. */
export const shortName = ({ route, title }) => {
  const [part, name] = route.split('/');
  // Recipes go by the name that `elastic-shell new` knows them by.
  const own =
    part === 'recipes' && name ? `${name[0].toUpperCase()}${name.slice(1).replaceAll('-', ' ')}` : title;
  return short[route] ?? own;
};

/** The patterns by what they do. */
const patternGroups = [
  ['Layers', ['dialog', 'drawer', 'popover', 'tooltip']],
  ['Sections', ['disclosure', 'accordion', 'tabs', 'carousel']],
  ['Lists', ['listbox', 'combobox', 'tree']],
  ['Commands', ['menu', 'menubar', 'toolbar', 'switch']],
];

const guideGroups = [
  [
    'Behaviour',
    ['state-and-owners', 'guards-and-waiting', 'focus', 'layers-and-dismissal', 'form-errors', 'messages'],
  ],
  [
    'Pages',
    [
      'motion',
      'long-lists',
      'content-later',
      'partial-updates',
      'living-pages',
      'shadow-roots',
      'strict-policies',
      'server-rendering',
    ],
  ],
  ['Tools', ['inspecting', 'checking', 'rehearsing', 'testing', 'reading-state']],
  ['Further', ['own-pattern', 'moving-over', 'grammar', 'laws', 'architecture']],
];

const lastOf = (route) => route.split('/').at(-2);

/**
 * The pages of a part in groups: `[name, pages]`. Pages of no group come first, without a name. Throws an error for a name in a group
 * that no page has.
 */
export function grouped({ title, pages }) {
  const groups = { Patterns: patternGroups, Guides: guideGroups }[title];
  if (!groups) return [['', pages]];
  const of = new Map(pages.map((page) => [lastOf(page.route), page]));
  const result = groups.map(([name, names]) => [
    name,
    names.map((each) => {
      const page = of.get(each);
      if (!page)
        throw new Error(`No page of ${title} is called ${each}. Mend the groups in site/make/names.mjs.`);
      of.delete(each);
      return page;
    }),
  ]);
  return [['', [...of.values()]], ...result].filter(([, some]) => some.length);
}
