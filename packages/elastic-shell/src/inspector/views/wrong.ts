// The view of problems: the findings of the journal, with the element, the remedy and the page that explains
// it.
import { type Entry, journal } from '../../journal/index.js';
import { isServed } from '../../journal/pages.js';
import { button, fill, make } from '../make.js';
import type { Context, View } from '../view.js';
import { callOf } from '../wired.js';

/** Returns what is still wrong. Findings about removed elements are skipped. */
const wrong = (): Entry[] =>
  journal.entries.filter(({ severity, element }) => severity !== 'note' && element?.isConnected !== false);

const entryOf = (
  { code, severity, sentence, remedy, page, count, element }: Entry,
  context: Context,
): HTMLLIElement =>
  make(
    'li',
    {},
    make(
      'p',
      {},
      make(
        'strong',
        { class: severity === 'error' ? 'bad' : undefined },
        severity === 'error' ? 'Error' : 'Warning',
      ),
      `: ${sentence}`,
      count > 1 && ` (${count} times)`,
    ),
    remedy !== undefined && make('p', {}, remedy),
    make(
      'div',
      { class: 'row' },
      element && button('Show', () => context.point(element), { 'aria-label': `Show ${callOf(element)}` }),
      isServed()
        ? make('a', { href: page, target: '_blank', rel: 'noopener' }, code)
        : make('span', { class: 'soft' }, make('code', {}, page)),
    ),
  );

/** Creates the view. */
export function wrongView(context: Context): View {
  const element = make('div', {});
  return {
    key: 'wrong',
    title: 'Wrong',
    element,
    count: () => wrong().length,
    refresh() {
      const entries = wrong();
      fill(
        element,
        [
          entries.length
            ? make('ul', { 'aria-label': 'Problems' }, ...entries.map((entry) => entryOf(entry, context)))
            : make('p', {}, 'The journal has found no problem on this page.'),
        ],
        JSON.stringify(entries.map(({ code, sentence, count }) => [code, sentence, count])),
      );
    },
  };
}
