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

/** The groups of patterns, by the word that their notes have for it. */
const patternGroups = { layer: 'Layers', section: 'Sections', control: 'Controls' };

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

/**
 * The pages of a part in groups: `[name, pages]`. Pages of no group come first, without a name. Throws an error for a name in a group
 * that no page has.
 */
export function grouped({ title, pages }) {
  if (title === 'Patterns')
    return [undefined, ...Object.keys(patternGroups)].map((group) => [
      patternGroups[group] ?? '',
      pages.filter((page) => page.group === group),
    ]);
  if (title !== 'Guides') return [['', pages]];
  return guideGroups.map(([name, names]) => [
    name,
    names.map((each) => {
      const page = pages.find(({ route }) => route === `guides/${each}/`);
      if (!page) throw new Error(`No guide is called ${each}. Mend the groups in site/make/names.mjs.`);
      return page;
    }),
  ]);
}
