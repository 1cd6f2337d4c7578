// Short names of pages, for the contents beside every page. A document's own title may be long; there it is a
// word or two.

/** By route. A page without a name uses its title. */
const short = {
  'start/': 'Getting started',
  'start/html/': 'Plain HTML',
  'start/elements/': 'Custom elements',
  'start/server/': 'Server rendering',
  'start/server-pages/': 'Server pages',
  'start/server-attributes/': 'Server attributes',
  'patterns/': 'All patterns',
  'recipes/': 'All recipes',
  'guides/controlled-state/': 'Controlled state',
  'guides/guards/': 'Guards',
  'guides/focus/': 'Focus',
  'guides/layers/': 'Layers',
  'guides/placement/': 'Placement',
  'guides/forms/': 'Forms',
  'guides/form-errors/': 'Server validation',
  'guides/routing/': 'Routing',
  'guides/notifications/': 'Notifications',
  'guides/motion/': 'Animation',
  'guides/long-lists/': 'Large lists',
  'guides/lazy-content/': 'Lazy content',
  'guides/internationalisation/': 'Internationalisation',
  'guides/server-components/': 'Server components',
  'guides/partial-updates/': 'Partial updates',
  'guides/dynamic-pages/': 'Dynamic pages',
  'guides/shadow-roots/': 'Web components',
  'guides/content-security-policy/': 'Security policy',
  'guides/testing/': 'Testing',
  'guides/check/': 'Check',
  'guides/rehearse/': 'Rehearse',
  'guides/inspector/': 'Inspector',
  'guides/native-elements/': 'Native elements',
  'guides/faq/': 'FAQ',
  'guides/glossary/': 'Glossary',
  'guides/migrating/': 'Migrating',
  'guides/upgrading/': 'Upgrading',
  'guides/custom-patterns/': 'Custom patterns',
  'guides/concepts/': 'Concepts',
  'guides/reading-state/': 'State attributes',
  'guides/lifecycle/': 'Lifecycle',
  'guides/architecture/': 'Architecture',
  'styling/': 'Styling',
  'styling/theme/': 'Theme editor',
  'reference/command-line/': 'Command line',
  'reference/names/': 'All names',
  'diagnostics/': 'All diagnostics',
  'support/reliability/': 'Reliability',
  'support/': 'Browser support',
  'support/rows/': 'Conformance',
  'support/heard/': 'Screen readers',
  'support/spoken/': 'Accessibility tree',
  'support/settings/': 'Frameworks',
  'support/quality/': 'Quality, sizes',
  'support/errors/': 'Error codes',
  'accessibility/': 'Accessibility',
  'changelog/': 'Changelog',
};

/** Returns the name of a page in the contents. */
export const shortName = ({ route, title }) => {
  const [part, name] = route.split('/');
  // Recipes use the name that `elastic-shell new` knows.
  const own =
    part === 'recipes' && name ? `${name[0].toUpperCase()}${name.slice(1).replaceAll('-', ' ')}` : title;
  return short[route] ?? own;
};

/** The groups of patterns, by the group in their notes. */
const patternGroups = { layer: 'Layers', section: 'Sections', control: 'Controls' };

const guideGroups = [
  [
    'Behaviour',
    [
      'controlled-state',
      'guards',
      'focus',
      'layers',
      'placement',
      'forms',
      'form-errors',
      'routing',
      'notifications',
    ],
  ],
  [
    'Pages',
    [
      'motion',
      'long-lists',
      'lazy-content',
      'internationalisation',
      'server-components',
      'partial-updates',
      'dynamic-pages',
      'shadow-roots',
      'content-security-policy',
    ],
  ],
  ['Tools', ['testing', 'check', 'rehearse', 'inspector', 'reading-state']],
  ['Choosing', ['native-elements', 'faq', 'glossary', 'migrating', 'upgrading']],
  ['Further', ['concepts', 'custom-patterns', 'lifecycle', 'architecture']],
];

/**
 * Returns the pages of a part in groups: `[name, pages]`. Pages without a group come first, without a name.
 * Throws an error if no page has a name in a group.
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
