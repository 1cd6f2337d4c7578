// The tables from long runs: which checks passed in which browser and framework, and what each browser
// reports to assistive technology. The runs store their results in docs/conformance/*.json, and `npm run
// docs` creates these pages from them.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './setup.mjs';

const browsers = ['chromium', 'firefox', 'webkit'];
const titles = { chromium: 'Chromium', firefox: 'Firefox', webkit: 'WebKit' };

const read = (name) => {
  const file = join(root, 'docs/conformance', `${name}.json`);
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;
};
/** A text for a cell of a Markdown table. */
export const cell = (text) => `${text}`.replaceAll('|', '\\|').replaceAll('<', '&lt;');
export const table = (head, rows) => [
  `| ${head.join(' | ')} |`,
  `| ${head.map(() => '---').join(' | ')} |`,
  ...rows.map((row) => `| ${row.map(cell).join(' | ')} |`),
  '',
];
const made = (command) => `<!-- Made by \`npm run docs\` from the results of \`${command}\`. -->\n\n`;

const signs = { true: 'yes', false: '**no**', 'not driven': 'not driven', undefined: '–' };

/** Every row of every contract in the plain gallery, by browser; and the counts of the other galleries. */
function rowsPage(contracts, results) {
  const known = browsers.filter((name) => results[name]);
  const settings = Object.keys(results[known[0]].outcomes);
  const count = (name, setting) => {
    const all = Object.values(results[name].outcomes[setting] ?? {});
    const driven = all.filter((outcome) => outcome !== 'not driven');
    return driven.length ? `${driven.filter((outcome) => outcome === true).length} of ${driven.length}` : '–';
  };
  return [
    '# Conformance by browser',
    '',
    'Results for every key and pointer action of each contract, tested in the gallery with real keys and the pointer.',
    '[Browser support](../browsers.md) explains how the browsers are driven, and their differences.',
    '',
    ...table(
      ['', ...known.map((name) => titles[name])],
      [
        ['version', ...known.map((name) => results[name].browser)],
        ['date', ...known.map((name) => results[name].date)],
        ...settings.map((setting) => [setting, ...known.map((name) => count(name, setting))]),
      ],
    ),
    ...contracts.flatMap(({ name: pattern, keys, presses }) => [
      `## ${pattern}`,
      '',
      ...table(
        ['check', ...known.map((name) => titles[name])],
        [...keys.map(({ on, key }) => `${on} ${key}`), ...presses.map(({ on }) => `click ${on}`)].map(
          (words) => [
            words,
            ...known.map((name) => signs[results[name].outcomes.plain?.[`${pattern} ${words}`]]),
          ],
        ),
      ),
    ]),
    '“Not driven”: WebDriver can’t scroll by touch, and WebKitGTK has no touch here.',
    '',
  ].join('\n');
}

/** Counts by pattern and setting, for each browser. */
function settingsPage(contracts, results) {
  return [
    '# Conformance by framework',
    '',
    'The number of checks of each contract that pass in the gallery of each framework, tested with real keys and the pointer.',
    '`npm test` runs 36 of them for each framework and each browser. [Conformance by browser](../conformance/rows.md) lists each',
    'check.',
    '',
    ...browsers
      .filter((name) => results[name])
      .flatMap((name) => {
        const { browser, date, outcomes } = results[name];
        const settings = Object.keys(outcomes);
        const count = (pattern, setting) => {
          const all = Object.entries(outcomes[setting] ?? {}).filter(
            ([row, outcome]) => row.startsWith(`${pattern} `) && outcome !== 'not driven',
          );
          return all.length
            ? `${all.filter(([, outcome]) => outcome === true).length} of ${all.length}`
            : '–';
        };
        return [
          `## ${browser}, ${date}`,
          '',
          ...table(
            ['pattern', ...settings],
            contracts.map(({ name: pattern }) => [
              pattern,
              ...settings.map((setting) => count(pattern, setting)),
            ]),
          ),
        ];
      }),
    'The plain gallery has more examples than the others: controls outside of tabs, a grid, a tree with several selected rows,',
    'markers to click, a swipe.',
    '',
  ].join('\n');
}

const sentence = ({ role, name, states, place, description, within, said }) =>
  [
    `${role} “${name}”`,
    states.join(' '),
    place,
    description && `described “${description}”`,
    within.length && `in ${within.join(', ')}`,
    said && `said “${said}”`,
  ]
    .filter(Boolean)
    .join('; ');

/** The walk, side by side. */
function spokenPage(told) {
  const known = browsers.filter((name) => told[name]);
  const stops = Object.keys(told[known[0]]);
  return [
    '# Accessibility tree by browser',
    '',
    'A keyboard walk through the plain gallery. For each stop, the table contains the role, name, states, position and named ancestors of',
    'the focused element (or of the current option of a field), and the text of live regions. Chromium’s values come from its own protocol,',
    'those of Firefox and WebKit from AT-SPI 2, which screen readers on Linux use. [Browser',
    'support](../browsers.md#differences-in-the-accessibility-tree) explains the differences. [Screen-reader output](heard.md) has the',
    'announcements of a screen reader.',
    '',
    ...table(
      ['at', ...known.map((name) => titles[name])],
      stops.map((stop) => [stop, ...known.map((name) => sentence(told[name][stop]))]),
    ),
  ].join('\n');
}

const all = (prefix) =>
  Object.fromEntries(browsers.map((name) => [name, read(`${prefix}${name}`)]).filter(([, found]) => found));

/** Returns the pages by path. Without stored results there are none. */
export function conformancePages(contracts) {
  const results = all('');
  const told = all('spoken-');
  return {
    ...(Object.keys(results).length && {
      'docs/conformance/rows.md': made('npm run test:long conformance') + rowsPage(contracts, results),
      'docs/frameworks/conformance.md':
        made('npm run test:long conformance') + settingsPage(contracts, results),
    }),
    ...(Object.keys(told).length && {
      'docs/conformance/spoken.md': made('npm run test:long spoken') + spokenPage(told),
    }),
  };
}
