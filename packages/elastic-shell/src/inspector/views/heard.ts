// The view of announcements: role, name, value, states and description of the focused element, and the live
// messages.
import { labelText } from '../../core/text.js';
import { activeOf, heardOf, heardSentence, heardWithActive, placesAround } from '../../heard/heard.js';
import { roleWord } from '../../heard/words.js';
import { fill, make } from '../make.js';
import type { Context, View } from '../view.js';
import { duration } from '../sentences.js';

/** A live message, and when it was announced. */
export interface Said {
  text: string;
  at: number;
}

const rowOf = (name: string, value: string | undefined): HTMLElement | undefined =>
  value ? make('tr', {}, make('th', { scope: 'row' }, name), make('td', {}, value)) : undefined;

function tableOf(element: Element): HTMLElement {
  const { role, name, value, states, position, description } = heardOf(element);
  return make(
    'table',
    {},
    make(
      'tbody',
      {},
      rowOf('role', role ? `${roleWord(role)}${roleWord(role) === role ? '' : ` (${role})`}` : 'none'),
      rowOf('name', name || 'none'),
      rowOf('value', value),
      rowOf('states', states.join(', ')),
      rowOf('place', position),
      rowOf('description', description),
    ),
  );
}

/** Creates the view. `messages` returns the live messages, oldest first. */
export function heardView(context: Context, messages: () => readonly Said[]): View {
  const element = make('div', {});
  return {
    key: 'heard',
    title: 'Heard',
    element,
    refresh() {
      const at = context.focusOnPage();
      const active = at && activeOf(at);
      const told = messages();
      const places = at ? placesAround(at) : [];
      const sentence = at ? heardWithActive(at) : '';
      const said = JSON.stringify([sentence, places.map(heardSentence), told.length, at && heardOf(at)]);
      fill(
        element,
        [
          make('h3', {}, 'The focused element'),
          make(
            'p',
            { class: 'said' },
            labelText(sentence) || 'Nothing is announced: the focused element has no role or name.',
          ),
          ...(places.length
            ? [make('p', { class: 'soft' }, `within ${places.map(heardSentence).join(', then ')}`)]
            : []),
          at && tableOf(at),
          ...(active ? [make('h3', {}, 'The active item'), tableOf(active)] : []),
          make('h3', {}, 'Live messages'),
          told.length
            ? make(
                'ol',
                { 'aria-label': 'Live messages, the latest first' },
                ...told
                  .slice(-50)
                  .reverse()
                  .map(({ text, at: when }) =>
                    make('li', {}, make('span', { class: 'soft' }, `${duration(when)} · `), `“${text}”`),
                  ),
              )
            : make('p', { class: 'soft' }, 'None since the inspector was opened.'),
          make(
            'p',
            { class: 'soft' },
            'Computed from the page. A browser and a screen reader may use other words.',
          ),
        ],
        said,
      );
    },
  };
}
