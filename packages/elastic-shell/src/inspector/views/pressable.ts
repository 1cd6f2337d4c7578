// The view of keys: the keys for the focused element in its current state, and the last key that did nothing.
import { labelText } from '../../core/text.js';
import { heardWithActive } from '../../heard/heard.js';
import { type KeyGroup, keysFor } from '../keys.js';
import { fill, make } from '../make.js';
import type { Context, View } from '../view.js';

const groupOf = ({ title, remarks, rows }: KeyGroup): HTMLElement =>
  make(
    'section',
    {},
    make('h3', {}, title),
    ...remarks.map((remark) => make('p', { class: 'soft' }, remark)),
    make(
      'table',
      {},
      make('thead', { hidden: true }),
      make(
        'tbody',
        {},
        ...rows.map(({ key, now, says, isIdle }) =>
          make(
            'tr',
            { 'data-idle': isIdle },
            make('th', { scope: 'row' }, make('kbd', {}, key)),
            make('td', { title: says || undefined }, now),
          ),
        ),
      ),
    ),
  );

/** A key that did nothing, and why. */
export interface IdleKey {
  key: string;
  why: string;
}

/** Creates the view. `lastIdle` returns the last key that did nothing. */
export function pressableView(context: Context, lastIdle: () => IdleKey | undefined): View {
  const element = make('div', {});
  return {
    key: 'keys',
    title: 'Keys',
    element,
    refresh() {
      const at = context.focusOnPage();
      const idle = lastIdle();
      const groups = at ? keysFor(at) : [];
      const heard = at ? heardWithActive(at) : '';
      const said = JSON.stringify([heard, groups, idle]);
      fill(
        element,
        [
          make('h3', {}, 'The focused element'),
          make(
            'p',
            { class: 'said' },
            at ? labelText(heard) || 'an element without role and name' : 'None: the page itself has focus.',
          ),
          idle &&
            make(
              'p',
              { class: 'bad', role: 'status' },
              make('kbd', {}, idle.key),
              ` did nothing: ${idle.why}`,
            ),
          ...groups.map(groupOf),
          !groups.length && make('p', { class: 'soft' }, 'No pattern uses a key here. Tab moves on.'),
        ],
        said,
      );
    },
  };
}
