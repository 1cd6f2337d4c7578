// Transcripts of a screen reader for the documents and the site, from the results of `npm run test:long
// heard` in docs/conformance.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { table } from './docs-conformance.mjs';
import { root } from './setup.mjs';

const read = (name) => {
  const file = join(root, 'docs/conformance', `heard-${name}.json`);
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;
};
const firefox = read('firefox');
const chromium = read('chromium');
const webkit = read('webkit');

/** Focus mode and browse mode are Orca's own, and the same in every pattern. */
const isOwn = (text) => /^(Focus|Browse) mode$/.test(text);
const spoken = (step) => step?.said.filter((text) => !isOwn(text)).join(' / ') || '(nothing)';

/** Returns the steps of one walk for each browser. Undefined if it was not recorded. */
export function heardRows(name, withWebkit = false) {
  const walks = [firefox, chromium, ...(withWebkit ? [webkit] : [])].map((heard) => heard?.walks[name]);
  if (!walks[0] || !walks[1]) return undefined;
  const head = ['key', 'the browser exposes', 'Orca in Firefox', 'Orca in Chromium'];
  return {
    head: withWebkit && walks[2] ? [...head, 'Orca in WebKitGTK'] : head,
    rows: walks[1].steps.map(({ key, exposed = '' }, at) => [
      key,
      exposed,
      ...walks.filter(Boolean).map(({ steps }) => spoken(steps[at])),
    ]),
  };
}

/** The programs, their versions, and the date. */
export const heardWith = () =>
  `${[firefox, chromium].map(({ versions }) => versions).join('; ')}; ${firefox.date}.`;

const intro =
  'The announcements of the screen reader Orca after each key, for the example above, beside Chromium’s accessibility tree.';

/** Returns the section of a pattern's document. Empty if it was not recorded. */
export function heardSection(pattern) {
  const found = heardRows(pattern);
  if (!found) return '';
  return `## Screen-reader output\n\n${intro} ${heardWith()}\n\n${table(found.head, found.rows).join('\n').trimEnd()}`;
}

/** The page with all walks: patterns, and the jobs that no pattern's page shows. */
export function heardPage() {
  if (!firefox || !chromium) return {};
  const names = Object.keys(chromium.walks);
  return {
    'docs/conformance/heard.md': [
      '<!-- Made by `npm run docs` from the results of `npm run test:long heard`. -->',
      '# Screen-reader output',
      'The announcements of Orca in each browser, with real keys: one recording for each pattern, and one for each task. ' +
        '`npm run test:long heard` repeats them and fails if a word is missing. [Browser support](../browsers.md#screen-readers) explains omissions ' +
        'by browsers and by Orca. [Accessibility](../accessibility.md) lists what wasn’t tested, and how to try it yourself.',
      `${heardWith()} ${webkit ? `${webkit.versions}; ${webkit.date}.` : ''}`.trim(),
      ...names.map((name) => {
        const { head, rows } = heardRows(name, true);
        return `## ${name}\n\n${table(head, rows).join('\n').trimEnd()}`;
      }),
      '',
    ].join('\n\n'),
  };
}
